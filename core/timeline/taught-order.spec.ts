import { reps } from '../dose';
import { bareClass, sampleExercise } from '../testing/sample';
import { taughtOrder } from './taught-order';

const press = sampleExercise('press');
const entries = [
  { exercise: press, dose: reps(2) },
  { exercise: press, dose: reps(3) },
];
const order = (flow: 'by-exercise' | 'by-foot') => {
  const { plan, timeline } = bareClass(entries, { pace: { ...bareClass([]).plan.pace, compareSeconds: 20 } }, flow);
  return (taughtOrder(plan, timeline).get('block-1') ?? []).map((s) => [
    s.itemId ?? 'compare',
    s.feet,
    s.startMs / 1000,
    s.totalMs / 1000,
    s.visit,
  ]);
};

describe('a block as it is taught', () => {
  it('exercise by exercise: each item once, on both feet', () => {
    expect(order('by-exercise')).toEqual([
      ['item-0', 'both', 0, 16, 1],
      ['item-1', 'both', 16, 24, 1],
    ]);
  });

  it('foot by foot: one whole foot, the pause, the other, each with its own times', () => {
    expect(order('by-foot')).toEqual([
      ['item-0', 'left', 0, 8, 1],
      ['item-1', 'left', 8, 12, 1],
      ['compare', 'both', 20, 20, 1],
      ['item-0', 'right', 40, 8, 2],
      ['item-1', 'right', 48, 12, 2],
    ]);
  });
});
