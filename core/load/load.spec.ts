import { foot, holds, phase, reps, standing, timed } from '../exercise/catalogue/author';
import { catalogue } from '../exercise/catalogue';
import { defaultSchool, resolve } from '../exercise';
import { type RunEvent, replay } from '../run';
import { bareClass, sampleExercise } from '../testing/sample';
import { busier, isRise, itemLoads, loadsDone, together } from './load';

const found = (id: string) => {
  const exercise = catalogue.find((one) => one.id === id);
  if (!exercise) throw new RangeError(id);
  return exercise;
};
const rise = found('two-foot-rise');
const jumps = found('small-jumps');
const press = sampleExercise('press', { regions: { 'arch-intrinsics': 2 } }, [2, 2]);

describe('what a class asks of the feet, summed by hand', () => {
  it('12 rises on both feet are 12 on each; three sets of them 36', () => {
    const { timeline } = bareClass([
      { exercise: rise, dose: reps(12) },
      { exercise: rise, dose: reps(12, { sets: 3 }) },
    ]);
    expect(itemLoads(timeline).map(({ rises }) => rises)).toEqual([
      { left: 12, right: 12 },
      { left: 36, right: 36 },
    ]);
  });

  it('a hold on top is one rise, however long; a press sitting down is none', () => {
    const { timeline } = bareClass([
      { exercise: rise, dose: holds(3, 20, 5) },
      { exercise: press, dose: reps(10) },
    ]);
    expect(itemLoads(timeline).map(({ rises }) => busier(rises))).toEqual([3, 0]);
  });

  it('16 jumps on two feet are 16 landings on each foot, and no rises besides', () => {
    const { timeline } = bareClass([{ exercise: jumps, dose: reps(16), item: { rungId: 'free' } }]);
    const [load] = itemLoads(timeline);
    expect(load?.landings).toEqual({ left: 16, right: 16 });
    expect(load?.rises).toEqual({ left: 0, right: 0 });
  });

  it('jumps for 20 s at one a second are 20; bouncing that never leaves the floor is none', () => {
    const seconds = jumps.performance.phases.reduce((sum, phase) => sum + phase.seconds, 0);
    expect(seconds).toBe(1);
    const { timeline } = bareClass([
      { exercise: jumps, dose: timed(20), item: { rungId: 'free' } },
      { exercise: jumps, dose: reps(16), item: { rungId: 'bounce' } },
    ]);
    expect(itemLoads(timeline).map(({ landings }) => busier(landings))).toEqual([20, 0]);
  });

  it('a region has its rating times the minutes its foot works: 15 presses of 4 s rated 2 are 2 on each', () => {
    const { timeline } = bareClass([{ exercise: press, dose: reps(15) }]);
    expect(itemLoads(timeline)[0]?.regions).toEqual({ 'arch-intrinsics': { left: 2, right: 2 } });
  });

  it('one foot alone carries alone, and the busier foot is what counts', () => {
    const single = found('single-leg-rise');
    const { timeline } = bareClass([
      { exercise: single, dose: reps(8), item: { rungId: single.ladder?.startRung ?? null } },
      {
        exercise: single,
        dose: reps(8),
        item: { rungId: single.ladder?.startRung ?? null, sides: { mode: 'one-foot', side: 'left' } },
      },
    ]);
    const load = together(itemLoads(timeline));
    expect(load.rises).toEqual({ left: 16, right: 8 });
    expect(busier(load.rises)).toBe(16);
  });

  it('a rise that drops into a landing is both', () => {
    const drop = found('rise-and-drop-to-landing');
    const { timeline } = bareClass([{ exercise: drop, dose: reps(6), item: { rungId: 'held' } }]);
    const [load] = itemLoads(timeline);
    expect([load?.rises, load?.landings]).toEqual([
      { left: 6, right: 6 },
      { left: 6, right: 6 },
    ]);
  });

  it('knows a rise by what the foot does: heel up under weight, standing', () => {
    const settled = (id: string) => {
      const exercise = found(id);
      const way = resolve(exercise, exercise.ladder?.startRung ?? null, defaultSchool);
      if (!way.ok) throw new RangeError(id);
      return way.value;
    };
    for (const id of [
      'two-foot-rise',
      'single-leg-rise',
      'rise-and-stay',
      'step-rise-straight-knee',
      'three-point-rise',
      'push-off',
    ])
      expect([id, isRise(settled(id))]).toEqual([id, true]);
    for (const id of [
      'short-foot',
      'ankle-circles',
      'seated-toes-tucked',
      'calf-stretch-straight-knee',
      'one-leg-stand',
    ])
      expect([id, isRise(settled(id))]).toEqual([id, false]);
  });
});

describe('a heel that is up without weight', () => {
  it('is no rise: the ball has to carry', () => {
    const hovering = sampleExercise('hover', {
      position: 'standing',
      regions: { calf: 2 },
      phases: [
        phase(
          'hover',
          2,
          foot(standing, { heelHeightCm: 6, contacts: { innerBall: ['lift', 'air'], outerBall: ['lift', 'air'] } }),
        ),
      ],
    });
    const carried = sampleExercise('carried', {
      position: 'standing',
      regions: { calf: 2 },
      phases: [phase('up', 2, foot(standing, { heelHeightCm: 6 }))],
    });
    const loaded = (exercise: typeof hovering) => ({ ...exercise, stage: 'loaded' as const });
    const rises = [hovering, carried].map((exercise) => {
      const { timeline } = bareClass([{ exercise: loaded(exercise), dose: reps(5) }]);
      return busier(itemLoads(timeline)[0]?.rises ?? { left: NaN, right: NaN });
    });
    expect(rises).toEqual([0, 5]);
  });
});

describe('what a taught class asked', () => {
  it('is as much of each exercise as was done: six of twelve rises are six', () => {
    const { plan } = bareClass([{ exercise: rise, dose: reps(12) }]);
    const rep = rise.performance.phases.reduce((sum, phase) => sum + phase.seconds, 0) * 1000;
    const at = (seq: number, atMs: number, event: RunEvent['event']): RunEvent => ({
      runId: 'run-1',
      deviceId: 'dev-1',
      seq,
      atMs,
      event,
    });
    const events = [at(1, 0, { kind: 'started' }), at(2, 6 * rep + 100, { kind: 'ended' })];
    const state = replay(plan, events, 7 * rep, () => rise);
    expect(loadsDone(state)[0]?.rises).toEqual({ left: 6, right: 6 });
  });

  it('that was not reached asked nothing', () => {
    const { plan } = bareClass([{ exercise: rise, dose: reps(12) }]);
    const state = replay(plan, [], 0, () => rise);
    expect(busier(together(loadsDone(state)).rises)).toBe(0);
  });
});
