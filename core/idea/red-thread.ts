import type { Execution, Fault, Phase } from '../exercise';
import { type Plan, findItem } from '../plan';
import type { ItemTime, Timeline } from '../timeline';
import type { Idea } from './ideas';
import { meaningOf } from './meaning';

/** What an exercise does with an idea: carries it, asks the opposite on purpose, or is about something else. */
export type Part = 'carries' | 'opposes' | 'silent';

/** What an exercise does with the idea of its class, and in which phases. */
export interface PartOf {
  readonly part: Part;
  readonly phases: readonly string[];
}

/**
 * An exercise that does both is judged by the longer: a piano that presses and lifts in turn carries the pressing where it
 * presses at least as long.
 */
export function partOf(execution: Execution, idea: Idea): PartOf {
  const seconds = (list: readonly Phase[]) => list.reduce((sum, phase) => sum + phase.seconds, 0);
  const opposing = execution.phases.filter((phase) => idea.opposes(phase, execution));
  const carrying = execution.phases.filter((phase) => idea.carries({ ...execution, phases: [phase] }));
  const carries = idea.carries(execution);
  const opposes = opposing.length > 0 && (!carries || seconds(opposing) > seconds(carrying));
  if (opposes) return { part: 'opposes', phases: opposing.map(({ name }) => name) };
  return carries ? { part: 'carries', phases: carrying.map(({ name }) => name) } : { part: 'silent', phases: [] };
}

/** One exercise on the thread. */
export interface ThreadItem extends PartOf {
  readonly itemId: string;
  /** What bridges to it where it asks the opposite; empty else. */
  readonly bridge: string;
  /** Its own fault that is about the idea: watched first. Null where none is, or it does not carry it. */
  readonly watch: Fault | null;
  /** What is said for the idea in it: of that fault, else the idea's own; empty where it does not carry it. */
  readonly correction: string;
  /** Which of the idea's pictures returns with it; empty where none does. */
  readonly picture: string;
  /** What is asked with it: the closing look asks about the idea. Empty else. */
  readonly question: string;
}

/** A stretch of the class between two exercises that carry the idea in which nothing does. Ms. */
export interface ThreadBreak {
  readonly startMs: number;
  readonly endMs: number;
  readonly itemIds: readonly string[];
}

/** One idea through a class. */
export interface RedThread {
  readonly idea: Idea;
  readonly items: readonly ThreadItem[];
  /** Class time of work that carries it, and of all work that trains something: looks and rest are not counted. Ms. */
  readonly carriedMs: number;
  readonly workMs: number;
  readonly breaks: readonly ThreadBreak[];
  /** How it holds the class together: about half asks the opposite; too little carries it; or it holds. */
  readonly holds: 'half against' | 'thin' | 'holds';
}

const elsewhere: PartOf = { part: 'silent', phases: [] };

/** Looks, releases and rests are not expected to carry an idea. */
const trains = ({ execution }: ItemTime): boolean =>
  execution !== null && !['check', 'release', 'close'].includes(execution.exercise.family);

/** A thread breaks where the idea is away for so long, ms (Needlework's own). */
const breakMs = 120_000;

/** The one idea of a class followed through it; null where it has none that can be followed. */
export function redThread(plan: Plan, { items }: Pick<Timeline, 'items'>): RedThread | null {
  const idea = meaningOf(plan.brief);
  if (!idea) return null;
  const order = items
    .filter(({ visits }) => visits.length > 0)
    .sort((a, b) => a.startMs - b.startMs)
    .flatMap((item) => (item.execution ? [{ ...item, execution: item.execution }] : []));
  const parts = order.map((item) => (trains(item) ? partOf(item.execution, idea) : elsewhere));
  const carrying = order.filter((_, i) => parts[i]?.part === 'carries');
  const closing = order.findLast(({ itemId }) => findItem(plan, itemId)?.item.recheck?.of === null);
  const working = order.filter(trains);
  const lasting = (list: readonly ItemTime[]) => list.reduce((ms, { workMs: own }) => ms + own, 0);
  const workMs = lasting(working);
  const carriedMs = lasting(working.filter(({ itemId }) => carrying.some((item) => item.itemId === itemId)));
  return {
    idea,
    items: order.map(({ itemId, execution }, i): ThreadItem => {
      const { part, phases } = parts[i] ?? elsewhere;
      const at = carrying.findIndex((item) => item.itemId === itemId);
      const watch = part === 'carries' ? (execution.faults.find((fault) => idea.speaksOf(fault)) ?? null) : null;
      return {
        itemId,
        part,
        phases,
        bridge: part === 'opposes' ? idea.bridge : '',
        watch,
        correction: part === 'carries' ? (watch ?? idea.watch).say : '',
        picture: pictureAt(idea, at, carrying.length),
        question: itemId === closing?.itemId ? idea.question : '',
      };
    }),
    carriedMs,
    workMs,
    breaks: breaksIn(order, carrying),
    holds: holdsIn(parts, carriedMs, workMs),
  };
}

/** Under so much of the work an idea is thin; about seven tenths is what holds a class together (common practice). */
const thin = 0.5;

function holdsIn(parts: readonly PartOf[], carriedMs: number, workMs: number): RedThread['holds'] {
  const count = (part: Part) => parts.filter((one) => one.part === part).length;
  if (count('opposes') > 0 && count('opposes') >= count('carries')) return 'half against';
  return carriedMs < thin * workMs ? 'thin' : 'holds';
}

/** The pictures lie at the first, the middle and the last exercise that carry the idea: it returns, changed. */
function pictureAt({ pictures }: Idea, at: number, count: number): string {
  const [first, middle, last] = pictures;
  if (at === -1) return '';
  if (at === 0) return first ?? '';
  if (at === count - 1) return (count === 2 ? middle : last) ?? '';
  return at === Math.floor(count / 2) ? (middle ?? '') : '';
}

function breaksIn(order: readonly ItemTime[], carrying: readonly ItemTime[]): ThreadBreak[] {
  const [first, last] = [carrying[0], carrying.at(-1)];
  if (!first || !last) return [];
  const breaks: ThreadBreak[] = [];
  let untilMs = first.startMs + first.totalMs;
  for (const item of carrying.slice(1)) {
    const between = order.filter(({ startMs }) => startMs >= untilMs && startMs < item.startMs);
    if (item.startMs - untilMs >= breakMs && between.length > 0)
      breaks.push({ startMs: untilMs, endMs: item.startMs, itemIds: between.map(({ itemId }) => itemId) });
    untilMs = Math.max(untilMs, item.startMs + item.totalMs);
  }
  return breaks;
}

/**
 * The faults of an exercise as they are watched in a class: where it carries the idea, the one that is about it first. All
 * others stay, in their order.
 */
export function faultsIn(plan: Pick<Plan, 'brief'>, execution: Execution): readonly Fault[] {
  const { faults } = execution;
  const idea = meaningOf(plan.brief);
  if (!idea || partOf(execution, idea).part !== 'carries') return faults;
  const own = faults.find((fault) => idea.speaksOf(fault));
  return own ? [own, ...faults.filter((fault) => fault !== own)] : faults;
}
