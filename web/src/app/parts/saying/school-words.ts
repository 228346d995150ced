import { type Exercise, type School, answerWords, answeredWords, differsFrom } from '@core/exercise';

/** How an exercise answers where a school answers otherwise; empty where it does not. "toes on the rise: all press" */
export const otherWay = (exercise: Exercise, school: School): string =>
  differsFrom(exercise, school)
    .map((question) => answeredWords(question, exercise.schools[question] ?? ''))
    .join('; ');

/**
 * The same with the other answer beside it: "toes on the rise: all press; you: relaxed".
 * @param whose school it is
 */
export const otherSchool = (exercise: Exercise, school: School, whose: 'you' | 'this class'): string =>
  differsFrom(exercise, school)
    .map(
      (question) =>
        `${answeredWords(question, exercise.schools[question] ?? '')}; ${whose}: ${answerWords(question, school[question])}`,
    )
    .join(' · ');
