import type { Exercise } from '../../exercise';
import { backwardStep } from './backward-loading-step';
import { carryTheArch } from './carry-the-arch';
import { easyStepping } from './easy-stepping';
import { flickStep } from './flick-step';
import { halfToeWalk } from './half-toe-walk';
import { heelToToeWalk } from './heel-to-toe-walk';
import { heelWalk } from './heel-walk';
import { innerEdgeWalk } from './inner-edge-walk';
import { outerEdgeWalk } from './outer-edge-walk';
import { seatedMarch } from './seated-heel-toe-march';
import { unevenGround } from './uneven-ground-walk';

export const gaitExercises: readonly Exercise[] = [
  carryTheArch,
  innerEdgeWalk,
  outerEdgeWalk,
  backwardStep,
  flickStep,
  heelWalk,
  seatedMarch,
  unevenGround,
  easyStepping,
  halfToeWalk,
  heelToToeWalk,
];
