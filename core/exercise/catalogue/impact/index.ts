import type { Exercise } from '../../exercise';
import { jumpsAllWays } from './small-jumps-all-ways';
import { smallJumps } from './small-jumps';

export const impactExercises: readonly Exercise[] = [smallJumps, jumpsAllWays];
