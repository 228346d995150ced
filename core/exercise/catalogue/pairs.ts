/** Two halves of one job: they get the same dose (common practice, no source). Each exercise stands in one pair at most. */
export const pairs: readonly (readonly [string, string])[] = [
  ['calf-stretch-straight-knee', 'calf-stretch-bent-knee'],
  ['step-rise-straight-knee', 'step-rise-bent-knee'],
  ['band-turn-in', 'band-turn-out'],
  ['waist-loop-turn-in', 'waist-loop-turn-out'],
  ['strap-press-inner', 'strap-press-outer'],
  ['inner-edge-walk', 'outer-edge-walk'],
  ['big-toe-up', 'four-toes-up'],
  ['seated-band-turn-in', 'seated-band-turn-out'],
  ['toe-wave', 'toe-wave-back'],
];
