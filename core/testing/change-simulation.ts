import {
  type Judged,
  type NumberResult,
  type Point,
  changeOrNoise,
  checks,
  minimalDetectableChange,
  nextLook,
  numberCheck,
  sidesOf,
  studioNoise,
  toScale,
  wilson,
  orderedScale,
  wordsChange,
} from '../measure';
import { Chance, pointAt } from './noisy-students';

/** A situation of the simulation with what was measured and what is allowed, in per cent. */
export interface Simulated {
  readonly situation: string;
  readonly measured: number;
  readonly least: number;
  readonly most: number;
}

/** A check on the raw scale whose noise is one, so that everything is said in noises. */
export const plain: NumberResult = {
  gives: 'number',
  unit: 'degrees',
  trials: 3,
  combine: 'mean',
  step: 1,
  refuse: { least: -1000, most: 1000 },
  ask: { least: -1000, most: 1000 },
  scale: 'raw',
  noise: 1,
  noiseFrom: 'estimate',
  rater: 1,
  weekly: 0.2,
  practice: false,
  cap: null,
  floor: null,
};
const mdc = minimalDetectableChange(1);
const monthly = Array.from({ length: 12 }, (_, i) => i * 30);
const feet = ['left', 'right'] as const;

/** Readings of both feet on some days. @param draw the value of a foot on the nth day */
const both = (days: readonly number[], draw: (n: number, foot: 'left' | 'right') => Point): Point[] =>
  days.flatMap((_, n) => feet.map((foot) => draw(n, foot)));
const judgedBy = (points: readonly Point[], result = plain, studio = 1): readonly Judged[] =>
  changeOrNoise(result, points, studio).judged;

const share = (list: readonly boolean[]): number => (100 * list.filter(Boolean).length) / list.length;
const changed = ({ verdict }: Judged): boolean => verdict === 'changed';

interface Year {
  readonly perReading: number;
  readonly perhaps: number;
  readonly year: number;
}

/** Runs many students and counts false changes on one foot: per reading, and in the whole time. */
function falseAlarms(students: number, points: (n: number) => readonly Point[], result = plain, studio = 1): Year {
  const years: boolean[] = [];
  const readings: boolean[] = [];
  const perhaps: boolean[] = [];
  for (let n = 0; n < students; n++) {
    const all = judgedBy(points(n), result, studio);
    for (const foot of feet) {
      const own = all.filter((one) => one.foot === foot);
      if (own.length === 0) continue;
      years.push(own.some(changed));
      readings.push(...own.slice(1).map(changed));
      perhaps.push(...own.slice(1).map(({ verdict }) => verdict === 'perhaps'));
    }
  }
  return { perReading: share(readings), perhaps: share(perhaps), year: share(years) };
}

type Row = (students: number, chance: Chance) => readonly Simulated[];
const row = (situation: string, measured: number, least: number, most: number): Simulated => ({
  situation,
  measured,
  least,
  most,
});

const noChange: Row = (students, chance) => {
  const found = falseAlarms(students, () => both(monthly, (n, foot) => pointAt(n * 30, chance.normal(), { foot })));
  let twelve = 0;
  const years = Math.ceil(students / 3);
  for (let i = 0; i < years; i++) {
    const some = Array.from({ length: 6 }, () =>
      judgedBy(both(monthly, (n, foot) => pointAt(n * 30, chance.normal(), { foot }))).some(changed),
    ).some(Boolean);
    if (some) twelve += 1;
  }
  let contrast = 0;
  for (let i = 0; i < students; i++) {
    const x = monthly.map(() => chance.normal());
    if (x.some((value, n) => n > 0 && Math.abs(value - (x[n - 1] ?? 0)) >= mdc)) contrast += 1;
  }
  return [
    row('no change: changed, per reading', found.perReading, 0, 1),
    row('no change: perhaps, per reading', found.perhaps, 0, 5),
    row('no change: any changed in a year', found.year, 0, 7),
    row('no change, twelve series: one or more in a year', (100 * twelve) / years, 0, 58),
    row('for contrast: MDC against the last reading, in a year', (100 * contrast) / students, 0, 100),
  ];
};

const trueNoise: Row = (students, chance) => {
  const year = (factor: number, length = 12) =>
    Array.from({ length: students }, () =>
      both(
        Array.from({ length }, (_, i) => i),
        (n, foot) => pointAt(n * 30, factor * chance.normal(), { foot }),
      ),
    );
  const studioOf = (classes: readonly (readonly Point[])[]) =>
    studioNoise(
      1,
      classes.flatMap((points) => feet.map((foot) => points.filter((p) => p.foot === foot))),
    );
  const first = year(1.3);
  const studio = studioOf(first.slice(0, 30));
  const second = year(1.3, 24);
  const larger = year(1.5);
  const inSecondYear = share(
    second.flatMap((points) => {
      const all = judgedBy(points, plain, studio);
      return feet.map((foot) => all.some((one) => one.foot === foot && one.day >= 360 && changed(one)));
    }),
  );
  return [
    row('noise 1.3 times as large: year, default', falseAlarms(students, (n) => first[n] ?? []).year, 0, 25),
    row('the same: year, the studio’s noise', falseAlarms(students, (n) => first[n] ?? [], plain, studio).year, 0, 14),
    row('the same: its second year', inSecondYear, 0, 6),
    row('noise 1.5 times as large: per reading', falseAlarms(students, (n) => larger[n] ?? []).perReading, 0, 5),
  ];
};

const others: Row = (students, chance) => {
  const own = falseAlarms(students, () => {
    const noise = Math.exp(0.25 * chance.normal());
    return both(monthly, (n, foot) => pointAt(n * 30, noise * chance.normal(), { foot }));
  });
  const wander = falseAlarms(students, () => {
    const at = { left: chance.normal(), right: chance.normal() };
    return both(monthly, (n, foot) => {
      at[foot] = 0.3 * at[foot] + Math.sqrt(1 - 0.09) * chance.normal();
      return pointAt(n * 30, at[foot], { foot });
    });
  });
  const heavy = falseAlarms(students, () => both(monthly, (n, foot) => pointAt(n * 30, chance.t(5), { foot })));
  const weeks = Array.from({ length: 52 }, (_, i) => i);
  const weekly = falseAlarms(students, () => both(weeks, (n, foot) => pointAt(n * 7, chance.normal(), { foot })));
  const practising = { ...plain, practice: true };
  const practice = falseAlarms(
    students,
    () => both(monthly, (n, foot) => pointAt(n * 30, chance.normal() + (n === 0 ? -1.5 : 0), { foot })),
    practising,
  );
  return [
    row('students’ noise differs: per reading', own.perReading, 0, 2),
    row('students’ noise differs: year', own.year, 0, 12),
    row('the level wanders: year', wander.year, 0, 12),
    row('heavy tails: year', heavy.year, 0, 14),
    row('weekly instead of monthly: year', weekly.year, 0, 17),
    row('practice gain of 1.5, left out: year', practice.year, 0, 7),
  ];
};

const pickedAndRater: Row = (students, chance) => {
  const first = Array.from({ length: students * 4 }, () => {
    const level = chance.normal();
    return { level, x: level + chance.normal() };
  });
  const bar = [...first].sort((a, b) => a.x - b.x)[students]?.x ?? 0;
  const picked = first.filter(({ x }) => x < bar);
  const found = picked.flatMap(({ level, x }) =>
    judgedBy(monthly.map((day, n) => pointAt(day, n === 0 ? x : level + chance.normal(), { picked: n === 0 }))).slice(
      1,
      3,
    ),
  );
  const rater = (marked: boolean) =>
    falseAlarms(students, () => {
      const bias = chance.normal();
      return both(monthly, (n, foot) =>
        pointAt(n * 30, chance.normal() + (n < 6 ? 0 : bias), { foot, by: marked && n >= 6 ? 'other' : '' }),
      );
    }).year;
  return [
    row(
      'picked as the lowest quarter: perhaps more',
      share(found.map(({ verdict, direction }) => verdict === 'perhaps' && direction === 'more')),
      0,
      3,
    ),
    row('for contrast: the rater changes, unmarked', rater(false), 0, 100),
    row('the rater changes once, marked', rater(true), 0, 8),
  ];
};

const steps: Row = (students, chance) => {
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

const drifts: Row = (students, chance) => {
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

const takenBack: Row = (students, chance) => {
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

const times: Row = (students, chance) => {
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

const sides: Row = (students, chance) => {
  const alike: boolean[] = [];
  const years: boolean[] = [];
  const differ: boolean[] = [];
  for (let i = 0; i < students; i++) {
    let any = false;
    const draw = (n: number, more: number) => monthly.slice(0, n).map((day) => pointAt(day, chance.normal() + more));
    const [left, right] = [draw(12, 0), draw(12, 0)];
    for (let n = 1; n <= 12; n++) {
      const found = sidesOf(plain, left.slice(0, n), right.slice(0, n), 1).verdict === 'sides-differ';
      alike.push(found);
      any ||= found;
    }
    years.push(any);
    differ.push(sidesOf(plain, draw(3, 2 * mdc), draw(3, 0), 1).verdict === 'sides-differ');
  }
  return [
    row('sides alike: said to differ, per date', share(alike), 0, 1),
    row('sides alike: year', share(years), 0, 4),
    row('sides differ by 2 MDC: at the third date', share(differ), 98, 100),
  ];
};

const words: Row = (students, chance) => {
  const scale = orderedScale(['no', 'yes']);
  const look = (day: number, truth: string) => ({
    day,
    answer: chance.uniform() < 0.1 ? (truth === 'yes' ? 'no' : 'yes') : truth,
  });
  const falses = (looks: number) =>
    share(
      Array.from({ length: students }, () =>
        wordsChange(
          scale,
          Array.from({ length: looks }, (_, n) => look(n * 7, 'no')),
        ).some(({ verdict }) => verdict === 'changed'),
      ),
    );
  const seen = (by: number) =>
    share(
      Array.from({ length: students }, () =>
        wordsChange(
          scale,
          Array.from({ length: 4 + by }, (_, n) => look(n * 7, n < 4 ? 'no' : 'yes')),
        )
          .slice(4)
          .some(({ verdict, direction }) => verdict === 'changed' && direction === 'towards'),
      ),
    );
  return [
    row('words wrong one time in ten: false in 12 looks', falses(12), 0, 4),
    row('the same: false in 40 looks', falses(40), 0, 6),
    row('the same: a true change by the third look', seen(3), 50, 60),
    row('the same: by the fourth look', seen(4), 69, 79),
  ];
};

const nextDates: Row = (students, chance) => {
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

const helped: Row = (students, chance) => {
  const covers = [0.5, 0.6, 0.8].map((truth) =>
    share(
      Array.from({ length: students }, () => {
        const n = 10;
        const yes = Array.from({ length: n }, () => chance.uniform() < truth).filter(Boolean).length;
        const { from, to } = wilson(yes, n, 2);
        return from <= truth && truth <= to;
      }),
    ),
  );
  const logit = (z: number) => 1 / (1 + Math.exp(-z));
  const hands: boolean[] = [];
  const classes: boolean[] = [];
  const often = Array.from({ length: 20_000 }, () => logit(1.2 * chance.normal()));
  const middle = often.reduce((a, b) => a + b, 0) / often.length;
  let majority = 0;
  const vote = (p: number) => {
    const yes = Array.from({ length: 11 }, () => chance.uniform() < p).filter(Boolean).length;
    return { yes, better: yes > 5 };
  };
  for (const p of often) if (vote(p).better) majority += 1;
  const truth = majority / often.length;
  for (let i = 0; i < students; i++) {
    const days = Array.from({ length: 10 }, () => vote(logit(1.2 * chance.normal())));
    const all = days.reduce((sum, { yes }) => sum + yes, 0);
    const byHands = wilson(all, 110, 2);
    hands.push(byHands.from <= middle && middle <= byHands.to);
    const byClass = wilson(days.filter(({ better }) => better).length, 10, 2);
    classes.push(byClass.from <= truth && truth <= byClass.to);
  }
  const most = (z: number) =>
    share(
      Array.from({ length: Math.ceil(students / 4) }, () => {
        const yes = Array.from(
          { length: 20 },
          () => Array.from({ length: 12 }, () => chance.uniform() < 0.6).filter(Boolean).length,
        );
        const total = yes.reduce((a, b) => a + b, 0);
        return yes.some((own) => {
          const others = (total - own) / (19 * 12);
          const { from, to } = wilson(own, 12, z);
          return from > others || to < others;
        });
      }),
    );
  return [
    row('Wilson’s interval covers, least', Math.min(...covers), 90, 100),
    row('for contrast: ten classes of eleven, hands counted', share(hands), 0, 100),
    row('the same, classes counted', share(classes), 90, 100),
    row('20 equal exercises: any “than most”', most(3), 0, 9),
    row('for contrast: the same with z = 2', most(2), 0, 100),
  ];
};

const situations = {
  noChange,
  trueNoise,
  others,
  pickedAndRater,
  steps,
  drifts,
  takenBack,
  times,
  sides,
  words,
  nextDates,
  helped,
};
export type Situation = keyof typeof situations;
export const situationNames = Object.keys(situations) as Situation[];

/**
 * The situations in which the judging must show how often it errs.
 * @param students of each; the more, the surer
 */
export const changeSimulation = (
  students: number,
  which: readonly Situation[] = situationNames,
  seed = 7,
): Simulated[] =>
  which.flatMap((name) => situations[name](students, new Chance(seed + 101 * situationNames.indexOf(name))));
