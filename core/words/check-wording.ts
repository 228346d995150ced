/** What a reader of cue texts noticed: it suggests, it never blocks. */
export interface WordingNote {
  readonly code: 'muddled' | 'two-meanings' | 'claim' | 'pain' | 'long' | 'doubled';
  /** Where in the text, as string offsets. */
  readonly start: number;
  readonly end: number;
  readonly found: string;
  readonly why: string;
  /** What could be said instead. */
  readonly instead: readonly string[];
}

interface Rule {
  readonly code: WordingNote['code'];
  readonly pattern: RegExp;
  readonly why: string;
  readonly instead: readonly string[];
  /** Words in the same sentence that make it clear after all. */
  readonly clearedBy?: RegExp;
}

/** A sentence of more words cannot be taken in while moving (common practice, no source). */
const mostWords = 24;

const rules: readonly Rule[] = [
  {
    code: 'muddled',
    pattern:
      /\broll(s|ed|ing)?\s+(the\s+|your\s+)?(foot|feet|ankles?)?\s*(in|out)(wards?)?\b(?!\s+(front|of|to|order|time)\b)/gi,
    why: 'A foot that people say rolls in has turned out at the ankle, and the other way round.',
    instead: ['weight to the inner edge', 'weight to the outer edge'],
    clearedBy: /\bedges?\b/i,
  },
  {
    code: 'muddled',
    pattern:
      /\bturn(s|ed|ing)?\s+(the\s+|your\s+|both\s+|one\s+)?(foot|feet|toes|ankles?)?\s*(in|out)(wards?)?\b(?!\s+(front|of))/gi,
    why: 'Dancers turn the leg out at the hip; an ankle that turns out shows its sole to the outside.',
    instead: ['turn the sole to the middle', 'turn the sole away', 'turn the leg out from the hip'],
    clearedBy: /\b(soles?|legs?|hips?|border|page)\b/i,
  },
  {
    code: 'muddled',
    pattern: /\b(heels?|ankles?)\s+(in|out)\b(?!\s+(front|of|line|the|one|a))/gi,
    why: 'In and out of what? Heel, knee and weight each have their own in and out.',
    instead: ['heel drifts to the middle', 'heel drifts to the outside', 'weight to the inner edge'],
    clearedBy: /\bdrifts?\b/i,
  },
  {
    code: 'two-meanings',
    pattern: /\bflex(es|ed|ing)?\b/gi,
    why: 'To dancers it is the foot drawn up, to anatomists toes that curl.',
    instead: ['foot up', 'curl the toes'],
    clearedBy: /\b(plantar|dorsi)/i,
  },
  {
    code: 'two-meanings',
    pattern: /\b(lift|press|push|lower|drop)(s|ed|ing)?\s+(the|your)\s+ball\b(?!\s+of)/gi,
    why: 'The ball of the foot, or the ball on the floor?',
    instead: ['the ball of the foot', 'the inner ball', 'the rubber ball'],
  },
  {
    code: 'two-meanings',
    pattern: /\b(pronat|supinat)\w*/gi,
    why: 'Schools use it for the heel, the arch or the whole foot.',
    instead: ['weight to the inner edge', 'arch down', 'weight to the outer edge', 'arch up'],
  },
  {
    code: 'two-meanings',
    pattern: /\b(inside|outside)\s+(foot|leg|ankle)\b/gi,
    why: 'The inner side of a foot, or the foot on the inside of a turn?',
    instead: ['inner edge', 'outer edge', 'the foot nearer the middle'],
  },
  {
    code: 'claim',
    pattern:
      /\b(cures?|heals?|guarantee[sd]?|prevents?|eliminates?|detox\w*|never (hurts?|fails?)|always works|fix(es)? your|(raises?|builds?|restores?) (your|the) arch(es)?|corrects? (flat feet|bunions?|your)|gets? rid of|pain[- ]free in)\b/gi,
    why: 'Nobody can promise that. Say what is trained, not what will be cured.',
    instead: ['trains', 'practises', 'may feel'],
  },
  {
    code: 'pain',
    pattern:
      /\b((push|work|go|breathe|move) (right )?through (the |your |any )?(pain|hurt|ache)|no pain,? no gain|ignore (the |your |any )?pain|(should|has to|must|until it) (really )?hurts?)\b/gi,
    why: 'Pain is where one stops. Say what may be felt, and that it stops where it hurts.',
    instead: ['as far as it is comfortable', 'stop where it hurts'],
  },
  { code: 'doubled', pattern: /\b(\w+)\s+\1\b/gi, why: 'The same word twice.', instead: [] },
];

/** The sentence around an offset. */
function sentenceAt(text: string, at: number): string {
  const from = Math.max(...['.', '!', '?'].map((mark) => text.lastIndexOf(mark, at - 1))) + 1;
  const ends = ['.', '!', '?'].map((mark) => text.indexOf(mark, at)).filter((i) => i !== -1);
  return text.slice(from, ends.length > 0 ? Math.min(...ends) : text.length);
}

/**
 * Reads a cue text for muddled directions, words that mean two things, claims nobody can keep, pain asked for, and
 * sentences too long to take in. In the order in which they stand in the text.
 */
export function checkWording(text: string): WordingNote[] {
  const notes: WordingNote[] = rules.flatMap(({ code, pattern, why, instead, clearedBy }) =>
    [...text.matchAll(pattern)]
      .filter((match) => !clearedBy?.test(sentenceAt(text, match.index)))
      .map((match) => ({
        code,
        start: match.index,
        end: match.index + match[0].length,
        found: match[0],
        why,
        instead,
      })),
  );
  for (const match of text.matchAll(/[^.!?]+/g)) {
    const words = match[0].split(/\s+/).filter((word) => /\w/.test(word)).length;
    if (words > mostWords) {
      notes.push({
        code: 'long',
        start: match.index,
        end: match.index + match[0].length,
        found: match[0].trim(),
        why: `${words} words in one sentence; in a moving class ${mostWords} are the most that arrive.`,
        instead: [],
      });
    }
  }
  return notes.sort((a, b) => a.start - b.start);
}
