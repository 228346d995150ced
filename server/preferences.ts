import type { Preferences } from '@core/contract';
import { defaultSchool } from '@core/exercise';
import type { Db } from './database';
import { preferences } from './schema';

/** The teacher's preferences: one row, defaults until it is written. */
export class PreferenceStore {
  constructor(
    private readonly db: Db,
    private readonly now: () => string,
  ) {}

  read(): Preferences {
    const row = this.db.select().from(preferences).get();
    const saved = row ? (JSON.parse(row.body) as Partial<Preferences>) : {};
    return { school: { ...defaultSchool, ...saved.school } };
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
