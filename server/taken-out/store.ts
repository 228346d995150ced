import { type AnyColumn, and, desc, isNotNull } from 'drizzle-orm';
import type { PageAsked, TakenOut, TakenOutEntry } from '@core/contract';
import type { Db } from '../database';
import type { Library } from '../exercises/store';
import { after, pageOf } from '../page';
import { classes, exercises, runs } from '../schema';

/** What was deleted or taken out, of every kind, so that it can be looked through and brought back. */
export class TakenOutStore {
  constructor(
    private readonly db: Db,
    private readonly library: Library,
  ) {}

  /** One page, what went last first. */
  list({ limit, after: cursor }: PageAsked): TakenOut {
    const gone = (at: AnyColumn, id: AnyColumn) => and(isNotNull(at), after(cursor, at, id));
    const outOfPlans = this.db
      .select({ id: classes.id, title: classes.title, removedAt: classes.deletedAt })
      .from(classes)
      .where(gone(classes.deletedAt, classes.id))
      .orderBy(desc(classes.deletedAt), desc(classes.id))
      .limit(limit + 1)
      .all();
    const outOfLog = this.db
      .select({ id: runs.id, title: runs.title, removedAt: runs.removedAt })
      .from(runs)
      .where(gone(runs.removedAt, runs.id))
      .orderBy(desc(runs.removedAt), desc(runs.id))
      .limit(limit + 1)
      .all();
    const outOfLibrary = this.db
      .select({ id: exercises.id, removedAt: exercises.removedAt, revision: exercises.revision })
      .from(exercises)
      .where(gone(exercises.removedAt, exercises.id))
      .orderBy(desc(exercises.removedAt), desc(exercises.id))
      .limit(limit + 1)
      .all();
    const titles = new Map(
      this.library
        .byRevision(outOfLibrary.map(({ revision }) => revision))
        .map(({ exercise }) => [exercise.id, exercise.name.plain]),
    );
    const entries = [
      ...outOfPlans.map((row) => ({ kind: 'class' as const, ...row })),
      ...outOfLog.map((row) => ({ kind: 'run' as const, ...row })),
      ...outOfLibrary.map(({ id, removedAt }) => ({
        kind: 'exercise' as const,
        id,
        title: titles.get(id) ?? id,
        removedAt,
      })),
    ].map((entry): TakenOutEntry => ({ ...entry, removedAt: entry.removedAt ?? '' }));
    const key = ({ removedAt, id }: TakenOutEntry) => `${removedAt} ${id}`;
    entries.sort((a, b) => (key(a) < key(b) ? 1 : -1));
    const { page, next } = pageOf(entries, limit, ({ removedAt, id }) => ({ at: removedAt, id }));
    return { entries: page, next };
  }
}
