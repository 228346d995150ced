import fc from 'fast-check';
import { reps } from '../exercise/catalogue/author';
import { anyPlan } from '../testing/arbitrary';
import { bareClass, sampleExercise, sampleRevision } from '../testing/sample';
import type { PlanCommand } from './command';
import {
  type History,
  KeptHistory,
  applyAll,
  perform,
  putAside,
  redo,
  startHistory,
  takeBack,
  takenAgain,
  undo,
} from './history';
import { newItem } from './make';
import { findItem, itemsOf } from './plan';

const press = sampleExercise('press');
const { plan } = bareClass([
  { exercise: press, dose: reps(12) },
  { exercise: press, dose: reps(8) },
  { exercise: press, dose: reps(6) },
]);
const out = (itemId: string): PlanCommand => ({ type: 'remove-item', itemId });
const dosed = (itemId: string, n: number): PlanCommand => ({ type: 'edit-item', itemId, change: { dose: [reps(n)] } });
const after = (history: History, ...commands: readonly PlanCommand[]): History =>
  commands.reduce((so, command) => {
    const next = perform(so, command);
    if (!next.ok) throw new Error(next.error.code);
    return next.value;
  }, history);
const ids = (history: History) => itemsOf(history.plan).map((i) => i.id);

describe('steps put aside as text', () => {
  const asText = (history: History, most = 100) =>
    KeptHistory.parse(JSON.parse(JSON.stringify(putAside(history, most))));

  it('are the same steps when they are taken again: each can be taken back, and what was taken back be done', () => {
    const history = undo(after(startHistory(plan), out('item-1'), dosed('item-2', 10), out('item-0')));
    const again = takenAgain(asText(history))!;
    expect(again).toEqual(history);
    expect(undo(undo(again)).plan).toEqual(plan);
    expect(ids(redo(again))).toEqual(['item-2']);
  });

  it('are no more than asked for, the latest', () => {
    const history = after(startHistory(plan), out('item-1'), dosed('item-2', 10), out('item-0'));
    const again = takenAgain(asText(history, 2))!;
    expect(again.plan).toEqual(history.plan);
    expect(again.done).toHaveLength(2);
    expect(ids(undo(undo(again)))).toEqual(['item-0', 'item-2']);
  });

  it('are none where the plan cannot be read, or one makes no sense on it', () => {
    const kept = asText(after(startHistory(plan), out('item-1')));
    expect(takenAgain({ ...kept, from: { title: 'torn' } })).toBeNull();
    expect(takenAgain({ ...kept, done: [...kept.done, ...kept.done] })).toBeNull();
  });
});

describe('taking back one step of several', () => {
  it('brings an item back where it was, and keeps what was done since', () => {
    const history = after(startHistory(plan), out('item-1'), dosed('item-2', 10), out('item-0'));
    const back = takeBack(history, history.done[0]!);
    if (!back.ok) throw new Error(back.error.code);
    expect(ids(back.value)).toEqual(['item-1', 'item-2']);
    expect(findItem(back.value.plan, 'item-2')?.item.dose).toEqual([reps(10)]);
  });

  it('of the newest step is the same as undo, but is not offered again', () => {
    const history = after(startHistory(plan), dosed('item-0', 5), out('item-2'));
    const back = takeBack(history, history.done[1]!);
    expect(back.ok && back.value.plan).toEqual(undo(history).plan);
    expect(back.ok && back.value.undone).toEqual([]);
  });

  it('is refused where a later step makes no sense without it, and nothing has changed', () => {
    const item = newItem('added-1', press, sampleRevision(0));
    const add: PlanCommand = { type: 'add-item', item, blockId: 'block-1', index: 0 };
    const history = after(startHistory(plan), add, dosed('added-1', 4));
    expect(takeBack(history, history.done[0]!)).toEqual({ ok: false, error: { code: 'no-such-item', id: 'added-1' } });
    expect(ids(history)).toEqual(['added-1', 'item-0', 'item-1', 'item-2']);
  });

  it('is refused where the step is gone already', () => {
    const history = after(startHistory(plan), out('item-1'));
    const [step] = history.done;
    expect(takeBack(undo(history), step!)).toEqual({ ok: false, error: { code: 'no-such-step' } });
  });

  it('equals never having taken it (any class, any step whose neighbours do not need it)', () => {
    fc.assert(
      fc.property(anyPlan(), fc.array(fc.nat(), { minLength: 2, maxLength: 6 }), fc.nat(), (start, picks, which) => {
        const items = itemsOf(start);
        if (items.length === 0) return;
        const commands = picks.map((pick, i): PlanCommand => ({
          type: 'edit-item',
          itemId: items[pick % items.length]!.id,
          change: i % 2 === 0 ? { note: `note ${i}` } : { locked: pick % 2 === 0 },
        }));
        const history = after(startHistory(start), ...commands);
        const at = which % commands.length;
        const back = takeBack(history, history.done[at]!);
        expect(back.ok && back.value.plan).toEqual(
          (
            applyAll(
              start,
              commands.filter((_, i) => i !== at),
            ) as { value: unknown }
          ).value,
        );
      }),
      { numRuns: 60 },
    );
  });
});

describe('a long evening of edits', () => {
  it('keeps the last five hundred steps, and undoes them all', () => {
    const many = Array.from({ length: 520 }, (_, i) => dosed('item-0', (i % 30) + 1));
    let history = after(startHistory(plan), ...many);
    expect(history.done).toHaveLength(500);
    const { plan: last } = history;
    for (let i = 0; i < 500; i++) history = undo(history);
    expect(undo(history)).toBe(history);
    // step 20 of 520 is the oldest state there is
    expect(findItem(history.plan, 'item-0')?.item.dose).toEqual([reps(20)]);
    for (let i = 0; i < 500; i++) history = redo(history);
    expect(history.plan).toEqual(last);
  });
});
