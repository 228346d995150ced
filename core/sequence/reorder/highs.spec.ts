import { type Plan, newBlock } from '../../plan';
import type { Exercise } from '../../exercise';
import { findInCatalogue as find, randomCatalogueClass } from '../../testing/catalogue-class';
import { optimumOfOrder } from '../../testing/highs-order';
import { reorderNow, softSeconds } from './reorder';

/** What nobody has to remember for longer than two items: no mats, no jumps, nothing that needs something earlier. */
const forgets = ({ family, performance: { floor, kit, regions, impactsPerRep, balance } }: Exercise) =>
  ['toes', 'strength', 'band'].includes(family) &&
  floor !== 'padded' &&
  !kit.some((need) => need.kit === 'mat' || need.kit === 'half-ball' || need.kit === 'cushion') &&
  (regions['arch-intrinsics'] ?? 0) < 2 &&
  impactsPerRep === 0 &&
  balance.working < 2;

describe('the order of a block against mixed-integer programming (HiGHS)', () => {
  it('is the same optimum every time', async () => {
    let moved = 0;
    for (let seed = 0; seed < 10; seed++) {
      const random = randomCatalogueClass(seed, 6, 'by-exercise', forgets);
      const items = random.blocks.flatMap((block) => block.items);
      const plan: Plan = {
        ...random,
        brief: { ...random.brief, kitOut: 'before' },
        blocks: [newBlock('block-1', 'Work', items)],
      };
      const found = reorderNow({ plan, find, blockId: 'block-1' });
      expect(found.pinnedIds).toEqual([]);
      const { value } = await optimumOfOrder(plan, find, softSeconds);
      expect([seed, found.after.soft * softSeconds + found.after.totalMs / 1000]).toEqual([seed, Math.round(value)]);
      if (found.command) moved += 1;
    }
    expect(moved).toBeGreaterThan(5);
  }, 60_000);
});
