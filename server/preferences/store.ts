import * as z from 'zod';
import type { Preferences } from '@core/contract';
import { School, defaultSchool } from '@core/exercise';
import type { Db } from '../database';
import { preferences } from '../schema';

/** What was saved earlier may lack a question that came later, or hold an answer that is gone. */
const Saved = z.object({ school: z.record(z.string(), z.unknown()).catch({}) }).catch({ school: {} });

/** The teacher's preferences: one row, defaults until it is written. */
export class PreferenceStore {
  constructor(
    private readonly db: Db,
    private readonly now: () => string,
  ) {}

  read(): Preferences {
    const row = this.db.select().from(preferences).get();
    const saved = Saved.parse(row ? JSON.parse(row.body) : {}).school;
    const answers = Object.entries(School.shape).flatMap(([question, answer]) => {
      const given = answer.safeParse(saved[question]);
      return given.success ? [[question, given.data] as const] : [];
    });
    return { school: { ...defaultSchool, ...Object.fromEntries(answers) } };
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
