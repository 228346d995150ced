import * as z from 'zod';
import { Id } from '../id';
import { LocalDate } from '../measure/day';
import { HelpAnswer } from '../measure/helped';
import { Conditions, Foot } from '../measure/reading';

const rungId = z.string().min(1).max(40);

/**
 * What is written down about one student on one ladder: where they stand, what was seen there in class, what stopped
 * them. Never changed: a wrong one is taken out. Where a student stands follows from all of them.
 */
export const LadderNote = z.strictObject({
  id: Id,
  studentId: Id,
  /** Null for what holds for all ladders: being in class, a stop sign, a clinician's word. */
  exerciseId: z.string().min(1).max(64).nullable(),
  foot: Foot,
  date: LocalDate,
  what: z.discriminatedUnion('kind', [
    /** Stands on this level from now on; an overrule is the teacher's own word and is not argued again. */
    z.strictObject({
      kind: z.literal('placed'),
      rungId,
      why: z.enum(['begins', 'up', 'down', 'overrule']),
      note: z.string().trim().max(160),
    }),
    /** Seen by the teacher, clean: so many reps or seconds, or just so. */
    z.strictObject({
      kind: z.literal('clean'),
      rungId,
      value: z.number().positive().max(600).nullable(),
      conditions: Conditions.pick({ surface: true, footwear: true }),
    }),
    /** Form went before the gate. */
    z.strictObject({ kind: z.literal('missed'), rungId }),
    /** Less than the least dose of the level, without pain. */
    z.strictObject({ kind: z.literal('short'), rungId }),
    z.strictObject({ kind: z.literal('pain'), rungId, when: z.enum(['during', 'next-day']) }),
    /** A sign that ends it and refers; nothing moves until a clinician's word. */
    z.strictObject({ kind: z.literal('stop'), sign: z.string().trim().min(1).max(120) }),
    z.strictObject({ kind: z.literal('cleared'), words: z.string().trim().min(1).max(160) }),
    /** The student wants to live here; and wants no more to. */
    z.strictObject({ kind: z.literal('stays') }),
    z.strictObject({ kind: z.literal('moves-on') }),
    z.strictObject({ kind: z.literal('present') }),
    /** What a look again showed after this exercise, in a lesson of their own. */
    z.strictObject({ kind: z.literal('answered'), answer: HelpAnswer.exclude(['mixed']) }),
  ]),
  by: z.string().trim().max(40),
});
export type LadderNote = z.infer<typeof LadderNote>;
type Kind = LadderNote['what']['kind'];

/** Notes of one kind. */
export type NoteOf<K extends Kind> = LadderNote & { readonly what: Extract<LadderNote['what'], { readonly kind: K }> };
export const isKind =
  <K extends Kind>(kind: K) =>
  (note: LadderNote): note is NoteOf<K> =>
    note.what.kind === kind;

/** Whether a note is about a foot: one for both is about each. */
export const isOf = (foot: 'left' | 'right', note: Pick<LadderNote, 'foot'>): boolean =>
  note.foot === 'both' || note.foot === foot;
