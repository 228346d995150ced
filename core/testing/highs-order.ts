import { type Item, type Plan } from '../plan';
import { rules } from '../sequence/review';
import { contextOf, foundBy } from '../sequence/finding';
import { type FindRevision, buildTimeline } from '../timeline';
import { type Optimum, solveProgram } from './highs-oracle';

/** What an order costs: soft findings at their worth and the timeline of the class, s; and the pairs a hard rule objects to. */
export function judgedOrder(plan: Plan, find: FindRevision) {
  const timeline = buildTimeline({ plan, find });
  const context = contextOf({ plan, timeline, nextId: () => 'none' });
  const found = rules.filter((r) => r.kind === 'order').flatMap((rule) => foundBy(rule, context));
  const count = (severity: string) => found.filter(({ rule }) => rule.severity === severity).length;
  return {
    hard: count('hard'),
    soft: count('soft'),
    totalMs: timeline.totalMs,
    setUpMs: timeline.activityMs['set-up'],
  };
}

/**
 * The best order of one block as a mixed-integer programme, for classes in which nothing further back than two items
 * matters: a path of triples, whose costs are read from classes of three items; what a hard rule forbids for a pair comes
 * in as the order of their places.
 */
export async function optimumOfOrder(
  plan: Plan,
  find: FindRevision,
  softSeconds: number,
  now: () => number = () => 0,
): Promise<Optimum> {
  const [block] = plan.blocks;
  if (!block) throw new RangeError('one block');
  const items = block.items.filter((item): item is Item => item.kind === 'exercise');
  const n = items.length;
  const only = (...at: number[]) => {
    const picked = at.flatMap((i) => items[i] ?? []);
    return judgedOrder({ ...plan, blocks: [{ ...block, items: picked }] }, find);
  };
  const cost = ({ soft, totalMs }: { soft: number; totalMs: number }) => soft * softSeconds + totalMs / 1000;
  const pairs = items.map((_, i) => items.map((__, j) => (i === j ? null : only(i, j))));
  const terms: { name: string; i: number; j: number; l: number; k: number; cost: number }[] = [];
  for (let i = 0; i < n; i++)
    for (let j = 0; j < n; j++)
      for (let l = 0; l < n; l++) {
        const before = pairs[i]?.[j];
        if (i === j || j === l || i === l || !before) continue;
        const three = cost(only(i, j, l));
        for (let k = 0; k < n - 2; k++)
          terms.push({ name: `z${i}_${j}_${l}_${k}`, i, j, l, k, cost: k === 0 ? three : three - cost(before) });
      }
  const sum = (list: readonly { name: string }[]) => list.map(({ name }) => name).join(' + ');
  const rows = [` begin: ${sum(terms.filter(({ k }) => k === 0))} = 1`];
  for (let k = 0; k < n - 3; k++)
    for (let j = 0; j < n; j++)
      for (let l = 0; l < n; l++) {
        if (j === l) continue;
        const out = terms.filter((t) => t.k === k && t.j === j && t.l === l);
        const into = terms.filter((t) => t.k === k + 1 && t.i === j && t.j === l);
        rows.push(` flow${k}_${j}_${l}: ${sum(out)} ${into.map(({ name }) => `- ${name}`).join(' ')} = 0`);
      }
  const placesOf = (a: number) =>
    terms.flatMap(({ name, i, j, l, k }) => {
      if (k === 0 && i === a) return [{ name, place: 0 }];
      if (k === 0 && j === a) return [{ name, place: 1 }];
      return l === a ? [{ name, place: k + 2 }] : [];
    });
  items.forEach((_, a) => rows.push(` once${a}: ${sum(placesOf(a))} = 1`));
  for (let i = 0; i < n; i++)
    for (let j = 0; j < n; j++) {
      if ((pairs[i]?.[j]?.hard ?? 0) === 0 || (pairs[j]?.[i]?.hard ?? 0) > 0) continue;
      const first = placesOf(j).map(({ name, place }) => `+ ${place} ${name}`);
      const then = placesOf(i).map(({ name, place }) => `- ${place} ${name}`);
      rows.push(` order${i}_${j}: ${[...first, ...then].join(' ')} <= -1`);
    }
  const objective = terms.map((t) => `${t.cost < 0 ? '-' : '+'} ${Math.abs(t.cost)} ${t.name}`).join('\n ');
  const lp = [
    'Minimize',
    ` obj: ${objective}`,
    'Subject To',
    ...rows,
    'Binary',
    ` ${terms.map((t) => t.name).join('\n ')}`,
    'End',
  ];
  return solveProgram(lp.join('\n'), now);
}
