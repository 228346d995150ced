import { and, desc, eq, inArray, lt } from 'drizzle-orm';
import type { ClassRevisions, PageAsked } from '@core/contract';
import { mayGo } from '@core/keep-states';
import { type Plan, differencesOf, readPlan, revisionsOf } from '@core/plan';
import type { Db } from '../database';
import type { Library } from '../exercises/store';
import { notFound, parsed, readStoredAs } from '../problem';
import { classRevisions } from '../schema';

type Row = typeof classRevisions.$inferSelect;
/** A list that says what differs reads whole classes, so it comes in smaller pages. */
const mostAtOnce = 20;

/** The earlier states of a class, and those that a clash set aside; they thin out with age. */
export class EarlierStates {
  constructor(
    private readonly db: Db,
    private readonly library: Library,
  ) {}

  /** Newest first, each with what it has otherwise than the saved state before it. */
  list(classId: string, { limit, after }: PageAsked): ClassRevisions {
    const below = Number(after ?? Number.MAX_SAFE_INTEGER);
    const most = Math.min(limit, mostAtOnce);
    const rows = this.db
      .select()
      .from(classRevisions)
      .where(and(eq(classRevisions.classId, classId), lt(classRevisions.number, below)))
      .orderBy(desc(classRevisions.number))
      .limit(most + 1)
      .all();
    const plans = new Map(rows.map((row) => [row.number, readable(row)]));
    return {
      revisions: rows.slice(0, most).map((row, i) => {
        const plan = plans.get(row.number) ?? null;
        const before = rows.slice(i + 1).find(({ kind }) => kind === 'saved');
        return {
          number: row.number,
          version: row.version,
          kind: row.kind,
          title: plan?.title ?? 'A state that cannot be read here',
          savedAt: row.savedAt,
          differs: this.differences(before ? (plans.get(before.number) ?? null) : null, plan),
        };
      }),
      next: rows.length > most ? String(rows[most - 1]?.number ?? 0) : null,
    };
  }

  one(classId: string, number: number): { readonly plan: Plan; readonly savedAt: string } {
    const row = this.db
      .select()
      .from(classRevisions)
      .where(and(eq(classRevisions.classId, classId), eq(classRevisions.number, number)))
      .get();
    if (!row) throw notFound('This earlier state');
    return { plan: readStoredAs('An earlier state of this class', readPlan, row.plan), savedAt: row.savedAt };
  }

  /** @returns the number of the state that is kept */
  keep(classId: string, version: number, kind: Row['kind'], plan: Plan, savedAt: string): number {
    const { lastInsertRowid } = this.db
      .insert(classRevisions)
      .values({ classId, version, kind, plan: JSON.stringify(plan), savedAt })
      .run();
    this.thinOut(classId, kind, Date.parse(savedAt));
    return Number(lastInsertRowid);
  }

  private differences(before: Plan | null, after: Plan | null): string[] {
    if (!before || !after) return [];
    const find = this.library.finder([...new Set([...revisionsOf(before), ...revisionsOf(after)])]);
    return differencesOf(before, after, find);
  }

  private thinOut(classId: string, kind: Row['kind'], nowMs: number): void {
    const states = this.db
      .select({ number: classRevisions.number, savedAt: classRevisions.savedAt })
      .from(classRevisions)
      .where(and(eq(classRevisions.classId, classId), eq(classRevisions.kind, kind)))
      .all();
    const gone = mayGo(
      states.map(({ number, savedAt }) => ({ number, atMs: Date.parse(savedAt) })),
      nowMs,
    );
    if (gone.length > 0) this.db.delete(classRevisions).where(inArray(classRevisions.number, gone)).run();
  }
}

/** Null where a state was written by a newer Needlework, or is cut off: the list goes on without it. */
function readable({ plan }: Row): Plan | null {
  const read = readPlan(parsed(plan));
  return read.ok ? read.value : null;
}
