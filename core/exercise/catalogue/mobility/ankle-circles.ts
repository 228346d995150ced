import type { Exercise } from '../../exercise';
import type { FootState } from '../../foot-state';
import {
  care,
  checked,
  exercise,
  foot,
  hanging,
  kit,
  ladder,
  performance,
  phase,
  range,
  reps,
  restsFlat,
  rung,
  saw,
  say,
  stands,
} from '../author';

/** Once round, from the inner side down and up again; a hand leads the foot, or only keeps the shin still. */
const round = (hands?: FootState['hands'], led = false) => {
  const at = (ankle: FootState['ankle']) =>
    foot(hanging, {
      ankle,
      toes: 'long',
      hands,
      contacts: led ? { innerBall: ['rest', 'hand'], outerBall: ['rest', 'hand'] } : {},
    });
  return [
    phase('turn in', 1, at('turned-in'), { other: restsFlat, picture: 'ankle-front' }),
    phase('down', 1, at('down'), { other: restsFlat, picture: 'ankle-side' }),
    phase('turn out', 1, at('turned-out'), { other: restsFlat, picture: 'ankle-front' }),
    phase('up', 1, at('up'), { other: restsFlat, picture: 'ankle-side' }),
  ];
};
const circles = (n: number) => reps(n, { per: { directions: 2 } });
const flatLying = foot(restsFlat, { knee: 'bent' });
const roll = kit('cushion', 'person', {
  mat: 'a rolled mat under the calf',
  chair: 'on a chair, ankle over the other knee',
});

export const ankleCircles: Exercise = exercise({
  id: 'ankle-circles',
  name: say('Ankle circles', 'Active ankle circumduction'),
  family: 'mobility',
  purpose: 'Draws the largest circle the ankle owns, both ways, and shows where it sticks.',
  stage: 'active',
  directions: ['ankle-up', 'ankle-down', 'turn-in', 'turn-out'],
  faults: [
    { seen: 'the shin turns with the foot', from: 'front', say: 'Quiet shin; hold it with your hand.' },
    { seen: 'a corner is skipped', from: 'front', say: 'Slow down where it sticks.' },
    { seen: 'toes curl on the way down', from: 'front', say: 'Long toes all the way round.' },
  ],
  cautions: [care('recent-injury', 'ask-clinician', 'After a sprain, small circles only, and ask first.')],
  cues: {
    setup: say('Sit, one calf on a rolled cushion, heel free, a hand on that shin.'),
    action: say('Draw a big slow circle with the big toe. Then the same the other way.'),
    breath: null,
    picture: say('Polish the inside of a round bowl, and miss no part of it.'),
    correction: say('Only the foot moves.'),
  },
  foundBy: ['circle', 'ankle', 'rotate', 'stiff', 'loosen'],
  performance: performance({
    position: 'floor-seated',
    sidePattern: 'each',
    kit: [roll],
    phases: round(['shin']),
    regions: { shin: 1, 'inner-ankle': 1, 'outer-ankle': 1 },
  }),
  doses: range(circles(3), circles(5), circles(10)),
  ladder: ladder(
    'small',
    rung(
      'by-hand',
      'the hand leads the foot round',
      { 'hand-help': 'hand leads', amount: 'small' },
      range(circles(2), circles(3), circles(6)),
      saw('The foot lets itself be led, both ways, both feet.'),
      { change: { kit: [], phases: round(['ball of the foot', 'shin'], true), regions: {} } },
    ),
    rung(
      'small',
      'small circles, hand on the shin',
      { 'hand-help': 'hand on the shin', amount: 'small' },
      range(circles(3), circles(5), circles(10)),
      saw('The shin stays still both ways, both feet.'),
    ),
    rung(
      'full',
      'the largest circle, hand on the shin',
      { 'hand-help': 'hand on the shin', amount: 'full' },
      range(circles(3), circles(5), circles(10)),
      checked('circle-sticks', 'Round both ways, and no corner is skipped, both feet.'),
    ),
    rung(
      'free',
      'the largest circle, hands off',
      { 'hand-help': 'none', amount: 'full' },
      range(circles(3), circles(5), circles(10)),
      saw('The shin stays still with the hands off, both ways, both feet.'),
      { change: { phases: round() } },
    ),
    rung(
      'lying',
      'lying, one leg up, hands off',
      { 'hand-help': 'none', amount: 'full', base: 'lying' },
      range(circles(3), circles(5), circles(10)),
      saw('Round both ways and the leg stays up, both feet.'),
      {
        change: {
          position: 'lying',
          kit: [kit('mat', 'person', { cushion: 'a folded blanket' })],
          floor: 'padded',
          phases: round().map((p) => ({ ...p, other: flatLying })),
        },
      },
    ),
    rung(
      'standing',
      'standing, one foot off the floor, a hand on the chair',
      { 'hand-help': 'none', amount: 'full', base: 'one foot' },
      range(circles(3), circles(5), circles(10)),
      null,
      {
        change: {
          position: 'standing',
          facing: 'support',
          kit: [kit('chair', 'person', { wall: 'a hand on the wall' })],
          phases: round().map((p) => ({ ...p, other: stands })),
          balance: { working: 0, standing: 2 },
        },
      },
    ),
  ),
  levelWords: {
    'by-hand': {
      setup: 'Sit, one ankle over the other knee, a hand round the foot.',
      action: 'The hand leads the foot round, slowly. Then the other way.',
    },
    small: {
      setup: 'Sit, one calf on a rolled cushion, heel free, a hand on that shin.',
      action: 'Draw a small slow circle with the big toe. Then the same the other way.',
    },
    free: { setup: 'Sit, one calf on a rolled cushion, heel free, hands off.' },
    lying: { setup: 'Lie on your back, one foot flat, the other leg up, hands off.' },
    standing: { setup: 'Beside the chair, a hand on it, one foot just off the floor.' },
  },
});
