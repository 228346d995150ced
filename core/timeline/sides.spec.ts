import { holds, reps, timed } from '../dose';
import type { Item, Plan } from '../plan';
import { changeFoot, changeSides, newItem } from '../plan';
import { bareClass, sampleExercise, sampleRevision } from '../testing/sample';
import type { Timeline } from './timeline';

const one = sampleExercise('press');
const inTurn = sampleExercise('step', { sidePattern: 'alternate' });
const both = sampleExercise('rise', { sidePattern: 'both' });
const timelineOf = (exercise: typeof one, dose: Item['dose'][number], item: Partial<Item>) =>
  bareClass([{ exercise, dose, item }]).timeline;
const work = ({ leftWorkMs, rightWorkMs }: Timeline) => [leftWorkMs / 1000, rightWorkMs / 1000];

describe('sides as taught (practice)', () => {
  it('one foot only: no change of foot, and nothing on the other', () => {
    const t = timelineOf(one, reps(10), { sides: { mode: 'one-foot', side: 'right' } });
    expect([work(t), t.totalMs, t.events.some((e) => e.kind === 'switch')]).toEqual([[0, 40], 40_000, false]);
    expect(work(timelineOf(inTurn, reps(10), { sides: { mode: 'one-foot', side: 'left' } }))).toEqual([40, 0]);
  });

  it('three more for the weaker foot are three reps more, and it goes first', () => {
    const t = timelineOf(one, reps(10), { sides: { mode: 'extra-reps', weaker: 'right', more: 3 } });
    expect([work(t), t.events[0]?.feet]).toEqual([[40, 52], 'right']);
  });

  it('three more where the feet take turns follow at the end, on the weaker one alone', () => {
    const t = timelineOf(inTurn, reps(10), { sides: { mode: 'extra-reps', weaker: 'right', more: 3 } });
    expect(work(t)).toEqual([40, 52]);
    expect(t.events.slice(-3).map((e) => [e.feet, e.count?.unit])).toEqual([
      ['right', 1],
      ['right', 2],
      ['right', 3],
    ]);
  });

  it('of a single hold or a time, more is seconds', () => {
    const sides = { mode: 'extra-reps', weaker: 'left', more: 5 } as const;
    expect(work(timelineOf(one, holds(1, 20, 5), { sides }))).toEqual([25, 20]);
    expect(work(timelineOf(one, timed(30), { sides }))).toEqual([35, 30]);
  });

  it('the lead foot of an item goes before that of the class', () => {
    expect(timelineOf(one, reps(1), { lead: 'right' }).events[0]?.feet).toBe('right');
  });

  it('changing how the sides share it keeps the foot that was named', () => {
    const item = newItem('a', one, sampleRevision(0));
    const weaker: Item = { ...item, sides: { mode: 'extra-set', weaker: 'right' } };
    expect(changeSides(weaker, 'one-foot', 'left')).toEqual({ mode: 'one-foot', side: 'right' });
    expect(changeSides(weaker, 'extra-reps', 'left')).toEqual({ mode: 'extra-reps', weaker: 'right', more: 3 });
    expect(changeSides(item, 'weaker-first', 'left')).toEqual({ mode: 'weaker-first', weaker: 'left' });
    expect(changeFoot(item, 'right')).toEqual({ lead: 'right' });
    expect(changeFoot({ ...item, sides: { mode: 'one-foot', side: 'left' } }, 'right')).toEqual({
      sides: { mode: 'one-foot', side: 'right' },
    });
  });
});

describe('foot by foot as it is taught (practice)', () => {
  const three = (change: readonly Partial<Item>[], block: Partial<Plan['blocks'][number]> = {}) => {
    const entries = [one, both, one].map((exercise, i) => ({
      exercise,
      dose: reps(2),
      ...(change[i] && { item: change[i] }),
    }));
    const { plan } = bareClass(entries, {}, 'by-foot');
    const [of] = plan.blocks;
    const blocks = of ? [{ ...of, ...block }] : [];
    return bareClass(entries, { pace: { ...plan.pace, compareSeconds: 20 }, blocks }, 'by-foot').timeline;
  };
  const passes = (t: Timeline) => [
    ...new Set(t.events.map((e) => (e.kind === 'compare' ? 'compare' : `${e.itemId?.slice(-1) ?? ''} ${e.feet}`))),
  ];

  it('a two-foot exercise parts two rounds, or is done in each pass', () => {
    expect(three([]).events.filter((e) => e.kind === 'compare')).toHaveLength(2);
    const each = three([{}, { inEachPass: true }]);
    expect(passes(each)).toEqual(['0 left', '1 both', '2 left', 'compare', '0 right', '2 right']);
    expect(each.items[1]?.visits).toHaveLength(2);
    expect(each.items[1]?.workMs).toBe((2 * each.items[0]!.workMs) / 2);
  });

  it('the second foot may go backwards through the exercises', () => {
    expect(passes(three([{}, { inEachPass: true }], { secondOrder: 'reversed' })).slice(-2)).toEqual([
      '2 right',
      '0 right',
    ]);
  });

  it('the pause to compare may be left out', () => {
    expect(passes(three([{}, { inEachPass: true }], { compare: false }))).not.toContain('compare');
  });

  it('an exercise for one foot stands in that foot’s pass alone', () => {
    const t = three([{}, { inEachPass: true }, { sides: { mode: 'one-foot', side: 'right' } }]);
    expect(passes(t)).toEqual(['0 left', '1 both', 'compare', '0 right', '2 right']);
  });

  it('one foot alone has nothing to compare', () => {
    const alone = { sides: { mode: 'one-foot', side: 'left' } } as const;
    expect(passes(three([alone, { inEachPass: true }, alone]))).toContain('compare');
    const { timeline } = bareClass([{ exercise: one, dose: reps(2), item: alone }], {}, 'by-foot');
    expect(passes(timeline)).toEqual(['0 left']);
  });
});
