import type { CheckId } from '../check-id';
import type { Protocol } from '../protocol';
import { number, ordered, protocolOf, span } from './author';

/** Standing, rising and walking; and how it felt. */
export const standingChecks = () =>
  ({
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
  }) satisfies Partial<Record<CheckId, Protocol>>;
