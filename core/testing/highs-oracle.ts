import loadHighs from 'highs';
import { type Alternative, type Bend, alternativesOf, asItIs, bendOf, dropWeight, landingSeconds } from '../fit';
import { type Item, type Plan, applyCommand, itemsOf } from '../plan';
import { type FindRevision, buildTimeline, readyItem } from '../timeline';

type Highs = Awaited<ReturnType<typeof loadHighs>>;
let loaded: Promise<Highs> | null = null;
export const highs = (): Promise<Highs> => (loaded ??= loadHighs());

/** Weights that keep the four aims in their order: miss, what is left out, what changed doses cost, seconds off the middle. */
export const aim = { miss: 1e7, drop: 100_000, dose: 25, off: 1 };
export const aimed = (miss: number, drop: number, cost: number, off: number): number =>
  aim.miss * miss + aim.drop * drop + aim.dose * cost + aim.off * off;

const seconds = (plan: Plan, find: FindRevision) => buildTimeline({ plan, find }).totalMs / 1000;

function withDose(plan: Plan, item: Item, dose: Item['dose']): Plan {
  const changed = applyCommand(plan, { type: 'edit-item', itemId: item.id, change: { dose } });
  if (!changed.ok) throw new Error(changed.error.code);
  return changed.value;
}

function alternatives(plan: Plan, item: Item, find: FindRevision, bend: Bend | 'none'): readonly Alternative[] {
  if (bend === 'none') return [asItIs(item)];
  const block = plan.blocks.find((b) => b.items.includes(item));
  const ready = block ? readyItem(plan, block, item, find) : null;
  if (!ready || 'code' in ready) throw new Error(item.id);
  return alternativesOf(item, ready.execution, bend);
}

interface Term {
  readonly name: string;
  readonly seconds: number;
  readonly cost: number;
}

/** The time and the aims, for terms of which so many are chosen. All numbers are whole. */
function problem(
  terms: readonly Term[],
  fixed: number,
  target: number,
  rows: readonly string[],
  spared: number,
): string {
  const sum = (of: (t: Term) => number) =>
    terms.map((t) => `${of(t) < 0 ? '-' : '+'} ${Math.abs(of(t))} ${t.name}`).join('\n ');
  const time = sum((t) => t.seconds);
  return [
    'Minimize',
    ` obj: ${aim.miss} over + ${aim.miss} under + ${aim.off} above + ${aim.off} below ${sum((t) => t.cost)} + ${spared} one`,
    'Subject To',
    ` high: ${time} - over <= ${target + landingSeconds - fixed}`,
    ` low: ${time} + under >= ${target - landingSeconds - fixed}`,
    ` off: ${time} - above + below = ${target - fixed}`,
    ...rows,
    'Bounds',
    ' one = 1',
    'Binary',
    ` ${terms.map((t) => t.name).join('\n ')}`,
    'End',
  ].join('\n');
}

/** The optimum, and how long the solver itself took, ms by the clock that is passed in. */
export interface Optimum {
  readonly value: number;
  readonly solveMs: number;
}

/** Solves a programme to its optimum. */
export async function solveProgram(lp: string, now: () => number): Promise<Optimum> {
  const solver = await highs();
  const start = now();
  const found = solver.solve(lp, { mip_rel_gap: 0, mip_abs_gap: 0 });
  if (found.Status !== 'Optimal') throw new Error(found.Status);
  return { value: found.ObjectiveValue, solveMs: now() - start };
}

/**
 * The optimum with nothing left out, as a mixed-integer programme: one dose an item, whose seconds are read from the
 * timeline of the whole class with that one dose changed.
 */
export async function optimumOfDoses(
  plan: Plan,
  find: FindRevision,
  target: number,
  now: () => number = () => 0,
): Promise<Optimum> {
  const base = seconds(plan, find);
  const bend = bendOf(base, target);
  const rows: string[] = [];
  const terms = itemsOf(plan).flatMap((item, i) => {
    const own = alternatives(plan, item, find, bend).map(({ dose, cost }, a): Term => ({
      name: `x${i}_${a}`,
      seconds: seconds(withDose(plan, item, dose), find) - base,
      cost: aim.dose * cost,
    }));
    rows.push(` one${i}: ${own.map((t) => t.name).join(' + ')} = 1`);
    return own;
  });
  return solveProgram(problem(terms, base, target, rows, 0), now);
}

/**
 * The optimum where items of a priority may be left out, taught exercise by exercise: a path through the kept items,
 * whose arcs are timed on classes of two items, so that what lies between neighbours is counted.
 */
export async function optimumOfPaths(
  plan: Plan,
  find: FindRevision,
  target: number,
  dropUpTo: number,
  now: () => number = () => 0,
): Promise<Optimum> {
  const items = itemsOf(plan);
  const [block] = plan.blocks;
  if (!block || plan.blocks.length !== 1) throw new RangeError('one block');
  const only = (...kept: Item[]): Plan => ({ ...plan, blocks: [{ ...block, items: kept }] });
  const bend = bendOf(seconds(plan, find), target);
  const mayGo = (item: Item | undefined) =>
    bend === 'shorter' && item !== undefined && !item.locked && item.priority <= dropUpTo;
  const terms: Term[] = [];
  const into: string[][] = items.map(() => []);
  const out: string[][] = items.map(() => []);
  const begin: string[] = [];
  const end: string[] = [];
  let all = 0;
  items.forEach((item, i) => {
    const weight = aim.drop * dropWeight(item.priority);
    if (mayGo(item)) all += weight;
    for (let from = i - 1; from >= -1; from--) {
      const before = items[from];
      const lead = before ? seconds(only(before), find) : 0;
      alternatives(plan, item, find, bend).forEach(({ dose, cost }, a) => {
        const now = { ...item, dose };
        const name = `z${from + 1}_${i + 1}_${a}`;
        const time = seconds(before ? only(before, now) : only(now), find) - lead;
        terms.push({ name, seconds: time, cost: aim.dose * cost - (mayGo(item) ? weight : 0) });
        into[i]?.push(name);
        if (from === -1) begin.push(name);
        else out[from]?.push(name);
      });
      if (before && !mayGo(before)) break;
    }
    if (items.slice(i + 1).every(mayGo)) {
      terms.push({ name: `e${i}`, seconds: 0, cost: 0 });
      out[i]?.push(`e${i}`);
      end.push(`e${i}`);
    }
  });
  const nothing = items.every(mayGo);
  if (nothing) terms.push({ name: 'none', seconds: 0, cost: 0 });
  const rows = [
    ` begin: ${[...begin, ...(nothing ? ['none'] : [])].join(' + ')} = 1`,
    ...items.map(
      (_, i) =>
        ` flow${i}: ${[...(into[i] ?? []), ...(out[i] ?? []).map((n) => `- ${n}`)].join(' + ').replaceAll('+ -', '-')} = 0`,
    ),
    ` end: ${[...end, ...(nothing ? ['none'] : [])].join(' + ')} = 1`,
  ];
  return solveProgram(problem(terms, 0, target, rows, all), now);
}
