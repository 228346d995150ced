import { catalogueItem } from '../testing/catalogue-class';
import { applyCommand } from './command';
import { familiarityAfter, familiarityFrom } from './familiarity';
import { newBlock, newPlan } from './make';
import { type Item, type Plan, itemsOf } from './plan';

const classOf = (...items: Item[]): Plan => ({
  ...newPlan('class', 'Class', 1200),
  blocks: [newBlock('b-01', 'Work', items)],
});

describe('how well a group knows an exercise', () => {
  it('is new, then seen once, then known', () => {
    expect([0, 1, 2, 9].map(familiarityAfter)).toEqual(['new', 'seen-once', 'known', 'known']);
  });

  it('is taken from what the group was taught, in one step for the class', () => {
    const plan = classOf(
      catalogueItem('item-a', 'toe-wave'),
      catalogueItem('item-b', 'short-foot'),
      catalogueItem('item-c', 'toe-seesaw'),
    );
    const found = familiarityFrom(plan, { 'toe-wave': 1, 'toe-seesaw': 5 });
    expect(found?.items).toBe(2);
    const after = applyCommand(plan, found!.command);
    expect(after.ok && itemsOf(after.value).map(({ familiarity }) => familiarity)).toEqual([
      'seen-once',
      'new',
      'known',
    ]);
    expect(after.ok && familiarityFrom(after.value, { 'toe-wave': 1, 'toe-seesaw': 5 })).toBeNull();
  });

  it('counts what came earlier in the same class, and takes a look again for known', () => {
    const again = catalogueItem('item-c', 'walk-and-compare', { familiarity: 'new', recheck: { of: 'item-a' } });
    const plan = classOf(catalogueItem('item-a', 'toe-wave'), catalogueItem('item-b', 'toe-wave'), again);
    const after = applyCommand(plan, familiarityFrom(plan, {})!.command);
    const found = after.ok ? itemsOf(after.value).map(({ id, familiarity }) => [id, familiarity]) : [];
    expect(Object.fromEntries(found)).toEqual({ 'item-a': 'new', 'item-b': 'seen-once', 'item-c': 'known' });
  });
});
