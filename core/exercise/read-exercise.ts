import { lengthsNotPasses } from '../dose';
import type { Result } from '../result';
import { type ReadError, readStored, throughout } from '../stored';
import { Exercise } from './exercise';

const upgrades = [
  // 0: before exercises carried a number; lengths of the room were passes
  throughout(lengthsNotPasses),
];

/** Reads an exercise that was stored, drafted or imported: an older one is brought up to date, a newer one is refused. */
export const readExercise = (stored: unknown): Result<Exercise, ReadError> => readStored(Exercise, upgrades, stored);
