import { sayDose } from '../dose';
import { type CheckId, checks, newProtocol } from '../measure';
import { catalogue } from '../exercise/catalogue';
import { sampleExercise, sampleRevision } from '../testing/sample';
import { type UsualTalk, addTalk, usualTalks } from './add-talk';
import { addCheck, addCheckAtEnd } from './add-check';
import { addAgain } from './add-exercise';
import { type PlanCommand, applyCommand } from './command';
import { copyOfPlan, newBlock, newItem, newPlan } from './make';
import { moveByOne } from './move-by-one';
import { type Plan, Plan as PlanSchema, allItemsOf, itemsOf, wornThrough } from './plan';

const item = (id: string) => newItem(id, sampleExercise('press'), sampleRevision(0));
const talk = (id: string) => ({ kind: 'talk', id, name: 'Why feet', seconds: 40, note: 'Show the model.' }) as const;
const plan: Plan = {
  ...newPlan('class-1', 'Talk and work', 600),
  blocks: [
    newBlock('block-1', 'Work', [item('item-a'), talk('item-t'), item('item-b'), item('item-c')]),
    newBlock('block-2', 'End', [item('item-d')]),
  ],
};
const order = (of: Plan) =>
  of.blocks.map((block) => block.items.map((i) => i.id.replace('item-', '')).join(' ')).join(' | ');
const done = (command: PlanCommand | null, on = plan): Plan => {
  const result = command && applyCommand(on, command);
  if (!result?.ok) throw new Error('refused');
  return result.value;
};
const usual = (where: UsualTalk['where']) => usualTalks.find((u) => u.where === where)!;
let made = 0;
const nextId = () => `made-no-${made++}`;

describe('talk of its own', () => {
  it('is an item among the exercises: it can be moved, said otherwise, done once more and taken out', () => {
    expect(order(done({ type: 'move-item', itemId: 'item-t', blockId: 'block-2', index: 1 }))).toBe('a b c | d t');
    expect(order(done(moveByOne(plan, 'item-t', -1)))).toBe('t a b c | d');
    const said = done({ type: 'edit-talk', itemId: 'item-t', change: { name: 'The arch', seconds: 90 } });
    expect(allItemsOf(said)[1]).toEqual({ ...talk('item-t'), name: 'The arch', seconds: 90 });
    const twice = addAgain(plan, 'item-t', nextId)!;
    expect(allItemsOf(done(twice.command))[2]).toEqual({ ...talk('item-t'), id: twice.itemId });
    expect(order(done({ type: 'remove-item', itemId: 'item-t' }))).toBe('a b c | d');
  });

  it('is no exercise: nothing that is asked of exercises is asked of it', () => {
    expect(itemsOf(plan).map((i) => i.id)).toEqual(['item-a', 'item-b', 'item-c', 'item-d']);
    expect(applyCommand(plan, { type: 'edit-item', itemId: 'item-t', change: { locked: true } }).ok).toBe(false);
    expect(applyCommand(plan, { type: 'edit-talk', itemId: 'item-a', change: { seconds: 20 } }).ok).toBe(false);
  });

  it('opens a class behind what opens it already, closes it at its end, and else follows what is selected', () => {
    const opened = done(addTalk(plan, 'item-c', usual('first'), nextId).command);
    expect(opened.blocks[0]?.items[0]).toMatchObject({ kind: 'talk', name: 'Opening words', seconds: 60 });
    const shoes = usualTalks.find((u) => u.name === 'Shoes and socks off')!;
    const barefoot = done(addTalk(opened, null, shoes, nextId).command, opened);
    expect(barefoot.blocks[0]?.items.slice(0, 2).map((i) => i.kind === 'talk' && i.name)).toEqual([
      'Opening words',
      'Shoes and socks off',
    ]);
    const closed = done(addTalk(plan, 'item-a', usual('last'), nextId).command);
    expect(closed.blocks[1]?.items.at(-1)).toMatchObject({ name: 'Closing words' });
    const { command, itemId } = addTalk(plan, 'item-b', usual('here'), nextId);
    expect(order(done(command))).toBe(`a t b ${itemId} c | d`);
  });

  it('begins an empty class with a block around it', () => {
    const empty = newPlan('class-2', 'Nothing yet', 600);
    const begun = done(addTalk(empty, null, usual('first'), nextId).command, empty);
    expect(begun.blocks.map((b) => [b.name, b.items.length])).toEqual([['Open', 1]]);
  });

  it('of no length, or of half a day, is refused with its field', () => {
    for (const seconds of [0, 4, 40_000, Number.NaN]) {
      const refused = applyCommand(plan, { type: 'edit-talk', itemId: 'item-t', change: { seconds } });
      expect(!refused.ok && refused.error.code === 'not-valid' && refused.error.issue.path).toEqual([
        'change',
        'seconds',
      ]);
    }
  });

  it('counts among the 120 things that a class may have', () => {
    const full: Plan = {
      ...plan,
      blocks: [
        newBlock(
          'block-1',
          'Talk',
          Array.from({ length: 120 }, (_, i) => talk(`talk-no-${i}`)),
        ),
      ],
    };
    expect(PlanSchema.safeParse(full).success).toBe(true);
    expect(applyCommand(full, addTalk(full, null, usual('last'), nextId).command)).toMatchObject({
      error: { code: 'too-many-items' },
    });
  });
});

describe('a named check', () => {
  const exercise = sampleExercise('wall');
  const add = (on: Plan, selected: string | null) =>
    addCheck(on, selected, checks['knee-to-wall'], exercise, sampleRevision(1), nextId);

  it('stands in a class as an item: the exercise it is taken with, right after what is selected', () => {
    const { command, itemId } = add(plan, 'item-c');
    const made = done(command);
    expect(order(made)).toBe(`a t b c ${itemId} | d`);
    expect(itemsOf(made)[3]).toMatchObject({ exerciseId: 'wall', check: 'knee-to-wall' });
    const empty = newPlan('class-2', 'Nothing yet', 600);
    expect(done(add(empty, null).command, empty).blocks.map((b) => b.name)).toEqual(['Look']);
  });

  it('is taken once on each foot: reps until form goes, a stand until the foot comes down', () => {
    const taken = (check: CheckId) => {
      const of = catalogue.find((e) => e.id === checks[check].takenWith)!;
      const { command } = addCheck(plan, 'item-c', checks[check], of, sampleRevision(1), nextId);
      const item = itemsOf(done(command))[3];
      return sayDose(item?.dose ?? [], 'each');
    };
    expect(taken('knee-to-wall')).toBe('1 rep, each foot');
    expect(taken('rises-to-loss-of-form')).toMatch(/^\d+ reps until form goes, each foot$/);
    expect(taken('one-leg-stand')).toMatch(/^\d+ s until the foot comes down, each foot$/);
  });

  it('of the teacher’s own stands there with its name', () => {
    const own = { ...newProtocol('heel-lift', 'heel lifted from a step'), takenWith: 'wall' };
    const { command, itemId } = addCheck(plan, 'item-c', own, exercise, sampleRevision(1), nextId);
    expect(itemsOf(done(command)).find(({ id }) => id === itemId)?.check).toEqual({
      id: 'heel-lift',
      name: 'heel lifted from a step',
    });
  });

  it('is taken again at the end as a look at the class, once, before what is said last', () => {
    const { command, itemId } = add(plan, 'item-a');
    const goodbye = done(addTalk(done(command), null, usual('last'), nextId).command, done(command));
    const again = addCheckAtEnd(goodbye, itemId, nextId);
    const made = done(again!.command, goodbye);
    const last = made.blocks.at(-1)!.items;
    expect(last.at(-1)?.kind).toBe('talk');
    expect(last.at(-2)).toMatchObject({ check: 'knee-to-wall', recheck: { of: null }, exerciseId: 'wall' });
    expect(addCheckAtEnd(made, itemId, nextId)).toBeNull();
    expect(addCheckAtEnd(plan, 'item-a', nextId)).toBeNull();
  });

  it('is taken with an exercise that there is, each of them', () => {
    const known = new Set(catalogue.map((e) => e.id));
    expect(Object.values(checks).filter(({ takenWith }) => takenWith !== null && !known.has(takenWith))).toEqual([]);
  });
});

describe('what is worn beside the work', () => {
  const worn = done({ type: 'edit-item', itemId: 'item-a', change: { wornUntil: 'item-c' } });
  const through = (of: Plan) =>
    wornThrough(of, 'item-a')
      .map((i) => i.id.replace('item-', ''))
      .join(' ');

  it('is worn through every exercise up to the one behind which it is taken off', () => {
    expect(through(worn)).toBe('b c');
    expect(through(plan)).toBe('');
  });

  it('is worn through what is put between, too', () => {
    expect(through(done({ type: 'add-item', item: item('item-e'), blockId: 'block-1', index: 2 }, worn))).toBe('e b c');
  });

  it('is taken off behind the last one left when that exercise is taken out, or moved before it', () => {
    expect(through(done({ type: 'remove-item', itemId: 'item-c' }, worn))).toBe('b');
    expect(through(done({ type: 'move-item', itemId: 'item-c', blockId: 'block-1', index: 0 }, worn))).toBe('b');
  });

  it('is an exercise of its own again where none is left, at the dose it had', () => {
    const alone = ['item-c', 'item-b'].reduce((on, itemId) => done({ type: 'remove-item', itemId }, on), worn);
    expect(itemsOf(alone)[0]).toEqual(itemsOf(plan)[0]);
    const behind = done({ type: 'move-item', itemId: 'item-a', blockId: 'block-2', index: 1 }, worn);
    expect(itemsOf(behind).at(-1)).toEqual(itemsOf(plan)[0]);
  });

  it('up to itself, to something before it, to talk or to nothing there is not worn', () => {
    for (const wornUntil of ['item-b', 'item-a', 'item-nobody'])
      expect(itemsOf(done({ type: 'edit-item', itemId: 'item-b', change: { wornUntil } }))[1]?.wornUntil).toBeNull();
    expect(
      itemsOf(done({ type: 'edit-item', itemId: 'item-a', change: { wornUntil: 'item-t' } }))[0]?.wornUntil,
    ).toBeNull();
  });

  it('done once more is an exercise of its own: it is on already', () => {
    const again = addAgain(worn, 'item-a', nextId)!;
    expect(itemsOf(done(again.command, worn)).map((i) => i.wornUntil)).toEqual(['item-c', null, null, null, null]);
  });

  it('is worn through the same exercises in a copy of the class', () => {
    const copy = copyOfPlan(worn, nextId);
    const [first, , last] = itemsOf(copy);
    expect([first?.wornUntil === last?.id, last?.id === 'item-c']).toEqual([true, false]);
  });
});
