import { composeNow, nextUp, noHistory, usualBrief } from '@core/compose';
import { type ComposedCourse, type Course, type CourseRequest, composeCourse, newCourse } from '@core/course';
import { defaultSchool } from '@core/exercise';
import { type AnyItem, type Plan, defaultPace, newBlock } from '@core/plan';
import { type LadderNote, newStudent } from '@core/roster';
import { reorderNow, softSeconds } from '@core/sequence';
import { findInCatalogue as find, randomCatalogueClass } from '@core/testing/catalogue-class';
import { judgedOrder, optimumOfOrder } from '@core/testing/highs-order';
import { catalogueOffers, schoolOf, twentyBriefs } from '@core/testing/twenty-briefs';
import type { Report } from './timing';

const worst = (times: readonly number[]) => Math.max(...times);
const median = (times: readonly number[]) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? NaN;

/** Orders of one block of so many free exercises, picked blindly from the catalogue: the slowest of some classes. */
function orders(report: Report, free: number, budget: number): void {
  for (const flow of ['by-exercise', 'by-foot'] as const) {
    const times: number[] = [];
    // the first is a warm-up: a page has compiled what it uses by the second time
    for (let seed = -1; seed < 12; seed++) {
      const random = randomCatalogueClass(
        Math.abs(seed),
        free,
        flow,
        ({ family }) => !['check', 'close', 'release'].includes(family),
      );
      const [block] = random.blocks;
      if (!block) continue;
      const items = random.blocks.flatMap((b) => b.items);
      const plan = { ...random, blocks: [{ ...block, flow, items }] };
      const start = performance.now();
      const found = reorderNow({ plan, find, blockId: block.id });
      if (seed >= 0 && found.free === free && found.exact) times.push(performance.now() - start);
    }
    const words = flow === 'by-foot' ? 'foot by foot' : 'exercise by exercise';
    report(`exact order of ${free} free items, ${words}, the slowest of ${times.length}`, worst(times), 'ms', budget);
    console.log(`        the middle one: ${median(times).toFixed(0)} ms`);
  }
}

/** The classes of a course, without the worker's pauses: all of twelve weeks, then one week of it anew. */
function courses(report: Report): void {
  const course: Course = {
    ...newCourse('bench', 'Bench', '2026-03-02', 'Europe/London'),
    weekly: [2, 4].map((weekday) => ({ weekday, time: '18:00', minutes: 30 })),
    aims: [
      { exerciseId: 'short-foot', rungId: 'one-foot' },
      { exerciseId: 'two-foot-rise', rungId: 'free' },
      { exerciseId: 'one-leg-stand', rungId: 'crossed' },
    ],
    brief: { ...usualBrief, kit: { ...usualBrief.kit, band: 12, cushion: 12, 'soft-ball': 12 } },
  };
  const request: CourseRequest = {
    course,
    today: '2026-03-01',
    taught: [],
    library: catalogueOffers,
    school: defaultSchool,
    pace: defaultPace(),
    roster: null,
    stands: {},
    history: noHistory,
    given: [],
    only: null,
    turn: 0,
  };
  const composed = (asked: CourseRequest): { readonly ms: number; readonly made: ComposedCourse['made'] } => {
    const from = performance.now();
    const work = composeCourse(asked);
    let next = work.next();
    while (!next.done) next = work.next();
    return { ms: performance.now() - from, made: next.value.made };
  };
  const all = composed(request);
  report(`a course of twelve weeks, ${all.made.length} classes`, all.ms / 1000, 's', 30);
  const week = all.made.slice(8, 10).map(({ key }) => key);
  const given = all.made.filter(({ key }) => !week.includes(key));
  report('one week of it made anew', composed({ ...request, only: week, given }).ms / 1000, 's', 3);
}

/** The least cost of any order of a block, s: all of them tried. */
function leastOfAll(plan: Plan): number {
  const [block] = plan.blocks;
  if (!block) return NaN;
  const orders = (left: readonly AnyItem[]): AnyItem[][] =>
    left.length < 2
      ? [[...left]]
      : left.flatMap((one, i) => orders([...left.slice(0, i), ...left.slice(i + 1)]).map((rest) => [one, ...rest]));
  const costs = orders(block.items).flatMap((items) => {
    const { hard, soft, totalMs } = judgedOrder({ ...plan, blocks: [{ ...block, items }] }, find);
    return hard === 0 ? [soft * softSeconds + totalMs / 1000] : [];
  });
  return Math.min(...costs);
}

/**
 * Orders against a mixed-integer solver, on classes in which nothing older than two items matters. Where the solver finds
 * another optimum, something older does: then all orders are tried. Where a rule of the whole class held items in their
 * places, no optimum is claimed.
 */
async function ordersAgainstHighs(classes: number): Promise<void> {
  let same = 0;
  let held = 0;
  let tried = 0;
  let ours = 0;
  let theirs = 0;
  for (let seed = 0; seed < classes; seed++) {
    const random = randomCatalogueClass(
      seed + 900,
      6,
      'by-exercise',
      ({ family, performance: { floor, regions, impactsPerRep, balance, kit } }) =>
        ['toes', 'strength', 'band'].includes(family) &&
        floor !== 'padded' &&
        (regions['arch-intrinsics'] ?? 0) < 2 &&
        impactsPerRep === 0 &&
        balance.working < 2 &&
        !kit.some((need) => need.kit === 'mat'),
    );
    const items = random.blocks.flatMap((block) => block.items);
    const brief = { ...random.brief, kitOut: 'before' as const };
    const plan = { ...random, brief, blocks: [newBlock('block-1', 'Work', items)] };
    const start = performance.now();
    const found = reorderNow({ plan, find, blockId: 'block-1' });
    ours += performance.now() - start;
    const { value, solveMs } = await optimumOfOrder(plan, find, softSeconds, () => performance.now());
    theirs += solveMs;
    const cost = found.after.soft * softSeconds + found.after.totalMs / 1000;
    if (Math.round(value) === cost) same += 1;
    else if (!found.exact) held += 1;
    else if (leastOfAll(plan) === cost) tried += 1;
  }
  console.log(
    `${same + held + tried === classes ? 'within' : 'OVER  '}  orders of 6 items against HiGHS: ${same} of ${classes} the same optimum, ${tried} the best of all 720, ${held} with items that a class rule held, ${(ours / classes).toFixed(0)} ms each with times and reasons, its solver alone ${(theirs / classes).toFixed(0)} ms`,
  );
}

/** Three proposals for each of the twenty briefs, from the whole catalogue. */
function composing(report: Report): void {
  const [first] = twentyBriefs;
  const cold = first ? timeOf(first) : NaN;
  const times = twentyBriefs.map(timeOf);
  for (const items of [4, 12, 40]) {
    const going = { ...randomCatalogueClass(7, items, 'by-exercise', () => true), slotSeconds: 7200 };
    const asked = Array.from({ length: 30 }, () => {
      const start = performance.now();
      nextUp(going, null, catalogueOffers, find);
      return performance.now() - start;
    });
    const words = `what a class of ${items} could go on with, each tried in it, median`;
    report(words, median(asked), 'ms', 50);
  }
  report('three proposals from the whole catalogue, the slowest of twenty briefs', worst(times), 'ms', 2000);
  console.log(`        the middle one: ${median(times).toFixed(0)} ms; the very first ever: ${cold.toFixed(0)} ms`);
  const roster = aGroup();
  const words = `three proposals for ${roster.students.length} people with ${roster.notes.length} notes of their levels`;
  const asked = { brief: usualBrief, school: defaultSchool, pace: defaultPace(), library: catalogueOffers, roster };
  const start = performance.now();
  composeNow({ ...asked, seed: 1 });
  report(words, performance.now() - start, 'ms', 2000);
}

/** Thirty people who went up and down thirteen ladders for a year. */
function aGroup() {
  const students = Array.from({ length: 30 }, (_, i) => newStudent(`student-${i}`, `Student ${i}`, ['group']));
  const ladders = catalogueOffers.flatMap(({ exercise }) => (exercise.ladder ? [exercise] : [])).slice(0, 13);
  const notes = students.flatMap(({ id: studentId }) =>
    ladders.flatMap(({ id: exerciseId, ladder }) =>
      Array.from({ length: 30 }, (_, at): LadderNote => {
        const rungId = ladder?.rungs[at % ladder.rungs.length]?.id ?? '';
        const date = new Date(Date.UTC(2026, 0, 1 + at * 11)).toISOString().slice(0, 10);
        const what = { kind: 'placed', rungId, why: 'begins', note: '' } as const;
        return { id: `${studentId} ${exerciseId} ${at}`, studentId, exerciseId, foot: 'both', date, what, by: '' };
      }),
    ),
  );
  return { students, notes };
}

function timeOf(named: (typeof twentyBriefs)[number]): number {
  const start = performance.now();
  const asked = { brief: named.brief, school: schoolOf(named), pace: defaultPace(), library: catalogueOffers };
  const { proposals } = composeNow({ ...asked, seed: 1 });
  if (proposals.length !== 3) console.log(`OVER    ${named.name}: ${proposals.length} proposals`);
  return performance.now() - start;
}

/** @param oracles how many orders are solved by HiGHS too */
export async function ordersAndClasses(report: Report, oracles: number): Promise<void> {
  orders(report, 12, 300);
  orders(report, 14, 1000);
  await ordersAgainstHighs(oracles);
  composing(report);
  courses(report);
}
