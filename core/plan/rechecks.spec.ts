import { timed } from '../dose';
import { catalogue } from '../exercise/catalogue';
import { sampleExercise, sampleRevision } from '../testing/sample';
import { addRecheck, recheckable } from './add-exercise';
import { type PlanCommand, applyCommand } from './command';
import { copyOfPlan, newBlock, newItem, newPlan } from './make';
import { moveByOne } from './move-by-one';
import { type Plan, itemsOf } from './plan';

const item = (id: string, of: string | null | undefined = undefined) => ({
  ...newItem(id, sampleExercise('press'), sampleRevision(0)),
  recheck: of === undefined ? null : { of },
});
const plan: Plan = {
  ...newPlan('class-1', 'Two drills', 600),
  blocks: [
    newBlock('block-1', 'Work', [item('item-a'), item('item-a-again', 'item-a'), item('item-b'), item('item-c')]),
    newBlock('block-2', 'End'),
  ],
};
const order = (of: Plan) =>
  of.blocks.map((block) => block.items.map((i) => i.id.replace('item-', '')).join(' ')).join(' | ');
const done = (command: PlanCommand | null, on = plan): Plan => {
  const result = command && applyCommand(on, command);
  if (!result?.ok) throw new Error('refused');
  return result.value;
};

describe('a re-check belongs to its drill', () => {
  it('and goes with it, into another block too', () => {
    expect(order(done({ type: 'move-item', itemId: 'item-a', blockId: 'block-1', index: 3 }))).toBe('b c a a-again | ');
    expect(order(done({ type: 'move-item', itemId: 'item-a', blockId: 'block-2', index: 0 }))).toBe('b c | a a-again');
  });

  it('takes it along when it is moved itself', () => {
    expect(order(done({ type: 'move-item', itemId: 'item-a-again', blockId: 'block-1', index: 3 }))).toBe(
      'b c a a-again | ',
    );
  });

  it('lets nothing come between, however it is put there', () => {
    const between = { type: 'move-item', itemId: 'item-c', blockId: 'block-1', index: 1 } as const;
    expect(order(done(between))).toBe('a a-again c b | ');
    const added = { type: 'add-item', item: item('item-new'), blockId: 'block-1', index: 1 } as const;
    expect(order(done(added))).toBe('a a-again new b c | ');
  });

  it('comes to the drill that it is told to look at, from anywhere', () => {
    const told = done({ type: 'edit-item', itemId: 'item-c', change: { recheck: { of: 'item-a' } } });
    expect(order(told)).toBe('a a-again c b | ');
  });

  it('stays as a look at the class when its drill is taken out, and nothing else is lost', () => {
    const left = done({ type: 'remove-item', itemId: 'item-a' });
    expect(order(left)).toBe('a-again b c | ');
    expect(itemsOf(left)[0]?.recheck).toEqual({ of: null });
  });

  it('that looks at a re-check, or at itself, looks at the class', () => {
    for (const of of ['item-a-again', 'item-c', 'item-nobody']) {
      const told = done({ type: 'edit-item', itemId: 'item-c', change: { recheck: { of } } });
      expect([order(told), itemsOf(told)[3]?.recheck]).toEqual(['a a-again b c | ', { of: null }]);
    }
  });

  it('moves one place past the next item, or the next pair, with its drill', () => {
    expect(order(done(moveByOne(plan, 'item-a', 1)))).toBe('b a a-again c | ');
    expect(order(done(moveByOne(plan, 'item-a-again', 1)))).toBe('b a a-again c | ');
    expect(order(done(moveByOne(plan, 'item-b', -1)))).toBe('b a a-again c | ');
    expect(order(done(moveByOne(plan, 'item-c', 1)))).toBe('a a-again b | c');
    expect(moveByOne(plan, 'item-a', -1)).toBeNull();
    expect(moveByOne(plan, 'item-nobody', 1)).toBeNull();
  });

  it('is any exercise at its usual dose, or the walk for as long as the pace says', () => {
    let n = 0;
    const again = (id: string) => {
      const exercise = catalogue.find((e) => e.id === id);
      const added = exercise && addRecheck(plan, 'item-b', exercise, sampleRevision(1), () => `made-${n++}`);
      if (!added) throw new Error(id);
      return itemsOf(done(added.command)).find((i) => i.id === added.itemId);
    };
    expect(again('walk-and-compare')).toMatchObject({ recheck: { of: 'item-b' }, dose: [timed(15)] });
    expect(again('one-leg-stand')).toMatchObject({ recheck: { of: 'item-b' }, exerciseId: 'one-leg-stand' });
  });

  it('may look at the class or at the drill before it, never at another re-check', () => {
    expect(recheckable(plan, 'item-b').map((i) => i?.id ?? 'class')).toEqual(['class', 'item-a']);
    expect(recheckable(plan, 'item-c').map((i) => i?.id ?? 'class')).toEqual(['class', 'item-b']);
    expect(recheckable(plan, 'item-a')).toEqual([null]);
  });

  it('keeps its drill in a copy of the class, under the new names', () => {
    let n = 0;
    const copy = copyOfPlan(plan, () => `copy-${n++}`);
    const [drill, again] = itemsOf(copy);
    expect(again?.recheck).toEqual({ of: drill?.id });
    expect(new Set(itemsOf(copy).map((i) => i.id)).size).toBe(4);
  });
});
