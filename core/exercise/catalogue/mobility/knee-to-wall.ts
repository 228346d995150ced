import type { Exercise } from '../../exercise';
import {
  care,
  checked,
  cleanReps,
  exercise,
  foot,
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
  seatedFlat,
  standing,
  stands,
} from '../author';

export const kneeToWall: Exercise = exercise({
  id: 'knee-to-wall',
  name: say('Knee to the wall', 'Weight-bearing ankle dorsiflexion'),
  family: 'mobility',
  purpose: 'Bends the ankle under weight, with the heel staying down.',
  stage: 'active',
  directions: ['ankle-up'],
  faults: [
    { seen: 'heel lifts', from: 'outer side', say: 'Come closer; the heel stays.' },
    { seen: 'knee falls to the inside', from: 'behind', say: 'Knee over the second toe.' },
  ],
  cautions: [
    care('sore-achilles', 'go-gently', 'A small, slow range; stop if the tendon aches.'),
    care('recent-injury', 'ask-clinician', 'After a sprain ask first.'),
  ],
  cues: {
    setup: say('Face the wall, one foot a hand’s width away, hands on the wall.'),
    action: say('Bend the knee to touch the wall, heel heavy. Come back.'),
    breath: null,
    picture: say('The shin is a drawbridge; the heel is its hinge.'),
    correction: say('Heel first, distance second.'),
  },
  foundBy: ['ankle', 'bend', 'wall', 'plié', 'squat', 'stiff ankle', 'dorsiflexion'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('wall', 'room', { stick: 'a stick held upright shows the line, but does not hold you' })],
    phases: [
      phase('knee to the wall', 2, foot(standing, { knee: 'bent', ankle: 'up', weightLine: 'second-toe' }), {
        other: stands,
        undo: 'back',
      }),
      phase('back', 1, standing, { other: stands, undo: 'knee to the wall' }),
    ],
    regions: { 'deep-calf': 1 },
    balance: { working: 0, standing: 0 },
  }),
  doses: range(reps(10), reps(15), reps(30), 'usual practice'),
  ladder: ladder(
    'near',
    rung(
      'seated',
      'seated, knee pushed forward over the toes',
      { base: 'seated', lever: 'foot under the knee' },
      range(reps(8), reps(12), reps(20)),
      saw('The heel stays down, both feet.'),
      {
        change: {
          position: 'chair-seated',
          facing: 'any',
          kit: [kit('chair', 'person', { mat: 'half kneeling on a mat' })],
          phases: [
            phase('knee forward', 2, foot(seatedFlat, { ankle: 'up' }), {
              other: restsFlat,
              undo: 'back',
              effort: true,
            }),
            phase('back', 1, seatedFlat, { other: restsFlat, undo: 'knee forward', effort: false }),
          ],
        },
      },
    ),
    rung(
      'near',
      'toes a hand’s width from the wall',
      { base: 'split', lever: 'a hand’s width' },
      range(reps(10), reps(15), reps(30), 'usual practice'),
      cleanReps(15, '15 with the heel down, both feet.'),
      { why: 'Standing up and choosing the distance belong together.' },
    ),
    rung(
      'far',
      'toes as far away as the heel allows',
      { base: 'split', lever: 'own greatest distance' },
      range(reps(10), reps(15), reps(30)),
      checked('knee-to-wall', 'Heel down on both feet, and the two distances within a thumb’s width of each other.'),
    ),
  ),
  levelWords: {
    seated: {
      setup: 'Sit forward, one foot flat under the knee.',
      action: 'Push the knee forward over the toes, heel heavy. Come back.',
    },
    far: { setup: 'Face the wall, toes as far away as the heel allows, hands on the wall.' },
  },
});
