import type { Exercise } from '../../exercise';
import {
  care,
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  kit,
  ladder,
  offTheFloor,
  onTheBall,
  performance,
  phase,
  range,
  reps,
  rung,
  say,
  standing,
} from '../author';

export const chairBack = kit('chair', 'person', { wall: 'a wall gives more hold and less freedom to sway' });

export const wall = kit('wall', 'room', { chair: 'a chair back' });

export const down = foot(standing, { knee: 'locked' });

export const toesRight = fault('weight goes to the outer edge', 'behind', 'Press the inner ball; ankles straight up.');

export const onStep = (
  heel: 'hang' | 'lift',
  height: number,
  ankle: 'up' | 'down' | 'neutral',
  knee: 'locked' | 'bent',
) =>
  foot(standing, {
    contacts: {
      heel: [heel, 'air'],
      innerBall: ['press', 'step'],
      outerBall: ['press', 'step'],
      bigToe: ['rest', 'step'],
      smallToes: ['rest', 'step'],
    },
    ankle,
    heelHeightCm: height,
    midfoot: height > 0 ? 'lifted' : 'resting',
    knee,
  });

/**
 * The rise of both feet from the floor is one movement, whatever comes after it: one dose, one gate, one rating, in every
 * exercise that begins with it.
 */
export const floorRise = {
  doses: range(reps(8), reps(12), reps(24), 'usual practice'),
  gate: cleanReps(12, '12 to full height, inner balls heavy, no drop on the way down, both feet.'),
  regions: { calf: 2, 'deep-calf': 1, 'arch-intrinsics': 1 },
  bentRegions: { 'deep-calf': 2, calf: 1, 'arch-intrinsics': 1 },
} as const;

const fromFloor = (knee: 'locked' | 'bent') => [
  phase('rise', 2, foot(onTheBall, { knee }), { other: offTheFloor, undo: 'lower', effort: true, body: 'rises' }),
  phase('lower', 3, foot(standing, { knee }), { other: offTheFloor, undo: 'rise', effort: false, body: 'sinks' }),
];

const overEdge = (knee: 'locked' | 'bent') => [
  phase('rise', 2, onStep('lift', 8, 'down', knee), {
    other: offTheFloor,
    undo: 'sink below the edge',
    effort: true,
    body: 'rises',
  }),
  phase('sink below the edge', 3, onStep('hang', 0, 'up', knee), {
    other: offTheFloor,
    undo: 'rise',
    effort: false,
    body: 'sinks',
  }),
];

/** Both feet do the way up, one alone the slow way down. */
const upOnTwo = (knee: 'locked' | 'bent') => [
  phase('both up', 2, onStep('lift', 8, 'down', knee), {
    other: foot(onStep('lift', 8, 'down', knee), { role: 'stands' }),
    effort: true,
    body: 'rises',
  }),
  phase('one down, below the edge', 4, onStep('hang', 0, 'up', knee), {
    other: offTheFloor,
    effort: false,
    body: 'sinks',
  }),
];

export const step = kit('step', 'person', { block: 'a firm block that cannot slip' });

export function stepRise(knee: 'straight' | 'bent'): Exercise {
  const straight = knee === 'straight';
  const bend = straight ? 'locked' : 'bent';
  return exercise({
    id: `step-rise-${knee}-knee`,
    name: straight
      ? say('Step rise, straight knee', 'Single-leg heel raise over a step, knee extended')
      : say('Step rise, bent knee', 'Single-leg heel raise over a step, knee flexed'),
    family: 'strength',
    purpose: straight
      ? 'Full way for the calf: below the edge and up to the top.'
      : 'Full way with the knee bent, for the deep calf and its tendon.',
    stage: 'loaded',
    directions: ['ankle-down', 'ankle-up'],
    faults: [
      fault('the weight slips to one edge', 'behind', 'Lean a thought to the other side; both balls press.'),
      straight
        ? fault('the knee helps', 'outer side', 'Long leg; lower is fine.')
        : fault('the knee straightens on the way up', 'outer side', 'Keep the bend and rise inside it.'),
    ],
    cautions: [
      care(
        'sore-achilles',
        'hold-at-rung',
        'Sore where the tendon joins the heel: the heel never goes below floor level.',
      ),
      ...(straight ? [] : [care('sore-knees', 'go-gently', 'A small bend, and no more than is free of pain.')]),
    ],
    cues: cues(
      'Ball of one foot on the step edge, hands on the wall, other foot off.',
      straight
        ? 'Sink slowly below the edge, then press all the way up.'
        : 'Knee bent and it stays bent. Sink slowly, press up.',
      straight ? 'A well bucket: all the way down, all the way up.' : 'A jack under a cart.',
      'Slow down, whole way.',
    ),
    foundBy: [
      'step',
      'stairs',
      'calf',
      'rise',
      straight ? 'gastrocnemius' : 'soleus',
      'achilles',
      'heel raise',
      'eccentric',
    ],
    schools: { knees: 'on-purpose' },
    performance: performance({
      facing: 'support',
      sidePattern: 'each',
      kit: [step, wall],
      footwear: 'bare',
      setup: 'props',
      phases: overEdge(bend),
      regions: straight ? { calf: 3, 'deep-calf': 1 } : { 'deep-calf': 3, calf: 1 },
      balance: { working: 2, standing: 1 },
    }),
    doses: range(reps(3), reps(5), reps(10), 'usual practice'),
    ladder: ladder(
      'floor-two',
      rung(
        'floor-two',
        'two feet, on the floor',
        { base: 'two feet', lever: 'floor level' },
        floorRise.doses,
        floorRise.gate,
        {
          change: {
            sidePattern: 'both',
            kit: [wall],
            setup: 'plain',
            footwear: 'any',
            regions: straight ? floorRise.regions : floorRise.bentRegions,
            balance: { working: 1, standing: 0 },
            phases: [
              phase('rise', 2, foot(onTheBall, { knee: bend }), { undo: 'lower', effort: true, body: 'rises' }),
              phase('lower', 3, foot(standing, { knee: bend }), { undo: 'rise', effort: false, body: 'sinks' }),
            ],
          },
        },
      ),
      rung(
        'floor-one',
        'one foot, on the floor',
        { base: 'one foot', lever: 'floor level' },
        range(reps(3), reps(6), reps(12)),
        cleanReps(6, '6 at full height on both feet.'),
        { change: { kit: [wall], setup: 'plain', footwear: 'any', phases: fromFloor(bend) } },
      ),
      rung(
        'two-up-one-down',
        'two feet up, one foot down, below the edge of a step',
        { base: 'two feet up, one down', lever: 'below the edge' },
        range(reps(3), reps(5), reps(8)),
        cleanReps(5, '5 slow ways down on each foot.'),
        {
          why: 'The edge comes in where two feet do the way up.',
          change: { phases: upOnTwo(bend) },
        },
      ),
      rung(
        'step',
        'one foot, below the edge of a step',
        { base: 'one foot', lever: 'below the edge' },
        range(reps(3), reps(5), reps(10), 'usual practice'),
        null,
      ),
    ),
  });
}
