import { asc, desc, eq } from 'drizzle-orm';
import type { RunRead, RunRemarks, RunSummary, StartRun } from '@core/contract';
import { type Plan, revisionsOf } from '@core/plan';
import type { RunAction, RunEvent } from '@core/run';
import { buildTimeline } from '@core/timeline';
import type { Db } from './database';
import type { Library } from './library';
import { ProblemError, notFound } from './problem';
import { runEvents, runs } from './schema';

/** The log: classes as they were taught. Runs begin on a device and reach the server when they can. */
export class RunStore {
  constructor(
    private readonly db: Db,
    private readonly library: Library,
  ) {}

  /** Begins a run. The same run sent again changes nothing. */
  start(id: string, start: StartRun): void {
    const known = new Map(this.library.byRevision(revisionsOf(start.plan)).map((r) => [r.revision, r.exercise]));
    const timeline = buildTimeline({ plan: start.plan, find: (revision) => known.get(revision) ?? null });
    this.db
      .insert(runs)
      .values({
        id,
        classId: start.classId,
        version: start.version,
        plan: JSON.stringify(start.plan),
        title: start.plan.title,
        plannedMs: timeline.totalMs,
        startedAt: start.startedAt,
        note: '',
      })
      .onConflictDoNothing()
      .run();
  }

  /** Takes events; those it has already are passed over. */
  add(id: string, events: readonly RunEvent[]): void {
    this.row(id);
    const stranger = events.find((e) => e.runId !== id);
    if (stranger)
      throw new ProblemError(
        422,
        'not-valid',
        'An event of another class',
        'It belongs to a different run; nothing was added.',
      );
    const rows = events.map((e) => ({
      runId: id,
      deviceId: e.deviceId,
      seq: e.seq,
      atMs: e.atMs,
      event: JSON.stringify(e.event),
    }));
    this.db.insert(runEvents).values(rows).onConflictDoNothing().run();
  }

  remark(id: string, remarks: RunRemarks): void {
    this.row(id);
    this.db.update(runs).set(remarks).where(eq(runs.id, id)).run();
  }

  list(): RunSummary[] {
    const rows = this.db.select().from(runs).orderBy(desc(runs.startedAt)).limit(500).all();
    return rows.map(({ id, classId, title, startedAt, plannedMs, headcount, note }) => ({
      id,
      classId,
      title,
      startedAt,
      plannedMs,
      headcount,
      note,
    }));
  }

  read(id: string): RunRead {
    const { classId, version, plan: body, startedAt, headcount, note } = this.row(id);
    const plan = JSON.parse(body) as Plan;
    const events = this.db
      .select()
      .from(runEvents)
      .where(eq(runEvents.runId, id))
      .orderBy(asc(runEvents.atMs), asc(runEvents.seq))
      .all();
    return {
      id,
      classId,
      version,
      plan,
      startedAt,
      headcount,
      note,
      events: events.map((e) => ({
        runId: id,
        deviceId: e.deviceId,
        seq: e.seq,
        atMs: e.atMs,
        event: JSON.parse(e.event) as RunAction,
      })),
      revisions: this.library.byRevision(revisionsOf(plan)),
    };
  }

  private row(id: string): typeof runs.$inferSelect {
    const row = this.db.select().from(runs).where(eq(runs.id, id)).get();
    if (!row) throw notFound('This taught class');
    return row;
  }
}
