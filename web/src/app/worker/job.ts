import { type ComposeRequest, type Composed, compose } from '@core/compose';
import {
  type ComposedCourse,
  type CourseRequest,
  type CuresAsked,
  type LoadCure,
  composeCourse,
  loadCure,
} from '@core/course';
import { type Fit, fit } from '@core/fit';
import { type TimedTone, wavOf } from '@core/format';
import type { Exercise } from '@core/exercise';
import { type SwayFigures, type SwayRecord, swayFigures } from '@core/device/sway';
import { type DoorPlan, type DoorSight, atTheDoor } from '@core/door';
import type { Steep } from '@core/load';
import type { Plan } from '@core/plan';
import { type FewerHandlings, type TooFew, fewerHandlings, tooFew } from '@core/cupboard';
import type { KitId } from '@core/kit';
import { type Reordered, reorder } from '@core/sequence';
import { buildTimeline } from '@core/timeline';

/** Fits a class to its slot. Everything in a job can be copied from thread to thread. */
export interface FitJob {
  readonly kind: 'fit';
  readonly plan: Plan;
  readonly exercises: readonly (readonly [revision: string, exercise: Exercise])[];
  readonly only: readonly string[] | null;
  readonly targetMs: number | null;
  readonly dropUpTo: number;
}

/** Figures of standing still, from a long record. */
export interface SwayJob {
  readonly kind: 'sway';
  readonly record: SwayRecord;
}

/** Makes a class fit the room it meets. */
export interface DoorJob {
  readonly kind: 'door';
  readonly plan: Plan;
  readonly sight: DoorSight;
  /** Every exercise of the class, and what may come in the place of one. */
  readonly exercises: readonly (readonly [revision: string, exercise: Exercise])[];
  readonly library: readonly string[];
  /** What the ids of new items begin with. */
  readonly seed: string;
}

/** The best order of a block, or of each block in turn. */
export interface ReorderJob {
  readonly kind: 'reorder';
  readonly plan: Plan;
  readonly exercises: readonly (readonly [revision: string, exercise: Exercise])[];
  readonly blockId: string | null;
  readonly softSeconds: number;
}

/** Classes from a brief. */
export interface ComposeJob {
  readonly kind: 'compose';
  readonly asked: ComposeRequest;
}

/** The classes of a course. */
export interface CourseJob {
  readonly kind: 'course';
  readonly asked: CourseRequest;
}

/** The smallest changes that take steep weeks down. */
export interface CuresJob {
  readonly kind: 'cures';
  readonly steep: readonly Steep[];
  readonly asked: Omit<CuresAsked, 'find' | 'nameOf' | 'sheets'>;
  readonly sheets: readonly (Omit<CuresAsked['sheets'][number], 'asked'> & {
    readonly asked: Omit<CuresAsked['sheets'][number]['asked'], 'find'>;
  })[];
  readonly exercises: readonly (readonly [revision: string, exercise: Exercise])[];
  readonly words: 'plain' | 'anatomical';
}

/** The tones of a class as a sound file. */
export interface WavJob {
  readonly kind: 'wav';
  readonly tones: readonly TimedTone[];
  readonly totalMs: number;
}

/** What becomes of a class with so few pieces, and a way through its band work with less handling. */
export interface CupboardJob {
  readonly kind: 'cupboard';
  readonly plan: Plan;
  readonly exercises: readonly (readonly [revision: string, exercise: Exercise])[];
}

/** What the cupboard has too few of, and what could be done about the bands. */
export interface CupboardAnswer {
  readonly short: readonly TooFew[];
  readonly bands: FewerHandlings | null;
}

/** What the one worker can be asked to do, and what comes of it. A new job is a line here and one in `works`. */
interface Jobs {
  readonly sway: { readonly job: SwayJob; readonly result: SwayFigures | null };
  readonly fit: { readonly job: FitJob; readonly result: Fit };
  readonly wav: { readonly job: WavJob; readonly result: Uint8Array };
  readonly compose: { readonly job: ComposeJob; readonly result: Composed };
  readonly course: { readonly job: CourseJob; readonly result: ComposedCourse };
  readonly cures: { readonly job: CuresJob; readonly result: readonly (LoadCure | null)[] };
  readonly reorder: { readonly job: ReorderJob; readonly result: Reordered };
  readonly door: { readonly job: DoorJob; readonly result: DoorPlan };
  readonly cupboard: { readonly job: CupboardJob; readonly result: CupboardAnswer };
}
export type Job = Jobs[keyof Jobs]['job'];
export type ResultOf<J extends Job> = Jobs[J['kind']]['result'];
/** How far a job is, 0 to 1. */
interface Step {
  readonly done: number;
}
type Work<R> = Generator<Step, R>;

/** The work of each job, as a generator that can be left between any two steps. */
const works: { readonly [K in keyof Jobs]: (job: Jobs[K]['job']) => Work<Jobs[K]['result']> } = {
  // one pass over the record: there is nothing to leave it at

  *sway({ record }) {
    return swayFigures(record);
  },
  wav: ({ tones, totalMs }) => wavOf(tones, totalMs),
  compose: ({ asked }) => compose(asked),
  course: ({ asked }) => composeCourse(asked),
  *cures({ steep, asked, sheets, exercises, words }) {
    const known = new Map(exercises);
    const find = (revision: string) => known.get(revision) ?? null;
    const names = new Map(exercises.map(([, { id, name }]) => [id, name[words]]));
    const full: CuresAsked = {
      ...asked,
      sheets: sheets.map((sheet) => ({ ...sheet, asked: { ...sheet.asked, find } })),
      find,
      nameOf: (id) => names.get(id) ?? id,
    };
    const cures: (LoadCure | null)[] = [];
    for (const one of steep) {
      cures.push(loadCure(one, full));
      yield { done: cures.length / steep.length };
    }
    return cures;
  },
  reorder: ({ plan, exercises, blockId, softSeconds }) => {
    const known = new Map(exercises);
    return reorder({ plan, find: (revision) => known.get(revision) ?? null, blockId, softSeconds });
  },
  door: ({ plan, sight, exercises, library, seed }) => {
    const known = new Map(exercises);
    let made = 0;
    return atTheDoor({
      plan,
      sight,
      find: (revision) => known.get(revision) ?? null,
      library: library.flatMap((revision) => {
        const exercise = known.get(revision);
        return exercise ? [{ revision, exercise }] : [];
      }),
      nextId: () => `${seed}-${++made}`,
    });
  },
  *cupboard({ plan, exercises }) {
    const known = new Map(exercises);
    const find = (revision: string) => known.get(revision) ?? null;
    const timeline = buildTimeline({ plan, find });
    const short: TooFew[] = [];
    for (const [kit, has] of Object.entries(plan.brief.cupboard) as [KitId, number][]) {
      const found = tooFew(plan, timeline, kit, has, find);
      if (found) short.push(found);
      yield { done: 0.2 };
    }
    return { short, bands: yield* fewerHandlings(plan, find) };
  },
  fit: (job) => {
    const known = new Map(job.exercises);
    return fit({
      plan: job.plan,
      find: (revision) => known.get(revision) ?? null,
      only: job.only === null ? null : new Set(job.only),
      ...(job.targetMs === null ? {} : { targetMs: job.targetMs }),
      dropUpTo: job.dropUpTo,
    });
  },
};

function workOf(job: Job): Work<ResultOf<Job>> {
  switch (job.kind) {
    case 'fit':
      return works.fit(job);
    case 'door':
      return works.door(job);
    case 'compose':
      return works.compose(job);
    case 'course':
      return works.course(job);
    case 'cures':
      return works.cures(job);
    case 'reorder':
      return works.reorder(job);
    case 'wav':
      return works.wav(job);
    case 'sway':
      return works.sway(job);
    case 'cupboard':
      return works.cupboard(job);
  }
}

export type ToWorker =
  { readonly kind: 'start'; readonly id: number; readonly job: Job } | { readonly kind: 'cancel'; readonly id: number };
export type FromWorker =
  | { readonly kind: 'progress'; readonly id: number; readonly done: number }
  | { readonly kind: 'result'; readonly id: number; readonly result: ResultOf<Job> }
  | { readonly kind: 'failed'; readonly id: number; readonly words: string };

/** How long the worker works before it listens, ms. */
const slice = 15;

/**
 * Pumps jobs in slices, so that a cancel is heard in between.
 * @param post what goes back to the page
 * @param later lets waiting messages in, then goes on
 * @param now a monotonic clock, ms
 */
export class Pump {
  private readonly cancelled = new Set<number>();

  constructor(
    private readonly post: (message: FromWorker) => void,
    private readonly later: (goOn: () => void) => void,
    private readonly now: () => number,
  ) {}

  hear(message: ToWorker): void {
    if (message.kind === 'cancel') {
      this.cancelled.add(message.id);
      return;
    }
    const { id, job } = message;
    try {
      this.go(id, workOf(job));
    } catch (error) {
      this.fail(id, error);
    }
  }

  private go(id: number, work: Work<ResultOf<Job>>): void {
    if (this.cancelled.delete(id)) {
      work.return(undefined as never);
      return;
    }
    try {
      const until = this.now() + slice;
      for (;;) {
        const next = work.next();
        if (next.done) {
          this.post({ kind: 'result', id, result: next.value });
          return;
        }
        if (this.now() >= until) {
          this.post({ kind: 'progress', id, done: next.value.done });
          this.later(() => this.go(id, work));
          return;
        }
      }
    } catch (error) {
      this.fail(id, error);
    }
  }

  private fail(id: number, error: unknown): void {
    this.post({ kind: 'failed', id, words: error instanceof Error ? error.message : String(error) });
  }
}
