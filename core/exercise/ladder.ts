import * as z from 'zod';
import { DoseRange } from '../dose';
import { CheckId } from '../measure/check-id';

/** Levels are axes, not easy, medium, hard. */
export const Axis = z.enum([
  'support',
  'base',
  'arms',
  'eyes',
  'surface',
  'lever',
  'resistance',
  'hand-help',
  'speed',
  'amount',
  'knee',
  'weeks',
]);
export type Axis = z.infer<typeof Axis>;

export const axisNames: Readonly<Record<Axis, string>> = {
  support: 'support',
  base: 'base',
  arms: 'arms',
  eyes: 'eyes',
  surface: 'surface',
  lever: 'lever',
  resistance: 'resistance',
  'hand-help': 'hand help',
  speed: 'speed',
  amount: 'amount',
  knee: 'knee',
  weeks: 'weeks',
};

/** What lets a student leave a rung; both feet must pass. */
export const Gate = z
  .strictObject({
    test: z.enum(['teacher-saw-it', 'clean-reps', 'clean-hold-seconds', 'check']),
    /** The check asked for, where the test is one. */
    check: CheckId.optional(),
    /** Reps, seconds, or the check's own unit asked for; null where the teacher's eye or a word is the test. */
    value: z.number().positive().nullable(),
    occasions: z.int().min(1).max(6),
    words: z.string().min(1).max(160),
  })
  .refine((g) => (g.test === 'check') === (g.check !== undefined), { error: 'gate-check', path: ['check'] })
  .refine((g) => (g.test !== 'clean-reps' && g.test !== 'clean-hold-seconds') || g.value !== null, {
    error: 'gate-value',
    path: ['value'],
  });
export type Gate = z.infer<typeof Gate>;

/** What opens a level beside the gate of the one before: weeks of regular work, for people who are new to it. */
export const Door = z.strictObject({
  weeks: z.int().min(1).max(26),
  words: z.string().min(1).max(160),
});
export type Door = z.infer<typeof Door>;

/** One level, with what changes there of the performance, and what is said differently. */
const rungOf = <T extends z.ZodType, C extends z.ZodType>(change: T, cues: C) =>
  z.strictObject({
    id: z
      .string()
      .regex(/^[a-z0-9-]+$/, { error: 'id-form' })
      .max(40),
    name: z.string().min(1).max(80),
    /** The rung as a point on the axes, in words. */
    axes: z.partialRecord(Axis, z.string().min(1).max(60)),
    /** Why two axes move together from the rung before; null where one does. */
    why: z.string().max(200).nullable(),
    change,
    cues: cues.optional(),
    doses: DoseRange,
    door: Door.optional(),
    gate: Gate.nullable(),
  });

/**
 * The rungs of one exercise, easiest first. Rung ids are permanent strings. A ladder goes one way: no rung stands
 * twice and no two rungs are the same point; from one to the next a single axis moves, or the rung says why two do.
 */
export const Ladder = <T extends z.ZodType, C extends z.ZodType>(change: T, cues: C) =>
  z
    .strictObject({
      /** Where most people begin. */
      startRung: z.string(),
      rungs: z.array(rungOf(change, cues)).min(2, { error: 'ladder-short' }).max(10),
    })
    .superRefine((ladder, context) => {
      const refuse = (message: string, ...path: (string | number)[]) =>
        context.addIssue({ code: 'custom', message, path });
      if (!ladder.rungs.some((r) => r.id === ladder.startRung)) refuse('start-rung', 'startRung');
      ladder.rungs.forEach((rung, i) => {
        const earlier = ladder.rungs.slice(0, i);
        if (earlier.some((r) => r.id === rung.id)) refuse('rung-twice', 'rungs', i, 'id');
        else if (earlier.some((r) => movedAxes(r.axes, rung.axes).length === 0))
          refuse('ladder-loop', 'rungs', i, 'axes');
        const before = earlier.at(-1);
        if (before && movedAxes(before.axes, rung.axes).length > 1 && !rung.why) refuse('axes-why', 'rungs', i, 'why');
      });
    });

/** Axes on which two neighbouring rungs differ. */
export function movedAxes(
  from: Readonly<Partial<Record<Axis, string>>>,
  to: Readonly<Partial<Record<Axis, string>>>,
): Axis[] {
  return Axis.options.filter((axis) => (from[axis] ?? '') !== (to[axis] ?? ''));
}
