import { asc, eq } from 'drizzle-orm';
import type { BandList, PersonSaved, SaveBand } from '@core/contract';
import { readBand } from '@core/device';
import { type Db, atOnce } from '../database';
import { ProblemError, notFound, readStoredAs } from '../problem';
import { bands } from '../schema';
import { versionAfter } from '../version-after';

/** The bands of the cupboard, with what a spring scale said of them. */
export class BandStore {
  constructor(private readonly db: Db) {}

  list(): BandList {
    const rows = this.db.select().from(bands).orderBy(asc(bands.name), asc(bands.id)).all();
    return {
      bands: rows.map(({ body, version }) => ({ version, band: readStoredAs('This band', readBand, body) })),
    };
  }

  save(id: string, { basedOn, band }: SaveBand): PersonSaved {
    if (band.id !== id)
      throw new ProblemError(422, 'not-valid', 'This is another band', 'It has a different id than the address.');
    return this.db.transaction(() => {
      const row = this.db.select().from(bands).where(eq(bands.id, id)).get();
      const version = versionAfter(row, basedOn, band, band.name);
      if (version === row?.version) return { version };
      const set = { version, name: band.name, body: JSON.stringify(band) };
      this.db
        .insert(bands)
        .values({ id, ...set })
        .onConflictDoUpdate({ target: bands.id, set })
        .run();
      return { version };
    }, atOnce);
  }

  delete(id: string): void {
    const { changes } = this.db.delete(bands).where(eq(bands.id, id)).run();
    if (changes === 0) throw notFound('This band');
  }
}
