import { type Exercise, type School, differsFrom, schoolWords } from '@core/exercise';

/** The questions on which an exercise answers otherwise than a school, in one line; empty where it does not. */
export const otherSchool = (exercise: Exercise, school: School): string =>
  differsFrom(exercise, school)
    .map((question) => schoolWords[question].question.replace('?', '').toLowerCase())
    .join('; ');
