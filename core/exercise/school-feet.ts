import type { Exercise } from './exercise';
import type { FootState, Phase } from './foot-state';
import type { School } from './school';

/**
 * A phase as the teacher's school has it, on the questions that the exercise leaves open: what the toes do on a rise,
 * which line the weight follows, whether knees are locked. An exercise that answers a question itself keeps its answer.
 */
export function taughtBy(school: School, exercise: Exercise, phase: Phase): Phase {
  const open = (question: keyof School) => exercise.schools[question] === undefined;
  const foot = (from: FootState): FootState => ({
    ...from,
    contacts: open('toesOnRise') && rises(from) ? toesOnRise(from.contacts, school.toesOnRise) : from.contacts,
    weightLine:
      open('weightLine') && from.weightLine === 'between-first-and-second' ? school.weightLine : from.weightLine,
    knee: open('knees') && school.knees === 'soft' && from.knee === 'locked' ? 'soft' : from.knee,
  });
  return { ...phase, working: foot(phase.working), other: phase.other && foot(phase.other) };
}

/** Up on the balls with toes that have nothing else to do. */
const rises = ({ contacts, ankle, toes }: FootState): boolean =>
  contacts.heel.contact === 'lift' &&
  contacts.innerBall.contact === 'press' &&
  contacts.bigToe.contact === 'rest' &&
  contacts.smallToes.contact === 'rest' &&
  ankle === 'down' &&
  toes === 'long';

function toesOnRise(contacts: FootState['contacts'], answer: School['toesOnRise']): FootState['contacts'] {
  if (answer === 'relaxed') return contacts;
  const press = (place: 'bigToe' | 'smallToes') => ({ ...contacts[place], contact: 'press' as const });
  return {
    ...contacts,
    bigToe: press('bigToe'),
    smallToes: answer === 'all-press' ? press('smallToes') : contacts.smallToes,
  };
}
