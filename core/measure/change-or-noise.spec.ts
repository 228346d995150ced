import { plain } from '../testing/simulation/situation';
import { pointAt } from '../testing/noisy-students';
import { changeOrNoise } from './change-or-noise';
import type { Point } from './point';
import type { NumberResult } from './protocol';

const month = 30;
const series = (...x: number[]) => x.map((value, i) => pointAt(i * month, value));
const judge = (points: readonly Point[], result: NumberResult = plain) => changeOrNoise(result, points, 1).judged;
const verdicts = (points: readonly Point[], result?: NumberResult) =>
  judge(points, result).map(({ verdict, how, reason }) => [verdict, how ?? reason].filter(Boolean).join(' '));

// All in noises of the check: one is its standard error. Against one earlier reading a comparison scatters by √2.
describe('a reading against the student’s own earlier ones', () => {
  it('is nothing within the noise, however the readings wander', () => {
    expect(verdicts(series(0, 1, -1, 0.5))).toEqual(['first-reading', 'within-noise', 'within-noise', 'within-noise']);
  });

  it('says what it would take: three times the noise of this comparison', () => {
    const [, second] = judge(series(0, 1));
    expect(second?.figures).toMatchObject({ reference: 0, difference: 1, atLeast: false });
    expect(second?.figures?.noise).toBeCloseTo(Math.SQRT2, 10);
  });

  it('is a change at once from three noises on', () => {
    expect(verdicts(series(0, 4.2))).toEqual(['first-reading', 'perhaps']);
    expect(verdicts(series(0, 4.3))).toEqual(['first-reading', 'changed at-once']);
    expect(judge(series(0, -4.3)).at(-1)).toMatchObject({ verdict: 'changed', direction: 'less' });
  });

  it('is perhaps from two on, and a change when the next one says so too', () => {
    expect(verdicts(series(0, 3))).toEqual(['first-reading', 'perhaps']);
    expect(verdicts(series(0, 3, 3))).toEqual(['first-reading', 'perhaps', 'changed seen-twice']);
    expect(verdicts(series(0, 3, 0.5, 0.5))).toEqual(['first-reading', 'perhaps', 'within-noise', 'within-noise']);
    expect(verdicts(series(0, 3, -3))).not.toContain('changed seen-twice');
  });

  it('takes a change at once back when the next reading is as before, without the odd one', () => {
    const points = series(0, 0, 4.5, 0, 0);
    expect(verdicts(points)).toEqual([
      'first-reading',
      'within-noise',
      'changed at-once',
      'not-seen-again',
      'within-noise',
    ]);
    const { standings } = changeOrNoise(plain, points, 1);
    expect(standings[0]?.stretch.map(({ x }) => x)).toEqual([0, 0, 0, 0]);
  });

  it('sees small steps in one direction once they come to more than noise over twelve weeks', () => {
    const slow = series(0, 0.9, 1.8, 2.7, 3.6, 4.5, 5.4);
    const found = verdicts(slow);
    expect(found.some((words) => words.startsWith('changed'))).toBe(true);
    const gentle = series(0, 0.6, 1.2, 1.8, 2.4, 3, 3.6);
    expect(verdicts(gentle)).toContain('changed slowly');
    // the same steps in five weeks are not enough days
    expect(verdicts([0, 0.6, 1.2, 1.8, 2.4, 3].map((x, i) => pointAt(i * 7, x)))).not.toContain('changed slowly');
  });

  it('does not call steps slow that took five weeks, or came to less than a change even so', () => {
    const fast = [0, 0.75, 1.5, 2.25, 3, 3.75].map((x, i) => pointAt(i * 7, x));
    expect(verdicts(fast)).not.toContain('changed slowly');
    // twenty weeks up to 2.3 noises: surely a slope, and less than 1.96 · √2
    const little = Array.from({ length: 20 }, (_, i) => pointAt(i * 7, (2.3 * i) / 19));
    expect(verdicts(little)).not.toContain('changed slowly');
  });

  it('sees nothing slow where two raters looked in turn', () => {
    const gentle = [0, 0.6, 1.2, 1.8, 2.4, 3, 3.6];
    const turns = gentle.map((x, i) => pointAt(i * month, x, { by: i === 3 ? 'other' : '' }));
    expect(verdicts(turns)).not.toContain('changed slowly');
  });

  it('has as much noise as the student’s own scatter, once that is wider', () => {
    const wild = series(0, 1.9, -1.9, 1.9, -1.9, 1.9, -1.9, 0);
    // six pairs of √(3.8²/2): against six readings the plain noise would be √(1 + 1/7) = 1.07
    expect(judge(wild).at(-1)?.figures?.noise).toBeGreaterThan(1.6);
  });

  it('is not taken back by a reading at the end of the check: there it says nothing', () => {
    const capped = { ...plain, cap: 10 };
    const ended = (day: number, value: number) => pointAt(day, value, { cap: 10 });
    const points = [ended(0, 9.5), ended(30, 9.5), ended(60, 2), ended(90, 10)];
    expect(verdicts(points, capped)).toEqual(['first-reading', 'within-noise', 'changed at-once', 'changed at-once']);
  });

  it('compares nothing with a first time that was practice, or with a student picked as weak', () => {
    const practising = { ...plain, practice: true };
    expect(verdicts(series(-5, 0, 0.5), practising)).toEqual(['first-reading', 'too-early practice', 'within-noise']);
    const picked = [pointAt(0, -5, { picked: true }), pointAt(30, 0), pointAt(60, 0.5)];
    expect(verdicts(picked)).toEqual(['first-reading', 'too-early picked', 'within-noise']);
  });

  it('begins a new row under other conditions, and does not call that practice', () => {
    const practising = { ...plain, practice: true };
    const points = [...series(0, 0), pointAt(60, 9, { series: 'socks' }), pointAt(90, 9.5, { series: 'socks' })];
    expect(verdicts(points, practising)).toEqual([
      'first-reading',
      'too-early practice',
      'not-comparable conditions',
      'within-noise',
    ]);
  });

  it('asks about a reading six noises away, and keeps it out until somebody says that it stands', () => {
    const far = { ...pointAt(30, 12), stands: false };
    expect(verdicts([pointAt(0, 0), far, pointAt(60, 0.2)])).toEqual([
      'first-reading',
      'ask far-from-own',
      'within-noise',
    ]);
    expect(verdicts([pointAt(0, 0), { ...far, stands: true }])).toEqual(['first-reading', 'changed at-once']);
    const odd = { ...pointAt(0, 0), stands: false, asked: 'unusual-value' as const };
    expect(verdicts([odd, pointAt(30, 0)])).toEqual(['ask unusual-value', 'first-reading']);
  });

  it('lets another rater’s eye widen the noise, and prefers the same rater’s readings where there are two', () => {
    const other = { by: 'other' };
    expect(verdicts([pointAt(0, 0), pointAt(30, 4.3, other)])).toEqual(['first-reading', 'perhaps']);
    const mixed = [pointAt(0, 0, other), pointAt(1, 0, other), pointAt(30, 2), pointAt(60, 2), pointAt(90, 0, other)];
    expect(judge(mixed).at(-1)?.figures).toMatchObject({ reference: 0 });
  });

  it('says nothing firm after nine months without a reading', () => {
    const late = [pointAt(0, 0), pointAt(30, 0), pointAt(330, 9)];
    expect(verdicts(late)).toEqual(['first-reading', 'within-noise', 'perhaps long-gap']);
  });

  it('knows that the best of fewer tries is lower by itself', () => {
    const best = { ...plain, combine: 'best' as const };
    const few = { few: true };
    expect(verdicts([pointAt(0, 0), pointAt(30, -4, few), pointAt(60, 0)], best)).toEqual([
      'first-reading',
      'not-comparable few-trials',
      'within-noise',
    ]);
    // more in spite of fewer tries is told, but only as perhaps, and is no witness for the next one
    const twice = [pointAt(0, 0), pointAt(30, 3.2, few), pointAt(60, 3.2)];
    expect(verdicts(twice, best)).toEqual(['first-reading', 'perhaps few-trials', 'perhaps']);
  });

  it('cuts to the end of the check, where a difference is at least what it says', () => {
    const capped = { ...plain, cap: 10, floor: 0 };
    const ended = (day: number, value: number) => pointAt(day, value, { cap: 10 });
    expect(verdicts([ended(0, 10), ended(30, 10)], capped)).toEqual(['first-reading', 'at-ceiling']);
    const risen = judge([ended(0, 1), ended(30, 10)], capped).at(-1);
    expect(risen).toMatchObject({ verdict: 'changed', figures: { atLeast: true } });
    expect(verdicts([ended(0, 0), ended(30, 0)], capped)).toEqual(['first-reading', 'at-floor']);
    // one stand ended at 60 s and one at 45 s are compared at 45
    const longer = [pointAt(0, 45, { cap: 45 }), pointAt(30, 60, { cap: 60 })];
    expect(judge(longer, { ...capped, cap: 45 }).at(-1)?.figures?.difference).toBe(0);
  });

  it('judges a date by what was known before it, so that the feet of one date do not change each other', () => {
    const feet = (day: number, left: number, right: number) => [
      pointAt(day, left),
      pointAt(day, right, { foot: 'right' }),
    ];
    const there = judge([...feet(0, 0, 0), ...feet(30, 4.3, 0), ...feet(60, 0, 4.3)]);
    const back = judge([...feet(0, 0, 0), ...feet(30, 0, 4.3), ...feet(60, 4.3, 0)]);
    const swap = (foot: string) => (foot === 'left' ? 'right' : 'left');
    expect(new Set(there.map((j) => `${j.day} ${j.foot} ${j.verdict}`))).toEqual(
      new Set(back.map((j) => `${j.day} ${swap(j.foot)} ${j.verdict}`)),
    );
  });

  it('re-judges what follows when an entry comes late', () => {
    expect(verdicts([pointAt(0, 0), pointAt(60, 4.3)])).toEqual(['first-reading', 'changed at-once']);
    expect(verdicts([pointAt(0, 0), pointAt(30, 3.5), pointAt(60, 4.3)])).toEqual([
      'first-reading',
      'perhaps',
      'changed seen-twice',
    ]);
  });

  it('is too early while nobody knows how much the check scatters', () => {
    expect(changeOrNoise(plain, series(0, 9), null).judged.map(({ verdict, reason }) => reason ?? verdict)).toEqual([
      'first-reading',
      'no-noise',
    ]);
  });
});
