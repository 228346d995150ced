import { foot, kit, seatedFlat, standing } from '../author';

export const grounded = foot(seatedFlat, {
  contacts: { heel: ['press', 'floor'], innerBall: ['press', 'floor'], outerBall: ['press', 'floor'] },
});

export const bigUp = foot(grounded, {
  contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'] },
  midfoot: 'lifted',
});

export const chair = kit('chair', 'person', { mat: 'on the floor, knee bent, foot flat: the calf helps less' });

export const chairBack = kit('chair', 'person', { wall: 'a wall gives more hold and less freedom to sway' });

export const oneLeg = (bigToe: 'rest' | 'press', small: 'rest' | 'press') =>
  foot(standing, { contacts: { bigToe: [bigToe, 'floor'], smallToes: [small, 'floor'] } });
