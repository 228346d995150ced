import type { Exercise } from '../../exercise';
import { exercise, foot, hanging, kit, performance, phase, range, reps, say } from '../author';
import type { FootState } from '../../foot-state';

const wave = foot(hanging, { contacts: { heel: ['rest', 'floor'] }, toes: 'long', knee: 'soft' });

/** The other foot, its heel on the mat. */
const waits: FootState = foot(wave, { role: 'rests', toes: 'relaxed' });

const toesUp = { bigToe: ['lift', 'air'], smallToes: ['lift', 'air'] } as const;

export const toeWave: Exercise = exercise({
  id: 'toe-wave',
  name: say('Wave through the foot', 'Sequenced toe and ankle flexion and extension'),
  family: 'mobility',
  purpose: 'Toes and ankle one after the other, as in a soft landing and a long point.',
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
    picture: say('A wave runs up the beach and draws back.'),
    correction: say('One part at a time.'),
  },
  foundBy: ['wave', 'point', 'flex', 'articulate', 'roll through'],
  performance: performance({
    position: 'floor-seated',
    sidePattern: 'each',
    kit: [kit('mat', 'person', { cushion: 'a cushion under the calf frees the heel' })],
    floor: 'padded',
    phases: [
      phase('toes down', 1, foot(wave, { toes: 'curled', ankle: 'up' }), {
        other: waits,
        picture: 'ankle-side',
        undo: 'toes up',
      }),
      phase('foot down', 1, foot(wave, { toes: 'curled', ankle: 'down' }), {
        other: waits,
        picture: 'ankle-side',
        undo: 'foot up',
      }),
      phase('toes up', 1, foot(wave, { contacts: toesUp, ankle: 'down' }), {
        other: waits,
        picture: 'ankle-side',
        undo: 'toes down',
      }),
      phase('foot up', 1, foot(wave, { contacts: toesUp, ankle: 'up' }), {
        other: waits,
        picture: 'ankle-side',
        undo: 'foot down',
      }),
    ],
    regions: { 'toe-flexors': 1, 'toe-extensors': 1, shin: 1, calf: 1 },
  }),
  doses: range(reps(5), reps(8), reps(12)),
});
