import { type Point, studioNoise } from '../../measure';
import { pointAt } from '../noisy-students';
import { type Row, both, changed, falseAlarms, feet, judgedBy, mdc, monthly, plain, row, share } from './situation';

export const noChange: Row = (students, chance) => {
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

export const trueNoise: Row = (students, chance) => {
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

export const others: Row = (students, chance) => {
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

export const pickedAndRater: Row = (students, chance) => {
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
