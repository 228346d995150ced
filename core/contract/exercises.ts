import * as z from 'zod';
import { Exercise } from '../exercise';
import { Id } from '../id';
import { RevisionId } from '../plan';
import { ExerciseDocument } from './document';
import { next } from './page';

export const ExerciseRevision = z.strictObject({
  revision: RevisionId,
  origin: z.enum(['built-in', 'own']),
  /** Taken out of the library; classes that use it keep it. */
  removed: z.boolean(),
  /** A built-in exercise the teacher has changed; it can be returned to its original. */
  changed: z.boolean(),
  exercise: Exercise,
});
export type ExerciseRevision = z.infer<typeof ExerciseRevision>;

/** What of the library is asked for: all of it, or what changed since an answer; page by page. */
export const LibraryAsked = z.object({
  /** `at` of an earlier answer; without it, or where the server was started anew since, all of it is sent. */
  since: z.string().max(60).optional(),
  /** Where the page before ended. */
  from: z.coerce.number().int().min(0).default(0),
});
export type LibraryAsked = z.infer<typeof LibraryAsked>;

/**
 * A page of the library, or of its changes. Each exercise was read by its format and judged by the server that sends it,
 * so a page need not judge thousands again: that costs most of a second.
 */
export const LibraryPage = z.strictObject({
  exercises: z.array(
    z.custom<ExerciseRevision>((value) => typeof value === 'object' && value !== null && 'exercise' in value),
  ),
  /** Ids of those that were taken out. */
  gone: z.array(z.string()),
  /** Whether this begins anew, instead of changing what was there. */
  whole: z.boolean(),
  /** Ask with this the next time. */
  at: z.string(),
  next: z.int().nullable(),
});
export type LibraryPage = z.infer<typeof LibraryPage>;

/** An own exercise, or a changed built-in one. */
export const SaveExercise = z.strictObject({
  /** The revision this edit was made on; null for a new exercise. */
  basedOn: RevisionId.nullable(),
  exercise: ExerciseDocument,
});
export type SaveExercise = z.infer<typeof SaveExercise>;

/** A planned class that uses an exercise, and what moving it to the current revision would do. */
export const ExerciseUse = z.strictObject({
  classId: z.string(),
  title: z.string(),
  items: z.int(),
  upToDate: z.boolean(),
  beforeMs: z.int(),
  afterMs: z.int(),
  /** Why it cannot move; null when it can. */
  problem: z.string().nullable(),
});
export type ExerciseUse = z.infer<typeof ExerciseUse>;

/** A page of the classes that use an exercise, those to be moved first; how many there are in all, and how many were taught. */
export const ExerciseUses = z.strictObject({ classes: z.array(ExerciseUse), next, total: z.int(), taught: z.int() });
export type ExerciseUses = z.infer<typeof ExerciseUses>;

/** Classes moved in one transaction: each is timed and saved, and nobody else is answered meanwhile. */
export const mostMoved = 2;

export const MoveClasses = z.strictObject({ classIds: z.array(Id).min(1).max(mostMoved) });
export const MovedClasses = z.strictObject({ moved: z.array(z.string()) });
