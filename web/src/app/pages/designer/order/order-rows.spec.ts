import { reps, timed } from '@core/dose';
import { kit } from '@core/exercise/catalogue/author';
import { type AnyItem, type Block, type Plan, newBlock, newItem, newPlan } from '@core/plan';
import { sampleExercise, sampleRevision, timelineOf } from '@core/testing/sample';
import { orderBlocks } from './order-rows';

const press = sampleExercise('press');
const spacers = sampleExercise('spacers', { sidePattern: 'both', kit: [kit('toe-spacers')], setup: 'fiddly' });
const pressed = (id: string) => ({ ...newItem(id, press, sampleRevision(0)), dose: [reps(5)] });
const worn = {
  ...newItem('item-s', spacers, sampleRevision(1)),
  dose: [timed(300)],
  wornUntil: 'item-b',
};
const talk = { kind: 'talk', id: 'item-t', name: 'Shoes off', seconds: 60, note: 'By the door.' } as const;
const planOf = (...blocks: Block[]): Plan => ({ ...newPlan('plan-1', 'Class', 1200), blocks });
const rowsOf = (plan: Plan) => orderBlocks(plan, timelineOf(plan, [press, spacers]), []);
const work = (items: AnyItem[], change: Partial<Block> = {}) => ({ ...newBlock('block-1', 'Work', items), ...change });

describe('the rows of the running order', () => {
  it('show talk with its time and what there is to say, without a dose, feet or levels', () => {
    const [first] = rowsOf(planOf(work([talk, pressed('item-a')])))[0]!.rows;
    expect(first).toMatchObject({
      name: 'Shoes off',
      start: '0:00',
      length: '1:00',
      talk: true,
      dose: 'By the door.',
      order: '',
      levels: [],
      isNew: '',
    });
  });

  it('show what the teacher keeps in mind: an own tempo, the breath, the check, the note; nothing where there is none', () => {
    const plain = rowsOf(planOf(work([pressed('item-a')])))[0]!.rows[0]!;
    expect([plain.said, plain.marks]).toEqual(['', []]);
    const rise = sampleExercise('rise', {}, [2, 1, 3]);
    const item = {
      ...newItem('item-a', rise, sampleRevision(0)),
      dose: [{ ...reps(5), tempoSeconds: [2, 2, 4] }],
      cues: { breath: 'Out on the way up.' },
      note: 'Count aloud.',
      check: 'knee-to-wall' as const,
    };
    const plan = planOf(work([item]));
    const [row] = orderBlocks(plan, timelineOf(plan, [rise]), [])[0]!.rows;
    expect(row!.said).toBe('2 s phase a, 2 s phase b, 4 s phase c · Out on the way up. · Count aloud.');
    expect(row!.marks).toEqual(['check: knee to the wall, heel down']);
  });

  it('say how long something is worn, through how much, and under which row it comes off', () => {
    const rows = rowsOf(planOf(work([worn, pressed('item-a'), pressed('item-b'), pressed('item-c')])))[0]!.rows;
    expect(rows[0]!.dose).toMatch(/^worn through 2 exercises, \d:\d\d$/);
    expect(rows.map((row) => row.then.map((off) => off.words))).toEqual([[], [], ['Take off the toe spacers'], []]);
  });

  it('show what comes off in another block there, not where it was put on', () => {
    const [first, second] = rowsOf(
      planOf(work([worn, pressed('item-a')]), newBlock('block-2', 'End', [pressed('item-b')])),
    );
    expect(first!.rows.flatMap((row) => row.then)).toEqual([]);
    expect(second!.rows[0]!.then.map((off) => off.words)).toEqual(['Take off the toe spacers']);
  });

  it('show it among the passes of a block taught foot by foot: it comes off on the second', () => {
    const [block] = rowsOf(planOf(work([worn, pressed('item-a'), pressed('item-b')], { flow: 'by-foot' })));
    expect(block!.rows.map((row) => row.then.map((then) => then.words))).toEqual([
      [],
      [],
      ['stand and compare the feet', 'press', 'press', 'Take off the toe spacers'],
    ]);
  });

  it('are in the order of the clock where talk parts two rings: each ring closes before the next begins', () => {
    const items = [pressed('item-a'), talk, pressed('item-b')];
    const [block] = rowsOf(planOf(work(items, { flow: 'by-foot' })));
    expect(block!.rows.map((row) => row.then.map((then) => then.words))).toEqual([
      ['stand and compare the feet', 'press'],
      [],
      ['stand and compare the feet', 'press'],
    ]);
    const starts = block!.rows.flatMap((row) => [row.start, ...row.then.map((then) => then.start)]);
    expect(starts).toEqual([...starts].sort());
  });
});
