import { foot, kit, standing } from '../author';

export const chairBack = kit('chair', 'person', { wall: 'a wall gives more hold' });

export const soft = foot(standing, {
  contacts: {
    heel: ['press', 'block'],
    innerBall: ['press', 'block'],
    outerBall: ['press', 'block'],
    bigToe: ['press', 'block'],
    smallToes: ['rest', 'block'],
  },
});

export const bent = foot(soft, { knee: 'bent', ankle: 'up' });
