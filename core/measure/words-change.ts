import type { Protocol } from './protocol';
import type { Direction, How, Verdict } from './verdict';

/** A run of looks is broken by so many days without one. */
const longGapDays = 270;

/** One look that gives a word, an hour of the clock, or whether a zone is marked. */
export interface WordLook {
  readonly day: number;
  readonly answer: string;
}

export interface WordJudged {
  readonly verdict: Verdict;
  readonly reason: 'not-settled' | null;
  readonly direction: Direction | null;
  readonly how: How | null;
}

/** How the answers of a check lie to each other. */
export interface WordScale {
  /** Whether two answers are the same place. */
  readonly same: (a: string, b: string) => boolean;
  /** Which side of the settled answer another one lies on. */
  readonly side: (settled: string, answer: string) => string;
  /** How far an answer is from the settled one. */
  readonly distance: (settled: string, answer: string) => number;
  readonly direction: (settled: string, answer: string) => Direction;
  readonly hoped: (answer: string) => boolean;
}

const exact = (a: string, b: string) => a === b;

/** Answers in an order; the last one is hoped for. */
export const orderedScale = (answers: readonly string[], hopes = true): WordScale => {
  const at = (answer: string) => answers.indexOf(answer);
  return {
    same: exact,
    side: (settled, answer) => (at(answer) > at(settled) ? 'up' : 'down'),
    distance: (settled, answer) => Math.abs(at(answer) - at(settled)),
    direction: (settled, answer) => (at(answer) > at(settled) ? 'towards' : 'away'),
    hoped: (answer) => hopes && answer === answers.at(-1),
  };
};

/** Answers that only have names. */
const namedScale = (hoped: string): WordScale => ({
  same: exact,
  side: (_settled, answer) => answer,
  distance: () => 1,
  direction: (settled, answer) => (answer === hoped ? 'towards' : settled === hoped ? 'away' : 'other'),
  hoped: (answer) => answer === hoped,
});

/** Where an ankle circle sticks nowhere. */
export const nowhere = 'nowhere';
const hours = (a: string, b: string) => {
  const apart = Math.abs(Number(a) - Number(b)) % 12;
  return Math.min(apart, 12 - apart);
};
/** Hours of a clock face: one hour apart, round the dial, is the same. */
const clockScale: WordScale = {
  same: (a, b) => a === b || (a !== nowhere && b !== nowhere && hours(a, b) <= 1),
  side: (_settled, answer) => answer,
  distance: (settled, answer) => (settled === nowhere || answer === nowhere ? 12 : hours(settled, answer)),
  direction: (settled, answer) => (answer === nowhere ? 'towards' : settled === nowhere ? 'away' : 'other'),
  hoped: (answer) => answer === nowhere,
};

/** How the answers of a protocol lie to each other; null for one that gives numbers. */
export function scaleOf({ result }: Protocol): WordScale | null {
  switch (result.gives) {
    case 'ordered':
      return orderedScale(result.answers);
    case 'named':
      return namedScale(result.hoped);
    case 'clock':
      return clockScale;
    case 'marks':
      // each zone of the sole is a series of its own; a sole without tender spots is no ceiling
      return orderedScale(['marked', 'not marked'], false);
    case 'number':
      return null;
  }
}

/**
 * Looks of one foot, one a date, each taken to be wrong one time in ten: an answer is settled when it was seen on two
 * dates running, and changes when another was seen three times running, or more often where the looks wavered before.
 * @param looks by date
 */
export function wordsChange(scale: WordScale, looks: readonly WordLook[]): WordJudged[] {
  const judged: WordJudged[] = [];
  const say = (verdict: Verdict, more: Partial<WordJudged> = {}) =>
    judged.push({ verdict, reason: null, direction: null, how: null, ...more });
  let settled: string | null = null;
  let run: WordLook[] = [];
  looks.forEach((look, i) => {
    const before = looks[i - 1];
    if (settled === null) {
      if (!before) say('first-reading');
      else {
        say('too-early', { reason: 'not-settled' });
        if (scale.same(before.answer, look.answer)) settled = look.answer;
      }
      return;
    }
    if (scale.same(settled, look.answer)) {
      run = [];
      say(scale.hoped(settled) ? 'at-ceiling' : 'within-noise');
      return;
    }
    const from: string = settled;
    const newest = run.at(-1);
    const goesOn =
      newest !== undefined &&
      look.day - newest.day <= longGapDays &&
      (scale.side(from, newest.answer) === scale.side(from, look.answer) || scale.same(newest.answer, look.answer));
    run = goesOn ? [...run, look] : [look];
    const earlier = looks.slice(0, i + 1 - run.length).slice(-6);
    const unlike = earlier.filter(({ answer }) => !scale.same(from, answer)).length;
    const nearest = run.reduce((a, b) => (scale.distance(from, b.answer) < scale.distance(from, a.answer) ? b : a));
    const direction = scale.direction(from, nearest.answer);
    if (run.length >= Math.min(6, 3 + unlike)) {
      say('changed', { direction, how: 'seen-in-a-row' });
      settled = nearest.answer;
      run = [];
    } else say('perhaps', { direction });
  });
  return judged;
}
