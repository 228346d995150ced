import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import type { ExerciseUses } from '@core/contract';
import { builtIn, named } from '../../testing/built-in';
import { ExerciseFile } from './exercise-file';
import { Toasts } from './toasts';
import { libraryAsked, libraryOf } from '../../testing/sample-class';

const uses: ExerciseUses = { classes: [], next: null, total: 0, taught: 0 };

describe('one exercise and what can be done with it', () => {
  let file: ExerciseFile;
  let http: HttpTestingController;
  const toasts = {
    tell: jest.fn(),
    offer: jest.fn<void, [string, string, () => void]>(),
    failed: jest.fn(),
    refused: jest.fn(),
  };
  const navigate = jest.fn();
  const open = async (id: string, library = builtIn, using: ExerciseUses = uses) => {
    file.open(id);
    TestBed.tick();
    libraryAsked(http).flush(libraryOf(library));
    TestBed.tick();
    http.expectOne(`/api/exercises/${id}/classes`).flush(using);
    await Promise.resolve();
  };

  beforeEach(() => {
    jest.clearAllMocks();
    TestBed.configureTestingModule({
      providers: [
        ExerciseFile,
        provideHttpClient(),
        provideHttpClientTesting(),
        { provide: Toasts, useValue: toasts },
        { provide: Router, useValue: { navigate } },
      ],
    });
    file = TestBed.inject(ExerciseFile);
    http = TestBed.inject(HttpTestingController);
  });
  afterEach(() => http.verify());

  it('is the one in the library, asked for once for the whole page', async () => {
    await open('short-foot');
    expect(file.revision()).toMatchObject({ status: 'ready', value: { exercise: { id: 'short-foot' } } });
    expect(file.uses()).toEqual(uses);
  });

  it('is asked for on its own when it is out of the library', async () => {
    await open('short-foot', []);
    TestBed.tick();
    expect(file.revision().status).toBe('waiting');
    http.expectOne('/api/exercises/short-foot').flush({ ...named('short-foot'), removed: true });
    expect(file.revision()).toMatchObject({ status: 'ready', value: { removed: true } });
  });

  it('says what failed: the library, or this exercise', () => {
    file.open('short-foot');
    TestBed.tick();
    libraryAsked(http).error(new ProgressEvent('offline'));
    http.expectOne('/api/exercises/short-foot/classes').flush(uses);
    expect(file.revision()).toMatchObject({ status: 'failed', words: expect.stringContaining('answer') as string });
    file.again();
    libraryAsked(http).flush(libraryOf(builtIn));
    expect(file.revision().status).toBe('ready');
  });

  it('moves classes, says how many went, and asks again who uses it', async () => {
    await open('short-foot');
    file.moveClasses(['class-1', 'class-2']);
    const request = http.expectOne('/api/exercises/short-foot/move');
    expect(request.request.body).toEqual({ classIds: ['class-1', 'class-2'] });
    request.flush({ moved: ['class-1'] });
    expect(toasts.tell.mock.calls[0]).toEqual(['1 class moved. Taught ones stay as they were.']);
    http.expectOne('/api/exercises/short-foot/classes').flush(uses);
  });

  it('moves many a few at a time, and says of a failure in the middle how many went before it', async () => {
    await open('short-foot');
    file.moveClasses(['class-1', 'class-2', 'class-3']);
    const move = () => http.expectOne('/api/exercises/short-foot/move');
    const first = move();
    expect(first.request.body).toEqual({ classIds: ['class-1', 'class-2'] });
    first.flush({ moved: ['class-1', 'class-2'] });
    move().flush(
      { type: 'urn:x', title: 'Not found', status: 404, detail: 'This class is not here.', code: 'not-found' },
      { status: 404, statusText: 'x' },
    );
    expect(toasts.refused.mock.calls[0]).toEqual([
      '2 classes moved; the others are as they were. Not found. This class is not here.',
    ]);
    http.expectOne('/api/exercises/short-foot/classes').flush(uses);
  });

  it('shows the classes that use it a page at a time', async () => {
    const use = {
      classId: 'class-1',
      title: 'Monday',
      items: 1,
      upToDate: true,
      beforeMs: 1,
      afterMs: 1,
      problem: null,
    };
    await open('short-foot', builtIn, { ...uses, classes: [use], next: '3', total: 2 });
    file.moreUses();
    http
      .expectOne('/api/exercises/short-foot/classes?after=3')
      .flush({ ...uses, classes: [{ ...use, classId: 'class-2' }], total: 2 });
    expect(file.uses()).toMatchObject({ next: null, classes: [{ classId: 'class-1' }, { classId: 'class-2' }] });
  });

  it('returns to the original, and takes the change again on top of it when asked', async () => {
    const original = named('short-foot');
    const mine = { ...original, revision: 'f'.repeat(16), changed: true };
    await open('short-foot', [mine]);
    file.returnToOriginal(mine);
    http.expectOne('/api/exercises/short-foot/return').flush(original);
    libraryAsked(http).flush(libraryOf([original]));
    http.expectOne('/api/exercises/short-foot/classes').flush(uses);
    toasts.offer.mock.calls[0]?.[2]();
    const again = http.expectOne({ method: 'PUT', url: '/api/exercises/short-foot' });
    expect(again.request.body).toMatchObject({ basedOn: original.revision, exercise: { id: 'short-foot' } });
    again.flush(mine);
    libraryAsked(http).flush(libraryOf([mine]));
    http.expectOne('/api/exercises/short-foot/classes').flush(uses);
  });

  it('goes back to the list when it is taken out, and can be put back', async () => {
    await open('short-foot');
    file.remove(named('short-foot'));
    expect(navigate).toHaveBeenCalledWith(['/exercises']);
    http.expectOne({ method: 'DELETE', url: '/api/exercises/short-foot' }).flush(null);
    libraryAsked(http).flush(libraryOf([]));
    TestBed.tick();
    http.expectOne('/api/exercises/short-foot').flush({ ...named('short-foot'), removed: true });
    toasts.offer.mock.calls[0]?.[2]();
    http.expectOne('/api/exercises/short-foot/restore').flush(null);
    libraryAsked(http).flush(libraryOf(builtIn));
  });
});
