import type { Exercise } from '../../exercise';
import { care, exercise, performance, phase, range, say, standing, timed } from '../author';

export const readTheTripod: Exercise = exercise({
  id: 'read-the-tripod',
  name: say('Three points of the sole', 'Foot tripod: calcaneus, first and fifth metatarsal heads'),
  family: 'check',
  purpose: 'Finds heel, inner ball and outer ball, and how the weight lies between them.',
  stage: 'active',
  directions: [],
  faults: [
    { seen: 'toes hover or grip', from: 'above', say: 'Let the toes lie down long.' },
    {
      seen: 'inner ball comes off the floor',
      from: 'inner side',
      say: 'Put a coin under the inner ball and keep it there.',
    },
  ],
  cautions: [care('falls-or-faints', 'change-support', 'Stand beside a chair or wall, eyes open.')],
  cues: {
    setup: say('Feet under your hips, one foot’s width between them.'),
    action: say(
      'Heel, inner ball, outer ball: is each one on the floor, and do they carry alike?',
      'Calcaneus, first and fifth metatarsal heads: is each loaded, and evenly?',
    ),
    breath: null,
    picture: say('A milking stool stands on three legs and does not rock.'),
    correction: say('Do not press. Only let each point arrive.'),
  },
  foundBy: ['tripod', 'weight', 'three points', 'stand', 'sole', 'posture'],
  performance: performance({ phases: [phase('stand and read', 40, standing)], balance: { working: 0, standing: 0 } }),
  doses: range(timed(20), timed(45), timed(90)),
});
