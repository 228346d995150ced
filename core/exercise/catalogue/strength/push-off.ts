import type { Exercise } from '../../exercise';
import {
  care,
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  ladder,
  offTheFloor,
  onTheBall,
  performance,
  phase,
  range,
  reps,
  rung,
  saw,
  say,
  standing,
  stands,
} from '../author';
import { chairBack } from '../shared/rise';

const off = [
  phase(
    'push off',
    1,
    foot(onTheBall, {
      contacts: { outerBall: ['rest', 'floor'], bigToe: ['press', 'floor'] },
      weightLine: 'first-toe',
    }),
    { other: stands, effort: true, body: 'rises' },
  ),
  phase('hover', 1, foot(offTheFloor, { role: 'works', ankle: 'down', toes: 'long' }), {
    other: stands,
    picture: 'ankle-side',
    effort: true,
  }),
  phase('set it back', 1, standing, { other: stands, effort: false }),
];

export const pushOff: Exercise = exercise({
  id: 'push-off',
  name: say('Push off from the back foot', 'Terminal-stance push-off drill'),
  family: 'strength',
  purpose: 'The last bit of a step on its own: ball, big toe, gone. Almost a jump, and not one.',
  stage: 'integrated',
  directions: ['ankle-down', 'toes-curl'],
  faults: [
    fault('the small toes leave last', 'behind', 'Leave from the big toe.'),
    fault('it turns into a jump', 'front', 'The front foot stays on the floor.'),
  ],
  cautions: [
    care('sore-achilles', 'leave-out', 'No push-offs while the tendon is sore; rises instead.'),
    care('sore-big-toe-joint', 'go-gently', 'Small and slow.'),
  ],
  cues: cues(
    'Split stance beside the chair, weight on the front foot.',
    'Push the back foot off through ball and big toe until it hovers. Set it back.',
    'A stamp peels off its sheet, corner last.',
    'Smaller, longer at the toe.',
  ),
  foundBy: ['push off', 'toe', 'walk', 'run', 'propulsion', 'step'],
  performance: performance({
    sidePattern: 'each',
    kit: [chairBack],
    facing: 'support',
    footwear: 'any',
    phases: off,
    regions: { calf: 2, 'toe-flexors': 2 },
    balance: { working: 1, standing: 2 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
  ladder: ladder(
    'held',
    rung(
      'held',
      'straight legs, a hand on the chair',
      { support: 'one hand', knee: 'straight' },
      range(reps(4), reps(8), reps(12)),
      saw('The big toe leaves last, both feet.'),
      { change: { balance: { working: 1, standing: 1 } } },
    ),
    rung(
      'straight',
      'straight legs, hands free',
      { support: 'none', knee: 'straight' },
      range(reps(4), reps(8), reps(12)),
      cleanReps(8, '8 with the big toe leaving last, both feet.'),
    ),
    rung(
      'bent',
      'with a bend before the push',
      { support: 'none', knee: 'bent' },
      range(reps(4), reps(8), reps(12)),
      null,
      {
        change: {
          phases: [
            phase('bend', 1, foot(standing, { knee: 'bent', ankle: 'up' }), {
              other: foot(stands, { knee: 'bent' }),
              body: 'sinks',
              effort: false,
            }),
            ...off,
          ],
          regions: { 'deep-calf': 2, calf: 1, 'toe-flexors': 2 },
        },
      },
    ),
  ),
  levelWords: {
    straight: { setup: 'Split stance beside the chair, hands free, weight on the front foot.' },
    held: { setup: 'Split stance, a hand on the chair, weight on the front foot.' },
    bent: {
      setup: 'Split stance beside the chair, hands free, weight on the front foot.',
      action: 'Bend, then push the back foot off through ball and big toe until it hovers. Set it back.',
    },
  },
});
