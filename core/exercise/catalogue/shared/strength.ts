import { foot, kit, standing } from '../author';

export const chairBack = kit('chair', 'person', { wall: 'a wall gives more hold and less freedom to sway' });

export const onRise = foot(standing, {
  contacts: { heel: ['lift', 'air'], bigToe: ['rest', 'floor'], smallToes: ['rest', 'floor'] },
  midfoot: 'lifted',
  ankle: 'down',
  heelHeightCm: 8,
  knee: 'locked',
});

export const down = foot(standing, { knee: 'locked' });

export const rollsOut = {
  seen: 'weight goes to the outer edge',
  from: 'behind',
  say: 'Press the inner ball; ankles straight up.',
} as const;
