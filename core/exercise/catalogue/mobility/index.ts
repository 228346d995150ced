import type { Exercise } from '../../exercise';
import { ankleCircles } from './ankle-circles';
import { barreBrush } from './barre-foot-brush';
import { calfStretchBent } from './calf-stretch-bent-knee';
import { calfStretchStraight } from './calf-stretch-straight-knee';
import { deepSquatSit } from './deep-squat-sit';
import { edgeToEdge } from './edge-to-edge';
import { forefootShear } from './forefoot-shear';
import { freeFourPartPoint } from './four-part-point';
import { halfKneelKneeToWall } from './half-kneel-knee-forward';
import { handsAndFeetCalf } from './hands-and-feet-calf';
import { heelDropStretch } from './heel-drop-stretch';
import { kerbStretch } from './kerb-stretch';
import { kneeDriveWalk } from './low-knee-drive-walk';
import { kneeToWall } from './knee-to-wall';
import { leanForwardAndBack } from './lean-forward-and-back';
import { lyingPointAndFan } from './lying-point-and-fan';
import { plantedToeCircle } from './planted-toe-circle';
import { pointedHeelSit } from './pointed-heel-sit';
import { rollOverTheToes } from './roll-over-the-toes';
import { sideOfAnkleStretch } from './side-of-ankle-stretch';
import { sidewaysRock } from './sideways-ankle-rock';
import { squatKneeTouch } from './deep-squat-knee-touch';
import { strapHeldLean } from './strap-held-lean';
import { toeTurns } from './toe-turns';
import { toeWave } from './toe-wave';
import { toeWaveBack } from './toe-wave-back';
import { toesUpByHand } from './toes-up-by-hand';
import { toesCurledByHand } from './toes-curled-by-hand';
import { toesDrawnApart } from './toes-drawn-apart';
import { toesTuckedSit } from './seated-toes-tucked';
import { topOfFootStretch } from './top-of-foot-stretch';
import { tuckedHeelSit } from './tucked-toes-heel-sit';

export const mobilityExercises: readonly Exercise[] = [
  forefootShear,
  toesCurledByHand,
  toesDrawnApart,
  ankleCircles,
  calfStretchBent,
  calfStretchStraight,
  kneeToWall,
  toeTurns,
  toeWave,
  toeWaveBack,
  toesTuckedSit,
  deepSquatSit,
  halfKneelKneeToWall,
  handsAndFeetCalf,
  heelDropStretch,
  kerbStretch,
  kneeDriveWalk,
  leanForwardAndBack,
  lyingPointAndFan,
  plantedToeCircle,
  pointedHeelSit,
  rollOverTheToes,
  sideOfAnkleStretch,
  sidewaysRock,
  squatKneeTouch,
  strapHeldLean,
  topOfFootStretch,
  tuckedHeelSit,
  freeFourPartPoint,
  edgeToEdge,
  barreBrush,
  toesUpByHand,
];
