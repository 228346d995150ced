import * as z from 'zod';
import { School } from '../exercise';
import { CheckId } from '../measure/check-id';
import { LoadRules, defaultLoadRules } from '../load/rules';
import { Pace, defaultPace } from '../plan';

const said = (most: number) => z.string().trim().min(1).max(most);
export const OwnWord = z.strictObject({ word: said(40), means: said(120) });
export type OwnWord = z.infer<typeof OwnWord>;

/** What the teacher prefers everywhere; a new class begins with it. */
export const Preferences = z.strictObject({
  school: School,
  /** Came after the answers: what was written without it has the pace that Needlework starts with. */
  pace: Pace.default(defaultPace),
  /** The teacher's own words, and what they mean here; search knows them. */
  words: z.array(OwnWord).max(200).default([]),
  /** Change a week that the teacher expects in checks that come with Needlework, where it is not theirs; on the judging scale. */
  weekly: z.partialRecord(CheckId, z.number().positive()).default({}),
  /** How fast the load of a week may grow. */
  load: LoadRules.default(defaultLoadRules),
});
export type Preferences = z.infer<typeof Preferences>;
