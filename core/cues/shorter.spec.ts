import fc from 'fast-check';
import { wordsIn } from '../speaking';
import { byPhase } from './by-phase';
import { shorter } from './shorter';

describe('a shorter wording', () => {
  const drag = 'Shorten the foot: draw the ball towards the heel. One small fold is plenty. Let it go.';

  it('ends where a sentence ends, and keeps the idea that comes first', () => {
    expect(shorter(drag, 14)).toBe('Shorten the foot: draw the ball towards the heel. One small fold is plenty.');
    expect(shorter(drag, 10)).toBe('Shorten the foot: draw the ball towards the heel.');
  });

  it('ends behind a clause where even the first sentence is too long', () => {
    expect(shorter(drag, 5)).toBe('Shorten the foot.');
    expect(shorter('Roll over the toes, to the ball, and back.', 7)).toBe('Roll over the toes, to the ball.');
  });

  it('is none where nothing need go, or the first clause alone is too long', () => {
    expect(shorter('Toes long.', 2)).toBeNull();
    expect(shorter('Draw the ball towards the heel.', 3)).toBeNull();
  });

  it('is always a beginning of the text, and short enough', () => {
    const clause = fc.array(fc.constantFrom('toes', 'long', 'press', 'heel'), { minLength: 1, maxLength: 6 });
    const text = fc
      .array(fc.tuple(clause, fc.constantFrom(',', '.', ';', ':', ' –')), { minLength: 1, maxLength: 5 })
      .map((clauses) => clauses.map(([words, stop]) => words.join(' ') + stop).join(' '));
    fc.assert(
      fc.property(text, fc.integer({ min: 1, max: 20 }), (said, most) => {
        const short = shorter(said, most);
        if (short === null) return;
        expect(wordsIn(short)).toBeLessThanOrEqual(most);
        expect(said.startsWith(short.slice(0, -1))).toBe(true);
      }),
    );
  });
});

describe('an action', () => {
  it('is told phase by phase where its words name the phases', () => {
    expect(
      byPhase('Draw the ball towards the heel. One small fold is plenty. Let it go.', ['draw in', 'let it go']),
    ).toEqual([
      { phase: 0, words: 'Draw the ball towards the heel. One small fold is plenty.' },
      { phase: 1, words: 'Let it go.' },
    ]);
    expect(
      byPhase('Toes down, foot down, toes up, foot up.', ['toes down', 'foot down', 'toes up', 'foot up']),
    ).toEqual([
      { phase: 0, words: 'Toes down,' },
      { phase: 1, words: 'foot down,' },
      { phase: 2, words: 'toes up,' },
      { phase: 3, words: 'foot up.' },
    ]);
  });

  it('that names no phase, or only one, is said over the whole rep', () => {
    const whole = [{ phase: null, words: 'Breathe. Wait.' }];
    expect(byPhase('Breathe. Wait.', ['lift', 'lower'])).toEqual(whole);
    expect(byPhase('Breathe. Wait.', ['breathe'])).toEqual(whole);
  });
});
