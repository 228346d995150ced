import * as z from 'zod';
import { Pace } from '../plan';

/** What the log teaches about the teacher's times. */
export const LearnedTimes = z.strictObject({
  classes: z.int().min(0),
  /** Whether the times were proved on classes left out. */
  holds: z.boolean(),
  groups: z.array(
    z.strictObject({
      group: z.enum(['plain', 'props', 'fiddly', 'second', 'band', 'moving', 'fetching', 'demonstration']),
      seen: z.number(),
      times: z.number(),
      stretches: z.number(),
    }),
  ),
  spreads: Pace.pick({ workSpread: true, aroundSpread: true, daySpread: true }),
  /** The pace with all of it in it. */
  pace: Pace,
});
export type LearnedTimes = z.infer<typeof LearnedTimes>;

/** Why a class always runs over, in one sentence; null where it does not. */
export const RunsOver = z.strictObject({ words: z.string().nullable() });
export type RunsOver = z.infer<typeof RunsOver>;
