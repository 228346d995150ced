import type { Exercise } from '../../exercise';
import {
  care,
  cues,
  exercise,
  fault,
  foot,
  holds,
  kit,
  ladder,
  performance,
  phase,
  range,
  restsFlat,
  rung,
  saw,
  say,
  stands,
} from '../author';
import { pad, topOfFoot } from '../shared/ankle-stretch';

const topPicture = { picture: 'ankle-side' } as const;

export const topOfFootStretch: Exercise = exercise({
  id: 'top-of-foot-stretch',
  name: say('Top of the foot to the floor', 'Dorsal foot and ankle stretch'),
  family: 'mobility',
  purpose: 'Opens the front of the ankle and the tops of the toes: the length that a point needs.',
  stage: 'passive',
  directions: ['ankle-down', 'toes-curl'],
  faults: [
    fault('weight is put on too suddenly', 'outer side', 'A little, wait, a little more.'),
    fault('the heel falls to one side', 'behind', 'Heel straight above the toes.'),
  ],
  cautions: [
    care('growing-feet', 'go-gently', 'Growing feet: no pushing, no partner leaning on them.'),
    care('sore-big-toe-joint', 'go-gently', 'Roll a cloth under the toes, or leave it out.'),
  ],
  cues: cues(
    'Sit forward on the chair. One foot under it, tops of the toes on something soft.',
    'Let the heel come forward over the toes until the front of the ankle opens.',
    'A page bends at its lower corner.',
    'Pad under the toenails.',
  ),
  foundBy: ['point', 'top of foot', 'stretch', 'instep', 'dancer', 'front of ankle'],
  performance: performance({
    situations: ['end-range-point'],
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [kit('chair', 'person', { wall: 'standing, a hand on the wall' }), pad],
    floor: 'padded',
    phases: [phase('open', 15, topOfFoot, { other: restsFlat, ...topPicture })],
    regions: { shin: 2, 'toe-extensors': 2 },
  }),
  doses: range(holds(2, 10, 5), holds(3, 15, 5), holds(3, 30, 5), 'usual practice'),
  ladder: ladder(
    'under-chair',
    rung(
      'under-chair',
      'seated, foot under the chair',
      { base: 'seated', lever: 'no body weight' },
      range(holds(2, 10, 5), holds(3, 15, 5), holds(3, 30, 5), 'usual practice'),
      saw('The heel stands straight above the toes and the face is soft, both feet.'),
    ),
    rung(
      'standing-light',
      'standing, foot behind, little weight',
      { base: 'split', lever: 'no body weight' },
      range(holds(2, 10, 5), holds(3, 15, 5), holds(3, 30, 5), 'usual practice'),
      saw('Heel straight above the toes, both feet.', 2),
      {
        change: {
          position: 'standing',
          facing: 'support',
          kit: [kit('chair', 'person', { wall: 'a hand on the wall' }), pad],
          phases: [phase('open', 15, foot(topOfFoot, { knee: 'soft' }), { other: stands, ...topPicture })],
          balance: { working: 0, standing: 1 },
        },
      },
    ),
    rung(
      'standing-leaning',
      'standing, bend the knee and lean into it',
      { base: 'split', lever: 'some body weight' },
      range(holds(2, 10, 5), holds(3, 15, 5), holds(3, 30, 5)),
      null,
      {
        change: {
          position: 'standing',
          facing: 'support',
          kit: [kit('chair', 'person', { wall: 'a hand on the wall' }), pad],
          phases: [phase('open', 15, topOfFoot, { other: stands, ...topPicture })],
          regions: { shin: 3, 'toe-extensors': 2 },
          balance: { working: 0, standing: 1 },
        },
      },
    ),
  ),
  levelWords: {
    'standing-light': { setup: 'Hold the chair, one foot behind, tops of the toes on something soft.' },
    'standing-leaning': {
      setup: 'Hold the chair, one foot behind, tops of the toes on something soft.',
      action: 'Bend that knee and lean a little weight in, until the front of the ankle opens.',
    },
  },
});
