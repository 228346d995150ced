import type { Exercise } from '../../exercise';
import { clothDrag } from './cloth-drag';
import { clothPushAway } from './cloth-push-away';
import { leadFootTilt } from './lead-foot-tilt';
import { paperCrinkle } from './paper-crinkle';
import { pickUpSmallThings } from './pick-up-small-things';
import { shortFoot } from './short-foot';
import { splayAndTwist } from './splay-and-twist';
import { standOnThreePoints } from './three-points-on-one-leg';
import { strapPressHeel } from './strap-press-heel';
import { strapPressInner } from './strap-press-inner';
import { strapPressOuter } from './strap-press-outer';
import { towelGather } from './towel-gather';

export const archExercises: readonly Exercise[] = [
  shortFoot,
  strapPressInner,
  strapPressOuter,
  towelGather,
  clothDrag,
  clothPushAway,
  paperCrinkle,
  pickUpSmallThings,
  splayAndTwist,
  standOnThreePoints,
  strapPressHeel,
  leadFootTilt,
];
