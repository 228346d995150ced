import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { of, throwError } from 'rxjs';
import type { ExerciseRevision } from '@core/contract';
import { Exercise } from '@core/exercise';
import { catalogue } from '@core/exercise/catalogue';
import { LibraryApi } from '../../../data/exercise-api';
import { ExerciseDraft } from './exercise-draft';
import { freeId, idOf, newExercise, newLadder, phasesFor } from './new-exercise';

const kept = new Map<string, unknown>();
jest.mock('idb-keyval', () => ({
  get: (key: string) => Promise.resolve(kept.get(key)),
  set: (key: string, value: unknown) => Promise.resolve(void kept.set(key, value)),
  del: (key: string) => Promise.resolve(void kept.delete(key)),
}));

const rise = catalogue.find((e) => e.id === 'two-foot-rise')!;
const revisionOf = (exercise: Exercise): ExerciseRevision => ({
  revision: 'a'.repeat(32),
  origin: 'own',
  removed: false,
  changed: false,
  exercise,
});

describe('writing an exercise', () => {
  const save = jest.fn();
  let draft: ExerciseDraft;
  beforeEach(() => {
    kept.clear();
    save.mockReset();
    TestBed.configureTestingModule({
      providers: [ExerciseDraft, { provide: LibraryApi, useValue: { save, one: () => of(revisionOf(rise)) } }],
    });
    draft = TestBed.inject(ExerciseDraft);
  });

  it('says nothing about empty fields before saving is asked for, then names each', async () => {
    await draft.open('new', newExercise(), null, () => false);
    expect(draft.problem('purpose')).toBeNull();
    expect(await draft.save()).toBeNull();
    expect(draft.problem('purpose')).toBe('must not be empty.');
    expect(draft.problem('name.plain')).toBe('must not be empty.');
    expect(draft.refusal()).toContain('Nothing is lost');
    expect(save).not.toHaveBeenCalled();
  });

  it('gives a new exercise an id from its name that is not taken', async () => {
    save.mockImplementation((_, exercise: Exercise) => of(revisionOf(exercise)));
    await draft.open(
      'copy',
      { ...rise, id: '', name: { plain: 'Relevé, twice', anatomical: 'x' } },
      null,
      (id) => id === 'releve-twice',
    );
    const saved = await draft.save();
    expect(saved?.exercise.id).toBe('releve-twice-2');
    expect(save).toHaveBeenCalledWith(null, expect.objectContaining({ id: 'releve-twice-2' }));
  });

  it('keeps what was typed when the server is lost or another page was first', async () => {
    await draft.open(rise.id, rise, 'b'.repeat(32), () => true);
    draft.edit((e) => ({ ...e, purpose: 'Typed for minutes.' }));
    save.mockReturnValueOnce(throwError(() => new HttpErrorResponse({ status: 0 })));
    expect(await draft.save()).toBeNull();
    expect(draft.refusal()).toContain('does not answer');
    expect(draft.exercise().purpose).toBe('Typed for minutes.');
    save.mockReturnValueOnce(throwError(() => new HttpErrorResponse({ status: 409 })));
    expect(await draft.save()).toBeNull();
    expect(draft.theirs()?.exercise.id).toBe(rise.id);
    draft.settle('mine');
    save.mockImplementation((_, exercise: Exercise) => of(revisionOf(exercise)));
    await draft.save();
    expect(save.mock.calls.at(-1)).toEqual(['a'.repeat(32), { ...rise, purpose: 'Typed for minutes.' }]);
  });

  it('finds what was typed last time in this browser', async () => {
    kept.set('exercise-draft:new', { basedOn: null, exercise: { ...newExercise(), purpose: 'Half written' } });
    expect(await draft.open('new', newExercise(), null, () => false)).toBe(true);
    expect(draft.exercise().purpose).toBe('Half written');
    await draft.forget();
    expect(kept.size).toBe(0);
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
