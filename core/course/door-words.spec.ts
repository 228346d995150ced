import type { WeekState } from './doors';
import { doorWords, mobiliseWords } from './door-words';
import { templateOf } from './templates';

const unstable = templateOf('new-to-jumps').phases[2]!;
const states = (letters: string): WeekState[] =>
  [...letters].map((letter) => ({ w: 'worked', m: 'missed', c: 'closed', '.': 'coming' })[letter] as WeekState);

describe('what is said of a door', () => {
  it('says from when, and from when it might', () => {
    const door = { phase: unstable, opens: 2, begins: 4, unmoved: 4, waits: [] };
    expect(doorWords(door, states('ww..........'))).toBe('Unstable ground from week 5; it may from week 3.');
  });

  it('says what moved it: a missed week, and a closed one that lay in its way', () => {
    const door = { phase: unstable, opens: 5, begins: 6, unmoved: 4, waits: [] };
    expect(doorWords(door, states('wmwwwc......'))).toBe(
      'Unstable ground from week 7; it may from week 6. 2 weeks later than planned: week 2 missed, week 6 closed.',
    );
  });

  it('says why it never opens', () => {
    const waits = [{ code: 'sessions' as const, has: 2, needs: 3 }];
    const door = { phase: unstable, opens: null, begins: null, unmoved: null, waits };
    expect(doorWords(door, [])).toBe(
      'Unstable ground: not within these weeks; it asks 3 classes before it, and there are 2.',
    );
  });

  it('counts the days at home that make five of a week’s classes', () => {
    expect(mobiliseWords(2, 5)).toBe('Mobilised on 5 days a week: 2 classes a week, and 3 days at home.');
    expect(mobiliseWords(5, 5)).toBe('Mobilised on 5 days a week: 5 classes a week are enough.');
    expect(mobiliseWords(2, 0)).toBe('');
  });
});
