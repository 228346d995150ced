import type { Exercise } from '../../exercise';
import type { FootState, Phase } from '../../foot-state';
import {
  cleanReps,
  foot,
  kit,
  ladder,
  phase,
  range,
  reps,
  restsFlat,
  rung,
  saw,
  seatedFlat,
  standing,
} from '../author';

export const grounded = foot(seatedFlat, {
  contacts: { heel: ['press', 'floor'], innerBall: ['press', 'floor'], outerBall: ['press', 'floor'] },
});

export const chair = kit('chair', 'person', { mat: 'on the floor, knee bent, foot flat: the calf helps less' });

export const chairBack = kit('chair', 'person', { wall: 'a wall gives more hold and less freedom to sway' });

const bigToeLifts = {
  contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'] },
  midfoot: 'lifted',
} as const;
const fourLift = { contacts: { bigToe: ['press', 'floor'], smallToes: ['lift', 'air'] }, midfoot: 'let-down' } as const;
const allLift = { contacts: { bigToe: ['lift', 'air'], smallToes: ['lift', 'air'] }, midfoot: 'lifted' } as const;

/** The two toe lifts and both together, seated and standing. */
export const bigUp = foot(grounded, bigToeLifts);
export const fourUp = foot(grounded, fourLift);
export const allUp = foot(grounded, allLift);
export const bigUpStanding = foot(standing, bigToeLifts);
export const fourUpStanding = foot(standing, fourLift);
export const allUpStanding = foot(standing, allLift);

export const oneLeg = (bigToe: 'rest' | 'press', small: 'rest' | 'press') =>
  foot(standing, { contacts: { bigToe: [bigToe, 'floor'], smallToes: [small, 'floor'] } });

/** What lifts and what stays, on one level of a lift that a hand helps first. */
interface Lifted {
  readonly lifting: FootState;
  readonly lowered: FootState;
}

/** The two phases of a toe lift. By hand nothing is worked against: the toes only think along. */
export const liftAndLower = (
  up: string,
  down: string,
  { lifting, lowered }: Lifted,
  hands?: FootState['hands'],
  lifts: 'hand' | 'toes' = 'toes',
) =>
  [
    phase(up, 2, foot(lifting, { hands }), {
      other: restsFlat,
      undo: down,
      effort: lifts === 'toes' ? true : undefined,
    }),
    phase(down, 2, foot(lowered, { hands }), {
      other: restsFlat,
      undo: up,
      effort: lifts === 'toes' ? false : undefined,
    }),
  ] satisfies Phase[];

/**
 * The three levels of a toe lift: the hand does it, the hand holds what should stay, hands off.
 * @param keeps what the level with a holding hand is called
 * @param helped who follows the hand: "The toe follows"
 */
export const handHelp = (
  keeps: string,
  helped: string,
  phases: { readonly handLifts: Phase[]; readonly handHolds: Phase[] },
): Exercise['ladder'] =>
  ladder(
    'hand-holds',
    rung(
      'hand-lifts',
      'the hand does it, the toes think it',
      { 'hand-help': 'hand lifts' },
      range(reps(4), reps(6), reps(8)),
      saw(`${helped} the hand without pushing back, both feet.`),
      { change: { setup: 'props', phases: phases.handLifts, regions: { 'big-toe-joint': 1 } } },
    ),
    rung(
      'hand-holds',
      keeps,
      { 'hand-help': 'hand holds the others' },
      range(reps(4), reps(8), reps(12)),
      cleanReps(8, '8 in which nothing pushes against the hand, both feet.'),
      { change: { phases: phases.handHolds } },
    ),
    rung('free', 'hands off', { 'hand-help': 'none' }, range(reps(4), reps(6), reps(12)), null),
  );
