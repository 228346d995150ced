import * as z from 'zod';
import { Dose } from '../dose';
import { Exercise, School } from '../exercise';
import { Brief, Plan, RevisionId } from '../plan';
import { RunEvent } from '../run';
import { OutlineStitch } from '../timeline/outline';

/** Given by the page that saves: sending the same one again returns the first answer. */
export const SaveId = z.string().regex(/^[A-Za-z0-9_-]{8,40}$/, { error: 'id-form' });
export const ClassId = z.string().regex(/^[A-Za-z0-9_-]{4,40}$/, { error: 'id-form' });

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

/** The whole library. Each exercise was judged when it was written, so a reader need not judge thousands again. */
export const ExerciseList = z.strictObject({
  exercises: z.array(
    z.custom<ExerciseRevision>((value) => typeof value === 'object' && value !== null && 'exercise' in value),
  ),
});

/** An own exercise, or a changed built-in one. */
export const SaveExercise = z.strictObject({
  /** The revision this edit was made on; null for a new exercise. */
  basedOn: RevisionId.nullable(),
  exercise: Exercise,
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
export const ExerciseUses = z.strictObject({ classes: z.array(ExerciseUse), taught: z.int() });
export type ExerciseUses = z.infer<typeof ExerciseUses>;

/** A class on a card; the times come from the timeline at the last save. */
export const ClassSummary = z.strictObject({
  id: ClassId,
  title: z.string(),
  audience: Brief.shape.audience,
  slotSeconds: z.int(),
  plannedMs: z.int(),
  itemCount: z.int(),
  version: z.int(),
  updatedAt: z.iso.datetime(),
  outline: z.array(OutlineStitch),
});
export type ClassSummary = z.infer<typeof ClassSummary>;
export const ClassList = z.strictObject({ classes: z.array(ClassSummary) });

/** A class with every revision it pins, so that it can be timed without asking again. */
export const ClassRead = z.strictObject({
  plan: Plan,
  version: z.int().min(1),
  updatedAt: z.iso.datetime(),
  revisions: z.array(ExerciseRevision),
});
export type ClassRead = z.infer<typeof ClassRead>;

/** How the exercises of a class are dosed in the teacher's other classes, newest first. */
export const OtherDoses = z.strictObject({
  doses: z.array(
    z.strictObject({ exerciseId: z.string(), title: z.string(), rungId: z.string().nullable(), dose: Dose }),
  ),
});
export type OtherDoses = z.infer<typeof OtherDoses>;

export const MoveClasses = z.strictObject({ classIds: z.array(ClassId).min(1).max(200) });
export const MovedClasses = z.strictObject({ moved: z.array(z.string()) });

/** What the teacher prefers everywhere; a new class begins with it. */
export const Preferences = z.strictObject({ school: School });
export type Preferences = z.infer<typeof Preferences>;

export const CreateClass = z.strictObject({ saveId: SaveId, plan: Plan });
export type CreateClass = z.infer<typeof CreateClass>;

export const SaveClass = z.strictObject({
  saveId: SaveId,
  /** The version this edit was made on. */
  basedOn: z.int().min(1),
  plan: Plan,
});
export type SaveClass = z.infer<typeof SaveClass>;

export const DuplicateClass = z.strictObject({ saveId: SaveId, id: ClassId });
export type DuplicateClass = z.infer<typeof DuplicateClass>;

export const SaveAnswer = z.strictObject({ id: ClassId, version: z.int().min(1), updatedAt: z.iso.datetime() });
export type SaveAnswer = z.infer<typeof SaveAnswer>;

/** Both sides of a clash are kept: the saved class, and this revision of the one that came second. */
export const ClashAnswer = z.strictObject({ current: ClassRead, keptRevision: z.int() });
export type ClashAnswer = z.infer<typeof ClashAnswer>;

/** One earlier state of a class: saved, or set aside by a clash. */
export const ClassRevision = z.strictObject({
  number: z.int(),
  version: z.int(),
  kind: z.enum(['saved', 'clash']),
  title: z.string(),
  savedAt: z.iso.datetime(),
});
export type ClassRevision = z.infer<typeof ClassRevision>;

export const ProblemCode = z.enum([
  'not-valid',
  'malformed',
  'too-large',
  'not-found',
  'clash',
  'id-in-use',
  'unknown-revision',
  'save-id-reused',
  'exercise-changed',
  'not-built-in',
  'host-not-allowed',
  'origin-not-allowed',
  'method-not-allowed',
  'server-fault',
]);

/** Errors over HTTP are problem details (RFC 9457) with a code and, where it helps, the fields at fault. */
export const Problem = z.strictObject({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  detail: z.string(),
  code: ProblemCode,
  fields: z.array(z.strictObject({ path: z.string(), words: z.string() })).optional(),
  clash: ClashAnswer.optional(),
});
export type Problem = z.infer<typeof Problem>;

/** A class as it is begun on the floor: the plan is kept as taught. */
export const StartRun = z.strictObject({
  classId: ClassId,
  version: z.int().min(1),
  plan: Plan,
  startedAt: z.iso.datetime(),
});
export type StartRun = z.infer<typeof StartRun>;

export const RunEvents = z.strictObject({ events: z.array(RunEvent).min(1).max(500) });

/** What a teacher adds after the class. */
export const RunRemarks = z.strictObject({
  headcount: z.int().min(0).max(500).nullable(),
  note: z.string().max(2000),
});
export type RunRemarks = z.infer<typeof RunRemarks>;

export const RunSummary = z.strictObject({
  id: ClassId,
  classId: ClassId,
  title: z.string(),
  startedAt: z.iso.datetime(),
  plannedMs: z.int(),
  headcount: z.int().nullable(),
  note: z.string(),
});
export type RunSummary = z.infer<typeof RunSummary>;
export const RunList = z.strictObject({ runs: z.array(RunSummary) });

export const RunRead = z.strictObject({
  ...StartRun.shape,
  ...RunRemarks.shape,
  id: ClassId,
  events: z.array(RunEvent),
  revisions: z.array(ExerciseRevision),
});
export type RunRead = z.infer<typeof RunRead>;
