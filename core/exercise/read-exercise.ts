import * as z from 'zod';
import { lengthsNotPasses } from '../dose';
import type { Result } from '../result';
import { type ReadError, readStored, throughout } from '../stored';
import { Exercise } from './exercise';

const upgrades = [
  // 0: before exercises carried a number; lengths of the room were passes
  throughout(lengthsNotPasses),
  // 1: before a foot had a middle, hands and tops of its toes, and a level its weeks: what was said then says the same
  (document: Readonly<Record<string, unknown>>) => document,
];

/** Reads an exercise that was stored, drafted or imported: an older one is brought up to date, a newer one is refused. */
export const readExercise = (stored: unknown): Result<Exercise, ReadError> => readStored(Exercise, upgrades, stored);

/** What keeps a form from opening: fields of another shape, as against fields that are still empty or too long. */
const shapeCodes: ReadonlySet<string> = new Set([
  'invalid_type',
  'unrecognized_keys',
  'invalid_value',
  'invalid_union',
  'invalid_key',
  'invalid_element',
]);

/** An exercise being written: every field is there and of its kind, though names may still be empty. */
const Unfinished = z.custom<Exercise>((value) => {
  const read = Exercise.safeParse(value);
  return read.success || read.error.issues.every((issue) => !shapeCodes.has(issue.code));
});

/** Reads an exercise that somebody is still writing. */
export const readUnfinishedExercise = (stored: unknown): Result<Exercise, ReadError> =>
  readStored(Unfinished, upgrades, stored);
