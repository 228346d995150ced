import * as z from 'zod';
import { Id } from '../id';
import { LocalDate } from './day';

export const Foot = z.enum(['left', 'right', 'both']);
export type Foot = z.infer<typeof Foot>;

/** Under what a reading was taken; readings are compared within one set of conditions alone. */
export const Conditions = z.strictObject({
  /** The way it was taken, where a check has several; empty for the usual one. */
  method: z.string().trim().max(40),
  /** Fingertips on the support. */
  support: z.int().min(0).max(5),
  surface: z.enum(['floor', 'mat', 'cushion', 'half-ball']),
  footwear: z.enum(['bare', 'socks', 'shoes']),
  knee: z.enum(['straight', 'bent', 'as-asked']),
  /** Before the work, cold, or after it, warm. */
  work: z.enum(['before', 'after']),
});
export type Conditions = z.infer<typeof Conditions>;

export const usualConditions: Conditions = {
  method: '',
  support: 0,
  surface: 'floor',
  footwear: 'bare',
  knee: 'as-asked',
  work: 'before',
};

/** A tender place, in hundredths of the footprint from its outer left corner at the toes. */
export const SoleMark = z.strictObject({ x: z.number().min(0).max(100), y: z.number().min(0).max(100) });
export type SoleMark = z.infer<typeof SoleMark>;

export const ReadingValue = z.discriminatedUnion('kind', [
  /** Each trial in the check's unit; where only their outcome is known, that alone and `known` false. */
  z.strictObject({
    kind: z.literal('number'),
    trials: z.array(z.number()).min(1).max(6),
    known: z.boolean(),
    /** Where it was ended, if elsewhere than usual: 60 s in the place of 45. */
    cap: z.number().positive().nullable(),
  }),
  /** `count` goes with it where there is one, and is not judged: the rise on which the ball fell. */
  z.strictObject({
    kind: z.literal('word'),
    answer: z.string().min(1).max(60),
    count: z.int().min(0).max(200).nullable(),
  }),
  /** An hour of the clock face, as the student sees it; null for nowhere. */
  z.strictObject({ kind: z.literal('clock'), hour: z.int().min(1).max(12).nullable() }),
  z.strictObject({ kind: z.literal('marks'), marks: z.array(SoleMark).max(40) }),
]);
export type ReadingValue = z.infer<typeof ReadingValue>;

/** One look at one foot of one student. It is never changed: what was wrong is taken out and taken anew. */
export const Reading = z.strictObject({
  id: Id,
  studentId: Id,
  /** A check that comes with Needlework, or a protocol of the teacher's own. */
  protocol: z.string().min(4).max(40),
  foot: Foot,
  date: LocalDate,
  value: ReadingValue,
  conditions: Conditions,
  /** Who took it; empty for the teacher. */
  by: z.string().trim().max(40),
  /** The student was chosen for it as weak: an extreme value that will come nearer the middle by itself. */
  picked: z.boolean(),
  /** Somebody was asked about it and said that it stands. */
  stands: z.boolean(),
  /** Discomfort while it was taken, 0 to 10; null where nobody asked. */
  pain: z.int().min(0).max(10).nullable(),
  note: z.string().max(200),
});
export type Reading = z.infer<typeof Reading>;

/** Readings with one key can be compared: the rater is not part of it. */
export const seriesKey = ({ conditions: c }: Pick<Reading, 'conditions'>): string =>
  [c.method, c.support, c.surface, c.footwear, c.knee, c.work].join('|');
