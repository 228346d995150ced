import type { CheckId } from '../check-id';
import type { Protocol } from '../protocol';
import { number, ordered, protocolOf, span } from './author';

/** What the toes do. */
export const toeChecks = () =>
  ({
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
  }) satisfies Partial<Record<CheckId, Protocol>>;
