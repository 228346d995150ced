import type { Exercise } from '../../exercise';
import { bandFourPartPoint } from './band-four-part-point';
import { bandTurnIn } from './band-turn-in';
import { bandTurnOut } from './band-turn-out';
import { waistLoopBentKnee } from './waist-loop-bent-knee';
import { waistLoopFree } from './waist-loop-odd-angles';
import { waistLoopTurnIn } from './waist-loop-turn-in';
import { waistLoopTurnOut } from './waist-loop-turn-out';
import { waistLoopUpDown } from './waist-loop-up-down';
import { bandFootUp } from './band-foot-up';
import { seatedBandPushDown } from './seated-band-push-down';
import { seatedBandTurnIn } from './seated-band-turn-in';
import { seatedBandTurnOut } from './seated-band-turn-out';

export const bandExercises: readonly Exercise[] = [
  bandFourPartPoint,
  bandTurnIn,
  bandTurnOut,
  waistLoopBentKnee,
  waistLoopFree,
  waistLoopTurnIn,
  waistLoopTurnOut,
  waistLoopUpDown,
  bandFootUp,
  seatedBandPushDown,
  seatedBandTurnIn,
  seatedBandTurnOut,
];
