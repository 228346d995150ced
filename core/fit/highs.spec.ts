import { aimed, optimumOfDoses, optimumOfPaths } from '../testing/highs-oracle';
import { randomClass } from '../testing/random-class';
import { fitNow } from './fit';

/**
 * HiGHS (Huangfu & Hall 2018, Math Program Comput 10:119), a mixed-integer solver, as an independent oracle. Its paths
 * know an item's neighbour alone; what the room remembers beyond it is judged by brute force (`fit.spec.ts`).
 */
describe('fit against a mixed-integer solver', () => {
  const value = (found: ReturnType<typeof fitNow>, target: number) =>
    aimed(Math.abs(found.missMs) / 1000, found.dropped, found.cost, Math.abs(found.totalMs / 1000 - target));

  it.each(Array.from({ length: 18 }, (_, i) => i))('finds the same optimum, doses alone, class %i', async (seed) => {
    const flow = (['by-exercise', 'by-foot', 'mixed'] as const)[seed % 3];
    const { plan, find } = randomClass(seed + 1000, 6 + (seed % 8), flow);
    expect(value(fitNow({ plan, find, dropUpTo: 0 }), plan.slotSeconds)).toBeCloseTo(
      (await optimumOfDoses(plan, find, plan.slotSeconds)).value,
      3,
    );
  });

  it.each(Array.from({ length: 12 }, (_, i) => i))(
    'finds the same optimum, with items left out, class %i',
    async (seed) => {
      const { plan, find } = randomClass(seed + 2000, 5 + (seed % 5), 'by-exercise', false);
      const tight = { ...plan, slotSeconds: Math.round(plan.slotSeconds / (1 + (seed % 3))) };
      expect(value(fitNow({ plan: tight, find, dropUpTo: 2 }), tight.slotSeconds)).toBeCloseTo(
        (await optimumOfPaths(tight, find, tight.slotSeconds, 2)).value,
        3,
      );
    },
  );
});
