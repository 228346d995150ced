import fc from 'fast-check';
import { Nodes, NumberList } from './nodes';
import { passed } from './search';

describe('what a search has come to', () => {
  it('one node for what is placed and where the class stands, by its cheapest way, however many there are', () => {
    const nodes = new Nodes();
    nodes.reach(0, 0, 0, -1, -1);
    nodes.openLayer();
    const cheapest = new Map<string, number>();
    for (let i = 0; i < 20_000; i++) {
      const [mask, state, cost] = [(i * 7919) % 127, (i * 104_729) % 113, (i * 31) % 1009];
      nodes.reach(mask, state, cost, 0, i % 14);
      const key = `${mask} ${state}`;
      cheapest.set(key, Math.min(cost, cheapest.get(key) ?? Infinity));
    }
    const got = Array.from({ length: nodes.count - 1 }, (_, i): [string, number] => [
      `${nodes.masks[i + 1]} ${nodes.states[i + 1]}`,
      nodes.costs[i + 1]!,
    ]);
    expect(got).toHaveLength(cheapest.size);
    expect(new Map(got)).toEqual(cheapest);
  });

  it('a node of the layer before is another one', () => {
    const nodes = new Nodes();
    nodes.reach(1, 1, 5, -1, 0);
    nodes.openLayer();
    nodes.reach(1, 1, 9, 0, 0);
    expect([nodes.count, nodes.costs[0], nodes.costs[1]]).toEqual([2, 5, 9]);
  });

  it('a number is read as it was set, and is none before', () => {
    const list = new NumberList();
    list.set(70_000, 0);
    expect([list.get(70_000), list.get(69_999), list.get(1e6)]).toEqual([0, NaN, NaN]);
  });

  it('counts those that stand before one now and are not placed yet', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2 ** 31 - 1 }), fc.integer({ min: 0, max: 30 }), (mask, bit) => {
        const open = Array.from({ length: bit }, (_, i) => i).filter((i) => (mask & (1 << i)) === 0);
        expect(passed(mask, bit)).toBe(open.length);
      }),
    );
  });
});
