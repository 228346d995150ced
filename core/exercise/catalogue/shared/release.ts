import type { Exercise } from '../../exercise';
import type { FootState, Phase } from '../../foot-state';
import { foot, kit, ladder, range, restsFlat, rung, saw, seatedFlat, standing, stands } from '../author';

export const softBallInstead = {
  'soft-ball': 'gentler, and right for anyone who bruises easily or has little feeling in the feet',
} as const;

export const wall = kit('wall', 'room', { chair: 'a chair back steadies less than a wall' });
export const firm = kit('firm-ball', 'person', softBallInstead);
export const chair = kit('chair', 'person', { mat: 'on the floor with the knee bent' });

type Under = 'innerBall' | 'outerBall' | 'middle' | 'heel';

/** A foot with a ball under one part of it; the rest of the foot rests, or hangs over the front of the ball. */
export const ballUnder = (part: Under, on: FootState = standing): FootState => {
  const front = part === 'innerBall' || part === 'outerBall';
  const does = on === standing ? 'press' : 'rest';
  return foot(on, {
    contacts: {
      heel: part === 'heel' ? [does, 'ball'] : ['rest', 'floor'],
      innerBall:
        part === 'innerBall'
          ? [does, 'ball']
          : part === 'outerBall'
            ? ['rest', 'ball']
            : front || part === 'heel'
              ? ['rest', 'floor']
              : ['hang', 'air'],
      outerBall:
        part === 'outerBall'
          ? [does, 'ball']
          : part === 'innerBall'
            ? ['rest', 'ball']
            : front || part === 'heel'
              ? ['rest', 'floor']
              : ['hang', 'air'],
      bigToe: part === 'heel' ? ['rest', 'floor'] : ['hang', 'air'],
      smallToes: part === 'heel' ? ['rest', 'floor'] : ['hang', 'air'],
    },
    ...(part === 'middle' ? { middle: [does, 'ball'] as const, midfoot: 'let-down' as const } : {}),
    heelHeightCm: part === 'heel' ? 4 : 0,
    toes: 'relaxed',
    edge: 'even',
    weightLine: 'even',
  });
};

/** How much weight lies on the ball, and who carries the rest. */
export interface Lent {
  readonly on: FootState;
  readonly other: FootState;
  readonly percent: number;
}
const seated: Lent = { on: seatedFlat, other: restsFlat, percent: 5 };
const light: Lent = { on: standing, other: stands, percent: 20 };
const full: Lent = { on: standing, other: stands, percent: 45 };
/** As most begin, standing: the phases of the exercise as written. */
export const lentStanding = full;

/**
 * A ball under one foot on three levels: seated, a fifth of the weight, and the most that the exercise lends.
 * @param phases what the foot does, given who carries how much
 * @param ball the ball or roller that lies under the foot
 */
export const ballLevels = (
  phases: (lent: Lent) => Phase[],
  ball: Exercise['performance']['kit'][number],
  doses: Exercise['doses'],
  most: 'nearly half' | 'a third' = 'a third',
): Exercise['ladder'] =>
  ladder(
    'standing',
    rung(
      'seated',
      'seated, only the weight of the leg',
      { base: 'seated', resistance: 'no body weight' },
      range(doses.least, doses.usual, doses.most),
      saw('The face stays soft and nothing is above three of ten, both feet.'),
      {
        change: {
          position: 'chair-seated',
          facing: 'any',
          kit: [ball, chair],
          phases: phases(seated),
          regions: { 'plantar-tissue': 1 },
          balance: { working: 0, standing: 0 },
        },
      },
    ),
    rung(
      'standing-light',
      'standing, a fifth of the weight',
      { base: 'one foot lends weight', resistance: 'a fifth of body weight' },
      range(doses.least, doses.usual, doses.most),
      saw('The leg that carries stays quiet, and nothing is above three of ten, both feet.'),
      {
        why: 'Standing up lends weight at the same moment.',
        change: { phases: phases(light), regions: { 'plantar-tissue': 1 } },
      },
    ),
    rung(
      'standing',
      `standing, ${most} of the weight`,
      { base: 'one foot lends weight', resistance: `${most} of body weight` },
      doses,
      null,
    ),
  );
