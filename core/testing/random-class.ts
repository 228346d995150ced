import { dice } from '../dice';
import { holds, reps, timed } from '../dose';
import type { Exercise, Performance } from '../exercise';
import { kit, range } from '../exercise/catalogue/author';
import { type AnyItem, type Item, type Plan, defaultPace, newBlock, newItem, newPlan } from '../plan';
import type { FindRevision } from '../timeline';
import { sampleExercise, sampleRevision } from './sample';

const ways: readonly Partial<Performance>[] = [
  { sidePattern: 'each' },
  { sidePattern: 'both', position: 'standing' },
  { sidePattern: 'both', position: 'lying', floor: 'padded', kit: [kit('mat')] },
  { sidePattern: 'alternate', setup: 'props', kit: [kit('soft-ball')] },
  { sidePattern: 'each', setup: 'fiddly', kit: [kit('long-loop')] },
  { sidePattern: 'both', position: 'standing', impactsPerRep: 2 },
  {
    sidePattern: 'each',
    position: 'floor-seated',
    kit: [kit('band')],
    band: { placement: 'arch', border: 'outer', purpose: 'resist' },
  },
  {
    sidePattern: 'each',
    position: 'floor-seated',
    kit: [kit('band')],
    band: { placement: 'ball', border: 'sole', purpose: 'resist' },
  },
];

function randomExercise(roll: (below: number) => number, at: number, ring: boolean, remembers: boolean): Exercise {
  const list = ways.filter((w) => (!ring || w.sidePattern === 'each') && (remembers || !w.impactsPerRep));
  const way = list[roll(list.length)] ?? {};
  const seconds = [1.25, 2, 3, 2.5][roll(4)] ?? 2;
  const of = sampleExercise(`exercise-${at}`, way, [seconds, 1]);
  const doses =
    roll(3) === 0
      ? range(holds(1, 10, 5), holds(2, 20, 5), holds(3, 30, 5))
      : roll(3) === 0
        ? range(timed(20), timed(45), timed(90))
        : range(reps(6), reps(10), reps(15, roll(2) === 0 ? {} : { sets: 2, setRest: 15 }));
  return { ...of, doses };
}

/**
 * A class of random exercises, some locked, some that may go, in one block or two.
 * @param talks whether there is talk of its own between the exercises
 * @param remembers whether getting to an item may depend on more than its neighbour: kit fetched earlier, mats put aside
 */
export function randomClass(
  seed: number,
  items: number,
  flow: 'by-exercise' | 'by-foot' | 'mixed' = 'by-exercise',
  remembers = true,
  talks = false,
): { plan: Plan; find: FindRevision; exercises: readonly Exercise[] } {
  const roll = dice(seed * 7919 + items);
  const half = Math.ceil(items / 2);
  const ringAt = (i: number) => flow === 'by-foot' || (flow === 'mixed' && i >= half);
  const exercises = Array.from({ length: items }, (_, i) =>
    randomExercise(roll, i, ringAt(i) && roll(4) > 0, remembers),
  );
  const made = exercises.map((of, i): Item => {
    const item = newItem(`item-${i}`, of, sampleRevision(i));
    return {
      ...item,
      locked: roll(8) === 0,
      priority: 1 + roll(3),
      familiarity: (['new', 'seen-once', 'known', 'known'] as const)[roll(4)] ?? 'known',
      sides: roll(9) === 0 ? { mode: 'extra-set', weaker: 'left' } : { mode: 'equal' },
    };
  });
  const withTalk = (list: readonly Item[]): AnyItem[] =>
    list.flatMap((item): AnyItem[] =>
      talks && roll(2) === 0
        ? [{ kind: 'talk', id: `talk-${item.id}`, name: 'Talk', seconds: 5 + roll(60), note: '' }, item]
        : [item],
    );
  const blocks =
    flow === 'mixed'
      ? [
          { ...newBlock('block-1', 'One', withTalk(made.slice(0, half))) },
          { ...newBlock('block-2', 'Two', withTalk(made.slice(half))), flow: 'by-foot' as const },
        ]
      : [{ ...newBlock('block-1', 'One', withTalk(made)), flow }];
  const pace = roll(4) === 0 ? { ...defaultPace(), sideSwitchSeconds: 4.5, turnRoundSeconds: 3.3 } : defaultPace();
  const bare = newPlan('class-1', 'Random', 60 + 5 * roll(items * 30));
  const brief = { ...bare.brief, kitOut: remembers && roll(2) === 0 ? ('when-needed' as const) : ('before' as const) };
  const plan: Plan = { ...bare, brief, reservePercent: 0, pace, blocks };
  return { plan, find: (revision) => exercises[Number.parseInt(revision, 16)] ?? null, exercises };
}
