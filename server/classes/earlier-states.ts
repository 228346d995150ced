import { and, desc, eq, lt } from 'drizzle-orm';
import type { ClassRevisions, PageAsked } from '@core/contract';
import { type Plan, readPlan } from '@core/plan';
import type { Db } from '../database';
import { notFound, readStoredAs } from '../problem';
import { classRevisions } from '../schema';

/** Earlier saved states kept for a class; those set aside by a clash are all kept. */
const keptSaves = 30;

/** The earlier states of a class, and those that a clash set aside. */
export class EarlierStates {
  constructor(private readonly db: Db) {}

  /** Newest first. */
  list(classId: string, { limit, after }: PageAsked): ClassRevisions {
    const below = Number(after ?? Number.MAX_SAFE_INTEGER);
    const rows = this.db
      .select()
      .from(classRevisions)
      .where(and(eq(classRevisions.classId, classId), lt(classRevisions.number, below)))
      .orderBy(desc(classRevisions.number))
      .limit(limit + 1)
      .all();
    const page = rows.slice(0, limit);
    return {
      revisions: page.map((row) => ({
        number: row.number,
        version: row.version,
        kind: row.kind,
        title: this.planOf(row.plan).title,
        savedAt: row.savedAt,
      })),
      next: rows.length > limit ? String(page.at(-1)?.number ?? 0) : null,
    };
  }

  one(classId: string, number: number): { readonly plan: Plan; readonly savedAt: string } {
    const row = this.db
      .select()
      .from(classRevisions)
      .where(and(eq(classRevisions.classId, classId), eq(classRevisions.number, number)))
      .get();
    if (!row) throw notFound('This earlier state');
    return { plan: this.planOf(row.plan), savedAt: row.savedAt };
  }

  /** @returns the number of the state that is kept */
  keep(classId: string, version: number, kind: 'saved' | 'clash', plan: Plan, savedAt: string): number {
    const { lastInsertRowid } = this.db
      .insert(classRevisions)
      .values({ classId, version, kind, plan: JSON.stringify(plan), savedAt })
      .run();
    if (kind === 'saved') this.forgetOld(classId);
    return Number(lastInsertRowid);
  }

  private planOf(body: string): Plan {
    return readStoredAs('An earlier state of this class', readPlan, body);
  }

  private forgetOld(classId: string): void {
    const saved = and(eq(classRevisions.classId, classId), eq(classRevisions.kind, 'saved'));
    const newest = this.db
      .select({ number: classRevisions.number })
      .from(classRevisions)
      .where(saved)
      .orderBy(desc(classRevisions.number))
      .limit(keptSaves)
      .all();
    const oldest = newest.at(-1);
    if (newest.length < keptSaves || !oldest) return;
    this.db
      .delete(classRevisions)
      .where(and(saved, lt(classRevisions.number, oldest.number)))
      .run();
  }
}
