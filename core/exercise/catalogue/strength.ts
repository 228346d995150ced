import type { Exercise } from '../exercise';
import {
  checked,
  exercise,
  foot,
  hanging,
  kit,
  ladder,
  performance,
  phase,
  range,
  reps,
  rung,
  say,
  seatedFlat,
  standing,
  toesOnRiseWords,
} from './author';

const chairBack = kit('chair', 'person', { wall: 'a wall gives more hold and less freedom to sway' });
const onRise = foot(standing, {
  contacts: { heel: ['lift', 'air'], bigToe: ['rest', 'floor'], smallToes: ['rest', 'floor'] },
  midfoot: 'lifted',
  ankle: 'down',
  heelHeightCm: 8,
  knee: 'locked',
});
const down = foot(standing, { knee: 'locked' });
const heelsUpSeated = foot(seatedFlat, { contacts: { heel: ['lift', 'air'] }, ankle: 'down', heelHeightCm: 6 });
const achilles: Exercise['cautions'] = [
  {
    concern: 'sore-achilles',
    action: 'go-gently',
    words: 'From the floor only, never below it; a growing ache ends it.',
  },
  { concern: 'falls-or-faints', action: 'change-support', words: 'Both hands on the support.' },
];
const rollsOut = {
  seen: 'weight rolls to the outer edge',
  from: 'behind',
  say: 'Press the inner ball; ankles straight up.',
} as const;

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
    { seen: 'a drop instead of a descent', from: 'outer side', say: 'Three counts to come down.' },
  ],
  cautions: achilles,
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
      phase('rise', 2, onRise, { undo: 'lower' }),
      phase('stay', 1, onRise, { undo: 'stay' }),
      phase('lower', 3, down, { undo: 'rise' }),
    ],
    regions: { calf: 2, 'deep-calf': 1, 'arch-intrinsics': 1 },
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
  doses: range(reps(8), reps(12), reps(24), 'usual practice'),
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
            phase('rise', 2, heelsUpSeated, { undo: 'lower' }),
            phase('stay', 1, heelsUpSeated, { undo: 'stay' }),
            phase('lower', 3, seatedFlat, { undo: 'rise' }),
          ],
        },
        doses: range(reps(10), reps(15), reps(24)),
        gate: { test: 'clean-reps', value: 15, occasions: 1, words: '15 with the heels straight up, both feet.' },
      },
      {
        id: 'fingertips',
        name: 'fingertips on the chair',
        axes: { resistance: 'body weight on two feet', support: 'chair' },
        why: null,
        change: {},
        doses: range(reps(8), reps(12), reps(24), 'usual practice'),
        gate: { test: 'clean-reps', value: 12, occasions: 2, words: '12 slow ones without a wobble, on two days.' },
      },
      {
        id: 'free',
        name: 'hands free',
        axes: { resistance: 'body weight on two feet', support: 'none' },
        why: null,
        change: { facing: 'centre', kit: [], balance: { working: 2, standing: 0 } },
        doses: range(reps(6), reps(10), reps(20)),
        gate: null,
      },
    ],
  },
});

export const ballHeldRise: Exercise = exercise({
  id: 'ball-held-rise',
  name: say('Rise with a ball between the ankles', 'Heel raise with adductor cue'),
  family: 'strength',
  purpose: 'The ball tells at once when the heels part: it falls.',
  stage: 'loaded',
  directions: ['ankle-down'],
  faults: [{ seen: 'the ball falls', from: 'front', say: 'Lower, slower; keep it, do not crush it.' }, rollsOut],
  cautions: achilles,
  cues: {
    setup: say('Feet parallel, ball between the heels just below the ankle bones.'),
    action: say('Rise and lower without losing the ball.'),
    breath: null,
    picture: say('Carrying an egg upstairs and down again.'),
    correction: say('Hold it like a bird.'),
  },
  foundBy: ['ball', 'rise', 'heels', 'line', 'relevé', 'sickle'],
  performance: performance({
    facing: 'support',
    kit: [kit('soft-ball', 'person', { cloth: 'a rolled cloth falls less easily, so it tells less' }), chairBack],
    setup: 'props',
    phases: [phase('rise', 2, onRise, { undo: 'lower' }), phase('lower', 3, down, { undo: 'rise' })],
    regions: { calf: 2, 'inner-ankle': 2 },
    balance: { working: 1, standing: 0 },
  }),
  schoolVariants: [],
  doses: range(reps(8), reps(12), reps(32), 'usual practice'),
});

const off = foot(hanging, { role: 'rests', knee: 'soft' });
export const singleLegRise: Exercise = exercise({
  id: 'single-leg-rise',
  name: say('Rise on one foot to a beat', 'Single-leg heel raise, metronome'),
  family: 'strength',
  purpose: 'One rise each two seconds, ended by form: the usual way to count calf strength.',
  stage: 'loaded',
  directions: ['ankle-down'],
  faults: [
    rollsOut,
    { seen: 'the knee bends to help', from: 'outer side', say: 'Straight knee, even if it is lower.' },
    { seen: 'hands push on the chair', from: 'front', say: 'Fingertips only.' },
  ],
  cautions: achilles,
  cues: {
    setup: say('Behind the chair, fingertips, one foot off the floor.'),
    action: say('Up with the beat, down with the beat. Stop when the height goes.'),
    breath: null,
    picture: say('A pump handle: same stroke every time.'),
    correction: say('The last good one counts; the next one does not.'),
  },
  foundBy: ['single leg', 'rise', 'calf', 'one foot', 'metronome', 'heel raise'],
  schools: { knees: 'on-purpose' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [chairBack, kit('metronome', 'room')],
    phases: [
      phase('rise', 1, onRise, { other: off, undo: 'lower' }),
      phase('lower', 1, down, { other: off, undo: 'rise' }),
    ],
    regions: { calf: 3, 'deep-calf': 2, 'arch-intrinsics': 1 },
    balance: { working: 2, standing: 1 },
  }),
  doses: range(reps(5), reps(10), reps(24)),
  ladder: ladder(
    'one-foot',
    rung(
      'seated',
      'seated, one foot',
      { base: 'seated', resistance: 'no body weight' },
      range(reps(5), reps(20), reps(40)),
      checked('rises-to-loss-of-form', '25 seated without losing height, both feet.', 25),
      {
        change: {
          position: 'chair-seated',

          balance: { working: 0, standing: 0 },
          regions: { 'deep-calf': 1 },
          phases: [
            phase(
              'rise',
              1,
              foot(seatedFlat, { contacts: { heel: ['lift', 'air'] }, heelHeightCm: 6, ankle: 'down' }),
              { other: foot(seatedFlat, { role: 'rests' }) },
            ),
            phase('lower', 1, seatedFlat, { other: foot(seatedFlat, { role: 'rests' }) }),
          ],
        },
      },
    ),
    rung(
      'two-feet',
      'standing, both feet',
      { base: 'two feet', resistance: 'half body weight' },
      range(reps(5), reps(15), reps(30)),
      checked('rises-to-loss-of-form', '25 on two feet without losing height.', 25),
      {
        why: 'Standing up puts the body’s weight on at the same moment.',
        change: {
          sidePattern: 'both',
          balance: { working: 1, standing: 0 },
          phases: [
            phase('rise', 1, onRise, { effort: true, body: 'rises' }),
            phase('lower', 1, down, { effort: false, body: 'sinks' }),
          ],
        },
      },
    ),
    rung(
      'one-foot',
      'standing, one foot',
      { base: 'one foot', resistance: 'body weight' },
      range(reps(5), reps(10), reps(24)),
      null,
      { why: 'One foot carries what two shared.' },
    ),
  ),
});

export const riseBendLower: Exercise = exercise({
  id: 'bend-heels-up-straighten',
  name: say('Bend, heels up, straighten, lower', 'Plié–relevé sequence'),
  family: 'strength',
  purpose: 'Strength and control through bent and straight knees in one round.',
  stage: 'loaded',
  directions: ['ankle-up', 'ankle-down'],
  faults: [
    { seen: 'inner edges sink on the bend', from: 'front', say: 'Knees over second toes.' },
    { seen: 'heels drop when the knees straighten', from: 'outer side', say: 'Keep your height and grow.' },
  ],
  cautions: [...achilles, { concern: 'sore-knees', action: 'go-gently', words: 'A shallow bend, or leave it out.' }],
  cues: {
    setup: say('Behind the chair, feet parallel.'),
    action: say('Bend, heels up, straighten, lower.'),
    breath: null,
    picture: say('A wheel turns once round, no corner in it.'),
    correction: say('Same height all the way.'),
  },
  foundBy: ['bend', 'plié', 'rise', 'relevé', 'dance', 'calf'],
  schools: { knees: 'on-purpose' },
  performance: performance({
    facing: 'support',
    kit: [chairBack],
    phases: [
      phase('bend', 2, foot(standing, { knee: 'bent', ankle: 'up' }), { undo: 'straighten' }),
      phase('heels up', 1, foot(onRise, { knee: 'bent' }), { undo: 'heels down' }),
      phase('straighten', 2, onRise, { undo: 'bend' }),
      phase('lower', 3, down, { undo: 'rise' }),
    ],
    regions: { calf: 2, 'deep-calf': 2 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
});
