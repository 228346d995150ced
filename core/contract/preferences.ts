import * as z from 'zod';
import { School } from '../exercise';
import { Pace, defaultPace } from '../plan';

/** What the teacher prefers everywhere; a new class begins with it. */
export const Preferences = z.strictObject({
  school: School,
  /** Came after the answers: what was written without it has the pace that Needlework starts with. */
  pace: Pace.default(defaultPace),
});
export type Preferences = z.infer<typeof Preferences>;
