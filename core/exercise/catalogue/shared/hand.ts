import { foot, hanging, kit, restsFlat } from '../author';

/** The foot lies over the other knee; a hand is on the toes. */
export const inHand = foot(hanging, {
  contacts: { bigToe: ['rest', 'hand'], smallToes: ['rest', 'hand'] },
  hands: ['big toe', 'small toes'],
  toes: 'relaxed',
});

export const ballInHand = foot(hanging, {
  contacts: { innerBall: ['rest', 'hand'], outerBall: ['rest', 'hand'] },
  hands: ['ball of the foot'],
  toes: 'relaxed',
});

export const held = { other: restsFlat, picture: 'ankle-front' } as const;

export const chair = kit('chair', 'person', { mat: 'on the floor, ankle over the other thigh or shin' });
