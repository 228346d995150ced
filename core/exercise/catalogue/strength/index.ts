import type { Exercise } from '../../exercise';
import { ballAboveAnkles } from './ball-above-ankles-rise';
import { ballHeldRise } from './ball-held-rise';
import { bandGuidedRise } from './band-guided-rise';
import { barefootSquat } from './barefoot-squat';
import { barreRise } from './barre-rise-turned-out';
import { bigToeRise } from './big-toe-rise';
import { breathSplitSquat } from './breath-split-squat';
import { edgeEdgeFlat } from './edge-edge-flat-flat';
import { heelToeRock } from './heel-to-ball-rock';
import { inclineRise } from './incline-rise';
import { outerEdgeStand } from './outer-edge-stand';
import { pushOff } from './push-off';
import { riseAndStay } from './rise-and-stay';
import { riseBendHeelsDown } from './rise-bend-heels-down';
import { riseBendLower } from './bend-heels-up-straighten';
import { riseToSoftLanding } from './rise-and-drop-to-landing';
import { singleLegRise } from './single-leg-rise';
import { splitRise } from './split-rise';
import { stepLunge } from './step-lunge';
import { stepRiseBent } from './step-rise-bent-knee';
import { stepRiseStraight } from './step-rise-straight-knee';
import { stepRiseTightWay } from './step-rise-tight-way';
import { steppingLunge } from './stepping-lunge';
import { threePointRise } from './three-point-rise';
import { toesHangingSplitSquat } from './toes-hanging-split-squat';
import { twoFootRise } from './two-foot-rise';
import { wedgeSquat } from './wedge-squat';

export const strengthExercises: readonly Exercise[] = [
  twoFootRise,
  ballHeldRise,
  riseBendLower,
  singleLegRise,
  ballAboveAnkles,
  bandGuidedRise,
  bigToeRise,
  heelToeRock,
  inclineRise,
  pushOff,
  riseAndStay,
  riseBendHeelsDown,
  splitRise,
  stepRiseBent,
  stepRiseStraight,
  stepRiseTightWay,
  threePointRise,
  edgeEdgeFlat,
  outerEdgeStand,
  barreRise,
  barefootSquat,
  breathSplitSquat,
  riseToSoftLanding,
  stepLunge,
  steppingLunge,
  toesHangingSplitSquat,
  wedgeSquat,
];
