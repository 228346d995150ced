import { numbers, sampleReading, word } from '../testing/sample-reading';
import type { CheckId } from './check-id';
import { checks } from './checks';
import { historyOf } from './history';
import { usualConditions, type Reading } from './reading';
import { nextWords, sidesWords, verdictWords } from './verdict-words';
import { numberCheck } from './protocol';

const on = (check: CheckId, date: string, value: Reading['value'], more: Partial<Reading> = {}) =>
  sampleReading({ protocol: check, date, value, ...more });
const historyIn = (check: CheckId, readings: readonly Reading[]) =>
  historyOf({ protocol: checks[check], readings, studio: null });
const said = (check: CheckId, readings: readonly Reading[]) =>
  historyIn(check, readings).judged.map((judged) => verdictWords(checks[check], judged));

describe('the words of a verdict', () => {
  it('say what it would take: 3 · 0.54 · √2 = 2.3 cm against one reading', () => {
    const found = said('knee-to-wall', [
      on('knee-to-wall', '2026-01-10', numbers(8, 8, 8)),
      on('knee-to-wall', '2026-02-10', numbers(9, 9, 9)),
    ]);
    expect(found[1]).toBe('no change that this method could show; it would take 2.5 cm');
  });

  it('say perhaps with how often chance does it, and when to look again', () => {
    // 2 cm against 0.76: z 2.6, both tails 0.0088: once in 113, said as 110
    const found = said('knee-to-wall', [
      on('knee-to-wall', '2026-01-10', numbers(8, 8, 8)),
      on('knee-to-wall', '2026-02-28', numbers(10, 10, 10)),
    ]);
    expect(found[1]).toBe(
      'perhaps 2 cm more; chance does this about once in 110 readings; look again between 3 and 14 March',
    );
  });

  it('say a change with how many times the noise it is, and less as plainly as more', () => {
    const found = said('knee-to-wall', [
      on('knee-to-wall', '2026-01-10', numbers(8, 8, 8)),
      on('knee-to-wall', '2026-02-10', numbers(5.5, 5.5, 5.5)),
    ]);
    expect(found[1]).toBe('changed: 2.5 cm less, about 3½ times the noise');
  });

  it('do not praise 1.8 mm of arch drop (Mulligan & Cook 2013, Man Ther 18:425: a group’s mean; from memory)', () => {
    const found = said('arch-drop', [
      on('arch-drop', '2026-01-10', numbers(9, 9, 9)),
      on('arch-drop', '2026-02-07', numbers(7.2, 7.2, 7.2)),
    ]);
    expect(found[1]).toMatch(/^no change that this method could show/);
  });

  it('say the ceiling of a stand, and what comes next', () => {
    const stand = (date: string) => on('one-leg-stand', date, numbers(45, 45, 45));
    const found = said('one-leg-stand', [stand('2026-01-10'), stand('2026-01-17'), stand('2026-02-17')]);
    expect(found[1]).toBe('too early to tell: the first time counts as practice');
    expect(found[2]).toBe('at the ceiling, 45 s: this check can show no more; next: eyes shut');
  });

  it('say slow change in months', () => {
    const days = ['01-01', '02-01', '03-01', '04-01', '05-01', '06-01', '07-01', '08-01'];
    const found = said(
      'big-toe-by-hand',
      days.map((day, i) => on('big-toe-by-hand', `2026-${day}`, numbers(...Array<number>(3).fill(60 + 1.9 * i)))),
    );
    expect(found.find((words) => words.startsWith('changed slowly'))).toMatch(
      /^changed slowly: about \d+° more in (four|five|six|seven) months$/,
    );
  });

  it('say of a word that it is as before, perhaps, or changed', () => {
    const looks = ['no', 'no', 'yes', 'yes', 'yes'].map((answer, i) =>
      on('knee-in-line', `2026-0${i + 1}-01`, word(answer)),
    );
    expect(said('knee-in-line', looks)).toEqual([
      'the first look: the next one can be compared with it',
      'too early to tell: an answer counts once it was seen twice running',
      'perhaps yes now; one look in ten is wrong: look again next class',
      'perhaps yes now; one look in ten is wrong: look again next class',
      'changed: yes, seen several times running',
    ]);
  });
});

describe('the history of a check', () => {
  it('joins trials of one date, and counts fewer of them as more scatter', () => {
    const { judged } = historyIn('knee-to-wall', [
      on('knee-to-wall', '2026-01-10', numbers(8)),
      on('knee-to-wall', '2026-01-10', numbers(9, 10)),
      on('knee-to-wall', '2026-02-10', numbers(9)),
    ]);
    expect(judged.map(({ value }) => value)).toEqual([9, 9]);
    // f of three trials is 1, of one (2 + 3) / 3
    expect(judged[1]?.figures?.noise).toBeCloseTo(0.54 * Math.sqrt(5 / 3 + 1), 10);
  });

  it('asks about trials that differ wildly, and takes their middle where they stand', () => {
    const wild = on('knee-to-wall', '2026-01-10', numbers(5, 5.5, 9));
    expect(historyIn('knee-to-wall', [wild]).judged[0]).toMatchObject({ verdict: 'ask', reason: 'trials-differ' });
    expect(historyIn('knee-to-wall', [{ ...wild, stands: true }]).judged[0]).toMatchObject({
      verdict: 'first-reading',
      value: 5.5,
    });
  });

  it('works the gap out from both readings of a date, and never lets the toe pass the hand', () => {
    const pair = (date: string, hand: number, own: number, stands = false) => [
      on('big-toe-by-hand', date, numbers(hand, hand, hand)),
      on('big-toe-unaided', date, numbers(own, own, own), { stands }),
    ];
    const gaps = (readings: readonly Reading[]) => historyIn('big-toe-gap', readings).judged;
    expect(gaps(pair('2026-01-10', 80, 50))).toMatchObject([{ value: 30, verdict: 'first-reading' }]);
    const above = historyIn('big-toe-unaided', pair('2026-01-10', 60, 66)).judged[0];
    expect(above).toMatchObject({ verdict: 'ask', reason: 'own-above-by-hand' });
    expect(gaps(pair('2026-01-10', 60, 66))).toEqual([]);
    // within the noise of both it stands, and the gap is nothing; beyond it is not judged until one is taken again
    expect(gaps(pair('2026-01-10', 60, 66, true))).toMatchObject([{ value: 0, verdict: 'first-reading' }]);
    expect(gaps(pair('2026-01-10', 60, 70, true))).toMatchObject([{ verdict: 'ask', reason: 'own-above-by-hand' }]);
  });

  it('holds the toe against the hand of the same conditions, where both were taken cold and warm', () => {
    const warm = { ...usualConditions, work: 'after' as const };
    const gaps = historyIn('big-toe-gap', [
      on('big-toe-by-hand', '2026-01-10', numbers(70, 70, 70)),
      on('big-toe-by-hand', '2026-01-10', numbers(90, 90, 90), { conditions: warm }),
      on('big-toe-unaided', '2026-01-10', numbers(50, 50, 50)),
      on('big-toe-unaided', '2026-01-10', numbers(60, 60, 60), { conditions: warm }),
    ]).judged;
    expect(gaps.map(({ value }) => value).sort()).toEqual([20, 30]);
  });

  it('compares cold with cold', () => {
    const { judged } = historyIn('knee-to-wall', [
      on('knee-to-wall', '2026-01-10', numbers(8, 8, 8)),
      on('knee-to-wall', '2026-01-10', numbers(10, 10, 10), { conditions: { ...usualConditions, work: 'after' } }),
    ]);
    expect(judged[1]).toMatchObject({ verdict: 'not-comparable', reason: 'conditions' });
  });

  it('tells left from right only when they differ on several dates', () => {
    const both = (date: string) => [
      on('knee-to-wall', date, numbers(6, 6, 6)),
      on('knee-to-wall', date, numbers(9, 9, 9), { foot: 'right' }),
    ];
    const once = historyIn('knee-to-wall', both('2026-01-10')).sides[0]?.judged;
    expect(once?.verdict).toBe('sides-perhaps');
    const twice = historyIn('knee-to-wall', [...both('2026-01-10'), ...both('2026-02-10')]).sides[0]?.judged;
    expect(twice?.verdict).toBe('sides-differ');
    expect(twice && sidesWords(numberCheck(checks['knee-to-wall']).result, twice)).toBe(
      '3 cm more right, on 2 dates; a lasting difference is usual and no fault by itself',
    );
    const alone = historyIn('knee-to-wall', [on('knee-to-wall', '2026-01-10', numbers(8))]);
    expect(alone.sides).toEqual([]);
  });

  it('sets the next date far enough ahead that change could show', () => {
    const look = (date: string) => on('knee-to-wall', date, numbers(8, 8, 8));
    const one = historyIn('knee-to-wall', [look('2026-01-10')]).latest[0];
    expect(one?.next).toEqual({ why: 'soon', from: 3, to: 14 });
    // 3 · 0.54 · √1.5 / 0.1 = 19.8 weeks
    const two = historyIn('knee-to-wall', [look('2026-01-10'), look('2026-01-20')]).latest[0];
    expect(two?.next).toEqual({ why: 'could-show', weeks: 20 });
    expect(two && nextWords(checks['knee-to-wall'], two.last.day, two.next)).toBe(
      'look again from 9 June: in 20 weeks the change that can be expected would show',
    );
  });

  it('says of what changes slowly that another check may say more', () => {
    const drop = (date: string) => on('arch-drop', date, numbers(9, 9, 9));
    const [latest] = historyIn('arch-drop', [drop('2026-01-10'), drop('2026-01-20')]).latest;
    expect(latest?.next).toMatchObject({ why: 'too-slow', weeks: 26 });
    expect(latest && nextWords(checks['arch-drop'], 0, latest.next)).toContain('in 10 only');
  });

  it('follows each zone of the sole by itself, and only those that were ever marked', () => {
    const marks = (date: string, ...at: [number, number][]) =>
      on('sore-spots', date, { kind: 'marks', marks: at.map(([x, y]) => ({ x, y })) });
    const { judged } = historyIn('sore-spots', [
      marks('2026-01-10', [70, 60]),
      marks('2026-02-10', [72, 58]),
      marks('2026-03-10'),
    ]);
    expect(judged.map(({ value }) => value)).toEqual(['arch marked', 'arch marked', 'arch not marked']);
    expect(judged[2]?.verdict).toBe('perhaps');
  });

  it('writes a walk down and judges nothing', () => {
    const { judged } = historyIn('walk-after', [on('walk-after', '2026-01-10', word('better'), { foot: 'both' })]);
    expect(judged[0]?.verdict).toBe('not-judged');
  });
});
