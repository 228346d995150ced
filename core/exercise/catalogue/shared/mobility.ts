import type { Exercise } from '../../exercise';
import {
  exercise,
  foot,
  hanging,
  holds,
  kit,
  ladder,
  performance,
  phase,
  range,
  rung,
  saw,
  say,
  standing,
  stands,
} from '../author';

export function calfStretch(knee: 'straight' | 'bent'): Exercise {
  const straight = knee === 'straight';
  const doses = range(holds(1, 15, 5), holds(2, 30, 5), holds(3, 30, 5), 'usual practice');
  return exercise({
    id: `calf-stretch-${knee}-knee`,
    name: straight
      ? say('Calf stretch, straight knee', 'Gastrocnemius stretch')
      : say('Calf stretch, bent knee', 'Soleus stretch'),
    family: 'mobility',
    purpose: straight
      ? 'Stretches the big calf muscle, which crosses the knee.'
      : 'Stretches the deep calf below the knee.',
    stage: 'passive',
    directions: ['ankle-up'],
    faults: [
      { seen: 'toes of the back foot point outward', from: 'above', say: 'Toes to the wall.' },
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
      breath: say('Breathe slowly; let it come.'),
      picture: say(straight ? 'The heel sinks into new bread.' : 'A spade in soft ground, its handle tipped forward.'),
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
    doses,
    ladder: ladder(
      'wall',
      rung(
        'seated-strap',
        'seated, a strap draws the foot up',
        { base: 'seated', lever: 'no body weight' },
        range(holds(1, 15, 5), holds(2, 30, 5), holds(3, 30, 5)),
        saw('A stretch in the calf, the knee where it should be, both feet.'),
        {
          change: {
            position: 'floor-seated',
            facing: 'any',
            kit: [
              kit('strap', 'person', { band: 'a band gives, so pull a little more', cloth: 'a long cloth' }),
              kit('mat', 'person', { chair: 'on a chair, the heel on a second one' }),
            ],
            setup: 'props',
            phases: [
              phase(
                'stretch',
                30,
                foot(hanging, {
                  contacts: { heel: ['rest', 'floor'], innerBall: ['rest', 'strap'], outerBall: ['rest', 'strap'] },
                  ankle: 'up',
                  toes: 'long',
                  knee: straight ? 'locked' : 'bent',
                }),
                {
                  other: foot(hanging, { role: 'rests', contacts: { heel: ['rest', 'floor'] } }),
                  picture: 'ankle-side',
                },
              ),
            ],
            regions: straight ? { calf: 1 } : { 'deep-calf': 1 },
          },
        },
      ),
      rung(
        'wall',
        'at the wall, a short step',
        { base: 'split', lever: 'short step' },
        doses,
        saw('Heel down, toes to the wall, no ache in the tendon, both feet.'),
        {
          why: 'Standing up, the body’s weight becomes the lever.',
        },
      ),
      rung(
        'long-step',
        'at the wall, a long step',
        { base: 'split', lever: 'long step' },
        range(holds(1, 15, 5), holds(2, 30, 5), holds(3, 30, 5)),
        null,
        {
          change: { regions: straight ? { calf: 3 } : { 'deep-calf': 3 } },
        },
      ),
    ),
    levelWords: {
      'seated-strap': {
        setup: straight
          ? 'Sit on the mat, one leg long, strap round the ball of that foot, an end in each hand.'
          : 'Sit on the mat, one knee a little bent, strap round the ball of that foot, an end in each hand.',
        action: straight
          ? 'Knee straight. Draw the foot towards you with the strap, and stay.'
          : 'The knee stays bent. Draw the foot towards you with the strap, and stay.',
        correction: 'Less pull, straighter back.',
      },
      'long-step': { setup: 'Hands on the wall, one foot a long step back, toes to the wall.' },
    },
  });
}
