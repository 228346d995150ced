import * as z from 'zod';
import { OwnWord, type Preferences } from '@core/contract';
import { School, defaultSchool } from '@core/exercise';
import { LoadRules, defaultLoadRules } from '@core/load';
import { CheckId } from '@core/measure';
import { Pace, defaultPace } from '@core/plan';
import type { Db } from '../database';
import { preferences } from '../schema';

/** What was saved earlier may lack a question that came later, or hold an answer that is gone. */
const Answers = z.record(z.string(), z.unknown()).catch({});
const Words = z.array(OwnWord).catch([]);
const Weekly = z.partialRecord(CheckId, z.number().positive()).catch({});
const Saved = z
  .object({ school: Answers, pace: Answers, words: Words, weekly: Weekly, load: Answers })
  .catch({ school: {}, pace: {}, words: [], weekly: {}, load: {} });

/** The answers that still are answers, over where Needlework starts. */
function over<T extends object>(
  start: T,
  shape: Readonly<Record<string, z.ZodType>>,
  saved: Record<string, unknown>,
): T {
  const given = Object.entries(shape).flatMap(([key, schema]) => {
    const read = schema.safeParse(saved[key]);
    return read.success ? [[key, read.data] as const] : [];
  });
  return { ...start, ...Object.fromEntries(given) };
}

/** The teacher's preferences: one row, defaults until it is written. */
export class PreferenceStore {
  constructor(
    private readonly db: Db,
    private readonly now: () => string,
  ) {}

  read(): Preferences {
    const row = this.db.select().from(preferences).get();
    const { school, pace, words, weekly, load } = Saved.parse(row ? JSON.parse(row.body) : {});
    return {
      school: over(defaultSchool, School.shape, school),
      pace: over(defaultPace(), Pace.shape, pace),
      words,
      weekly,
      load: over(defaultLoadRules, LoadRules.shape, load),
    };
  }

  save(body: Preferences): void {
    const set = { body: JSON.stringify(body), savedAt: this.now() };
    this.db
      .insert(preferences)
      .values({ id: 1, ...set })
      .onConflictDoUpdate({ target: preferences.id, set })
      .run();
  }
}
