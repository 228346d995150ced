import * as z from 'zod';
import { readExercise } from '../exercise';
import { readPlan } from '../plan';
import type { Result } from '../result';
import type { ReadError } from '../stored';

/** A document inside a message, read by its format number: a page or a server of an older version is understood. */
export const document = <T>(read: (stored: unknown) => Result<T, ReadError>) =>
  z.unknown().transform((value, context): T => {
    const found = read(value);
    if (found.ok) return found.value;
    const { error } = found;
    if (error.code === 'not-readable')
      for (const issue of error.issues) context.issues.push({ ...issue, input: value } as z.core.$ZodRawIssue);
    else context.issues.push({ code: 'custom', message: error.code, input: value });
    return z.NEVER;
  });

export const PlanDocument = document(readPlan);
export const ExerciseDocument = document(readExercise);
