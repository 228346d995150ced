import { type Exercise, type School, answerWords, answeredWords, differsFrom } from '@core/exercise';

/** How an exercise answers where a school answers otherwise, short; empty where it does not. "other school: all press" */
export function otherWay(exercise: Exercise, school: School): string {
  const answers = differsFrom(exercise, school).map((asked) => answerWords(asked, exercise.schools[asked] ?? ''));
  return answers.length === 0 ? '' : `other school: ${answers.join(', ')}`;
}

/**
 * The same with what was asked and the other answer beside it: "toes on the rise: all press; you: relaxed".
 * @param whose school it is
 */
export const otherSchool = (exercise: Exercise, school: School, whose: 'you' | 'this class'): string =>
  differsFrom(exercise, school)
    .map(
      (question) =>
        `${answeredWords(question, exercise.schools[question] ?? '')}; ${whose}: ${answerWords(question, school[question])}`,
    )
    .join(' · ');
