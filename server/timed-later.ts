import { and, eq, inArray, lt } from 'drizzle-orm';
import { type Plan, readPlan, revisionsOf } from '@core/plan';
import { type Timeline, buildTimeline, outlineOf } from '@core/timeline';
import type { Db } from './database';
import type { Library } from './exercises/store';
import { parsed } from './problem';
import { classes, runs } from './schema';

/** What stands in the place of times that nobody has asked for yet: ten years of classes come in within seconds. */
export const notTimedYet = { plannedMs: -1, outline: '[]' } as const;

/** Works out the times of classes that came in without, when somebody looks at them; and writes them down. */
export class TimedLater {
  constructor(
    private readonly db: Db,
    private readonly library: Library,
  ) {}

  classes(ids: readonly string[]): void {
    if (ids.length === 0) return;
    const rows = this.db
      .select({ id: classes.id, plan: classes.plan })
      .from(classes)
      .where(and(inArray(classes.id, [...ids]), lt(classes.plannedMs, 0)))
      .all();
    for (const { id, plan } of rows) {
      const timeline = this.timelineOf(plan);
      const set = { plannedMs: timeline?.totalMs ?? 0, outline: timeline ? JSON.stringify(outlineOf(timeline)) : '[]' };
      this.db.update(classes).set(set).where(eq(classes.id, id)).run();
    }
  }

  runs(ids: readonly string[]): void {
    if (ids.length === 0) return;
    const rows = this.db
      .select({ id: runs.id, plan: runs.plan })
      .from(runs)
      .where(and(inArray(runs.id, [...ids]), lt(runs.plannedMs, 0)))
      .all();
    for (const { id, plan } of rows)
      this.db
        .update(runs)
        .set({ plannedMs: this.timelineOf(plan)?.totalMs ?? 0 })
        .where(eq(runs.id, id))
        .run();
  }

  private timelineOf(stored: string): Timeline | null {
    const read = readPlan(parsed(stored));
    return read.ok ? timed(read.value, this.library) : null;
  }
}

function timed(plan: Plan, library: Library): Timeline {
  return buildTimeline({ plan, find: library.finder(revisionsOf(plan)) });
}
