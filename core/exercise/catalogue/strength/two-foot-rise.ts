import type { Exercise } from '../../exercise';
import { exercise, foot, kit, performance, phase, range, reps, say, seatedFlat, toesOnRiseWords } from '../author';
import { chairBack, down, onRise, rollsOut } from '../shared/strength';
import { floorRise } from '../shared/rise';

const heelsUpSeated = foot(seatedFlat, { contacts: { heel: ['lift', 'air'] }, ankle: 'down', heelHeightCm: 6 });

export const twoFootRise: Exercise = exercise({
  id: 'two-foot-rise',
  name: say('Rise on both feet', 'Bilateral heel raise'),
  family: 'strength',
  purpose: 'Calf strength and a clean line over the ball of the foot, slow on the way down.',
  stage: 'loaded',
  directions: ['ankle-down'],
  faults: [
    rollsOut,
    { seen: 'heels swing outward', from: 'mirror in front', say: 'Keep your heels hidden behind your toes.' },
    { seen: 'a drop instead of a descent', from: 'outer side', say: 'Slower down than up.' },
  ],
  cues: {
    setup: say('Behind the chair, fingertips on it, feet parallel.'),
    action: say('Rise over the first two toes, stay, and lower slowly.'),
    breath: null,
    picture: say('A lift goes up straight; nobody leans in it.'),
    correction: say('Inner ball heavy, slow down.'),
  },
  foundBy: ['rise', 'heel raise', 'relevé', 'calf', 'tiptoe'],
  performance: performance({
    facing: 'support',
    kit: [chairBack],
    phases: [
      phase('rise', 2, onRise, { undo: 'lower', effort: true, body: 'rises' }),
      phase('stay', 1, onRise, { undo: 'stay', effort: true }),
      phase('lower', 3, down, { undo: 'rise', effort: false, body: 'sinks' }),
    ],
    regions: floorRise.regions,
    balance: { working: 1, standing: 0 },
  }),
  schoolVariants: [
    ...toesOnRiseWords,
    {
      when: { weightLine: 'first-toe' },
      change: {},
      cues: { action: say('Rise over the root of the big toe, stay, and lower slowly.') },
    },
    {
      when: { weightLine: 'second-toe' },
      change: {},
      cues: { action: say('Rise over the second toe, stay, and lower slowly.') },
    },
    {
      when: { weightLine: 'even' },
      change: {},
      cues: { action: say('Rise over all the toe roots alike, stay, and lower slowly.') },
    },
  ],
  doses: floorRise.doses,
  ladder: {
    startRung: 'fingertips',
    rungs: [
      {
        id: 'seated',
        name: 'seated, heels lift under the knees',
        axes: { resistance: 'no body weight', support: 'chair' },
        why: null,
        change: {
          position: 'chair-seated',
          facing: 'any',
          kit: [kit('chair', 'person', { mat: 'on the floor, knees bent: the heels hardly rise' })],
          balance: { working: 0, standing: 0 },
          phases: [
            phase('rise', 2, heelsUpSeated, { undo: 'lower', effort: true }),
            phase('stay', 1, heelsUpSeated, { undo: 'stay', effort: true }),
            phase('lower', 3, seatedFlat, { undo: 'rise', effort: false }),
          ],
          regions: { 'deep-calf': 1 },
        },
        doses: range(reps(8), reps(15), reps(24)),
        gate: { test: 'clean-reps', value: 15, occasions: 1, words: '15 with the heels straight up, both feet.' },
      },
      {
        id: 'fingertips',
        name: 'fingertips on the chair',
        axes: { resistance: 'body weight on two feet', support: 'chair' },
        why: null,
        change: {},
        doses: floorRise.doses,
        gate: floorRise.gate,
      },
      {
        id: 'tap',
        name: 'hands off, a tap on the chair when it is needed',
        axes: { resistance: 'body weight on two feet', support: 'a tap now and then' },
        why: null,
        change: { balance: { working: 2, standing: 0 } },
        doses: range(reps(6), reps(10), reps(20)),
        gate: {
          test: 'clean-reps',
          value: 10,
          occasions: 2,
          words: '10 with two taps at most, slow on the way down, both feet.',
        },
      },
      {
        id: 'free',
        name: 'hands free',
        axes: { resistance: 'body weight on two feet', support: 'none' },
        why: null,
        change: { facing: 'centre', balance: { working: 2, standing: 0 } },
        doses: range(reps(6), reps(10), reps(20)),
        gate: null,
      },
    ],
  },
  levelWords: {
    seated: {
      setup: 'Sit, both feet flat under the knees.',
      action: 'Heels up as high as they go, stay, and lower slowly.',
    },
    tap: { setup: 'Behind the chair, feet parallel, one finger of each hand ready to tap it.' },
    free: { setup: 'Behind the chair, hands free and near it, feet parallel.' },
  },
});
