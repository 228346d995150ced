import type { Exercise } from '../../exercise';
import { archOnABall } from './arch-on-a-ball';
import { ballAlongTheSole } from './ball-along-the-sole';
import { ballUnderTheDesk } from './ball-under-the-desk';
import { edgeTour } from './edge-tour';
import { fingersBetweenToes } from './fingers-between-toes';
import { heelPressAndShift } from './heel-press-and-shift';
import { lacedSqueeze } from './laced-fingers-squeeze';
import { leanAndShift } from './lean-and-shift';
import { soleToCalfStroke } from './sole-to-calf-stroke';
import { soreSpotWait } from './sore-spot-wait';
import { spacerWear } from './toe-spacer-wear';

export const releaseExercises: readonly Exercise[] = [
  ballAlongTheSole,
  lacedSqueeze,
  leanAndShift,
  soreSpotWait,
  archOnABall,
  ballUnderTheDesk,
  edgeTour,
  heelPressAndShift,
  fingersBetweenToes,
  soleToCalfStroke,
  spacerWear,
];
