import { inArray } from 'drizzle-orm';
import type { StudioNoise } from '@core/contract';
import { isNumber, noiseInStudio } from '@core/measure';
import type { Db } from '../database';
import type { ProtocolStore } from '../protocols/store';
import { studioNoises } from '../schema';
import type { ReadingStore } from './readings';

/** Fewer readings than this say nothing about a studio. */
const fewest = 24;
/** The noise is worked out anew when there are so many times the readings it was worked out from. */
const growth = 1.1;

/** How much each check scatters in this studio: from its own readings, once there are enough. */
export class NoiseStore {
  private known: StudioNoise | null = null;

  constructor(
    private readonly db: Db,
    private readonly readings: ReadingStore,
    private readonly protocols: ProtocolStore,
  ) {}

  all(): StudioNoise {
    this.known ??= Object.fromEntries(
      this.db
        .select()
        .from(studioNoises)
        .all()
        .map(({ protocol, noise }) => [protocol, noise]),
    );
    return this.known;
  }

  /** After a reading: works the noise of its check out anew where there are a good deal more of them than last time. */
  follow(id: string): void {
    const protocol = this.protocols.find(id);
    if (!protocol || !isNumber(protocol)) return;
    const count = this.readings.count(id);
    const last = this.db
      .select()
      .from(studioNoises)
      .where(inArray(studioNoises.protocol, [id]))
      .get();
    if (count < fewest || (last && count < last.readings * growth)) return;
    const noise = noiseInStudio(protocol, this.readings.inCheck(id));
    if (noise === null) return;
    const set = { noise, readings: count };
    this.db
      .insert(studioNoises)
      .values({ protocol: id, ...set })
      .onConflictDoUpdate({ target: studioNoises.protocol, set })
      .run();
    this.known = null;
  }
}
