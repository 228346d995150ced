import type { Exercise } from '../../exercise';
import type { FootState } from '../../foot-state';
import { cleanReps, exercise, foot, hanging, kit, ladder, performance, phase, range, reps, rung, say } from '../author';

const wave = foot(hanging, { contacts: { heel: ['rest', 'floor'] }, toes: 'long', knee: 'soft' });

/** The other foot, its heel on the mat. */
const waits: FootState = foot(wave, { role: 'rests', toes: 'relaxed' });

const toesUp = { bigToe: ['lift', 'air'], smallToes: ['lift', 'air'] } as const;

const parts = (seconds: number) => {
  const seen = { other: waits, picture: 'ankle-side' } as const;
  return [
    phase('toes down', seconds, foot(wave, { toes: 'curled', ankle: 'up' }), { ...seen, undo: 'toes up' }),
    phase('foot down', seconds, foot(wave, { toes: 'curled', ankle: 'down' }), { ...seen, undo: 'foot up' }),
    phase('toes up', seconds, foot(wave, { contacts: toesUp, ankle: 'down' }), { ...seen, undo: 'toes down' }),
    phase('foot up', seconds, foot(wave, { contacts: toesUp, ankle: 'up' }), { ...seen, undo: 'foot down' }),
  ];
};

export const toeWave: Exercise = exercise({
  id: 'toe-wave',
  name: say('Wave through the foot', 'Sequenced toe and ankle flexion and extension'),
  family: 'mobility',
  purpose: 'Toes first, foot after: the order of rolling down through the foot.',
  stage: 'active',
  directions: ['toes-curl', 'toes-lift', 'ankle-down', 'ankle-up'],
  faults: [
    { seen: 'toes and ankle move at once', from: 'inner side', say: 'Say the four parts aloud.' },
    { seen: 'the heel slides', from: 'inner side', say: 'The heel is nailed to the mat.' },
  ],
  cues: {
    setup: say('Sit on the mat, legs long, heels down, one foot at a time.'),
    action: say('Toes down, foot down, toes up, foot up.'),
    breath: null,
    picture: say('A caterpillar bends its front, then the rest of it.'),
    correction: say('One part at a time.'),
  },
  foundBy: ['wave', 'point', 'flex', 'articulate', 'roll through'],
  performance: performance({
    position: 'floor-seated',
    sidePattern: 'each',
    kit: [kit('mat', 'person', { cushion: 'a cushion under the calf frees the heel' })],
    floor: 'padded',
    phases: parts(1),
    regions: { 'toe-flexors': 1, 'toe-extensors': 1, shin: 1, calf: 1 },
  }),
  doses: range(reps(5), reps(8), reps(12)),
  ladder: ladder(
    'slow',
    rung(
      'parts',
      'a stop after each part',
      { speed: 'a stop after each part' },
      range(reps(3), reps(5), reps(8)),
      cleanReps(5, '5 with all four parts in order, both feet.'),
      { change: { phases: parts(2) } },
    ),
    rung(
      'slow',
      'slow, part by part',
      { speed: 'slow' },
      range(reps(5), reps(8), reps(12)),
      cleanReps(8, '8 in order without saying them, both feet.'),
    ),
    rung(
      'smooth',
      'smooth, the parts run into one another',
      { speed: 'smooth' },
      range(reps(6), reps(10), reps(16)),
      null,
      {
        change: { phases: parts(0.75) },
      },
    ),
  ),
  levelWords: {
    parts: { action: 'Toes down: stop. Foot down: stop. Toes up: stop. Foot up: stop.' },
    smooth: { action: 'Toes, foot, toes, foot: one part melts into the next.' },
  },
});
