import { jStat } from 'jstat';
import { linearRegressionLine, linearRegression, standardDeviation } from 'simple-statistics';
import { Chance } from '../testing/noisy-students';
import { bandCurve, compareBands, curveError, forceAt, stretchFor } from './band-curve';
import { BandTest } from './band';
import { matHz, simulatedGauge, simulatedMat, unpluggedAfter } from './simulated';
import { swayFigures } from './sway';

const pulls = (slack: number, ...forces: [stretch: number, newtons: number][]) => ({
  slack,
  pulls: forces.map(([stretch, force]) => ({ length: slack * (1 + stretch), force })),
});

describe('a band on a spring scale', () => {
  it('gives back the curve it was made from', () => {
    // F = 20·x + 10·x²
    const curve = bandCurve(pulls(50, [0.25, 5.625], [0.5, 12.5], [1, 30], [1.5, 52.5]));
    expect(curve.a).toBeCloseTo(20, 6);
    expect(curve.b).toBeCloseTo(10, 6);
    expect(curve.error).toBeCloseTo(0, 6);
    expect(forceAt(curve, 1)).toBeCloseTo(30, 6);
    expect(stretchFor(curve, 30)).toBeCloseTo(1, 6);
  });

  it('with two pulls is a straight line, and nobody knows how far a pull lies from it', () => {
    const curve = bandCurve(pulls(50, [0.5, 10], [1, 20]));
    expect(curve).toMatchObject({ b: 0 });
    expect(curve.a).toBeCloseTo(20, 10);
    expect(bandCurve(pulls(50, [1, 20], [1, 20])).b).toBe(0);
  });

  it('says the force per stretch as simple-statistics does for F/x against x', () => {
    // through the origin F/x = a + b·x: with exact pulls both regressions find the same line
    const exact: [number, number][] = [0.2, 0.6, 1.1, 1.6].map((x) => [x, 14 * x + 6 * x ** 2]);
    const line = linearRegression(exact.map(([x, force]) => [x, force / x]));
    const curve = bandCurve(pulls(40, ...exact));
    expect(curve.a).toBeCloseTo(linearRegressionLine(line)(0), 6);
    expect(curve.b).toBeCloseTo(line.m, 6);
  });

  it('says nothing of stretches that were not pulled', () => {
    const curve = bandCurve(pulls(50, [0.5, 10], [1, 22], [1.2, 27]));
    expect(forceAt(curve, 2)).toBeNull();
    expect(stretchFor(curve, 200)).toBeNull();
    expect(stretchFor(curve, -1)).toBeNull();
  });

  it('is the same as another within what the pulls scatter, and differs beyond it', () => {
    const chance = new Chance(3);
    const pulled = (factor: number) =>
      bandCurve(
        pulls(
          50,
          ...[0.3, 0.6, 0.9, 1.2, 1.5].map((x): [number, number] => [
            x,
            factor * (20 * x + 8 * x ** 2) + chance.normal(),
          ]),
        ),
      );
    expect(compareBands(pulled(1), pulled(1)).verdict).toBe('same');
    const weaker = compareBands(pulled(0.75), pulled(1));
    expect(weaker.verdict).toBe('differ');
    expect(weaker.percent).toBeGreaterThan(-32);
    expect(weaker.percent).toBeLessThan(-18);
  });

  it('is not compared where the error is not known, or no stretch is common', () => {
    const two = bandCurve(pulls(50, [1, 20]).pulls.length === 1 ? pulls(50, [0.5, 10], [1, 20]) : pulls(50));
    const lone = { ...two, error: null };
    expect(compareBands(lone, two).verdict).toBe('too-early');
    expect(curveError(lone, 1)).toBeNull();
    const far = bandCurve(pulls(50, [2, 50], [2.5, 65], [3, 80]));
    expect(compareBands(two, far)).toEqual({ verdict: 'too-early', percent: null });
  });

  it('is refused where it was not stretched', () => {
    const date = '2026-01-01';
    expect(
      BandTest.safeParse({
        date,
        slack: 50,
        pulls: [
          { length: 50, force: 1 },
          { length: 60, force: 5 },
        ],
      }).success,
    ).toBe(false);
    expect(BandTest.safeParse({ date, slack: 50, pulls: [{ length: 60, force: 5 }] }).success).toBe(false);
  });
});

describe('sway on a mat', () => {
  const hz = 100;
  const n = 6000;
  const over = (of: (t: number) => readonly [number, number], points = n) => {
    const all = Array.from({ length: points + 1 }, (_, i) => of(i / points));
    return { hz, x: all.map(([x]) => x), y: all.map(([, y]) => y) };
  };

  it('of a circle has its circumference as the path, its diameter as both ranges, and a known ellipse', () => {
    const r = 10;
    const found = swayFigures(over((t) => [r * Math.cos(2 * Math.PI * t), r * Math.sin(2 * Math.PI * t)]))!;
    expect(found.path).toBeCloseTo(2 * Math.PI * r, 3);
    expect(found.rangeX).toBeCloseTo(20, 3);
    expect(found.rangeY).toBeCloseTo(20, 3);
    expect(found.velocity).toBeCloseTo((2 * Math.PI * r) / 60, 3);
    // both variances are r²/2: π · 5.991 · r²/2
    expect(found.ellipse / (Math.PI * 5.991 * 50)).toBeCloseTo(1, 2);
  });

  it('of a line has no area', () => {
    const found = swayFigures(over((t) => [30 * t, 40 * t]))!;
    expect(found.path).toBeCloseTo(50, 6);
    expect(found.ellipse).toBeCloseTo(0, 3);
  });

  it('of white noise has the ellipse of its variances, with the chi-square of jstat', () => {
    const chance = new Chance(11);
    const noise = over(() => [3 * chance.normal(), 2 * chance.normal()]);
    const found = swayFigures(noise)!;
    const chi = jStat.chisquare.inv(0.95, 2);
    expect(chi).toBeCloseTo(5.991, 3);
    const theirs = Math.PI * chi * standardDeviation(noise.x) * standardDeviation(noise.y);
    expect(found.ellipse / theirs).toBeCloseTo(1, 1);
    expect(found.ellipse / (Math.PI * chi * 6)).toBeCloseTo(1, 1);
  });

  it('is nothing with too few points, or lists that do not match', () => {
    expect(swayFigures({ hz, x: [1, 2], y: [1, 2] })).toBeNull();
    expect(swayFigures({ hz, x: [1, 2, 3], y: [1, 2] })).toBeNull();
    expect(swayFigures({ hz: 0, x: [1, 2, 3], y: [1, 2, 3] })).toBeNull();
  });
});

describe('a simulated device', () => {
  const take = <T>(of: Generator<T, void>, n: number) => Array.from({ length: n }, () => of.next());
  const figures = (kind: 'steady' | 'wobbly' | 'noisy') => {
    const points = take(simulatedMat(kind, 5), 60 * matHz).map(({ value }) => value ?? [0, 0]);
    return swayFigures({ hz: matHz, x: points.map(([x]) => x), y: points.map(([, y]) => y) })!;
  };

  it('stands the same way with the same seed', () => {
    expect(take(simulatedMat('steady', 5), 50)).toEqual(take(simulatedMat('steady', 5), 50));
    expect(take(simulatedMat('steady', 5), 50)).not.toEqual(take(simulatedMat('steady', 6), 50));
  });

  it('sways wider when it wobbles; a noisy device lengthens the path and hardly the area', () => {
    const [steady, wobbly, noisy] = [figures('steady'), figures('wobbly'), figures('noisy')];
    expect(wobbly.ellipse).toBeGreaterThan(4 * steady.ellipse);
    expect(noisy.path).toBeGreaterThan(3 * steady.path);
    expect(noisy.ellipse).toBeLessThan(4 * steady.ellipse);
  });

  it('falls silent when it is unplugged', () => {
    const all = take(simulatedMat('unplugged', 5), (unpluggedAfter + 1) * matHz);
    expect(all.filter(({ done }) => !done)).toHaveLength(unpluggedAfter * matHz);
    const gauge = take(simulatedGauge('unplugged', 5), (unpluggedAfter + 1) * matHz);
    expect(gauge.filter(({ done }) => !done)).toHaveLength(unpluggedAfter * matHz);
  });

  it('of a gauge ends where the joint does', () => {
    const degrees = take(simulatedGauge('steady', 5), 6 * matHz).map(({ value }) => value ?? 0);
    expect(degrees[0]).toBeLessThan(2);
    expect(degrees.at(-1)).toBeGreaterThan(58);
  });
});
