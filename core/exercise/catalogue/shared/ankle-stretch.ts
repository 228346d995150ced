import { foot, kit, seatedFlat, standing } from '../author';

export const mat = kit('mat', 'person', { cushion: 'a folded blanket under shins and toes' });

export const cushion = kit('cushion', 'person', { block: 'a block between seat and heels takes more weight' });

export const pad = kit('cushion', 'person', { mat: 'a folded mat under the toes' });

export const wall = kit('wall', 'room', { chair: 'a chair back, pushed against the wall' });

export const tucked = foot(standing, {
  contacts: { heel: ['lift', 'air'], bigToe: ['press', 'floor'], smallToes: ['press', 'floor'] },
  ankle: 'up',
  heelHeightCm: 10,
  knee: 'bent',
  weightLine: 'even',
});

const topDown = foot(seatedFlat, {
  contacts: {
    heel: ['lift', 'air'],
    innerBall: ['hang', 'air'],
    outerBall: ['hang', 'air'],
    bigToe: ['press', 'floor'],
    smallToes: ['press', 'floor'],
  },
  ankle: 'down',
  toes: 'on-tops',
  heelHeightCm: 12,
  weightLine: 'none',
});

export const topOfFoot = foot(topDown, { weightLine: 'even' });

export const kneesOverToes = foot(standing, { knee: 'bent', ankle: 'up', weightLine: 'second-toe' });

export const stretched = foot(standing, { ankle: 'up', knee: 'locked' });
