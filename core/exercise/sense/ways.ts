import type { Sense } from './note';

const several = /\b(both|each|either|two|three|four) ways\b|\bthe other way\b|\bways? round\b/i;

/** Directions multiply: what is done both ways is counted per way. */
export const ways: Sense = ({ done }) => {
  const said = several.exec(`${done.exercise.name.plain}. ${done.cues.action.plain}`)?.[0];
  const counted = done.doses.usual.some((part) => part.multipliers.some((m) => m.per === 'directions'));
  if (said !== undefined && !counted && done.phases.length < 3)
    return [
      {
        code: 'ways-not-multiplied',
        words: `The words say “${said}”, and the dose counts no ways: ten is ten per what? Count it per way, or give each way a phase.`,
      },
    ];
  const points = done.doses.usual.some((part) => part.multipliers.some((m) => m.per === 'contact-points'));
  return points && several.test(done.cues.action.plain)
    ? [
        {
          code: 'ways-not-multiplied',
          words: 'It goes several ways, and the dose counts contact points. Count it per way.',
        },
      ]
    : [];
};
