import { foot, kit, seatedFlat } from '../author';

export const chair = kit('chair', 'person', { mat: 'on the floor, knee bent, foot flat' });

export const chairBack = kit('chair', 'person', { wall: 'a wall gives more hold' });

export const smooth = { floor: 'smooth-hard', floorsRuledOut: ['carpet', 'mat', 'outdoors'] } as const;

/** Seated, heel on the floor, the front of the foot on a cloth or a sheet of paper. */
export const frontOn = (thing: 'cloth' | 'paper', does: 'rest' | 'press' = 'rest', from = seatedFlat) =>
  foot(from, {
    contacts: {
      heel: ['press', 'floor'],
      innerBall: [does, thing],
      outerBall: [does, thing],
      bigToe: [does, thing],
      smallToes: [does, thing],
    },
  });
