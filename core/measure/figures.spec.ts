import { jStat } from 'jstat';
import { linearRegression, median as theirMedian } from 'simple-statistics';
import { numbers, sampleReading } from '../testing/sample-reading';
import { plain } from '../testing/simulation/situation';
import { chanceWords } from './by-chance';
import { checks } from './checks';
import { median } from './median';
import { numberCheck } from './protocol';
import { sidesOf } from './sides';
import { noiseInStudio } from './studio';
import { minimalDetectableChange, standardErrorOfMeasurement } from './minimal-detectable-change';
import { normalBelow } from './normal';
import { noiseOfTrials, ownNoise, studioNoise } from './noise';
import { slopeOf } from './slope';
import { wilson } from './wilson';
import { pointAt } from '../testing/noisy-students';

describe('the noise of a method', () => {
  it('is SD · √(1 − ICC), and a change is 1.96 · √2 of it (Weir 2005, J Strength Cond Res 19:231; worked by hand)', () => {
    // SD 6°, ICC 0.75: √0.25 = 0.5, so 3°; 1.96 · 1.41421 · 3 = 8.3156
    expect(standardErrorOfMeasurement(6, 0.75)).toBe(3);
    expect(minimalDetectableChange(3)).toBeCloseTo(8.3156, 3);
  });

  it('of a tape at the wall is a change of 1.5 cm, of an inclinometer 3.8° (Konor et al. 2012, IJSPT 7:279; from memory, upper end)', () => {
    expect(minimalDetectableChange(0.54)).toBeCloseTo(1.5, 1);
    expect(minimalDetectableChange(1.4)).toBeCloseTo(3.8, 0);
  });

  it('refuses a reliability outside nought to one', () => {
    expect(() => standardErrorOfMeasurement(6, 1.2)).toThrow(RangeError);
    expect(() => standardErrorOfMeasurement(-1, 0.5)).toThrow(RangeError);
  });

  it('of a protocol that says none comes from its trials, once there are enough of them', () => {
    // deviations 1, 0, 1 and 2, 0, 2: Σ = 2 + 8 = 10 over 4 degrees of freedom = 2.5; (1 + 1/3) · 2.5 = 3.3333
    const dates = [
      [10, 11, 12],
      [20, 22, 24],
    ];
    expect(noiseOfTrials(dates, 3)).toBeCloseTo(Math.sqrt(10 / 3), 10);
    expect(noiseOfTrials([[10, 12]], 3)).toBeNull();
  });

  it('of a studio needs a dozen pairs, and is never under two thirds of the starting figure', () => {
    const quiet = [Array.from({ length: 20 }, (_, i) => pointAt(i, 0))];
    expect(studioNoise(3, [quiet[0]!.slice(0, 13)])).toBe(3);
    expect(studioNoise(3, quiet)).toBeGreaterThanOrEqual(2);
    expect(studioNoise(3, quiet)).toBeLessThan(3);
    const loud = [Array.from({ length: 200 }, (_, i) => pointAt(i, i % 4 < 2 ? 0 : 30))];
    expect(studioNoise(3, loud)).toBeGreaterThan(10);
  });

  it('of a student is widened by their own scatter and never narrowed', () => {
    const steady = [0, 0, 0, 0].map((x, i) => pointAt(i, x));
    expect(ownNoise(3, [steady])).toBe(3);
    // one pair of 12 apart: √((6·9 + 144/2) / 7) = √18
    expect(ownNoise(3, [[pointAt(0, 0), pointAt(1, 12)]])).toBeCloseTo(Math.sqrt(18), 10);
    // another rater, or a stand that was ended at the cap, says nothing about scatter
    expect(ownNoise(3, [[pointAt(0, 0), pointAt(1, 12, { by: 'other' })]])).toBe(3);
    expect(ownNoise(3, [[pointAt(0, 0), pointAt(1, 12, { cap: 12 })]])).toBe(3);
  });
});

describe('the feet against each other', () => {
  it('are judged by the newest six dates, so that what was long ago is over', () => {
    const foot = (x: number, early: number) => Array.from({ length: 8 }, (_, i) => pointAt(i * 30, i < 2 ? early : x));
    expect(sidesOf(plain, foot(0, 12), foot(0, 0), 1).verdict).toBe('sides-alike');
  });
});

describe('how much a check scatters in one studio', () => {
  const wall = numberCheck(checks['knee-to-wall']);
  const stand = numberCheck(checks['one-leg-stand']);
  const monthly = (of: (i: number) => Parameters<typeof sampleReading>[0], n = 16) =>
    Array.from({ length: n }, (_, i) =>
      sampleReading({ date: `20${24 + Math.floor(i / 12)}-${String((i % 12) + 1).padStart(2, '0')}-01`, ...of(i) }),
    );

  it('is read without a first time that is practice', () => {
    // fourteen people, three times each, the first time far off: without it there is no pair two apart
    const all = Array.from({ length: 14 }, (_, who) =>
      monthly(
        (i) => ({
          studentId: `student-${who}`,
          protocol: 'one-leg-stand',
          value: numbers(...Array<number>(3).fill(i === 0 ? 2 : 14)),
        }),
        3,
      ),
    ).flat();
    expect(noiseInStudio(stand, all)).toBe(stand.result.noise);
  });

  it('is read without what somebody has still to answer for, and without a best of fewer tries', () => {
    const calm = monthly(() => ({ value: numbers(8, 8, 8) }));
    const odd = [sampleReading({ date: '2023-11-01', value: numbers(29, 29, 29) }), ...calm];
    expect(noiseInStudio(wall, odd)).toBe(noiseInStudio(wall, calm));
    const stands = monthly(() => ({ protocol: 'one-leg-stand', value: numbers(12, 12, 12) }));
    const few = sampleReading({ protocol: 'one-leg-stand', date: '2024-02-15', value: numbers(1) });
    expect(noiseInStudio(stand, [...stands, few])).toBe(noiseInStudio(stand, stands));
  });
});

describe('changes by chance alone', () => {
  it('are six of a thousand judged readings, as the simulation finds', () => {
    expect(chanceWords(1000)).toBe('about 6 changes');
    expect(chanceWords(200)).toBe('about one change');
    expect(chanceWords(20)).toBe('less than one change');
  });
});

describe('the mathematics, against other packages', () => {
  it('gives the normal distribution as jstat does', () => {
    for (const z of [-4, -1.96, -0.5, 0, 0.3, 1, 2, 3.1])
      expect(normalBelow(z)).toBeCloseTo(jStat.normal.cdf(z, 0, 1), 6);
  });

  it('gives slope and median as simple-statistics does', () => {
    const points = [2, 3.5, 3, 6, 7.5].map((x, i) => ({ t: i * 7, x, f: 1 }));
    expect(slopeOf(points).b).toBeCloseTo(linearRegression(points.map(({ t, x }) => [t, x])).m, 10);
    // Q of 0, 7, 14, 21, 28 about 14: 196 + 49 + 0 + 49 + 196
    expect(slopeOf(points).q).toBeCloseTo(490, 10);
    for (const list of [[3, 1, 2], [4, 1, 3, 2], [5]]) expect(median(list)).toBe(theirMedian(list));
    expect(() => median([])).toThrow(RangeError);
  });

  it('says with Wilson’s interval what three of four allow (Wilson 1927; by hand)', () => {
    // p 0.75, z² 4, n 4: middle 1.25, half 2·√(0.046875 + 0.0625) = 0.6614, over 2
    const { from, to } = wilson(3, 4, 2);
    expect(from).toBeCloseTo((1.25 - 0.6614) / 2, 3);
    expect(to).toBeCloseTo((1.25 + 0.6614) / 2, 3);
  });
});
