import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { builtIn, named } from '../../testing/built-in';
import { ExerciseFile } from './exercise-file';
import { Toasts } from './toasts';

const uses = { classes: [], total: 0, taught: 0 };

describe('one exercise and what can be done with it', () => {
  let file: ExerciseFile;
  let http: HttpTestingController;
  const toasts = { tell: jest.fn(), offer: jest.fn<void, [string, string, () => void]>(), failed: jest.fn() };
  const navigate = jest.fn();
  const open = async (id: string, library = builtIn) => {
    file.open(id);
    TestBed.tick();
    http.expectOne('/api/exercises').flush({ exercises: library });
    TestBed.tick();
    http.expectOne(`/api/exercises/${id}/classes`).flush(uses);
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
    http.expectOne('/api/exercises').error(new ProgressEvent('offline'));
    http.expectOne('/api/exercises/short-foot/classes').flush(uses);
    expect(file.revision()).toMatchObject({ status: 'failed', words: expect.stringContaining('answer') as string });
    file.again();
    http.expectOne('/api/exercises').flush({ exercises: builtIn });
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

  it('returns to the original, and takes the change again on top of it when asked', async () => {
    const original = named('short-foot');
    const mine = { ...original, revision: 'f'.repeat(16), changed: true };
    await open('short-foot', [mine]);
    file.returnToOriginal(mine);
    http.expectOne('/api/exercises/short-foot/return').flush(original);
    http.expectOne('/api/exercises').flush({ exercises: [original] });
    http.expectOne('/api/exercises/short-foot/classes').flush(uses);
    toasts.offer.mock.calls[0]?.[2]();
    const again = http.expectOne({ method: 'PUT', url: '/api/exercises/short-foot' });
    expect(again.request.body).toMatchObject({ basedOn: original.revision, exercise: { id: 'short-foot' } });
    again.flush(mine);
    http.expectOne('/api/exercises').flush({ exercises: [mine] });
    http.expectOne('/api/exercises/short-foot/classes').flush(uses);
  });

  it('goes back to the list when it is taken out, and can be put back', async () => {
    await open('short-foot');
    file.remove(named('short-foot'));
    expect(navigate).toHaveBeenCalledWith(['/exercises']);
    http.expectOne({ method: 'DELETE', url: '/api/exercises/short-foot' }).flush(null);
    http.expectOne('/api/exercises').flush({ exercises: [] });
    TestBed.tick();
    http.expectOne('/api/exercises/short-foot').flush({ ...named('short-foot'), removed: true });
    toasts.offer.mock.calls[0]?.[2]();
    http.expectOne('/api/exercises/short-foot/restore').flush(null);
    http.expectOne('/api/exercises').flush({ exercises: builtIn });
  });
});
