import type { Exercise } from '../../exercise';
import { beamSquat } from './beam-squat';
import { eyesShutStand } from './eyes-shut-stand';
import { halfBallStep } from './half-ball-step';
import { oneLegStand } from './one-leg-stand';
import { pillowStand } from './pillow-stand';
import { ringOfReach } from './reach-round-the-clock';
import { seatedStand } from './seated-foot-press';
import { softStepDown } from './soft-step-down';
import { stepAndLand } from './step-and-land';
import { unstableStand } from './unstable-stand';

export const balanceExercises: readonly Exercise[] = [
  seatedStand,
  eyesShutStand,
  oneLegStand,
  beamSquat,
  halfBallStep,
  pillowStand,
  ringOfReach,
  softStepDown,
  unstableStand,
  stepAndLand,
];
