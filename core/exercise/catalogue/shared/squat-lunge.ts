import { foot, kit, standing } from '../author';

export const chairBack = kit('chair', 'person', { wall: 'a wall gives more hold' });

export const hangToes = foot(standing, {
  contacts: {
    heel: ['press', 'block'],
    innerBall: ['press', 'block'],
    outerBall: ['press', 'block'],
    bigToe: ['hang', 'air'],
    smallToes: ['hang', 'air'],
  },
  toes: 'relaxed',
});

export const backToes = foot(standing, {
  role: 'stands',
  contacts: { heel: ['lift', 'air'] },
  heelHeightCm: 6,
  knee: 'soft',
});

export const landing = foot(standing, { knee: 'bent', ankle: 'up' });
