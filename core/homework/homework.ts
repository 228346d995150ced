import * as z from 'zod';
import { Dose } from '../dose';
import { Concern } from '../exercise';
import { Id } from '../id';
import { Floor, KitId } from '../kit';
import { LocalDate } from '../measure/day';
import { RevisionId } from '../plan';
import type { Result } from '../result';
import { type ReadError, readStored } from '../stored';

/** How often: more sets on fewer days, or fewer on more, is a trade the teacher makes. */
export const Rhythm = z.enum(['daily', 'every-other-day', 'twice-a-week']);
export type Rhythm = z.infer<typeof Rhythm>;

const sets = z.int().min(1).max(10);

/** One exercise to do at home. */
export const HomeItem = z.strictObject({
  id: Id,
  exerciseId: z.string().min(1).max(64),
  revision: RevisionId,
  rungId: z.string().min(1).max(40).nullable(),
  /** One set of it, on each foot. */
  dose: Dose,
  /** Sets on a day it is done: the fewest, and the most for who wants more. */
  sets: z.tuple([sets, sets]).refine(([least, most]) => most >= least, { error: 'sets-order' }),
  rhythm: Rhythm,
  /** Where it hides in the day: "while the kettle boils". */
  hidesIn: z.string().trim().max(60),
  /** What was said to this person beside it. */
  note: z.string().trim().max(160),
});
export type HomeItem = z.infer<typeof HomeItem>;

/** Who gets the sheet: one student, or whoever is on a level, in a group or anywhere. */
export const HomeFor = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('student'), studentId: Id }),
  z.strictObject({
    kind: z.literal('level'),
    groupId: Id.nullable(),
    /** The level as it is said: "whoever holds on with two fingers". */
    words: z.string().trim().max(80),
    /** What somebody who gets it has. */
    concerns: z.array(Concern).max(16),
  }),
]);
export type HomeFor = z.infer<typeof HomeFor>;

export const mostHomeItems = 8;

/** A sheet of exercises to do at home for some weeks. */
export const Homework = z
  .strictObject({
    format: z.literal(1),
    id: Id,
    title: z.string().trim().min(1).max(80),
    for: HomeFor,
    /** The course it goes with; its classes are days on which it does not double what they do. */
    courseId: Id.nullable(),
    from: LocalDate,
    /** One page has room for the days of four. */
    weeks: z.int().min(1).max(4),
    /** What a day may come to, minutes. */
    minutes: z.int().min(2).max(60),
    /** Things that people own. */
    owns: z.array(KitId).max(26),
    floor: Floor,
    items: z.array(HomeItem).max(mostHomeItems),
    /** Days on which it was done, as it was handed back; null until it is. */
    daysDone: z.int().min(0).max(28).nullable(),
    archived: z.boolean(),
  })
  .refine(({ daysDone, weeks }) => daysDone === null || daysDone <= 7 * weeks, {
    error: 'days-over',
    path: ['daysDone'],
  });
export type Homework = z.infer<typeof Homework>;

export const readHomework = (stored: unknown): Result<Homework, ReadError> =>
  readStored(Homework, [(so) => so], stored);

/** Things that are in most homes (Needlework's own). */
const usuallyOwned: readonly KitId[] = ['chair', 'wall', 'mat', 'cloth', 'small-objects', 'cushion'];

/** Two weeks of ten minutes a day, empty. */
export const newHomework = (id: string, title: string, of: HomeFor, from: string): Homework => ({
  format: 1,
  id,
  title,
  for: of,
  courseId: null,
  from,
  weeks: 2,
  minutes: 10,
  owns: [...usuallyOwned],
  floor: 'carpet',
  items: [],
  daysDone: null,
  archived: false,
});

export const rhythmWords: Readonly<Record<Rhythm, string>> = {
  daily: 'every day',
  'every-other-day': 'every other day',
  'twice-a-week': 'twice a week',
};

/** "3 to 5 sets", "1 set". */
export function setsWords([least, most]: HomeItem['sets']): string {
  if (least === most) return `${least} ${least === 1 ? 'set' : 'sets'}`;
  return `${least} to ${most} sets`;
}
