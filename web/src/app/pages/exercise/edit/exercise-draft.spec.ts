import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { ExerciseRevision } from '@core/contract';
import { Exercise } from '@core/exercise';
import { catalogue } from '@core/exercise/catalogue';
import { MemoryStore } from '../../../../testing/memory-store';
import { BrowserStore } from '../../../data/browser-store';
import { Holds } from '../../../data/holds';
import { ExerciseDraft } from './exercise-draft';
import { freeId, idOf, newExercise, newLadder, phasesFor } from './new-exercise';

const rise = catalogue.find((e) => e.id === 'two-foot-rise')!;
const revisionOf = (exercise: Exercise): ExerciseRevision => ({
  revision: 'a'.repeat(32),
  origin: 'own',
  removed: false,
  changed: false,
  exercise,
});

describe('writing an exercise', () => {
  let draft: ExerciseDraft;
  let store: MemoryStore;
  let http: HttpTestingController;
  const soon = async () => {
    for (let i = 0; i < 12; i++) await Promise.resolve();
  };
  const put = (id: string) => http.expectOne({ method: 'PUT', url: `/api/exercises/${id}` });
  beforeEach(() => {
    store = new MemoryStore();
    TestBed.configureTestingModule({
      providers: [
        ExerciseDraft,
        provideHttpClient(),
        provideHttpClientTesting(),
        { provide: BrowserStore, useValue: store },
      ],
    });
    draft = TestBed.inject(ExerciseDraft);
    http = TestBed.inject(HttpTestingController);
  });

  it('says nothing about empty fields before saving is asked for, then names it', async () => {
    await draft.open('new', newExercise(), null, () => false);
    expect(draft.problem('name.plain')).toBeNull();
    expect(await draft.save()).toBeNull();
    expect(draft.problem('name.plain')).toBe('must not be empty.');
    expect(draft.refusal()).toContain('Nothing is lost');
    http.verify();
  });

  it('a name is enough: what is not known yet may be said later', async () => {
    await draft.open('new', newExercise(), null, () => false);
    draft.edit((e) => ({ ...e, name: { plain: 'Gangway', anatomical: 'Gangway' } }));
    const saving = draft.save();
    await soon();
    const request = put('gangway');
    expect(request.request.body).toMatchObject({ exercise: { purpose: '', faults: [], foundBy: [] } });
    request.flush(revisionOf({ ...rise, id: 'gangway' }));
    expect(await saving).not.toBeNull();
  });

  it('two pages that change one exercise keep what is typed on each', async () => {
    jest.useFakeTimers();
    const elsewhere = new Set<string>();
    const page = () => {
      TestBed.resetTestingModule();
      TestBed.configureTestingModule({
        providers: [
          ExerciseDraft,
          provideHttpClient(),
          provideHttpClientTesting(),
          { provide: BrowserStore, useValue: store },
          {
            provide: Holds,
            useValue: {
              take: (name: string) => Promise.resolve(!elsewhere.has(name)),
              takeOwn: () => Promise.resolve(true),
              release: jest.fn(),
            },
          },
        ],
      });
      return TestBed.inject(ExerciseDraft);
    };
    const type = async (on: ExerciseDraft, purpose: string) => {
      on.edit((exercise) => ({ ...exercise, purpose }));
      TestBed.tick();
      await jest.advanceTimersByTimeAsync(500);
    };
    const opened = (on: ExerciseDraft) => on.open('rise', rise, 'a'.repeat(32), () => true);
    const first = page();
    await opened(first);
    await type(first, 'Typed on the first page');
    elsewhere.add('typed exercise-draft:rise');
    const second = page();
    expect((await opened(second)).kept).toBe(false);
    await type(second, 'Typed on the second page');
    expect(store.shelf.size).toBe(2);
    // both pages are gone: each of what was typed is found again
    elsewhere.clear();
    const third = page();
    expect((await opened(third)).kept).toBe(true);
    expect(third.exercise().purpose).toBe('Typed on the first page');
    elsewhere.add('typed exercise-draft:rise');
    const fourth = page();
    await opened(fourth);
    expect(fourth.exercise().purpose).toBe('Typed on the second page');
    jest.useRealTimers();
  });

  it('gives a new exercise an id from its name that is not taken', async () => {
    const named = { ...rise, id: '', name: { plain: 'Relevé, twice', anatomical: 'x' } };
    await draft.open('copy', named, null, (id) => id === 'releve-twice');
    const saving = draft.save();
    await soon();
    const request = put('releve-twice-2');
    expect(request.request.body).toMatchObject({ basedOn: null, exercise: { id: 'releve-twice-2' } });
    request.flush(revisionOf({ ...named, id: 'releve-twice-2' }));
    expect((await saving)?.exercise.id).toBe('releve-twice-2');
  });

  it('keeps what was typed when the server is lost, and saves it when it is back', async () => {
    await draft.open(rise.id, rise, 'b'.repeat(32), () => true);
    draft.edit((e) => ({ ...e, purpose: 'Typed for minutes.' }));
    const saving = draft.save();
    await soon();
    put(rise.id).error(new ProgressEvent('offline'));
    expect(await saving).toBeNull();
    expect(draft.refusal()).toContain('will be saved when it is back');
    expect(draft.exercise().purpose).toBe('Typed for minutes.');
    window.dispatchEvent(new Event('online'));
    expect(put(rise.id).request.body).toMatchObject({ exercise: { purpose: 'Typed for minutes.' } });
  });

  it('shows both sides when another page was first; mine goes on top of theirs', async () => {
    await draft.open(rise.id, rise, 'b'.repeat(32), () => true);
    draft.edit((e) => ({ ...e, purpose: 'Typed for minutes.' }));
    const saving = draft.save();
    await soon();
    put(rise.id).flush(
      { type: 'urn:x', title: 'Changed', status: 409, detail: 'x', code: 'exercise-changed' },
      { status: 409, statusText: 'Conflict' },
    );
    await soon();
    http.expectOne({ method: 'GET', url: `/api/exercises/${rise.id}` }).flush(revisionOf(rise));
    expect(await saving).toBeNull();
    expect(draft.theirs()?.exercise.id).toBe(rise.id);
    draft.choose('mine');
    const again = draft.save();
    await soon();
    const request = put(rise.id);
    expect(request.request.body).toEqual({
      basedOn: 'a'.repeat(32),
      exercise: { ...JSON.parse(JSON.stringify(rise)), purpose: 'Typed for minutes.' } as Exercise,
    });
    request.flush(revisionOf({ ...rise, purpose: 'Typed for minutes.' }));
    expect((await again)?.exercise.purpose).toBe('Typed for minutes.');
  });

  it('finds what was typed last time in this browser, finished or not, of an older application too', async () => {
    const { format, ...older } = { ...newExercise(), purpose: 'Half written' };
    void format;
    store.shelf.set('exercise-draft:new', { basedOn: null, exercise: older });
    expect((await draft.open('new', newExercise(), null, () => false)).kept).toBe(true);
    expect(draft.exercise()).toMatchObject({ format: 2, purpose: 'Half written' });
    await draft.forget();
    expect(store.shelf.size).toBe(0);
  });

  it('opens the exercise where what was typed is cut in half or of another shape, says so, and keeps it', async () => {
    store.shelf.set('exercise-draft:new', { basedOn: null, exercise: { name: 'Rise', performance: 7 } });
    const found = await draft.open('new', newExercise(), null, () => false);
    expect(found.kept).toBe(false);
    expect(found.unreadable).toContain('What you had typed here');
    expect(draft.exercise()).toEqual(newExercise());
    expect(store.shelf.has('exercise-draft:new')).toBe(true);
  });

  it('does not bring back what was saved meanwhile', async () => {
    store.shelf.set('exercise-draft:two-foot-rise', { format: 1, basedOn: 'a'.repeat(32), exercise: rise });
    expect((await draft.open(rise.id, rise, 'c'.repeat(32), () => true)).kept).toBe(false);
    expect(store.shelf.size).toBe(0);
  });
});

describe('what a new exercise begins with', () => {
  it('has a ladder that the schema takes as it is', () => {
    expect(Exercise.safeParse({ ...rise, ladder: newLadder(rise.doses) }).success).toBe(true);
  });

  it('tells the other foot exactly where one foot works', () => {
    const { phases } = rise.performance;
    expect(phasesFor(phases, 'each').every((p) => p.other?.role === 'stands')).toBe(true);
    expect(phasesFor(phasesFor(phases, 'each'), 'both').every((p) => p.other === null)).toBe(true);
  });

  it('makes ids that an address can carry', () => {
    expect(idOf('  Relevé – très lent! ')).toBe('releve-tres-lent');
    expect(freeId('rise', (id) => ['rise', 'rise-2'].includes(id))).toBe('rise-3');
  });
});
