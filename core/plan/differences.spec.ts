import fc from 'fast-check';
import { reps } from '../dose';
import { catalogue } from '../exercise/catalogue';
import { randomClass } from '../testing/random-class';
import { type PlanCommand, applyCommand } from './command';
import { differencesOf } from './differences';
import { newBlock, newItem, newPlan } from './make';
import type { Plan } from './plan';

const names = ['two-foot-rise', 'short-foot', 'toe-split-hold', 'towel-gather'];
const exercises = names.flatMap((id) => catalogue.filter((e) => e.id === id));
const address = (i: number) => `${i}`.repeat(32);
const find = (revision: string) => exercises[Number(revision[0])] ?? null;
const item = (i: number) => newItem(`item-${i}`, exercises[i]!, address(i));
const plan: Plan = {
  ...newPlan('class-1', 'Monday', 1200),
  blocks: [newBlock('block-1', 'Wake', [item(0), item(1)]), newBlock('block-2', 'Work', [item(2)])],
};
const copy = (of: Plan) => JSON.parse(JSON.stringify(of)) as Plan;
const name = (i: number) => exercises[i]!.name[plan.school.words];
const after = (...commands: PlanCommand[]): string[] =>
  differencesOf(
    plan,
    commands.reduce((so, command) => {
      const done = applyCommand(so, command);
      if (!done.ok) throw new Error(done.error.code);
      return done.value;
    }, plan),
    find,
  );

describe('what one state of a class has otherwise than an earlier one', () => {
  it('nothing, where it is the same', () => {
    expect(differencesOf(plan, copy(plan), find)).toEqual([]);
  });

  it('a dose is said as it was and as it is', () => {
    expect(after({ type: 'edit-item', itemId: 'item-0', change: { dose: [reps(8)] } })).toEqual([
      `${name(0)}: 12 reps, now 8 reps`,
    ]);
  });

  it('an exercise that came or went is named first', () => {
    expect(
      after(
        { type: 'edit-class', change: { title: 'Tuesday', slotSeconds: 1800 } },
        { type: 'remove-item', itemId: 'item-1' },
        { type: 'add-item', item: item(3), blockId: 'block-2', index: 0 },
      ),
    ).toEqual([`${name(3)} added`, `${name(1)} taken out`, '“Monday” is now “Tuesday”', 'slot 20 min, now 30 min']);
  });

  it('moving one exercise names that one, not those it passed', () => {
    expect(after({ type: 'move-item', itemId: 'item-2', blockId: 'block-1', index: 0 })).toEqual([`${name(2)} moved`]);
    expect(after({ type: 'move-item', itemId: 'item-0', blockId: 'block-1', index: 1 })).toHaveLength(1);
  });

  it('into another block is moved too, though the order is the same', () => {
    expect(after({ type: 'move-item', itemId: 'item-2', blockId: 'block-1', index: 2 })).toEqual([`${name(2)} moved`]);
  });

  it('another slot alone is said', () => {
    expect(after({ type: 'edit-class', change: { slotSeconds: 1800 } })).toEqual(['slot 20 min, now 30 min']);
  });

  it('says of the rest which of it changed', () => {
    expect(
      after(
        { type: 'edit-item', itemId: 'item-0', change: { note: 'Softly', locked: true } },
        { type: 'edit-block', blockId: 'block-2', change: { name: 'Hold' } },
      ),
    ).toEqual([`${name(0)}: lock`, `${name(0)}: note`, 'block “Work” is now “Hold”']);
  });

  it('any change of any class is said, and the same class never', () => {
    fc.assert(
      fc.property(fc.nat(500), fc.nat(500), (a, b) => {
        const one = randomClass(a, 6, 'mixed', true);
        const two = randomClass(b, 6, 'mixed', true);
        expect(differencesOf(one.plan, copy(one.plan), one.find)).toEqual([]);
        const differ = JSON.stringify(one.plan) !== JSON.stringify({ ...two.plan, id: one.plan.id });
        expect(differencesOf(one.plan, { ...two.plan, id: one.plan.id }, two.find).length > 0).toBe(differ);
      }),
      { numRuns: 60 },
    );
  });
});
