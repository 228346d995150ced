import type * as z from 'zod';

/** Codes that the schemas give, in words a person can act on. */
const codes: Readonly<Record<string, string>> = {
  'multiplier-twice': 'counts the same thing twice; keep one of them.',
  'newer-format': 'was written by a newer Needlework; open it with that version.',
  'not-a-document': 'is cut off or empty.',
  'bounds-order': 'lies outside its own bounds: at least ≤ usually ≤ at most.',
  'range-order': 'goes up: the smaller number first, each once.',
  'range-usual': 'must hold the number that the plan counts.',
  'range-form': 'has two to four numbers.',
  'range-kinds': 'changes the kind of dose between least, usual and most.',
  'presses-on-air': 'cannot press or rest on air.',
  'phase-no-length': 'needs a length of at least a quarter of a second.',
  'too-many-items': 'holds more than 120 items; split it into two classes.',
  'id-twice': 'uses one id for two things.',
  'id-form': 'is not an id.',
  'start-rung': 'names a rung to start on that the ladder does not have.',
  'rung-twice': 'stands twice in the ladder, which would run in a loop; give the rung an id of its own.',
  'ladder-loop': 'is the same point as an earlier rung, so the ladder runs in a loop; change one axis.',
  'ladder-short': 'needs two levels at least.',
  'axes-why': 'must say why two axes change at once from the rung before.',
  'check-built-in': 'has the id of a check that comes with Needlework.',
  'ask-outside': 'must lie inside what is refused.',
  'end-outside': 'must lie inside what is taken.',
  'below-nothing': 'cannot be less than nothing here.',
  'one-trial': 'is one, where a single try counts.',
  'answer-twice': 'has one answer twice.',
  'hoped-unknown': 'must be one of the answers.',
  'band-not-stretched': 'needs pulls that are longer than the slack band.',
  'gate-check': 'names a check exactly where the test is a check.',
  'gate-value': 'needs a number of reps or seconds.',
  'unknown-check': 'asks for a check that does not exist here.',
  'clock-form': 'needs a time of day, as 18:30.',
  'zone-unknown': 'is not one that this machine knows, as Europe/London is.',
  'off-backwards': 'ends before it begins.',
  'sets-order': 'has more sets at the least than at the most.',
  'days-over': 'are more than the sheet has.',
  'weekday-twice': 'names one day of the week twice; a course has one class a day.',
  'moved-twice': 'moves one class to two dates.',
  'aim-twice': 'names one exercise twice.',
  'phases-order': 'stand in another order: mobilise, strengthen, unstable ground, small jumps, each once.',
  'most-under-least': 'is less than the least.',
  'unknown-contact': 'must be one of: press, rest, lift, hang.',
  'unknown-meets':
    'must be one of: floor, band, ball, block, step, slope, cushion, half-ball, cloth, paper, strap, object, hand, leg, air.',
};

/** Why one value was refused, in plain words, without the path. */
export function issueWords(issue: z.core.$ZodIssue): string {
  const known = codes[issue.message];
  if (known) return known;
  switch (issue.code) {
    case 'too_small':
      return issue.origin === 'string' || issue.origin === 'array'
        ? 'must not be empty.'
        : `must be at least ${String(issue.minimum)}.`;
    case 'too_big':
      return issue.origin === 'string'
        ? `is longer than ${String(issue.maximum)} characters.`
        : issue.origin === 'array'
          ? `has more than ${String(issue.maximum)} entries.`
          : `must be at most ${String(issue.maximum)}.`;
    case 'unrecognized_keys':
      return `has fields that are not known here: ${issue.keys.join(', ')}.`;
    case 'invalid_type':
      return issue.expected === 'int' ? 'must be a whole number.' : `must be a ${issue.expected}.`;
    case 'invalid_format':
      return issue.format === 'date' ? 'needs a date, as 2026-03-14.' : 'is not valid.';
    case 'invalid_value':
      return `must be one of: ${issue.values.map(String).join(', ')}.`;
    default:
      return 'is not valid.';
  }
}

/** The field at fault as a path: blocks.0.items.2.dose.0.reps. */
export const issuePath = (issue: z.core.$ZodIssue): string => issue.path.map(String).join('.');
