import type { HttpTestingController } from '@angular/common/http/testing';
import type { ExerciseRevision, LibraryPage } from '@core/contract';
import type { DosePart } from '@core/dose';
import { reps } from '@core/dose';
import { type Plan, newBlock, newItem, newPlan } from '@core/plan';
import { sampleExercise, sampleRevision } from '@core/testing/sample';

/** Two plain exercises as the server would send them. */
export const sampleRevisions: readonly ExerciseRevision[] = [
  sampleExercise('press', {}, [2, 2]),
  sampleExercise('rise', { sidePattern: 'both', position: 'standing' }),
].map((exercise, i) => ({ revision: sampleRevision(i), origin: 'built-in', removed: false, changed: false, exercise }));

/** A class of both, in one block. */
export function samplePlan(dose: DosePart = reps(3)): Plan {
  const items = sampleRevisions.map(({ exercise, revision }, i) => ({
    ...newItem(`item-${i}`, exercise, revision),
    dose: [dose],
  }));
  return { ...newPlan('class-1', 'Quiet ankles', 600), blocks: [newBlock('block-1', 'Toes', items)] };
}

/** The whole library as one page of an answer. */
export const libraryOf = (exercises: readonly ExerciseRevision[], whole = true): LibraryPage => ({
  exercises: [...exercises],
  gone: [],
  whole,
  at: 'server-1.0',
  next: null,
});

/** The one question for the library that is open, whatever it asks for. */
export const libraryAsked = (http: HttpTestingController) => http.expectOne(({ url }) => url === '/api/exercises');
