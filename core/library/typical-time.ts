import { type Exercise, type School, defaultSchool, resolve } from '../exercise';
import { type Familiarity, type Pace, type Plan, defaultPace, newBlock, newItem, newPlan } from '../plan';
import { buildTimeline } from '../timeline';

/** Class time of one exercise on its own, ms: set-up, talk, both sides and changing foot included. */
export type TypicalTime = Readonly<Record<Familiarity, number>>;
export type TypicalTimes = Readonly<Record<'least' | 'usual' | 'most', TypicalTime>>;

const revision = '0'.repeat(16);

/**
 * How long an exercise takes in a class at its least, usual and most dose, to a group that knows it and to one that
 * does not. Read from the timeline of a class with nothing else in it.
 */
export function typicalTimes(
  exercise: Exercise,
  rungId: string | null,
  school: School = defaultSchool,
  pace: Pace = defaultPace(),
): TypicalTimes {
  const execution = resolve(exercise, rungId, school);
  const doses = execution.ok ? execution.value.doses : exercise.doses;
  const at = (which: 'least' | 'usual' | 'most', familiarity: Familiarity) => {
    const item = { ...newItem('only', exercise, revision), rungId, dose: doses[which], familiarity };
    const plan: Plan = {
      ...newPlan('one-item', 'One exercise', 600, school),
      pace,
      blocks: [newBlock('block', 'Only', [item])],
    };
    return buildTimeline({ plan, find: () => exercise }).totalMs;
  };
  const of = (which: 'least' | 'usual' | 'most') => ({
    new: at(which, 'new'),
    'seen-once': at(which, 'seen-once'),
    known: at(which, 'known'),
  });
  return { least: of('least'), usual: of('usual'), most: of('most') };
}
