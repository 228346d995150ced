import fc from 'fast-check';
import { issuePath, issueWords } from '../issue-words';
import { reps } from '../exercise/catalogue/author';
import { anyPlan, anySides, variedExercises } from '../testing/arbitrary';
import { bareClass, sampleExercise, sampleRevision } from '../testing/sample';
import { type PlanCommand, applyCommand } from './command';
import { perform, redo, applyAll, startHistory, undo } from './history';
import { classOfItsOwn, copyOfPlan, newBlock, newItem, newPlan } from './make';
import { Plan, findItem, itemsOf } from './plan';

const press = sampleExercise('press');
const { plan } = bareClass([
  { exercise: press, dose: reps(12) },
  { exercise: sampleExercise('rise'), dose: reps(8) },
]);
const done = (command: PlanCommand, on: Plan = plan): Plan => {
  const result = applyCommand(on, command);
  if (!result.ok) throw new Error(result.error.code);
  return result.value;
};
const refused = (command: PlanCommand) => {
  const result = applyCommand(plan, command);
  return result.ok ? null : result.error;
};

describe('editing a plan', () => {
  it('adds, moves, changes and removes an item', () => {
    const item = newItem('new-1', press, sampleRevision(0));
    const added = done({ type: 'add-item', item, blockId: 'block-1', index: 1 });
    expect(itemsOf(added).map((i) => i.id)).toEqual(['item-0', 'new-1', 'item-1']);
    const moved = done({ type: 'move-item', itemId: 'new-1', blockId: 'block-1', index: 0 }, added);
    expect(itemsOf(moved).map((i) => i.id)).toEqual(['new-1', 'item-0', 'item-1']);
    const changed = done({ type: 'edit-item', itemId: 'new-1', change: { dose: [reps(20)] } }, moved);
    expect(findItem(changed, 'new-1')?.item.dose).toEqual([reps(20)]);
    expect(done({ type: 'remove-item', itemId: 'new-1' }, changed)).toEqual(plan);
  });

  it('moves an item to another block and counts an index beyond the end as the end', () => {
    const two = done({ type: 'add-block', block: newBlock('block-2', 'Close'), index: 99 });
    const moved = done({ type: 'move-item', itemId: 'item-0', blockId: 'block-2', index: 99 }, two);
    expect(moved.blocks.map((b) => b.items.map((i) => i.id))).toEqual([['item-1'], ['item-0']]);
  });

  it('never changes the plan it was given and shares what it did not touch', () => {
    const before = structuredClone(plan);
    const changed = done({ type: 'edit-item', itemId: 'item-0', change: { note: 'slowly' } });
    expect(plan).toEqual(before);
    expect(changed.blocks[0]?.items[1]).toBe(plan.blocks[0]?.items[1]);
  });

  it('takes several commands as one, or none of them', () => {
    const both: PlanCommand = {
      type: 'together',
      commands: [
        { type: 'remove-item', itemId: 'item-0' },
        { type: 'remove-item', itemId: 'item-0' },
      ],
    };
    expect(refused(both)).toEqual({ code: 'no-such-item', id: 'item-0' });
  });

  it('refuses a dose of zero and of a thousand, and says where', () => {
    for (const n of [0, 1000]) {
      const error = refused({ type: 'edit-item', itemId: 'item-0', change: { dose: [reps(n)] } });
      if (error?.code !== 'not-valid') throw new Error('not refused');
      expect(`${issuePath(error.issue)} ${issueWords(error.issue)}`).toBe(
        `change.dose.0.reps must be at ${n === 0 ? 'least 1' : 'most 200'}.`,
      );
    }
  });

  it('refuses what is not there, an id twice and more items than a class can hold', () => {
    const item = newItem('item-0', press, sampleRevision(0));
    expect(refused({ type: 'edit-item', itemId: 'gone-1', change: {} })?.code).toBe('no-such-item');
    expect(refused({ type: 'add-item', item: { ...item, id: 'fresh' }, blockId: 'gone-1', index: 0 })?.code).toBe(
      'no-such-block',
    );
    expect(refused({ type: 'add-item', item, blockId: 'block-1', index: 0 })?.code).toBe('id-in-use');
    const many = newBlock(
      'many-1',
      'Many',
      Array.from({ length: 119 }, (_, i) => ({ ...item, id: `many-${i}-x` })),
    );
    expect(refused({ type: 'add-block', block: many, index: 0 })?.code).toBe('too-many-items');
  });

  it('is written down and read back as JSON', () => {
    const command: PlanCommand = { type: 'edit-class', change: { slotSeconds: 600, title: 'Ten minutes' } };
    expect(done(JSON.parse(JSON.stringify(command)) as PlanCommand)).toEqual(done(command));
  });
});

/** Random edits, some of which do not apply: they are refused and change nothing. */
const anyCommand: fc.Arbitrary<PlanCommand> = fc.oneof(
  fc.record({
    type: fc.constant('edit-class' as const),
    change: fc.record({ slotSeconds: fc.integer({ min: 60, max: 3600 }) }),
  }),
  fc.record({
    type: fc.constant('edit-block' as const),
    blockId: blockId(),
    change: fc.record({ flow: fc.constantFrom('by-foot' as const, 'by-exercise' as const) }),
  }),
  fc.record({ type: fc.constant('move-block' as const), blockId: blockId(), index: fc.nat(4) }),
  fc.record({ type: fc.constant('remove-block' as const), blockId: blockId() }),
  fc.nat(40).map((i): PlanCommand => ({
    type: 'add-item',
    item: newItem(`added-${i}`, variedExercises[0] ?? press, sampleRevision(0)),
    blockId: 'block-1',
    index: i,
  })),
  fc.record({ type: fc.constant('edit-item' as const), itemId: itemId(), change: fc.record({ sides: anySides }) }),
  fc.record({ type: fc.constant('move-item' as const), itemId: itemId(), blockId: blockId(), index: fc.nat(6) }),
  fc.record({ type: fc.constant('remove-item' as const), itemId: itemId() }),
);
function blockId() {
  return fc.nat(2).map((b) => `block-${b}`);
}
function itemId() {
  return fc.tuple(fc.nat(2), fc.nat(3)).map(([b, i]) => `item-${b}-${i}`);
}

describe('undo, redo and applyAll', () => {
  it('undo returns the same plan, redo the edited one, after any edits', () => {
    fc.assert(
      fc.property(anyPlan(), fc.array(anyCommand, { maxLength: 12 }), (start, commands) => {
        let history = startHistory(start);
        for (const command of commands) {
          const next = perform(history, command);
          if (!next.ok) continue;
          expect(undo(next.value).plan).toBe(history.plan);
          expect(redo(undo(next.value)).plan).toEqual(next.value.plan);
          history = next.value;
        }
        let back = history;
        while (back.done.length > 0) back = undo(back);
        expect(back.plan).toBe(start);
        expect(
          applyAll(
            start,
            history.done.map((s) => s.command),
          ),
        ).toEqual({ ok: true, value: history.plan });
        expect(Plan.safeParse(history.plan).success).toBe(true);
      }),
      { numRuns: 150 },
    );
  });

  it('a new edit forgets what had been undone', () => {
    const first = perform(startHistory(plan), { type: 'remove-item', itemId: 'item-0' });
    if (!first.ok) throw new Error('refused');
    const other = perform(undo(first.value), { type: 'remove-item', itemId: 'item-1' });
    expect(other.ok && other.value.undone).toEqual([]);
  });

  it('with nothing to take back stays as it is', () => {
    const history = startHistory(plan);
    expect(undo(history)).toBe(history);
    expect(redo(history)).toBe(history);
  });
});

describe('a class taught again', () => {
  it('leads with the other foot and shares no id with the first', () => {
    let n = 0;
    const copy = copyOfPlan(plan, () => `copy-${n++}`);
    expect(copy.lead).toBe('right');
    const ids = (p: Plan) => [p.id, ...p.blocks.map((b) => b.id), ...itemsOf(p).map((i) => i.id)];
    expect(ids(copy).filter((id) => ids(plan).includes(id))).toEqual([]);
  });

  it('as it is, as a class of its own: the same foot leads, and what the teacher wanted so stays so', () => {
    const wanted = { ...plan, accepted: [{ finding: 'sides item-0', note: 'on purpose' }] };
    const own = classOfItsOwn(wanted, 'my side', 'class-own');
    expect(own).toEqual({ ...wanted, id: 'class-own', title: `${plan.title}, my side` });
  });

  it('has a name that says where it comes from, also where the first one has the longest there is', () => {
    const long = { ...plan, title: 'x'.repeat(120) };
    for (const copy of [classOfItsOwn(long, 'my side', 'class-own'), copyOfPlan(long, () => 'id')]) {
      expect(copy.title).toHaveLength(120);
      expect(copy.title).toMatch(/x, (my side|again)$/);
    }
  });

  it('starts empty, with five per cent in reserve', () => {
    const empty = newPlan('empty', 'New class', 1200);
    expect(Plan.parse(empty)).toEqual(empty);
    expect(empty.reservePercent).toBe(5);
  });

  it('what was said of a proposed exercise is said until it is edited, and again when that is undone', () => {
    const { plan: bare } = bareClass([{ exercise: press, dose: reps(12) }]);
    const [block] = bare.blocks;
    const proposed = {
      ...bare,
      blocks: [{ ...block!, items: block!.items.map((item) => ({ ...item, because: 'Wakes the toes.' })) }],
    };
    const said = (after: ReturnType<typeof applyCommand>) =>
      after.ok ? itemsOf(after.value).map(({ because }) => because) : [];
    const edit = (change: object) => applyCommand(proposed, { type: 'edit-item', itemId: 'item-0', change });
    expect(said(edit({ heads: { main: 3, easier: 0, harder: 0, other: 0 } }))).toEqual(['Wakes the toes.']);
    expect(said(edit({ dose: [reps(8)] }))).toEqual(['']);
    const history = perform(startHistory(proposed), {
      type: 'edit-item',
      itemId: 'item-0',
      change: { note: 'Count.' },
    });
    expect(history.ok && itemsOf(undo(history.value).plan)[0]?.because).toBe('Wakes the toes.');
    let made = 0;
    const copy = copyOfPlan(proposed, () => `copied-${++made}`);
    expect(itemsOf(copy).map(({ because }) => because)).toEqual(['']);
  });
});
