import { reps } from '../exercise/catalogue/author';
import { catalogue } from '../exercise/catalogue';
import { bareClass, sampleExercise } from '../testing/sample';
import { against, classLoad } from './class-load';

const found = (id: string) => {
  const exercise = catalogue.find((one) => one.id === id);
  if (!exercise) throw new RangeError(id);
  return exercise;
};
const seconds = ({ performance: { phases } }: ReturnType<typeof found>): number =>
  phases.reduce((sum, phase) => sum + phase.seconds, 0);

describe('what a class asks of the feet, all together', () => {
  it('12 rises on two feet and 8 on each foot alone are 20 rises on each foot, by hand', () => {
    const { timeline } = bareClass([
      { exercise: found('two-foot-rise'), dose: reps(12) },
      { exercise: found('single-leg-rise'), dose: reps(8) },
    ]);
    expect(classLoad(timeline).rises).toEqual({ left: 20, right: 20 });
  });

  it('24 small jumps, 16 and then 8, are 24 landings on each foot', () => {
    const { timeline } = bareClass([
      { exercise: found('small-jumps'), dose: reps(16), item: { rungId: 'free' } },
      { exercise: found('small-jumps'), dose: reps(8), item: { rungId: 'free' } },
    ]);
    expect(classLoad(timeline).landings).toEqual({ left: 24, right: 24 });
  });

  it('rolling one sole for its time stands on the other foot for the same time, and back', () => {
    const roll = catalogue.find(
      ({ performance: { sidePattern, phases } }) =>
        sidePattern === 'each' && phases.some(({ other }) => other?.role === 'stands'),
    )!;
    const { timeline } = bareClass([{ exercise: roll, dose: reps(10) }]);
    const { worksMs, standsMs, balance } = classLoad(timeline);
    const eachMs = 10 * 1000 * seconds(roll);
    expect(worksMs).toEqual({ left: eachMs, right: eachMs });
    expect(standsMs).toEqual({ left: eachMs, right: eachMs });
    const { working, standing } = roll.performance.balance;
    expect(balance.left).toBeCloseTo(((working + standing) * eachMs) / 60_000, 6);
  });

  it('sitting, the other foot stands for nobody', () => {
    const { timeline } = bareClass([{ exercise: sampleExercise('press'), dose: reps(10) }]);
    expect(classLoad(timeline).standsMs).toEqual({ left: 0, right: 0 });
  });

  it('kinds and directions share out the work; of an exercise that trains two ways each has half', () => {
    const wave = sampleExercise('wave', {}, [2, 2]);
    const both = { ...wave, family: 'toes' as const, directions: ['toes-curl' as const, 'toes-lift' as const] };
    const { timeline } = bareClass([{ exercise: both, dose: reps(15) }]);
    const { families, directions } = classLoad(timeline);
    // 15 reps of 4 s on each foot, one after the other
    expect(families).toEqual([{ family: 'toes', ms: 120_000 }]);
    expect(directions.filter(({ ms }) => ms > 0)).toEqual([
      { direction: 'toes-curl', ms: 60_000 },
      { direction: 'toes-lift', ms: 60_000 },
    ]);
    expect(directions.reduce((sum, { ms }) => sum + ms, 0)).toBe(timeline.workMs);
  });

  it('hard work of a part counts on through a short pause, and begins anew after half a minute of something else', () => {
    const arch = sampleExercise('arch', { regions: { 'arch-intrinsics': 3 }, sidePattern: 'both' }, [2, 2]);
    const easy = sampleExercise('easy', { regions: { shin: 1 }, sidePattern: 'both' }, [2, 2]);
    const of = (pause: number) => {
      const { timeline } = bareClass([
        { exercise: arch, dose: reps(10) },
        { exercise: easy, dose: reps(pause) },
        { exercise: arch, dose: reps(15) },
      ]);
      return classLoad(timeline).regions.find(({ region }) => region === 'arch-intrinsics')!;
    };
    // 40 s, 20 s of something else, 60 s
    expect(of(5)).toMatchObject({ hardMs: 100_000, longestMs: 120_000 });
    // 40 s, 40 s of something else, 60 s
    expect(of(10)).toMatchObject({ hardMs: 100_000, longestMs: 60_000 });
  });

  it('asks nothing where there is nothing', () => {
    expect(classLoad({ items: [], events: [] })).toMatchObject({
      rises: { left: 0, right: 0 },
      regions: [],
      families: [],
    });
  });
});

describe('this class against the last ones', () => {
  it('stands out beyond all that was, and by more than a fifth of the usual', () => {
    expect(against(40, [20, 24, 30, 28])).toEqual({ now: 40, usual: 26, least: 20, most: 30, stands: 'more' });
    expect(against(31, [28, 29, 30]).stands).toBe('as usual');
    expect(against(10, [20, 24, 30]).stands).toBe('less');
    expect(against(25, [20, 24, 30]).stands).toBe('as usual');
  });

  it('says nothing of the first', () => {
    expect(against(10, [])).toEqual({ now: 10, usual: null, least: null, most: null, stands: 'no class before' });
  });
});
