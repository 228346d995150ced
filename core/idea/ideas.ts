import type { Execution, Fault, Phase, Place } from '../exercise';
import type { IdeaId } from '../plan';

/** One idea for a class, by what feet do. */
export interface Idea {
  /** As it is said to the class. */
  readonly sentence: string;
  /** What it is about, in two or three words. */
  readonly name: string;
  readonly carries: (execution: Execution) => boolean;
  /** A phase that asks the opposite, on purpose. */
  readonly opposes: (phase: Phase, execution: Execution) => boolean;
  /** What bridges to such an exercise, said before it. */
  readonly bridge: string;
  /** Whether a fault is about it: then its correction comes first. */
  readonly speaksOf: (fault: Fault) => boolean;
  /** What is watched and said for it where none of an exercise's own faults is about it. */
  readonly watch: Fault;
  /** Its picture, each time a little other. */
  readonly pictures: readonly string[];
  /** What is asked about it at the end. */
  readonly question: string;
}

const presses = ({ working }: Phase, ...at: readonly Place[]) =>
  at.every((place) => working.contacts[place].contact === 'press');
const lifts = ({ working }: Phase, at: Place) => working.contacts[at].contact === 'lift';
/** Carries weight on the floor or on what lies on it: a place presses that the foot stands on. */
const stands = ({ working }: Phase): boolean =>
  working.role !== 'rests' &&
  (['heel', 'innerBall', 'outerBall'] as const).some(
    (place) =>
      working.contacts[place].contact === 'press' &&
      !['band', 'strap', 'hand', 'leg'].includes(working.contacts[place].meets),
  );
const somewhere =
  (asked: (phase: Phase) => boolean) =>
  ({ phases }: Execution): boolean =>
    phases.some(asked);
const trains =
  (...directions: readonly Execution['exercise']['directions'][number][]) =>
  ({ exercise }: Execution): boolean =>
    exercise.directions.some((direction) => directions.includes(direction));
const about =
  (words: RegExp) =>
  ({ seen, say }: Fault): boolean =>
    words.test(seen) || words.test(say);
const never = (): boolean => false;

/** Read from contacts, phases and directions, so an exercise of one's own carries an idea as the built-in ones do. */
export const ideas: Readonly<Record<IdeaId, Idea>> = {
  'inner-ball': {
    name: 'the inner ball',
    sentence: 'The inner ball stays heavy.',
    carries: somewhere((phase) => presses(phase, 'innerBall')),
    opposes: (phase) => stands(phase) && (lifts(phase, 'innerBall') || phase.working.edge === 'outer'),
    bridge: 'For once the inner ball may leave; it comes home and is heavy again.',
    speaksOf: about(/inner balls?\b|big-toe root/i),
    watch: { seen: 'the inner ball gets light', from: 'front', say: 'Inner ball heavy.' },
    pictures: [
      'A stamp that wants to print.',
      'The stamp again: print it slowly.',
      'One last print, and leave it on the paper.',
    ],
    question: 'Is the inner ball heavier than at the start?',
  },
  'long-toes': {
    name: 'long toes',
    sentence: 'Long toes: they reach, they never grip.',
    carries: somewhere(({ working }) => working.toes === 'long'),
    opposes: ({ working }) => working.toes === 'curled',
    bridge: 'Here the toes curl on purpose; behind it they lie long again.',
    speaksOf: about(/toes? (grips?|claws?|curls?|clench|crunch|scratch)|long toes|toes long|\blong\b.*toe/i),
    watch: { seen: 'the toes grip', from: 'above', say: 'Long toes.' },
    pictures: [
      'Toes like piano keys, each with its own length.',
      'The same keys, laid down without a sound.',
      'The lid closes, and the keys stay long.',
    ],
    question: 'Do the toes lie longer than at the start?',
  },
  'middle-lifts': {
    name: 'the lifted middle',
    sentence: 'The middle of the foot lifts, the ends stay down.',
    carries: somewhere(({ working }) => working.midfoot === 'lifted'),
    opposes: ({ working }) => working.midfoot === 'let-down',
    bridge: 'Here the middle is let down on purpose; then it lifts again.',
    speaksOf: about(/\barch(es)?\b|middle/i),
    watch: { seen: 'the middle sinks', from: 'inner side', say: 'Up in the middle, both ends down.' },
    pictures: [
      'A bridge with the tide coming in.',
      'The tide again: the bridge stays dry.',
      'A boat goes under it, mast and all.',
    ],
    question: 'Does the middle of the foot lift more easily than at the start?',
  },
  'heels-behind-toes': {
    name: 'heels behind the toes',
    sentence: 'The heel stays behind its toes.',
    // an exercise is about it where one of its faults is
    carries: ({ faults }) => faults.some(heelLine),
    opposes: (phase, { exercise }) =>
      stands(phase) &&
      (phase.working.edge !== 'even' || exercise.directions.some((d) => d === 'turn-in' || d === 'turn-out')),
    bridge: 'Here the heel wanders on purpose; then it goes home behind the toes.',
    speaksOf: heelLine,
    watch: { seen: 'the heel leaves its line', from: 'behind', say: 'Heel behind the toes.' },
    pictures: [
      'Two rails, a foot on each.',
      'The rails again, and the train is slower.',
      'It stops; the wheels stand in line.',
    ],
    question: 'Do the heels find the line behind the toes by themselves?',
  },
  'toes-apart': {
    name: 'room between the toes',
    sentence: 'Room between the toes.',
    carries: (execution) =>
      trains('toes-spread', 'toes-narrow')(execution) ||
      execution.phases.some(({ working }) => working.toes === 'spread'),
    opposes: ({ working }) => working.toes === 'curled',
    bridge: 'Here the toes close; leave them their room behind it.',
    speaksOf: about(/wide|spread|bunched|towards the others/i),
    watch: { seen: 'the toes crowd together', from: 'above', say: 'Room between the toes.' },
    pictures: ['A fan that opens.', 'The fan again, rib by rib.', 'The fan lies open on the floor.'],
    question: 'Is there more room between the toes than at the start?',
  },
  'slow-way-back': {
    name: 'the slow way back',
    sentence: 'The way back is the exercise: slow.',
    carries: somewhere((phase) => phase.body === 'sinks' || phase.effort === false),
    opposes: (_, { impactsPerRep }) => impactsPerRep > 0,
    bridge: 'These are quick; only the last landing is slow.',
    speaksOf: about(/slow|quick|hurried|drops?\b|snaps?\b|bounce/i),
    watch: { seen: 'it drops back', from: 'outer side', say: 'Slower down than up.' },
    pictures: [
      'Lower it as a crane lowers glass.',
      'Thinner glass this time.',
      'The glass is down, and nobody heard it.',
    ],
    question: 'Is the way back quieter than at the start?',
  },
  'all-the-way': {
    name: 'the whole way of the ankle',
    sentence: 'The ankle goes all its way, both ways.',
    carries: trains('ankle-up', 'ankle-down'),
    opposes: never,
    bridge: '',
    speaksOf: about(/ankle|all the way/i),
    watch: { seen: 'it stops half-way', from: 'outer side', say: 'All the way, both ways.' },
    pictures: [
      'A drawbridge, up to its stop and down to its stop.',
      'The bridge again, with the same two stops.',
      'Up, down, and it rests level.',
    ],
    question: 'Does the ankle go further than at the start?',
  },
  'both-edges': {
    name: 'both edges',
    sentence: 'Two edges, one foot: find the middle between them.',
    carries: (execution) =>
      trains('turn-in', 'turn-out')(execution) ||
      (execution.regions['inner-ankle'] ?? 0) >= 2 ||
      (execution.regions['outer-ankle'] ?? 0) >= 2,
    opposes: never,
    bridge: '',
    speaksOf: about(/\bedge|outward|inward|tilt/i),
    watch: { seen: 'it lives on one edge', from: 'behind', say: 'Visit the other edge, then the middle.' },
    pictures: [
      'A boat that rolls to both sides and rights itself.',
      'The same boat, a smaller wave.',
      'The water is flat.',
    ],
    question: 'Does the foot find its middle sooner than at the start?',
  },
  'big-toe': {
    name: 'the big toe',
    sentence: 'The big toe says goodbye to the floor last.',
    carries: (execution) =>
      execution.phases.some((phase) => presses(phase, 'bigToe')) || (execution.regions['big-toe-joint'] ?? 0) >= 1,
    opposes: (phase) => stands(phase) && lifts(phase, 'bigToe'),
    bridge: 'Here the big toe lifts by itself; then it is the last to leave again.',
    speaksOf: about(/big[ -]toe/i),
    watch: { seen: 'the small toes leave last', from: 'behind', say: 'Leave from the big toe.' },
    pictures: [
      'The big toe waves from the pier.',
      'It waves once more, a little longer.',
      'The ship is out; the toe stays on the pier.',
    ],
    question: 'Does the big toe press more easily than at the start?',
  },
  'three-points': {
    name: 'three points',
    sentence: 'Three points carry: heel, inner ball, outer ball.',
    carries: somewhere((phase) => presses(phase, 'heel', 'innerBall', 'outerBall')),
    opposes: (phase) =>
      stands(phase) && (['heel', 'innerBall', 'outerBall'] as const).some((place) => lifts(phase, place)),
    bridge: 'Here a point leaves on purpose; come back to all three.',
    speaksOf: about(/three points|both balls|heel and balls/i),
    watch: { seen: 'a point gets light', from: 'front', say: 'Heel, inner ball, outer ball.' },
    pictures: [
      'A stool with three legs.',
      'The stool again, with somebody on it.',
      'Nobody sees the stool any more, and it stands.',
    ],
    question: 'Do three points carry without thinking about it?',
  },
};

function heelLine({ seen, say }: Fault): boolean {
  return (
    /heels? .*(above|over|behind) .*toes?|hide your heels|heels (kiss|together)/i.test(say) ||
    /heels? (swings?|leans?|falls? (apart|to one side|behind)|part)/i.test(seen)
  );
}
