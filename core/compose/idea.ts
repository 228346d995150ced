import * as z from 'zod';
import type { Execution, Phase, Place } from '../exercise';

/** One idea for a class, from what the feet do. */
export const IdeaId = z.enum([
  'inner-ball',
  'long-toes',
  'middle-lifts',
  'toes-apart',
  'slow-way-back',
  'all-the-way',
  'both-edges',
  'big-toe',
  'three-points',
]);
export type IdeaId = z.infer<typeof IdeaId>;

interface Idea {
  /** As it is said to the class. */
  readonly sentence: string;
  /** What it is about, in two or three words. */
  readonly name: string;
  readonly carries: (execution: Execution) => boolean;
}

const presses = ({ working }: Phase, ...at: readonly Place[]) =>
  at.every((place) => working.contacts[place].contact === 'press');
const somewhere =
  (asked: (phase: Phase) => boolean) =>
  ({ phases }: Execution): boolean =>
    phases.some(asked);
const trains =
  (...directions: readonly Execution['exercise']['directions'][number][]) =>
  ({ exercise }: Execution): boolean =>
    exercise.directions.some((direction) => directions.includes(direction));

/** Read from contacts, phases and directions alone, so an exercise of one's own carries an idea as the built-in ones do. */
export const ideas: Readonly<Record<IdeaId, Idea>> = {
  'inner-ball': {
    name: 'the inner ball',
    sentence: 'The inner ball stays heavy.',
    carries: somewhere((phase) => presses(phase, 'innerBall')),
  },
  'long-toes': {
    name: 'long toes',
    sentence: 'Long toes: they reach, they never grip.',
    carries: somewhere(({ working }) => working.toes === 'long'),
  },
  'middle-lifts': {
    name: 'the lifted middle',
    sentence: 'The middle of the foot lifts, the ends stay down.',
    carries: somewhere(({ working }) => working.midfoot === 'lifted'),
  },
  'toes-apart': {
    name: 'room between the toes',
    sentence: 'Room between the toes.',
    carries: (execution) =>
      trains('toes-spread', 'toes-narrow')(execution) ||
      execution.phases.some(({ working }) => working.toes === 'spread'),
  },
  'slow-way-back': {
    name: 'the slow way back',
    sentence: 'The way back is the exercise: slow.',
    carries: somewhere((phase) => phase.body === 'sinks' || phase.effort === false),
  },
  'all-the-way': {
    name: 'the whole way of the ankle',
    sentence: 'The ankle goes all its way, both ways.',
    carries: trains('ankle-up', 'ankle-down'),
  },
  'both-edges': {
    name: 'both edges',
    sentence: 'Two edges, one foot: find the middle between them.',
    carries: (execution) =>
      trains('turn-in', 'turn-out')(execution) ||
      (execution.regions['inner-ankle'] ?? 0) >= 2 ||
      (execution.regions['outer-ankle'] ?? 0) >= 2,
  },
  'big-toe': {
    name: 'the big toe',
    sentence: 'The big toe says goodbye to the floor last.',
    carries: (execution) =>
      execution.phases.some((phase) => presses(phase, 'bigToe')) || (execution.regions['big-toe-joint'] ?? 0) >= 1,
  },
  'three-points': {
    name: 'three points',
    sentence: 'Three points carry: heel, inner ball, outer ball.',
    carries: somewhere((phase) => presses(phase, 'heel', 'innerBall', 'outerBall')),
  },
};
