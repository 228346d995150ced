import { barOf } from '../compose';
import type { Exercise } from '../exercise';
import type { Course } from './course';
import { type CoursePlanAsked, layOut } from './course-plan';

/**
 * Ladders that a course begins with, by who comes: the foot's own work, a rise, one leg, and what comes last; of each row
 * the first that the kit, the people and the school leave room for (Needlework's own).
 */
const usual: Readonly<Record<Course['brief']['who'], readonly (readonly string[])[]>> = {
  general: [['short-foot'], ['two-foot-rise'], ['one-leg-stand'], ['soft-step-down', 'pillow-stand']],
  mixed: [['short-foot'], ['two-foot-rise'], ['one-leg-stand'], ['soft-step-down', 'unstable-stand', 'pillow-stand']],
  dancers: [['short-foot'], ['single-leg-rise', 'two-foot-rise'], ['one-leg-stand'], ['small-jumps']],
};

/** Ladders offered at first, each as far up as these weeks carry all of them together: tried, level by level. */
export function usualAims(asked: CoursePlanAsked): Course['aims'] {
  const { brief } = asked.course;
  const school = { ...asked.school, ...brief.school };
  const known = usual[brief.who].flatMap((row): Exercise[] => {
    const may = row.flatMap((id) => asked.exerciseOf(id) ?? []);
    const found = may.find(
      (exercise) => exercise.ladder && !('why' in barOf(exercise, exercise.ladder.startRung, brief, school, false)),
    );
    return found ? [found] : [];
  });
  const start = (exercise: Exercise): number => {
    const rungs = exercise.ladder?.rungs ?? [];
    const stands = asked.standsOn(exercise.id) ?? exercise.ladder?.startRung;
    return Math.max(
      0,
      rungs.findIndex(({ id }) => id === stands),
    );
  };
  const at = new Map(known.map((exercise) => [exercise.id, start(exercise)]));
  const aimsOf = (): Course['aims'] =>
    known.flatMap((exercise) => {
      const rung = exercise.ladder?.rungs[at.get(exercise.id) ?? 0];
      return rung ? [{ exerciseId: exercise.id, rungId: rung.id }] : [];
    });
  const isReached = (): boolean => {
    const { climbs } = layOut({ ...asked, course: { ...asked.course, aims: aimsOf() } });
    return climbs.every(({ short, at: classes }) => short === null && classes.size > 0);
  };
  const open = new Set(known.map(({ id }) => id));
  while (open.size > 0)
    for (const exercise of known) {
      if (!open.has(exercise.id)) continue;
      const before = at.get(exercise.id) ?? 0;
      if (before + 1 >= (exercise.ladder?.rungs.length ?? 0)) {
        open.delete(exercise.id);
        continue;
      }
      at.set(exercise.id, before + 1);
      if (isReached()) continue;
      at.set(exercise.id, before);
      open.delete(exercise.id);
    }
  // a ladder that these weeks never reach is none of theirs
  return aimsOf().filter(({ exerciseId }) => {
    const { climbs } = layOut({ ...asked, course: { ...asked.course, aims: aimsOf() } });
    return climbs.some(({ exercise, at: classes }) => exercise.id === exerciseId && classes.size > 0);
  });
}
