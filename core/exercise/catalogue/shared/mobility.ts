import type { Exercise } from '../../exercise';
import { exercise, foot, holds, kit, performance, phase, range, say, standing, stands } from '../author';

export function calfStretch(knee: 'straight' | 'bent'): Exercise {
  const straight = knee === 'straight';
  return exercise({
    id: `calf-stretch-${knee}-knee`,
    name: straight
      ? say('Calf stretch, straight knee', 'Gastrocnemius stretch')
      : say('Calf stretch, bent knee', 'Soleus stretch'),
    family: 'mobility',
    purpose: straight
      ? 'Lengthens the big calf muscle, which crosses the knee.'
      : 'Lengthens the deep calf below the knee.',
    stage: 'passive',
    directions: ['ankle-up'],
    faults: [
      { seen: 'toes of the back foot point outward', from: 'behind', say: 'Toes to the wall.' },
      { seen: 'heel lifts', from: 'outer side', say: 'A shorter step, a heavy heel.' },
    ],
    cautions: [
      { concern: 'sore-achilles', action: 'go-gently', words: 'Heel stays at floor level; no stretch over an edge.' },
    ],
    cues: {
      setup: say('Hands on the wall, one foot back, toes to the wall.'),
      action: straight
        ? say('Press the back heel down, knee straight, hips to the wall.')
        : say('Keep the heel down and bend the back knee towards the wall.'),
      breath: say('Breathe slowly; let it lengthen.'),
      picture: say('The heel sinks into wet sand.'),
      correction: say('Heel first, then lean.'),
    },
    foundBy: ['calf', 'stretch', 'wall', 'tight', 'achilles', 'heel'],
    schools: { knees: 'on-purpose' },
    performance: performance({
      facing: 'support',
      sidePattern: 'each',
      kit: [kit('wall', 'room', { chair: 'a chair back, pushed against the wall' })],
      phases: [
        phase('stretch', 30, foot(standing, { knee: straight ? 'locked' : 'bent', ankle: 'up' }), {
          other: stands,
          breath: 'free',
        }),
      ],
      regions: straight ? { calf: 2 } : { 'deep-calf': 2 },
    }),
    doses: range(holds(1, 15, 5), holds(2, 30, 5), holds(3, 30, 5), 'usual practice'),
  });
}
