import { sidesOf, wilson, orderedScale, wordsChange } from '../../measure';
import { pointAt } from '../noisy-students';
import { type Row, mdc, monthly, plain, row, share } from './situation';

export const sides: Row = (students, chance) => {
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

export const words: Row = (students, chance) => {
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

export const helped: Row = (students, chance) => {
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
