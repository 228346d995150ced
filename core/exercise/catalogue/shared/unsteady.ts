import { afterWeeks, foot, kit, standing } from '../author';

export const chairBack = kit('chair', 'person', { wall: 'a wall gives more hold' });

/** A whole foot on ground that gives, or on a block: heel and balls carry. */
export const footOn = (ground: 'cushion' | 'half-ball' | 'block' | 'floor', change: Parameters<typeof foot>[1] = {}) =>
  foot(
    foot(standing, {
      contacts: {
        heel: ['press', ground],
        innerBall: ['press', ground],
        outerBall: ['press', ground],
        bigToe: ['press', ground],
        smallToes: ['rest', ground],
      },
    }),
    change,
  );

/** The door of unstable ground, for people new to it. */
export const basicsFirst = afterWeeks(
  2,
  'After two to four weeks of basics on firm ground; then once or twice a week.',
);
