import * as z from 'zod';
import { Dose } from '../dose';
import { Id } from '../id';
import { Brief } from '../plan';
import { OutlineStitch } from '../timeline/outline';
import { PlanDocument } from './document';
import { ExerciseRevision } from './exercises';
import { next } from './page';

/** A class on a card; the times come from the timeline at the last save. */
export const ClassSummary = z.strictObject({
  id: Id,
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

export const ClassList = z.strictObject({ classes: z.array(ClassSummary), next });
export type ClassList = z.infer<typeof ClassList>;

/** A class with every revision it pins, so that it can be timed without asking again. */
export const ClassRead = z.strictObject({
  plan: PlanDocument,
  version: z.int().min(1),
  updatedAt: z.iso.datetime(),
  revisions: z.array(ExerciseRevision),
  /** How many classes its group has been taught, or how often this class has, where it names no group. */
  taught: z.int().min(0).default(0),
  /** Exercises that may be put in while it is taught: what shakes out, the walk that looks again. */
  standbys: z.array(ExerciseRevision).default([]),
});
export type ClassRead = z.infer<typeof ClassRead>;

/** How the exercises of a class are dosed in the teacher's other classes, newest first. */
export const OtherDoses = z.strictObject({
  doses: z.array(
    z.strictObject({ exerciseId: z.string(), title: z.string(), rungId: z.string().nullable(), dose: Dose }),
  ),
});
export type OtherDoses = z.infer<typeof OtherDoses>;

/** `saveId` is given by the page that saves: sending the same one again returns the first answer. */
export const CreateClass = z.strictObject({ saveId: Id, plan: PlanDocument });
export type CreateClass = z.infer<typeof CreateClass>;

export const SaveClass = z.strictObject({
  saveId: Id,
  /** The version this edit was made on. */
  basedOn: z.int().min(1),
  plan: PlanDocument,
});
export type SaveClass = z.infer<typeof SaveClass>;

export const DuplicateClass = z.strictObject({ saveId: Id, id: Id });

export const SaveAnswer = z.strictObject({ id: Id, version: z.int().min(1), updatedAt: z.iso.datetime() });
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
  /** What changed from the state before it, a sentence each; of one set aside by a clash, how it differs from that. */
  differs: z.array(z.string()),
});
export type ClassRevision = z.infer<typeof ClassRevision>;
export const ClassRevisions = z.strictObject({ revisions: z.array(ClassRevision), next });
export type ClassRevisions = z.infer<typeof ClassRevisions>;
