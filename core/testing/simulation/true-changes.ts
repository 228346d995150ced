import { type NumberResult, changeOrNoise, checks, nextLook, numberCheck, toScale } from '../../measure';
import { type Chance, pointAt } from '../noisy-students';
import {
  type Row,
  type Simulated,
  both,
  changed,
  falseAlarms,
  feet,
  judgedBy,
  mdc,
  monthly,
  plain,
  row,
  share,
} from './situation';

export const steps: Row = (students, chance) => {
  const step = (size: number, earlier: number) => {
    const at: boolean[] = [];
    const second: boolean[] = [];
    for (let i = 0; i < students; i++) {
      const points = Array.from({ length: earlier + 2 }, (_, n) =>
        feet.map((foot) => pointAt(n * 30, chance.normal() + (n >= earlier ? size * mdc : 0), { foot })),
      ).flat();
      const own = judgedBy(points).filter(({ foot }) => foot === 'left');
      const hit = own.slice(earlier).map((one) => changed(one) && one.direction === 'more');
      at.push(hit[0] === true);
      second.push(hit.some(Boolean));
    }
    return { at: share(at), second: share(second) };
  };
  const one = [step(1, 1), step(1, 2), step(1, 3)] as const;
  const two = [step(2, 1), step(2, 2), step(2, 3)] as const;
  const three = step(3, 3);
  const near = (name: string, measured: number, expected: number) => row(name, measured, expected - 4, expected + 4);
  return [
    ...[15, 23, 25].map((e, i) => near(`a step of 1 MDC after ${i + 1}: at once`, one[i]?.at ?? NaN, e)),
    ...[35, 47, 54].map((e, i) => near(`a step of 1 MDC after ${i + 1}: by the second`, one[i]?.second ?? NaN, e)),
    ...[0, 1, 2].map((i) => row(`a step of 2 MDC after ${i + 1}: at once`, two[i]?.at ?? NaN, 80, 100)),
    ...[0, 1, 2].map((i) => row(`a step of 2 MDC after ${i + 1}: by the second`, two[i]?.second ?? NaN, 94, 100)),
    row('a step of 3 MDC: by the second', three.second, 99, 100),
  ];
};

export const drifts: Row = (students, chance) => {
  const by = (size: number, months: number) => {
    const days = Array.from({ length: months + 1 }, (_, i) => i);
    return share(
      Array.from({ length: students }, () =>
        judgedBy(both(days, (n, foot) => pointAt(n * 30, chance.normal() + (size * mdc * n) / 12, { foot }))).some(
          (one) => one.foot === 'left' && changed(one) && one.direction === 'more',
        ),
      ),
    );
  };
  const expected = [
    [9, 27, 58],
    [36, 89, 100],
    [76, 100, 100],
  ];
  return [6, 9, 12].flatMap((months, m) =>
    [1, 2, 3].map((size, s) => {
      const e = expected[s]?.[m] ?? NaN;
      return row(`a drift of ${size} MDC a year: by ${months} months`, by(size, months), e - 4, e + 4);
    }),
  );
};

export const takenBack: Row = (students, chance) => {
  const back: boolean[] = [];
  for (let i = 0; i < students * 10; i++) {
    const own = judgedBy(both(monthly, (n, foot) => pointAt(n * 30, chance.normal(), { foot })));
    for (const foot of feet) {
      const of = own.filter((one) => one.foot === foot);
      of.forEach((one, n) => {
        const next = of[n + 1];
        if (one.how === 'at-once' && next) back.push(next.verdict === 'not-seen-again');
      });
    }
  }
  return [row('a false change at once: taken back at the next', share(back), 80, 100)];
};

const oneLeg = numberCheck(checks['one-leg-stand']).result;
const eyesShut = numberCheck(checks['eyes-shut-stand']).result;

/** The best of three stands of somebody whose typical stand is so many seconds. */
function stand(chance: Chance, seconds: number, shape: number, day: number): number {
  const today = Math.exp(day * chance.normal());
  return Math.max(...[0, 1, 2].map(() => seconds * today * chance.weibull(shape)));
}
const standPoint = (result: NumberResult, day: number, seconds: number, foot: 'left' | 'right') => {
  const value = Math.min(seconds, 45);
  return pointAt(day, toScale(result, value), { value, cap: 45, foot });
};

export const times: Row = (students, chance) => {
  const rows: Simulated[] = [];
  const stands = (seconds: number, kind: () => readonly [shape: number, day: number]) =>
    falseAlarms(
      students,
      () => {
        const [shape, day] = kind();
        return both(monthly, (n, foot) => standPoint(oneLeg, n * 30, stand(chance, seconds, shape, day), foot));
      },
      { ...oneLeg, practice: false },
      oneLeg.noise ?? 1,
    );
  const kinds = [2, 4, 8, 16, 30].map((seconds) =>
    stands(seconds, () => [1.5 + 1.5 * chance.uniform(), 0.2 + 0.1 * chance.uniform()]),
  );
  const corner = stands(16, () => [1.5, 0.3]);
  rows.push(row('stands of 2 to 30 s, the worst: per reading', Math.max(...kinds.map((k) => k.perReading)), 0, 1.5));
  rows.push(row('stands of 2 to 30 s, the worst: year', Math.max(...kinds.map((k) => k.year)), 0, 11));
  rows.push(row('for contrast: all as wild as the wildest, year', corner.year, 0, 100));
  [2, 3, 4].forEach((factor, i) => {
    const e = [9, 39, 66][i] ?? NaN;
    const hit = Array.from({ length: students }, () =>
      judgedBy(
        both([0, 1, 2, 3, 4, 5], (n, foot) =>
          standPoint(eyesShut, n * 30, stand(chance, 6 * (n >= 3 ? factor : 1), 2, 0.25), foot),
        ),
        { ...eyesShut, practice: false },
        eyesShut.noise ?? 1,
      ).some((one) => one.foot === 'left' && one.day >= 90 && changed(one) && one.direction === 'more'),
    );
    rows.push(row(`eyes shut, ${factor} times as long: by the third`, share(hit), e - 6, e + 6));
  });
  return rows;
};

export const nextDates: Row = (students, chance) => {
  const rows = [0.15, 0.2, 0.4].flatMap((weekly) =>
    [2, 4].map((earlier) => {
      const result = { ...plain, weekly };
      const hit: boolean[] = [];
      for (let i = 0; i < students; i++) {
        const points = Array.from({ length: earlier }, (_, n) => pointAt(n * 30, chance.normal()));
        const { standings } = changeOrNoise(result, points, 1);
        const [standing] = standings;
        const next = standing && nextLook(result, standing);
        if (next?.why !== 'could-show') continue;
        const last = (earlier - 1) * 30;
        const all = [...points, pointAt(last + next.weeks * 7, chance.normal() + next.weeks * weekly)];
        const end = changeOrNoise(result, all, 1).judged.at(-1);
        hit.push(end?.verdict === 'changed' || (end?.verdict === 'perhaps' && end.direction === 'more'));
      }
      return share(hit);
    }),
  );
  return [row('next date: the expected change is seen on it, least', Math.min(...rows), 78, 100)];
};
