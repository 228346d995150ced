import { timed } from '../../dose';
import { type AnyItem, type Plan, applyCommand, bareWorkPace, itemsOf, newBlock } from '../../plan';
import { catalogueItem, classOfCatalogue, findInCatalogue, randomCatalogueClass } from '../../testing/catalogue-class';
import { judgedOrder } from '../../testing/highs-order';
import { randomClass } from '../../testing/random-class';
import { type FindRevision, buildTimeline } from '../../timeline';
import { review } from '../review';
import { reorder, reorderNow, softSeconds } from './reorder';

const worth = ({ hard, soft, totalMs }: { hard: number; soft: number; totalMs: number }) =>
  hard * 1e9 + soft * softSeconds * 1000 + totalMs;

function permutations<T>(list: readonly T[]): T[][] {
  if (list.length < 2) return [[...list]];
  return list.flatMap((one, i) =>
    permutations([...list.slice(0, i), ...list.slice(i + 1)]).map((rest) => [one, ...rest]),
  );
}

/** The best order of a block by trying all that leave its pinned items where they are. */
function bruteForce(plan: Plan, find: FindRevision, blockId: string, pinned: readonly string[]): number {
  const block = plan.blocks.find((b) => b.id === blockId)!;
  let best = Infinity;
  for (const items of permutations(block.items)) {
    if (block.items.some((item, i) => pinned.includes(item.id) && items[i] !== item)) continue;
    const tried = { ...plan, blocks: plan.blocks.map((b) => (b === block ? { ...block, items } : b)) };
    best = Math.min(best, worth(judgedOrder(tried, find)));
  }
  return best;
}

function isTheBest(seed: number, plan: Plan, find: FindRevision): boolean {
  const block = plan.blocks.at(-1)!;
  const found = reorderNow({ plan, find, blockId: block.id });
  expect([seed, judgedOrder(found.plan, find)]).toEqual([seed, found.after]);
  expect([seed, worth(found.after)]).toEqual([seed, bruteForce(plan, find, block.id, found.pinnedIds)]);
  const ids = (of: Plan) => itemsOf(of).map(({ id }) => id);
  expect([...ids(found.plan)].sort()).toEqual([...ids(plan)].sort());
  return found.command !== null && found.exact;
}

const idsAfter = (plan: Plan, change: { softSeconds?: number; blockId?: string } = {}) =>
  reorderNow({ plan, find: findInCatalogue, blockId: 'block-1', ...change }).plan.blocks.flatMap(({ items }) =>
    items.map(({ id }) => id),
  );

/** Seated band work and standing rises, turn and turn about. */
const scattered = [
  'seated-band-turn-out',
  'two-foot-rise',
  'seated-band-turn-in',
  'big-toe-rise',
  'seated-band-push-down',
];

describe('the best order of a block', () => {
  it.each(['by-exercise', 'by-foot', 'mixed'] as const)(
    '%s: is the best of all there are, and its time is the timeline’s',
    (flow) => {
      let moved = 0;
      for (let seed = 0; seed < 12; seed++) {
        const { plan, find } = randomClass(seed, flow === 'mixed' ? 9 : 5, flow);
        if (isTheBest(seed, plan, find)) moved += 1;
      }
      expect(moved).toBeGreaterThan(4);
    },
  );

  it.each(['by-exercise', 'by-foot'] as const)(
    '%s: of exercises picked blindly from the catalogue too, where rules have their say',
    (flow) => {
      let moved = 0;
      for (let seed = 0; seed < 20; seed++)
        if (isTheBest(seed, randomCatalogueClass(seed, 5, flow), findInCatalogue)) moved += 1;
      expect(moved).toBeGreaterThan(4);
    },
  );

  it('kit that does not go round is waited for in any order, the second foot of those who wait too', () => {
    const ids = ['two-foot-rise', 'waist-loop-up-down', 'big-toe-rise', 'waist-loop-turn-in', 'waist-loop-bent-knee'];
    const plan = classOfCatalogue(ids);
    const short = { ...plan, brief: { ...plan.brief, people: 8, cupboard: { 'long-loop': 4 } } };
    expect(isTheBest(0, short, findInCatalogue)).toBe(true);
  });

  it('puts the seated bands together, says what no longer stops the room, and is one step to take', () => {
    const plan = classOfCatalogue([
      'seated-band-turn-out',
      'two-foot-rise',
      'seated-band-turn-in',
      'big-toe-up',
      'seated-band-push-down',
    ]);
    const found = reorderNow({ plan, find: findInCatalogue, blockId: 'block-1' });
    expect(found.after.totalMs).toBeLessThan(found.before.totalMs - 15_000);
    expect(found.moves.find(({ reason }) => reason === 'position')!.after).toBe(1);
    expect(found.moves.every(({ before, after }) => before !== after)).toBe(true);
    expect(found.command!.type).toBe('together');
    expect(found).toMatchObject({ free: 5, exact: true });
  });

  it('has nothing to do where the order is as good as any', () => {
    const [plan] = [classOfCatalogue(['seated-band-turn-out', 'seated-band-turn-in'])];
    expect(reorderNow({ plan, find: findInCatalogue, blockId: 'block-1' })).toMatchObject({
      command: null,
      moves: [],
      movedIds: [],
    });
  });

  it('of two orders as good as each other keeps the one there is', () => {
    const plan = classOfCatalogue(scattered, { pace: bareWorkPace() });
    expect(idsAfter(plan, { softSeconds: 0 })).toEqual(['item-0', 'item-1', 'item-2', 'item-3', 'item-4']);
  });

  it('moves one that stands apart, and leaves the others where they are', () => {
    const plan = classOfCatalogue(['seated-band-turn-out', 'two-foot-rise', 'big-toe-rise', 'seated-band-turn-in']);
    expect(reorderNow({ plan, find: findInCatalogue, blockId: 'block-1' }).movedIds).toHaveLength(1);
  });
});

describe('what a reorder leaves as it is', () => {
  const withItems = (items: readonly AnyItem[]) =>
    classOfCatalogue([], { blocks: [newBlock('block-1', 'Work', [...items])] });

  it('a locked item keeps its place', () => {
    const items = scattered.map((id, i) => catalogueItem(`item-${i}`, id, { locked: i === 1 }));
    expect(idsAfter(withItems(items))[1]).toBe('item-1');
    expect(idsAfter(classOfCatalogue(scattered))[1]).not.toBe('item-1');
  });

  it('a re-check stays right behind its drill, talk right before what it introduces', () => {
    const items: AnyItem[] = scattered.map((id, i) => catalogueItem(`item-${i}`, id));
    const look = catalogueItem('look', 'walk-and-compare', { recheck: { of: 'item-2' } });
    const talk = { kind: 'talk', id: 'talk', name: 'Bands', seconds: 30, note: '' } as const;
    const ids = idsAfter(withItems([...items.slice(0, 2), talk, items[2]!, look, ...items.slice(3)]));
    expect(ids).not.toEqual(['item-0', 'item-1', 'talk', 'item-2', 'look', 'item-3', 'item-4']);
    expect(ids.slice(ids.indexOf('talk'))).toEqual(expect.arrayContaining(['talk', 'item-2', 'look']));
    expect(ids.indexOf('look') - ids.indexOf('talk')).toBe(2);
  });

  it('a drill that comes back at the end comes back on purpose', () => {
    const plan = classOfCatalogue(['one-leg-stand', ...scattered, 'one-leg-stand']);
    const ids = idsAfter(plan);
    expect([ids[0], ids.at(-1)]).toEqual(['item-0', 'item-6']);
  });

  it('looks and release that frame the class stay outside of the work', () => {
    const plan = classOfCatalogue([
      'walk-and-notice',
      'ball-along-the-sole',
      ...scattered,
      'walk-and-compare',
      'let-the-feet-lie',
    ]);
    const ids = idsAfter(plan);
    expect([...ids.slice(0, 2), ...ids.slice(-2)]).toEqual(['item-0', 'item-1', 'item-7', 'item-8']);
  });

  it('what is worn lies beside the same work', () => {
    const items = scattered.map((id, i) => catalogueItem(`item-${i + 1}`, id));
    const worn = catalogueItem('item-0', 'toe-spacer-wear', { wornUntil: 'item-3', dose: [timed(300)] });
    expect(idsAfter(withItems([worn, ...items])).slice(0, 4)).toEqual(['item-0', 'item-1', 'item-2', 'item-3']);
  });
});

describe('rules against seconds', () => {
  it('a hard rule is worth any time: jumps wait for warm calves', () => {
    const jumps = catalogueItem('item-0', 'small-jumps', { rungId: 'held' });
    const others = ['ankle-circles', 'two-foot-rise', 'rise-and-stay'].map((id, i) =>
      catalogueItem(`item-${i + 1}`, id),
    );
    const plan = classOfCatalogue([], { blocks: [newBlock('block-1', 'Work', [jumps, ...others])] });
    const found = reorderNow({ plan, find: findInCatalogue, blockId: 'block-1', softSeconds: 0 });
    expect([found.before.hard, found.after.hard]).toEqual([1, 0]);
    expect(idsAfter(plan)[0]).not.toBe('item-0');
  });

  // short foot, gather, shake, drag: the third arch drill burns unless the shake lies between
  const arch = classOfCatalogue(['short-foot', 'towel-gather', 'loose-ankle-shake', 'cloth-drag']);

  it('a soft finding is worth so many seconds: worth nothing, it stays for what moving about it saves; worth 30 s, it goes', () => {
    const at = (seconds: number) =>
      reorderNow({ plan: arch, find: findInCatalogue, blockId: 'block-1', softSeconds: seconds }).after;
    expect(at(0).soft).toBeGreaterThan(at(30).soft);
    expect(at(0).totalMs).toBeLessThan(at(30).totalMs);
    expect(at(30).soft).toBe(0);
  });

  it('a finding the teacher accepted is no reason to move anything', () => {
    const { timeline, ...rest } = { timeline: buildTimeline({ plan: arch, find: findInCatalogue }), plan: arch };
    const open = review({ ...rest, timeline, nextId: () => 'none' }, 'quick').filter((f) => f.severity === 'soft');
    const accepted = { ...arch, accepted: open.map(({ key }) => ({ finding: key, note: 'Wanted.' })) };
    const soft = (plan: Plan) => reorderNow({ plan, find: findInCatalogue, blockId: 'block-1' }).before.soft;
    expect([soft(arch), soft(accepted)]).toEqual([1, 0]);
  });
});

describe('a class block by block', () => {
  it('each block gets its best order with what lies before it, as one step', () => {
    const [first] = classOfCatalogue(scattered).blocks;
    const again = scattered.map((id, i) => catalogueItem(`other-${i}`, id === 'two-foot-rise' ? 'rise-and-stay' : id));
    const plan = classOfCatalogue([], {
      blocks: [first!, newBlock('block-2', 'More', [...again.slice(1, 2), ...again.slice(3, 4)])],
    });
    const found = reorderNow({ plan, find: findInCatalogue, blockId: null });
    expect(judgedOrder(found.plan, findInCatalogue)).toEqual(found.after);
    const done = applyCommand(plan, found.command!);
    expect(done.ok && done.value).toEqual(found.plan);
    expect(found.before).toEqual(judgedOrder(plan, findInCatalogue));
  });

  it('in no block is another order better once all of them have theirs', () => {
    let moved = 0;
    for (let seed = 0; seed < 8; seed++) {
      const plan = randomCatalogueClass(seed + 50, 9, 'by-exercise');
      const parts = [
        plan.blocks.flatMap(({ items }) => items).slice(0, 3),
        plan.blocks.flatMap(({ items }) => items).slice(3, 6),
      ];
      const rest = plan.blocks.flatMap(({ items }) => items).slice(6);
      const blocks = [...parts, rest].map((items, i) => newBlock(`block-${i + 1}`, 'Work', items));
      const found = reorderNow({ plan: { ...plan, blocks }, find: findInCatalogue, blockId: null });
      expect([seed, found.exact]).toEqual([seed, true]);
      for (const { id } of found.plan.blocks)
        expect([seed, id, bruteForce(found.plan, findInCatalogue, id, found.pinnedIds)]).toEqual([
          seed,
          id,
          worth(found.after),
        ]);
      if (found.command) moved += 1;
    }
    expect(moved).toBeGreaterThan(4);
  });

  it('an empty class has nothing to move', () => {
    const plan = classOfCatalogue([], { blocks: [] });
    expect(reorderNow({ plan, find: findInCatalogue, blockId: null })).toMatchObject({
      command: null,
      free: 0,
      exact: true,
    });
  });
});

describe('a reorder on its way', () => {
  it('says how far it is, and can be left', () => {
    const work = reorder({
      plan: randomCatalogueClass(3, 10, 'by-exercise'),
      find: findInCatalogue,
      blockId: 'block-1',
    });
    const done = [work.next(), work.next(), work.next()].map(({ value }) => (value as { done: number }).done);
    expect(done.every((share) => share >= 0 && share <= 1)).toBe(true);
    expect([...done].sort()).toEqual(done);
    expect(work.return(undefined as never).done).toBe(true);
  });

  it.each([18, 40])('with %i to move, more than can be tried, says that the best was not proved', (count) => {
    const plan = randomCatalogueClass(
      1,
      count,
      'by-exercise',
      ({ family }) => !['check', 'close', 'release'].includes(family),
    );
    const one = { ...plan, blocks: [{ ...plan.blocks[0]!, items: itemsOf(plan) }] };
    const found = reorderNow({ plan: one, find: findInCatalogue, blockId: one.blocks[0]!.id });
    expect(found).toMatchObject({ exact: false, free: count });
    expect(found.after.totalMs).toBeLessThan(found.before.totalMs);
    expect(judgedOrder(found.plan, findInCatalogue)).toEqual(found.after);
    expect(new Set(itemsOf(found.plan).map(({ id }) => id))).toEqual(new Set(itemsOf(one).map(({ id }) => id)));
  });

  it('asked about a block that is not there, refuses', () => {
    expect(() =>
      reorderNow({ plan: classOfCatalogue(['big-toe-up']), find: findInCatalogue, blockId: 'gone' }),
    ).toThrow(RangeError);
  });
});
