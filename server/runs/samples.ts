import { and, count, desc, eq, gte, inArray, isNull, lt } from 'drizzle-orm';
import * as z from 'zod';
import type { GroupDone, GroupLoads, LearnedTimes, RunsOver } from '@core/contract';
import { Region } from '@core/exercise';
import { type Load, loadsDone, together } from '@core/load';
import { RunSample, learnTimes, leastClassesOver, sampleOf, whyOver, workDone } from '@core/log';
import type { Pace } from '@core/plan';
import { longestTaughtMs, replay } from '@core/run';
import type { FindRevision } from '@core/timeline';
import type { Db } from '../database';
import { ProblemError, parsed } from '../problem';
import { runEvents, runSamples, runs } from '../schema';
import { diskFault } from '../start-fault';
import type { RunStore } from './store';

/** The newest classes that teach: a teacher's times change over the years. */
const newest = 40;
/** Of one class, so many of the last times. */
const newestOfClass = 12;
/** Classes looked back at, at the most: four a week for a year. */
const mostBack = 208;

/** A class is compared with so many of its group's last ones. */
const comparedWith = 4;

/** What is kept of a taught class once it was read. */
interface ReadRun {
  readonly sample: RunSample;
  readonly done: DoneRun;
}

/** What a taught class asked of each foot, and the minutes of each exercise. */
export interface DoneRun {
  readonly load: Load;
  readonly work: Readonly<Record<string, number>>;
}

const EachKept = z.object({ left: z.number(), right: z.number() });
const DoneKept = z.object({
  load: z.object({ rises: EachKept, landings: EachKept, regions: z.partialRecord(Region, EachKept) }),
  /** Minutes of each exercise. */
  work: z.record(z.string(), z.number()),
});

interface Asked {
  readonly id: string;
  readonly events: number;
}

/** What taught classes teach the planner; each is read once, and again where its events are others. */
export class SampleStore {
  private known: { readonly by: string; readonly learned: LearnedTimes } | null = null;

  constructor(
    private readonly db: Db,
    private readonly runs: RunStore,
    private readonly pace: () => Pace,
  ) {}

  /** The teacher's times as the last classes have them. */
  learned(): LearnedTimes {
    const asked = this.askedOf(undefined, newest);
    const pace = this.pace();
    const by = JSON.stringify([asked, pace]);
    if (this.known?.by !== by) {
      const { groups, ...rest } = learnTimes(this.samples(asked), pace);
      this.known = { by, learned: { ...rest, groups: [...groups] } };
    }
    return this.known.learned;
  }

  /** Reads a class that has ended, so that nobody waits for it later. */
  follow(id: string): void {
    const events = this.db.select({ events: count() }).from(runEvents).where(eq(runEvents.runId, id)).get();
    this.samples([{ id, events: events?.events ?? 0 }]);
  }

  /** Why a class always runs over. */
  over(classId: string): RunsOver {
    const asked = this.askedOf(classId, newestOfClass);
    // fewer times are no always: nothing has to be read for them
    return { words: asked.length < leastClassesOver ? null : whyOver(this.samples(asked)) };
  }

  private askedOf(classId: string | undefined, most: number): Asked[] {
    const found = this.db
      .select({ id: runs.id })
      .from(runs)
      .where(and(isNull(runs.removedAt), classId === undefined ? undefined : eq(runs.classId, classId)))
      .orderBy(desc(runs.startedAt), desc(runs.id))
      .limit(most)
      .all()
      .map(({ id }) => id);
    const events = this.eventsOf(found);
    return found.map((id) => ({ id, events: events.get(id) ?? 0 }));
  }

  private samples(asked: readonly Asked[]): RunSample[] {
    const ids = asked.map(({ id }) => id);
    const kept = this.kept(ids);
    return asked.flatMap((one) => {
      const row = kept.get(one.id);
      const read = row?.events === one.events ? RunSample.safeParse(parsed(row.sample)) : null;
      return read?.success ? [read.data] : (this.read(one)?.sample ?? []);
    });
  }

  /** What was done in taught classes, by their ids. */
  doneIn(ids: readonly string[]): Map<string, DoneRun> {
    const kept = this.kept(ids);
    const events = this.eventsOf(ids);
    return new Map(
      ids.flatMap((id): [string, DoneRun][] => {
        const asked = { id, events: events.get(id) ?? 0 };
        const row = kept.get(id);
        const read = row?.events === asked.events && row.done !== null ? DoneKept.safeParse(parsed(row.done)) : null;
        const done = read?.success ? read.data : this.read(asked)?.done;
        return done ? [[id, done]] : [];
      }),
    );
  }

  /** Taught classes of a group from one instant to another, with what was done in them; oldest first, no more than `mostBack`. */
  taughtTo(groupId: string, from: string, to: string): GroupDone {
    const rows = this.db
      .select({ id: runs.id, startedAt: runs.startedAt, title: runs.title })
      .from(runs)
      .where(and(eq(runs.groupId, groupId), isNull(runs.removedAt), gte(runs.startedAt, from), lt(runs.startedAt, to)))
      .orderBy(desc(runs.startedAt), desc(runs.id))
      .limit(mostBack)
      .all();
    const done = this.doneIn(rows.map(({ id }) => id));
    return {
      taught: rows.reverse().map(({ id, startedAt, title }) => ({
        runId: id,
        startedAt,
        title,
        work: { ...(done.get(id)?.work ?? {}) },
      })),
    };
  }

  /** What the last classes of a group asked of the feet, as they were taught; the newest first. */
  lastLoads(groupId: string): GroupLoads {
    const rows = this.db
      .select({ id: runs.id, classId: runs.classId, startedAt: runs.startedAt, title: runs.title })
      .from(runs)
      .where(and(eq(runs.groupId, groupId), isNull(runs.removedAt)))
      .orderBy(desc(runs.startedAt), desc(runs.id))
      .limit(comparedWith)
      .all();
    const done = this.doneIn(rows.map(({ id }) => id));
    return {
      taught: rows.flatMap(({ id, ...row }) => {
        const load = done.get(id)?.load;
        return load ? [{ runId: id, ...row, load }] : [];
      }),
    };
  }

  private kept(ids: readonly string[]): Map<string, typeof runSamples.$inferSelect> {
    const rows = this.db
      .select()
      .from(runSamples)
      .where(inArray(runSamples.runId, [...ids]))
      .all();
    return new Map(rows.map((row) => [row.runId, row]));
  }

  private eventsOf(ids: readonly string[]): Map<string, number> {
    const counted = this.db
      .select({ id: runEvents.runId, events: count() })
      .from(runEvents)
      .where(inArray(runEvents.runId, [...ids]))
      .groupBy(runEvents.runId)
      .all();
    return new Map(counted.map((row) => [row.id, row.events]));
  }

  /** For the next time; where the disk takes nothing it is read again then, and what was asked for is answered all the same. */
  private keep(runId: string, events: number, { sample, done }: ReadRun): void {
    const set = { events, sample: JSON.stringify(sample), done: JSON.stringify(done) };
    try {
      this.db
        .insert(runSamples)
        .values({ runId, ...set })
        .onConflictDoUpdate({ target: runSamples.runId, set })
        .run();
    } catch (error) {
      if (!diskFault(error)) throw error;
    }
  }

  /** One that an earlier application wrote and nobody can read now teaches nothing. */
  private read({ id, events }: Asked): ReadRun | null {
    try {
      const run = this.runs.read(id);
      const known = new Map(run.revisions.map(({ revision, exercise }) => [revision, exercise] as const));
      const find: FindRevision = (revision) => known.get(revision) ?? null;
      const last = run.events.at(-1)?.atMs ?? 0;
      const ended = run.events.some(({ event }) => event.kind === 'ended');
      const state = replay(run.plan, run.events, ended ? last : last + longestTaughtMs, find);
      const found = {
        sample: sampleOf(state),
        done: { load: together(loadsDone(state)), work: workDone(state) },
      };
      this.keep(id, events, found);
      return found;
    } catch (error) {
      if (error instanceof ProblemError) return null;
      throw error;
    }
  }
}
