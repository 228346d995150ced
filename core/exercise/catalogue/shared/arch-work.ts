import { foot, kit, seatedFlat } from '../author';

export const chair = kit('chair', 'person', { mat: 'on the floor, knee bent, foot flat' });

export const chairBack = kit('chair', 'person', { wall: 'a wall gives more hold' });

export const smooth = { floor: 'smooth-hard', floorsRuledOut: ['carpet', 'mat', 'outdoors'] } as const;

export const paperUnder = foot(seatedFlat, {
  contacts: {
    heel: ['press', 'floor'],
    innerBall: ['rest', 'cloth'],
    outerBall: ['rest', 'cloth'],
    bigToe: ['rest', 'cloth'],
    smallToes: ['rest', 'cloth'],
  },
});
