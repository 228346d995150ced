import { reps, timed } from '../dose';
import { kit } from '../exercise/catalogue/author';
import { type AnyItem, type Plan, newBlock, newItem, newPlan } from '../plan';
import { sampleExercise, sampleRevision } from '../testing/sample';
import type { RunEvent } from './event';
import { following, momentOf, talkOf, wearingOf, wornNow } from './moment';
import { reportOf } from './report';
import { retime } from './retime';
import { currentBout, replay } from './run';
import { tonesOf } from './tones';

const press = sampleExercise('press', { sidePattern: 'both' });
const spacers = sampleExercise('spacers', { sidePattern: 'both', kit: [kit('toe-spacers')], setup: 'fiddly' });
const find = (revision: string) => [press, spacers][Number.parseInt(revision, 16)] ?? null;
const pressed = (id: string) => ({ ...newItem(id, press, sampleRevision(0)), dose: [reps(5)] });
const worn = { ...newItem('item-s', spacers, sampleRevision(1)), dose: [timed(300)], wornUntil: 'item-b' };
const opening = {
  kind: 'talk',
  id: 'item-t',
  name: 'Opening words',
  seconds: 60,
  note: 'Who has news of their feet?',
} as const;
const planOf = (...items: AnyItem[]): Plan => ({
  ...newPlan('plan-1', 'Class', 1200),
  blocks: [newBlock('block-1', 'Work', items)],
});
const at = (plan: Plan, atMs: number, ...told: [number, RunEvent['event']][]) =>
  replay(
    plan,
    told.map(([ms, event], seq): RunEvent => ({ runId: 'run-1', deviceId: 'floor-1', seq, atMs: ms, event })),
    atMs,
    find,
  );
const go = { kind: 'started' } as const;

describe('talk on the floor', () => {
  const plan = planOf(opening, pressed('item-a'));

  it('waits for the teacher, then counts up with what it was meant to be', () => {
    const waits = at(plan, 0);
    expect([waits.status, talkOf(waits, currentBout(waits))?.name]).toEqual(['ready', 'Opening words']);
    const talking = at(plan, 42_000, [2000, go]);
    expect(momentOf(talking)).toMatchObject({ count: '0:40', of: 'of 1:00, until you tap', open: true });
  });

  it('ends when the teacher taps, not when the plan says so; the class is then that much behind', () => {
    const long = at(plan, 95_000, [0, go]);
    expect([long.status, momentOf(long)?.count]).toEqual(['work', '1:35']);
    const over = at(plan, 95_000, [0, go], [95_000, { kind: 'enough' }]);
    expect([over.status, currentBout(over)?.itemId, retime(over).behindMs]).toEqual(['ready', 'item-a', 35_000]);
  });

  it('is told with its own length afterwards, and is not missing from what was reached', () => {
    const over = at(plan, 95_000, [0, go], [95_000, { kind: 'enough' }]);
    const report = reportOf(over);
    expect(report.bouts.map((b) => [b.record.itemId, b.actualMs, b.plannedMs])).toEqual([['item-t', 95_000, 60_000]]);
    expect(report.notReached).toEqual(['item-a']);
  });

  it('is named before it comes', () => {
    const before = at(planOf(pressed('item-a'), opening), 0);
    expect(following(before)).toEqual({ kind: 'item', name: 'Opening words', setup: 'Who has news of their feet?' });
  });
});

describe('what is worn, on the floor', () => {
  const plan = planOf(worn, pressed('item-a'), pressed('item-b'), pressed('item-c'));
  const bout = (atMs: number, index: number) => at(plan, atMs, [atMs, { kind: 'moved', bout: index }]);

  it('is put on, is there to see through the exercises, is taken off, and looked at', () => {
    const states = [0, 1, 2, 3, 4].map((index) => bout(1000, index));
    expect(
      states.map((s) => [currentBout(s)?.itemId, wearingOf(s, currentBout(s)), wornNow(s).map((i) => i.id)]),
    ).toEqual([
      ['item-s', 'put-on', []],
      ['item-a', null, ['item-s']],
      ['item-b', null, ['item-s']],
      ['item-s', 'take-off', []],
      ['item-c', null, []],
    ]);
    expect(following(states[2]!)).toMatchObject({ name: 'Take off the toe spacers' });
  });

  it('goes on to the next as soon as it is on: there is nothing to count, and nothing sounds', () => {
    expect(tonesOf(currentBout(at(plan, 0))!, plan)).toEqual([]);
    const on = at(plan, 30_000, [0, go], [20_000, go]);
    expect([on.status, currentBout(on)?.itemId]).toEqual(['ready', 'item-a']);
    expect(reportOf(on).notReached).not.toContain('item-s');
  });
});
