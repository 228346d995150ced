import { reps } from '../exercise/catalogue/author';
import { bareClass, sampleExercise } from '../testing/sample';
import { weaveOf } from './weave';

describe('the weave', () => {
  it('shades a row by its heaviest region, while the item lasts', () => {
    const rise = sampleExercise('rise', {
      sidePattern: 'both',
      regions: { calf: 3, 'deep-calf': 1, 'toe-flexors': 1 },
    });
    const { timeline } = bareClass([{ exercise: rise, dose: reps(5) }]);
    expect(weaveOf(timeline)).toEqual([
      { row: 'toes', itemId: 'item-0', startMs: 0, endMs: 20_000, rating: 1 },
      { row: 'calf', itemId: 'item-0', startMs: 0, endMs: 20_000, rating: 3 },
    ]);
  });

  it('shows both visits of an item taught foot by foot', () => {
    const press = sampleExercise('press', { regions: { 'arch-intrinsics': 2 } });
    const { timeline } = bareClass([{ exercise: press, dose: reps(5) }], {}, 'by-foot');
    expect(weaveOf(timeline).map((c) => [c.startMs, c.endMs])).toEqual([
      [0, 20_000],
      [20_000, 40_000],
    ]);
  });
});
