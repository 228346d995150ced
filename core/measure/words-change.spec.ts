import { checks } from './checks';
import { scaleOf, wordsChange } from './words-change';
import type { CheckId } from './check-id';

const judge = (check: CheckId, answers: readonly string[], days = 7) =>
  wordsChange(
    scaleOf(checks[check])!,
    answers.map((answer, i) => ({ day: i * days, answer })),
  );
const verdicts = (check: CheckId, ...answers: string[]) => judge(check, answers).map(({ verdict }) => verdict);

describe('a check that gives a word', () => {
  it('is settled when one answer was seen twice running', () => {
    expect(verdicts('knee-in-line', 'no', 'no', 'no')).toEqual(['first-reading', 'too-early', 'within-noise']);
    expect(verdicts('knee-in-line', 'no', 'yes', 'no', 'no', 'no')).toEqual([
      'first-reading',
      'too-early',
      'too-early',
      'too-early',
      'within-noise',
    ]);
  });

  it('changes when another answer was seen three times running, not before', () => {
    const found = judge('knee-in-line', ['no', 'no', 'yes', 'yes', 'yes', 'yes']);
    expect(found.map(({ verdict }) => verdict)).toEqual([
      'first-reading',
      'too-early',
      'perhaps',
      'perhaps',
      'changed',
      'at-ceiling',
    ]);
    expect(found[4]).toMatchObject({ direction: 'towards', how: 'seen-in-a-row' });
  });

  it('wants more looks where they wavered before', () => {
    expect(verdicts('knee-in-line', 'no', 'no', 'yes', 'no', 'yes', 'yes', 'yes', 'yes').slice(4)).toEqual([
      'perhaps',
      'perhaps',
      'perhaps',
      'changed',
    ]);
  });

  it('begins again after nine months without a look', () => {
    const far = judge('knee-in-line', ['no', 'no', 'yes', 'yes', 'yes'], 280).map(({ verdict }) => verdict);
    expect(far).not.toContain('changed');
  });

  it('counts some and full on the same side of none, and settles on the nearer', () => {
    const found = judge('arch-rises-with-big-toe', ['none', 'none', 'full', 'some', 'full', 'some']);
    expect(found[4]).toMatchObject({ verdict: 'changed', direction: 'towards' });
    expect(found[5]?.verdict).toBe('within-noise');
  });

  it('tells away from what is hoped as plainly as towards it', () => {
    expect(judge('heel-line', ['upright', 'upright', 'leans in', 'leans in', 'leans in']).at(-1)).toMatchObject({
      verdict: 'changed',
      direction: 'away',
    });
    expect(judge('heel-line', ['leans out', 'leans out', 'leans in', 'leans in', 'leans in']).at(-1)).toMatchObject({
      direction: 'other',
    });
  });

  it('takes one hour of the clock for the same place, round the dial', () => {
    expect(verdicts('circle-sticks', '12', '1', '11', '12')).toEqual([
      'first-reading',
      'too-early',
      'perhaps',
      'within-noise',
    ]);
    expect(verdicts('circle-sticks', '12', '12', 'nowhere', 'nowhere', 'nowhere').at(-1)).toBe('changed');
  });
});
