import type { Exercise } from '../../exercise';
import { cleanReps, exercise, kit, ladder, performance, phase, range, reps, rung, saw, say } from '../author';
import { jumpsLater, jumpsNext } from '../shared/door';
import { landing } from '../shared/squat-lunge';

const inReach = kit('chair', 'person', { wall: 'hands on the wall', barre: 'a barre' });

export const smallJumps: Exercise = exercise({
  id: 'small-jumps',
  name: say('Small jumps on the spot', 'Low-amplitude bilateral jumps'),
  family: 'impact',
  purpose: 'Soft, small, quick off the floor: only after warmed calves and weeks of basics.',
  stage: 'integrated',
  directions: ['ankle-down', 'ankle-up'],
  faults: [
    { seen: 'loud landings', from: 'front', say: 'Land as if the floor were asleep.' },
    { seen: 'knees fall together', from: 'front', say: 'Knees over second toes.' },
    { seen: 'jumps higher than a hand is thick', from: 'front', say: 'A sheet of paper under your feet is enough.' },
  ],
  cues: {
    setup: say('Behind the chair, hands free and near it, feet hip width, soft knees.'),
    action: say('Small jumps, toes last off and first on, heels kiss the floor.'),
    breath: null,
    picture: say('Milk just before it boils.'),
    correction: say('Smaller and quieter.'),
  },
  foundBy: ['jump', 'hop', 'impact', 'landing', 'bounce'],
  performance: performance({
    facing: 'centre',
    footwear: 'any',
    floorsRuledOut: ['tile', 'outdoors'],
    kit: [inReach],
    phases: [phase('land and go', 1, landing)],
    regions: { calf: 3, 'deep-calf': 2, 'plantar-tissue': 2 },
    balance: { working: 1, standing: 0 },
    impactsPerRep: 1,
  }),
  doses: range(reps(8), reps(16), reps(32)),
  ladder: ladder(
    'bounce',
    rung(
      'bounce',
      'bouncing without leaving the floor, hands on a support',
      { amount: 'no flight', support: 'both hands' },
      range(reps(8), reps(12), reps(24)),
      saw('Heels touch softly and knees stay over the toes, both feet.', 2),
      {
        change: {
          facing: 'support',
          kit: [inReach],
          impactsPerRep: 0,
          situations: ['landing'],
          regions: { calf: 2, 'deep-calf': 2 },
        },
      },
    ),
    rung(
      'held',
      'small jumps, hands on a support',
      { amount: 'paper-high', support: 'both hands' },
      range(reps(8), reps(12), reps(24)),
      cleanReps(12, '12 landings that nobody hears; no pain during or next morning.'),
      {
        door: jumpsLater,
        change: { facing: 'support', kit: [inReach] },
      },
    ),
    rung(
      'free',
      'small jumps, hands free',
      { amount: 'paper-high', support: 'none' },
      range(reps(8), reps(16), reps(32)),
      cleanReps(16, '16 landings that nobody hears; no pain during or next morning.'),
      { door: jumpsNext },
    ),
    rung(
      'rope',
      'small jumps over a skipping rope',
      { amount: 'paper-high, over a rope', support: 'both hands turn the rope' },
      range(reps(8), reps(16), reps(32)),
      null,
      {
        why: 'The rope takes the hands that were free.',
        change: {
          kit: [inReach, kit('rope', 'person', { strap: 'without a rope, hands turning it in the air' })],
          balance: { working: 2, standing: 0 },
        },
      },
    ),
  ),
  levelWords: {
    rope: { setup: 'Rope in both hands, feet hip width, soft knees, space all round.' },
    bounce: {
      setup: 'Feet hip width, soft knees, hands on a support.',
      action: 'Bounce through soft knees and ankles; the toes never leave the floor.',
    },
    held: { setup: 'Feet hip width, soft knees, hands on a support.' },
  },
});
