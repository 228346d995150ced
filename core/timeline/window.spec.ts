import { holds, reps } from '../dose';
import { defaultSchool, resolve } from '../exercise';
import { catalogue } from '../exercise/catalogue';
import { ladder, range, rung, saw } from '../exercise/catalogue/author';
import { fillWindow } from '../dose';
import { newItem } from '../plan';
import { bareClass, sampleExercise } from '../testing/sample';
import { optionWindows, windowMsOf } from './option-window';

const levels = catalogue.flatMap((exercise) =>
  (exercise.ladder?.rungs ?? []).map((level) => [`${exercise.id} ${level.id}`, exercise, level] as const),
);

describe('the window of a level', () => {
  it.each(levels)('%s fills its own with its own usual dose, and no rest is left', (_, exercise, level) => {
    const found = resolve(exercise, level.id, defaultSchool);
    if (!found.ok) throw new Error(found.error.code);
    const { doses, phaseSeconds, sidePattern } = found.value;
    const item = { ...newItem('item-1', exercise, '0'.repeat(16)), dose: doses.usual };
    const filled = fillWindow(
      doses.usual,
      doses.most,
      windowMsOf(item, found.value),
      phaseSeconds,
      sidePattern === 'alternate',
    );
    expect(filled).toEqual({ dose: doses.usual, restMs: 0, tooLong: false });
  });
});

describe('an easier or harder option', () => {
  const twoLevels = (change: Parameters<typeof sampleExercise>[1], harder: Parameters<typeof rung>[5] = {}) => {
    const base = sampleExercise('press', change);
    const doses = range(holds(1, 5, 0), holds(3, 10, 5), holds(10, 10, 5));
    return {
      ...base,
      doses,
      ladder: ladder(
        'low',
        rung('low', 'low', { amount: 'small' }, doses, saw('Seen.')),
        rung('middle', 'middle', { amount: 'middle' }, range(reps(2), reps(4), reps(60)), saw('Seen.'), harder),
        rung('high', 'high', { amount: 'large' }, doses, null),
      ),
    };
  };
  const windowOf = (exercise: ReturnType<typeof twoLevels>, dose = [holds(3, 10, 5)]) => {
    const { plan, timeline } = bareClass([{ exercise, dose, item: { rungId: 'low', harder: { rungId: 'middle' } } }]);
    return optionWindows(plan, timeline.items[0]!);
  };

  it('has the work and the rests inside it: three holds of 10 s with 5 s between are 40 s, ten reps of 4 s', () => {
    expect(windowOf(twoLevels({}))).toMatchObject([{ which: 'harder', dose: [reps(10)], restMs: 0, tooLong: false }]);
  });

  it('has half of it a foot where it goes foot by foot beside a level on both: 20 s are five reps', () => {
    const mixed = twoLevels({ sidePattern: 'both' }, { change: { sidePattern: 'each' } });
    const phases = mixed.performance.phases.map((phase) => ({ ...phase, other: null }));
    const [option] = windowOf({ ...mixed, performance: { ...mixed.performance, phases } });
    expect(option).toMatchObject({ dose: [reps(5)], restMs: 0 });
  });

  it('counts both feet where they alternate: 40 s are five reps of 4 s on each', () => {
    const [option] = windowOf(twoLevels({ sidePattern: 'both' }, { change: { sidePattern: 'alternate' } }));
    expect(option?.dose).toEqual([reps(5)]);
  });

  it('says so when its shortest form outlasts the window', () => {
    const long = twoLevels(
      {},
      { change: { phases: twoLevels({}, {}).performance.phases.map((p) => ({ ...p, seconds: 60 })) } },
    );
    expect(windowOf(long)).toMatchObject([{ tooLong: true }]);
  });
});
