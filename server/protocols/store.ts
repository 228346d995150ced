import { asc, eq, sql } from 'drizzle-orm';
import type { PersonSaved, ProtocolList, SaveProtocol } from '@core/contract';
import { type OwnProtocol, type Protocol, meaningOf, protocolFor, readOwnProtocol } from '@core/measure';
import { type Db, atOnce } from '../database';
import { ProblemError, parsed, readStoredAs } from '../problem';
import { protocols, readings } from '../schema';
import { versionAfter } from '../version-after';

/** Protocols of the teacher's own. What a reading means does not change once there is one. */
export class ProtocolStore {
  private known: readonly OwnProtocol[] | null = null;

  constructor(private readonly db: Db) {}

  /** Readings that were taken out count: they may come back, and mean what they meant. */
  list(): ProtocolList {
    const taken = new Map(
      this.db
        .select({ protocol: readings.protocol, readings: sql<number>`count(*)` })
        .from(readings)
        .groupBy(readings.protocol)
        .all()
        .map((row) => [row.protocol, row.readings]),
    );
    return {
      protocols: this.rows().map(({ id, body, version }) => ({
        version,
        readings: taken.get(id) ?? 0,
        protocol: readStoredAs('This protocol', readOwnProtocol, body),
      })),
    };
  }

  /** All that can be read; one that a newer Needlework wrote is left where it lies. The same list until one changes. */
  own(): readonly OwnProtocol[] {
    this.known ??= this.rows().flatMap(({ body }) => {
      const read = readOwnProtocol(parsed(body));
      return read.ok ? [read.value] : [];
    });
    return this.known;
  }

  /** One of the teacher's own, or one that comes with Needlework; null where nobody knows it. */
  find(id: string): Protocol | null {
    return protocolFor(id, this.own());
  }

  save(id: string, { basedOn, protocol }: SaveProtocol): PersonSaved {
    if (protocol.id !== id)
      throw new ProblemError(422, 'not-valid', 'This is another protocol', 'It has a different id than the address.');
    return this.db.transaction(() => {
      const row = this.db.select().from(protocols).where(eq(protocols.id, id)).get();
      const version = versionAfter(row, basedOn, protocol, protocol.name);
      if (version === row?.version) return { version };
      if (row) this.refuseOtherMeaning(row, protocol);
      const set = { version, name: protocol.name, body: JSON.stringify(protocol) };
      this.db
        .insert(protocols)
        .values({ id, ...set })
        .onConflictDoUpdate({ target: protocols.id, set })
        .run();
      this.known = null;
      return { version };
    }, atOnce);
  }

  private refuseOtherMeaning({ id, body }: typeof protocols.$inferSelect, protocol: OwnProtocol): void {
    const before = readOwnProtocol(parsed(body));
    if (before.ok && meaningOf(before.value) === meaningOf(protocol)) return;
    const one = this.db.select({ id: readings.id }).from(readings).where(eq(readings.protocol, id)).get();
    if (!one) return;
    throw new ProblemError(
      422,
      'protocol-in-use',
      `${protocol.name} was measured already`,
      'Its readings would say something else than what was seen. Nothing was changed: put it away and make another.',
    );
  }

  private rows() {
    return this.db.select().from(protocols).orderBy(asc(protocols.name), asc(protocols.id)).all();
  }
}
