import type { CheckId } from '../check-id';
import type { Protocol } from '../protocol';
import { number, ordered, protocolOf, span } from './author';

/** What the arch and the sole do, and where the foot stands. */
export const soleChecks = () =>
  ({
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
  }) satisfies Partial<Record<CheckId, Protocol>>;
