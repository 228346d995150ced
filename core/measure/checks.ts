import type { CheckId } from './check-id';
import type { NumberResult, Protocol } from './protocol';

type Said = Pick<Protocol, 'name' | 'short' | 'takenWith' | 'steps'> &
  Partial<Pick<Protocol, 'sides' | 'needs' | 'drawing' | 'counted' | 'judged' | 'instead'>>;

const protocolOf = (id: CheckId, said: Said, result: Protocol['result']): Protocol => ({
  sides: 'each',
  needs: [],
  drawing: null,
  counted: null,
  judged: true,
  instead: { above: null, below: null },
  ...said,
  id,
  result,
});
const span = (least: number, most: number) => ({ least, most });
/** Unless a check says otherwise: three trials and their mean, on the raw scale, Needlework's own estimate of the noise. */
const number = (
  unit: NumberResult['unit'],
  own: Pick<NumberResult, 'refuse' | 'ask' | 'noise' | 'rater' | 'weekly'> & Partial<NumberResult>,
): NumberResult => ({
  gives: 'number',
  unit,
  trials: 3,
  combine: 'mean',
  step: 1,
  scale: 'raw',
  noiseFrom: 'estimate',
  practice: false,
  cap: null,
  floor: null,
  ...own,
});
const ordered = (...answers: string[]): Protocol['result'] => ({ gives: 'ordered', answers });
const named = (hoped: string, ...answers: string[]): Protocol['result'] => ({
  gives: 'named',
  answers: [...answers, hoped],
  hoped,
});

/**
 * Every check with how it is taken. Figures of noise marked `published` are from Konor et al. 2012, IJSPT 7:279, from
 * memory, upper end; all others are Needlework's own estimates, set wide until a studio's own readings replace them.
 */
function allChecks(): Readonly<Record<CheckId, Protocol>> {
  return {
    'big-toe-by-hand': protocolOf(
      'big-toe-by-hand',
      {
        name: 'how far the big toe bends up by hand',
        short: 'big toe by hand',
        takenWith: 'big-toe-bend-by-hand',
        needs: ['angle gauge or a picture'],
        drawing: 'big-toe',
        steps: [
          'Sitting, knee bent, foot flat on the floor; the ball of the foot stays down.',
          'Lift the big toe by hand, straight up and in its own line, as far as it goes without pain.',
          'Read the angle between the floor and the first bone of the toe. Let go, and do it three times.',
        ],
      },
      number('degrees', { refuse: span(0, 130), ask: span(30, 110), noise: 3, rater: 1, weekly: 0.5 }),
    ),
    'big-toe-unaided': protocolOf(
      'big-toe-unaided',
      {
        name: 'how far the big toe lifts on its own',
        short: 'big toe alone',
        takenWith: 'big-toe-up',
        needs: ['angle gauge or a picture'],
        drawing: 'big-toe',
        instead: { above: null, below: 'with the help of a hand' },
        steps: [
          'Sitting, foot flat; heel, ball and the four small toes stay down.',
          'The big toe lifts by itself as high as it goes, and stays a breath.',
          'Read the angle between the floor and the first bone of the toe. Three times.',
        ],
      },
      number('degrees', {
        refuse: span(0, 110),
        ask: span(0, 90),
        noise: 3.5,
        rater: 0.5,
        weekly: 0.7,
        practice: true,
        floor: 0,
      }),
    ),
    'big-toe-gap': protocolOf(
      'big-toe-gap',
      {
        name: 'the gap between by hand and on its own',
        short: 'big toe gap',
        takenWith: null,
        drawing: 'big-toe',
        steps: ['It is worked out: by hand less on its own, of the same foot on the same day.'],
      },
      number('degrees', {
        refuse: span(0, 130),
        ask: span(0, 110),
        // both readings scatter: √(3² + 3.5²)
        noise: Math.hypot(3, 3.5),
        rater: 1,
        weekly: 0.5,
        practice: true,
      }),
    ),
    'arch-rises-with-big-toe': protocolOf(
      'arch-rises-with-big-toe',
      {
        name: 'the arch rises when the big toe lifts',
        short: 'arch with big toe',
        takenWith: 'big-toe-up',
        steps: [
          'Standing on both feet, look at the inner side of the foot.',
          'Lift the big toe by hand: does the arch rise with it?',
        ],
      },
      ordered('none', 'some', 'full'),
    ),
    'arch-flattens-with-four-toes': protocolOf(
      'arch-flattens-with-four-toes',
      {
        name: 'the arch flattens when the four toes lift',
        short: 'arch with four toes',
        takenWith: 'four-toes-up',
        steps: [
          'Standing on both feet, the big toe stays down.',
          'The four small toes lift: does the arch come down? It usually does.',
        ],
      },
      ordered('no', 'yes'),
    ),
    'big-toe-stays-down': protocolOf(
      'big-toe-stays-down',
      {
        name: 'the big toe on one leg',
        short: 'big toe on one leg',
        takenWith: 'one-leg-stand',
        steps: [
          'On one leg, a fingertip on the support, for about ten seconds.',
          'Watch the big toe alone: does it stay down, or bob?',
        ],
      },
      ordered('bobbing', 'steady'),
    ),
    'toes-spread-without-fingers': protocolOf(
      'toes-spread-without-fingers',
      {
        name: 'the toes spread without fingers',
        short: 'toes spread',
        takenWith: 'spread-and-narrow',
        steps: ['Foot flat, toes long.', 'The toes spread by themselves: is there a gap on both sides of every toe?'],
      },
      ordered('no', 'yes'),
    ),
    'paper-creases': protocolOf(
      'paper-creases',
      {
        name: 'the paper creases',
        short: 'paper creases',
        takenWith: 'paper-crinkle',
        needs: ['a sheet of paper'],
        steps: [
          'A sheet of paper under the toes and the ball of the foot.',
          'Draw the arch up without curling: does the paper crease?',
        ],
      },
      ordered('no', 'yes'),
    ),
    'one-leg-stand': protocolOf(
      'one-leg-stand',
      {
        name: 'standing on one leg',
        short: 'one-leg stand',
        takenWith: 'one-leg-stand',
        needs: ['stopwatch', 'support in reach'],
        instead: { above: 'eyes shut', below: 'more fingertips on the support' },
        steps: [
          'Bare feet, a support in reach, eyes open, arms hanging. Say how many fingertips stay on the support.',
          'The clock runs from the foot leaving the floor.',
          'It ends when the foot comes down, the hand takes hold, the standing foot moves, or at 45 s. Three times, the best counts.',
        ],
      },
      number('seconds', {
        refuse: span(0, 600),
        ask: span(0, 60),
        combine: 'best',
        scale: 'log',
        noise: 0.4,
        rater: 0.25,
        weekly: 0.06,
        practice: true,
        cap: 45,
        floor: 1,
      }),
    ),
    'eyes-shut-stand': protocolOf(
      'eyes-shut-stand',
      {
        name: 'standing on one leg, eyes shut',
        short: 'eyes shut',
        takenWith: 'eyes-shut-stand',
        needs: ['stopwatch', 'support in reach'],
        instead: { above: 'on a cushion', below: 'one fingertip on the support' },
        steps: [
          'A support in reach and somebody beside. Stand on one leg first, then the eyes shut.',
          'The clock runs from the eyes shutting.',
          'It ends when the foot comes down, the hand takes hold, the eyes open, or at 45 s. Three times, the best counts.',
        ],
      },
      number('seconds', {
        refuse: span(0, 600),
        ask: span(0, 60),
        combine: 'best',
        scale: 'log',
        noise: 0.45,
        rater: 0.25,
        weekly: 0.06,
        practice: true,
        cap: 45,
        floor: 1,
      }),
    ),
    'ball-kept': protocolOf(
      'ball-kept',
      {
        name: 'the ball is kept through all rises',
        short: 'ball kept',
        takenWith: 'ball-held-rise',
        sides: 'both',
        needs: ['small soft ball'],
        counted: 'first drop on rise',
        instead: { above: 'on one foot', below: null },
        steps: [
          'The ball between the heels, rises as in class.',
          'Was it kept through all of them? Count the rises up to the first drop.',
        ],
      },
      ordered('dropped', 'all kept'),
    ),
    'heels-hidden': protocolOf(
      'heels-hidden',
      {
        name: 'heels hidden behind the toes in a mirror in front',
        short: 'heels hidden',
        takenWith: 'two-foot-rise',
        needs: ['mirror'],
        steps: ['In front of a mirror, feet in line, rise.', 'Can a heel be seen outside its toes?'],
      },
      ordered('no', 'yes'),
    ),
    'heel-line': protocolOf(
      'heel-line',
      {
        name: 'heel line from behind',
        short: 'heel line',
        takenWith: 'read-the-tripod',
        drawing: 'heel-line',
        steps: [
          'Standing at ease, feet hip wide. Look from behind, at the height of the heels.',
          'The line of the heel against the line of the tendon: leans in, upright, leans out.',
        ],
      },
      named('upright', 'leans in', 'leans out'),
    ),
    'knee-in-line': protocolOf(
      'knee-in-line',
      {
        name: 'second toe, ankle and knee in one line',
        short: 'knee in line',
        takenWith: 'barefoot-squat',
        steps: [
          'A slow squat as deep as is easy. Look from in front.',
          'Does the knee travel over the second toe all the way?',
        ],
      },
      ordered('no', 'yes'),
    ),
    'big-toe-separates': protocolOf(
      'big-toe-separates',
      {
        name: 'the big toe parts from the four',
        short: 'toe split',
        takenWith: 'toe-split-hold',
        steps: [
          'Foot flat. The big toe up, the four down, and the other way round.',
          'Does it go free, or with the help of a hand?',
        ],
      },
      ordered('assisted', 'free'),
    ),
    'walk-after': protocolOf(
      'walk-after',
      {
        name: 'the walk after an exercise',
        short: 'walk after',
        takenWith: 'walk-and-compare',
        sides: 'both',
        judged: false,
        steps: ['Walk the room once or twice.', 'Against the walk before: worse, same, better?'],
      },
      ordered('worse', 'same', 'better'),
    ),
    'worked-foot-compared': protocolOf(
      'worked-foot-compared',
      {
        name: 'the worked foot against the other',
        short: 'foot compared',
        takenWith: 'stand-and-compare',
        judged: false,
        steps: [
          'Stand on both feet: spread, colour, weight, wobble.',
          'Is the worked foot the same as the other, or different?',
        ],
      },
      ordered('same', 'different'),
    ),
    'circle-sticks': protocolOf(
      'circle-sticks',
      {
        name: 'where the ankle circle sticks, as on a clock',
        short: 'circle sticks',
        takenWith: 'ankle-circles',
        drawing: 'clock',
        steps: [
          'Sitting, the leg still: a slow circle with the toes, once each way.',
          'Twelve is up, three is to the student’s right. Where does it catch? Nowhere is an answer.',
        ],
      },
      { gives: 'clock' },
    ),
    'heel-drop-resists': protocolOf(
      'heel-drop-resists',
      {
        name: 'where the heel drop resists',
        short: 'heel drop',
        takenWith: 'heel-drop-stretch',
        steps: [
          'The heel sinks slowly to floor level and no lower.',
          'Where is it held back: towards the inner side, the outer side, nowhere?',
        ],
      },
      named('nowhere', 'towards the inner side', 'towards the outer side'),
    ),
    'toes-fan-after-roll': protocolOf(
      'toes-fan-after-roll',
      {
        name: 'the toes fan at the end of a roll',
        short: 'toes fan',
        takenWith: 'ball-along-the-sole',
        steps: [
          'At the end of the last pass the ball leaves the toes.',
          'Do the toes fan and lie down long by themselves?',
        ],
      },
      ordered('no', 'yes'),
    ),
    'sore-spots': protocolOf(
      'sore-spots',
      {
        name: 'tender spots on a map of the sole',
        short: 'sore spots',
        takenWith: 'sore-spot-wait',
        drawing: 'sole',
        steps: [
          'A ball, or a thumb, along the sole, slowly and lightly.',
          'The student says stop; the place is tapped on the sole.',
        ],
      },
      { gives: 'marks' },
    ),
    'base-of-support': protocolOf(
      'base-of-support',
      {
        name: 'width at the toes, from a tracing',
        short: 'width at toes',
        takenWith: 'read-the-tripod',
        needs: ['a sheet of known size', 'pencil', 'tape'],
        drawing: 'tracing',
        steps: [
          'Stand on the sheet at ease; the pencil upright, round the foot once.',
          'The widest place at the toes, across the line of the foot. Step off, stand anew, twice in all.',
        ],
      },
      number('cm', {
        trials: 2,
        step: 0.1,
        refuse: span(3, 18),
        ask: span(6, 13),
        noise: 0.3,
        rater: 0.5,
        weekly: 0.03,
      }),
    ),
    'tripod-area': protocolOf(
      'tripod-area',
      {
        name: 'area between the three points, from a tracing',
        short: 'tripod area',
        takenWith: 'read-the-tripod',
        needs: ['a sheet of known size', 'pencil'],
        drawing: 'tracing',
        steps: [
          'Stand on the sheet; mark heel, inner ball and outer ball.',
          'The area of the triangle between them. Twice.',
        ],
      },
      number('cm2', {
        trials: 2,
        step: 0.5,
        refuse: span(10, 250),
        ask: span(30, 150),
        scale: 'log',
        noise: 0.06,
        rater: 0.5,
        weekly: 0.005,
      }),
    ),
    'outline-area': protocolOf(
      'outline-area',
      {
        name: 'area of the traced foot',
        short: 'outline area',
        takenWith: 'read-the-tripod',
        needs: ['a sheet of known size', 'pencil'],
        drawing: 'tracing',
        steps: ['Stand on the sheet; the pencil upright, round the foot once.', 'The area inside the line. Twice.'],
      },
      number('cm2', {
        trials: 2,
        refuse: span(30, 400),
        ask: span(80, 250),
        scale: 'log',
        noise: 0.05,
        rater: 0.5,
        weekly: 0.005,
      }),
    ),
    'arch-height': protocolOf(
      'arch-height',
      {
        name: 'height of the arch, standing',
        short: 'arch height',
        takenWith: 'read-the-tripod',
        needs: ['ruler with the zero at its end'],
        drawing: 'arch-height',
        steps: [
          'Find the bony point on the inner side, in front of the ankle and below it; make a dot.',
          'Standing on both feet, weight even: from the floor to the dot. Three times, the dot made anew.',
        ],
      },
      number('mm', { refuse: span(0, 90), ask: span(15, 70), noise: 1.5, rater: 1, weekly: 0.1 }),
    ),
    'arch-drop': protocolOf(
      'arch-drop',
      {
        name: 'how far the arch comes down with weight',
        short: 'arch drop',
        takenWith: 'read-the-tripod',
        needs: ['ruler with the zero at its end'],
        drawing: 'arch-height',
        steps: [
          'Sitting, foot flat without weight, the same bony point: from the floor to the dot.',
          'Standing, weight even: the same again. The drop is the first less the second. Three times.',
        ],
      },
      number('mm', { refuse: span(-10, 40), ask: span(0, 25), noise: 2, rater: 1, weekly: 0.1 }),
    ),
    'rolling-weight': protocolOf(
      'rolling-weight',
      {
        name: 'weight on the rolling foot, as a share of body weight',
        short: 'rolling weight',
        takenWith: 'ball-along-the-sole',
        needs: ['bathroom scale', 'firm ball'],
        steps: [
          'Weigh the student once.',
          'The ball on the scale, the foot on the ball, a hand on the support: lean in as in class. Read the scale.',
          'The share is the reading over the body weight. Three times.',
        ],
      },
      number('percent', {
        refuse: span(0, 100),
        ask: span(10, 80),
        noise: 4,
        rater: 0.25,
        weekly: 1,
        practice: true,
      }),
    ),
    'knee-to-wall': protocolOf(
      'knee-to-wall',
      {
        name: 'knee to the wall, heel down',
        short: 'knee to wall',
        takenWith: 'knee-to-wall',
        needs: ['wall', 'tape'],
        drawing: 'knee-to-wall',
        instead: { above: null, below: 'by inclinometer' },
        steps: [
          'Foot square to the wall, the second toe and the heel on one line; the knee goes to the wall over the second toe.',
          'Move the foot back until the knee just touches and the heel just stays down.',
          'From the wall to the big toe. Three times.',
        ],
      },
      number('cm', {
        step: 0.5,
        refuse: span(0, 30),
        ask: span(0, 20),
        noise: 0.54,
        noiseFrom: 'published',
        rater: 0.5,
        weekly: 0.1,
        floor: 0,
      }),
    ),
    'knee-to-wall-angle': protocolOf(
      'knee-to-wall-angle',
      {
        name: 'knee over the toes, by inclinometer',
        short: 'lunge angle',
        takenWith: 'knee-to-wall',
        needs: ['angle gauge'],
        drawing: 'knee-to-wall',
        steps: [
          'The same lunge, as far as the heel just stays down; no wall is needed.',
          'The gauge on the front of the shin, a hand below the knee: how far it leans from upright. Three times.',
        ],
      },
      number('degrees', {
        refuse: span(0, 70),
        ask: span(15, 60),
        noise: 1.4,
        noiseFrom: 'published',
        rater: 0.5,
        weekly: 0.36,
      }),
    ),
    'rises-to-loss-of-form': protocolOf(
      'rises-to-loss-of-form',
      {
        name: 'rises on one foot until form goes',
        short: 'rises to form loss',
        takenWith: 'single-leg-rise',
        needs: ['wall or barre', 'a beat'],
        instead: { above: 'off a step', below: 'on two feet' },
        steps: [
          'Fingertips on the support, one rise each two seconds.',
          'Count the rises that reach full height, knee straight, heel over the toes. Stop at the first that does not, or at 20.',
        ],
      },
      number('reps', {
        trials: 1,
        combine: 'single',
        refuse: span(0, 100),
        ask: span(0, 40),
        scale: 'log',
        noise: 0.2,
        rater: 0.5,
        weekly: 0.05,
        practice: true,
        cap: 20,
        floor: 0,
      }),
    ),
    discomfort: protocolOf(
      'discomfort',
      {
        name: 'discomfort, as the student says it',
        short: 'discomfort',
        takenWith: null,
        judged: false,
        steps: ['Nought is none, ten the worst there could be. It acts at once and is compared with nothing.'],
      },
      number('points', {
        trials: 1,
        combine: 'single',
        refuse: span(0, 10),
        ask: span(0, 8),
        noise: null,
        rater: 0,
        weekly: 1,
      }),
    ),
  };
}

/** The checks that come with Needlework. A page that asks for none does not carry them. */
export const checks = /* @__PURE__ */ allChecks();
