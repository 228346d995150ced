import { and, asc, count, desc, eq, isNull, lt } from 'drizzle-orm';
import type { GroupAnswer, GroupTaught, ListAsked, RunList, RunRead, RunRemarks, StartRun } from '@core/contract';
import { HelpAnswer } from '@core/measure';
import { type Plan, itemsOf, readPlan, revisionsOf } from '@core/plan';
import { type RunEvent, answersIn, readRun, revisionsTaught } from '@core/run';
import { buildTimeline } from '@core/timeline';
import { contentOf } from '../content';
import { type Db, atOnce } from '../database';
import type { Library } from '../exercises/store';
import { after, pageOf, worded } from '../page';
import { ProblemError, notFound, parsed, readStoredAs } from '../problem';
import { runAnswers, runEvents, runExercises, runs } from '../schema';
import { TimedLater } from '../timed-later';
import { refuseTooMuch } from '../too-much';

/** The format in which plans and events are written down here; what older ones hold is brought up when it is read. */
const format = 1;

const summaryColumns = {
  id: runs.id,
  classId: runs.classId,
  title: runs.title,
  startedAt: runs.startedAt,
  plannedMs: runs.plannedMs,
  headcount: runs.headcount,
  note: runs.note,
};

/** The log: classes as they were taught. Runs begin on a device and reach the server when they can. */
export class RunStore {
  constructor(
    private readonly db: Db,
    private readonly library: Library,
    private readonly now: () => string,
    private readonly later: TimedLater = new TimedLater(db, library),
  ) {}

  /** Begins a run. The same run sent again changes nothing. */
  start(id: string, { classId, version, plan, startedAt }: StartRun): void {
    const find = this.library.finder(revisionsOf(plan));
    refuseTooMuch(plan, find);
    const timeline = buildTimeline({ plan, find });
    this.db.transaction(() => {
      const { changes } = this.db
        .insert(runs)
        .values({
          id,
          classId,
          version,
          plan: JSON.stringify(plan),
          title: plan.title,
          plannedMs: timeline.totalMs,
          startedAt,
          note: '',
          format,
          groupId: plan.brief.groupId,
        })
        .onConflictDoNothing()
        .run();
      if (changes === 0) this.refuseOther(id, { classId, plan, startedAt });
      const exercises = [...new Set(itemsOf(plan).map((item) => item.exerciseId))];
      if (changes > 0 && exercises.length > 0)
        this.db
          .insert(runExercises)
          .values(exercises.map((exerciseId) => ({ runId: id, exerciseId })))
          .run();
    }, atOnce);
  }

  /** Takes events; those it has already are passed over. A number that says something else now is refused, and all with it. */
  add(id: string, events: readonly RunEvent[]): void {
    const { format: stored, plan } = this.row(id);
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
    this.db.transaction(() => {
      const { changes } = this.db.insert(runEvents).values(rows).onConflictDoNothing().run();
      // one that was written in older words cannot be compared with today's
      if (changes < rows.length && stored === format) rows.forEach((row) => this.refuseOtherEvent(row));
      if (changes > 0 && events.some(({ event }) => ['answered', 'tallied', 'undone', 'adapted'].includes(event.kind)))
        this.followAnswers(id, plan);
      if (changes > 0 && events.some(({ event }) => event.kind === 'adapted')) this.followExercises(id, plan);
    }, atOnce);
  }

  remark(id: string, remarks: RunRemarks): void {
    this.row(id);
    this.db.update(runs).set(remarks).where(eq(runs.id, id)).run();
  }

  /** Out of the log; it is kept, and can be put back. What still comes in for it is kept too. */
  remove(id: string): void {
    this.row(id);
    this.db.update(runs).set({ removedAt: this.now() }).where(eq(runs.id, id)).run();
  }

  restore(id: string): void {
    this.row(id);
    this.db.update(runs).set({ removedAt: null }).where(eq(runs.id, id)).run();
  }

  /** One page, newest first. */
  list(asked: ListAsked): RunList {
    const rows = this.db
      .select(summaryColumns)
      .from(runs)
      .where(
        and(
          isNull(runs.removedAt),
          asked.before === undefined ? undefined : lt(runs.startedAt, asked.before),
          after(asked.after, runs.startedAt, runs.id),
          worded(asked.words, runs.title),
        ),
      )
      .orderBy(desc(runs.startedAt), desc(runs.id))
      .limit(asked.limit + 1)
      .all();
    const { page, next } = pageOf(rows, asked.limit, (row) => ({ at: row.startedAt, id: row.id }));
    return { runs: page.map((row) => (row.plannedMs < 0 ? this.timed(row) : row)), next };
  }

  /** One that came in without its times. */
  private timed<T extends { readonly id: string }>(row: T): T & { readonly plannedMs: number } {
    this.later.runs([row.id]);
    return { ...row, plannedMs: this.row(row.id).plannedMs };
  }

  read(id: string): RunRead {
    const row = this.row(id);
    if (row.removedAt !== null) throw notFound('This taught class');
    const stored = { format: row.format, plan: parsed(row.plan), events: this.events(id) };
    const run = readStoredAs('This taught class', readRun, JSON.stringify(stored));
    const { classId, version, startedAt, headcount, note } = row;
    return {
      id,
      classId,
      version,
      startedAt,
      headcount,
      note,
      plan: run.plan,
      events: run.events,
      revisions: this.library.byRevision(revisionsTaught(run.plan, run.events)),
    };
  }

  /** An exercise that was put in while the class was taught was taught with it. */
  private followExercises(id: string, stored: string): void {
    const read = this.readEvents(id, stored);
    if (!read) return;
    const taught = revisionsTaught(read.plan, read.events);
    const exercises = new Set(this.library.byRevision(taught).map(({ exercise }) => exercise.id));
    if (exercises.size === 0) return;
    this.db
      .insert(runExercises)
      .values([...exercises].map((exerciseId) => ({ runId: id, exerciseId })))
      .onConflictDoNothing()
      .run();
  }

  /** The plan and all events of a run; null where an earlier application wrote what cannot be read now. */
  private readEvents(id: string, stored: string): { readonly plan: Plan; readonly events: readonly RunEvent[] } | null {
    const plan = readPlan(parsed(stored));
    if (!plan.ok) return null;
    const read = readRun({ format, plan: plan.value, events: this.events(id) });
    return read.ok ? { plan: plan.value, events: read.value.events } : null;
  }

  /** What is answered is written down by exercise, so that a group's answers are found without reading its classes. */
  private followAnswers(id: string, stored: string): void {
    const read = this.readEvents(id, stored);
    if (!read) return;
    const rows = answersIn(read.plan, read.events).map((answer) => ({ runId: id, ...answer }));
    this.db.delete(runAnswers).where(eq(runAnswers.runId, id)).run();
    if (rows.length > 0) this.db.insert(runAnswers).values(rows).run();
  }

  private events(id: string) {
    return this.db
      .select()
      .from(runEvents)
      .where(eq(runEvents.runId, id))
      .orderBy(asc(runEvents.atMs), asc(runEvents.seq))
      .all()
      .map((row) => ({ ...row, event: parsed(row.event) }));
  }

  /** What a group answered to looks again, newest class first, each in the order of its class. */
  answersOf(groupId: string): GroupAnswer[] {
    return this.db
      .select({ exerciseId: runAnswers.exerciseId, answer: runAnswers.answer, at: runs.startedAt })
      .from(runs)
      .innerJoin(runAnswers, eq(runAnswers.runId, runs.id))
      .where(and(eq(runs.groupId, groupId), isNull(runs.removedAt)))
      .orderBy(desc(runs.startedAt), asc(runAnswers.place))
      .all()
      .flatMap(({ answer, ...row }) => {
        const read = HelpAnswer.safeParse(answer);
        return read.success ? [{ ...row, answer: read.data }] : [];
      });
  }

  /** What a group was taught: how often each exercise, counted by the log, and the class that was last. */
  taughtTo(groupId: string): GroupTaught {
    const ofGroup = and(eq(runs.groupId, groupId), isNull(runs.removedAt));
    const counted = this.db
      .select({ exerciseId: runExercises.exerciseId, times: count() })
      .from(runs)
      .innerJoin(runExercises, eq(runExercises.runId, runs.id))
      .where(ofGroup)
      .groupBy(runExercises.exerciseId)
      .all();
    const row = this.db
      .select({ plan: runs.plan, startedAt: runs.startedAt })
      .from(runs)
      .where(ofGroup)
      .orderBy(desc(runs.startedAt), desc(runs.id))
      .get();
    const plan = row ? readPlan(parsed(row.plan)) : null;
    return {
      times: Object.fromEntries(counted.map(({ exerciseId, times }) => [exerciseId, times])),
      last:
        row && plan?.ok
          ? {
              title: plan.value.title,
              startedAt: row.startedAt,
              lead: plan.value.lead,
              items: itemsOf(plan.value).map(({ exerciseId, rungId }) => ({ exerciseId, rungId })),
            }
          : null,
    };
  }

  private refuseOther(
    id: string,
    { classId, plan, startedAt }: Pick<StartRun, 'classId' | 'plan' | 'startedAt'>,
  ): void {
    const row = this.row(id);
    const before = readPlan(parsed(row.plan));
    const same = before.ok && contentOf(before.value) === contentOf(plan);
    if (same && row.classId === classId && row.startedAt === startedAt) return;
    throw new ProblemError(
      409,
      'run-id-reused',
      'This taught class is in the log already',
      'It was begun with another plan or at another time. Nothing was changed.',
    );
  }

  private refuseOtherEvent({ runId, deviceId, seq, atMs, event }: typeof runEvents.$inferInsert): void {
    const number = and(eq(runEvents.runId, runId), eq(runEvents.deviceId, deviceId), eq(runEvents.seq, seq));
    const row = this.db.select().from(runEvents).where(number).get();
    if (row?.atMs === atMs && contentOf(parsed(row.event)) === contentOf(parsed(event))) return;
    throw new ProblemError(
      409,
      'event-number-reused',
      'Something else has this number already',
      'Another page may teach the same class as the same device. Nothing was added.',
    );
  }

  private row(id: string): typeof runs.$inferSelect {
    const row = this.db.select().from(runs).where(eq(runs.id, id)).get();
    if (!row) throw notFound('This taught class');
    return row;
  }
}
