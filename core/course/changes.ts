import { type Dose, doseTime, sayDose } from '../dose';
import { type Axis, type Exercise, type School, axisNames, movedAxes, resolve } from '../exercise';
import { type Item, type Plan, itemsOf } from '../plan';

/** What became of one exercise from the class before to this one. */
export interface Change {
  readonly exerciseId: string;
  readonly name: string;
  /** `back`: it was not in the class before, but in an earlier one, and is as it was there. */
  readonly kind: 'up' | 'down' | 'more' | 'less' | 'same' | 'new' | 'back' | 'left';
  /** What moves: one axis, or two where the ladder says why. */
  readonly axes: readonly Axis[];
  readonly words: string;
}

interface Stood {
  readonly item: Item;
  readonly inLast: boolean;
}

/** Work of a dose on one foot, ms. */
const workOf = (dose: Dose, phaseSeconds: readonly number[]): number => doseTime(dose, phaseSeconds).workMs;

/**
 * What changes in a class against the ones before it, each exercise against the last class that had it: a level, or an
 * amount, never both, since a new level begins at its least dose.
 * @param before earlier classes, the newest last
 */
export function changesBetween(
  before: readonly Plan[],
  plan: Plan,
  exerciseOf: (id: string) => Exercise | null,
  school: School,
): Change[] {
  const last = before.at(-1);
  const working = (of: Plan) =>
    itemsOf(of).filter(({ recheck, exerciseId }) => !recheck && isWork(exerciseOf(exerciseId)));
  const stood = (exerciseId: string): Stood | null => {
    for (const earlier of [...before].reverse()) {
      const item = working(earlier).find((one) => one.exerciseId === exerciseId);
      if (item) return { item, inLast: earlier === last };
    }
    return null;
  };
  const here = working(plan);
  const changes = here.flatMap((item): Change[] => {
    const exercise = exerciseOf(item.exerciseId);
    return exercise ? [changeOf(stood(item.exerciseId), item, exercise, school)] : [];
  });
  const gone = last ? working(last).filter(({ exerciseId }) => !here.some((one) => one.exerciseId === exerciseId)) : [];
  return [
    ...changes,
    ...gone.flatMap(({ exerciseId }): Change[] => {
      const exercise = exerciseOf(exerciseId);
      if (!exercise) return [];
      return [{ exerciseId, name: exercise.name[school.words], kind: 'left', axes: [], words: 'rests this time' }];
    }),
  ];
}

const isWork = (exercise: Exercise | null): boolean =>
  exercise !== null && exercise.family !== 'check' && exercise.family !== 'close';

function changeOf(stood: Stood | null, item: Item, exercise: Exercise, school: School): Change {
  const base = { exerciseId: exercise.id, name: exercise.name[school.words] };
  if (!stood) return { ...base, kind: 'new', axes: [], words: 'new' };
  const rungs = exercise.ladder?.rungs ?? [];
  const at = (rungId: string | null) => rungs.findIndex(({ id }) => id === rungId);
  const [from, to] = [at(stood.item.rungId), at(item.rungId)];
  const [a, b] = [rungs[from], rungs[to]];
  if (a && b && from !== to) {
    const axes = movedAxes(a.axes, b.axes);
    const moved = axes.map((axis) => axisNames[axis]).join(' and ');
    const why = axes.length > 1 && b.why ? ` (${b.why})` : '';
    return { ...base, kind: to > from ? 'up' : 'down', axes, words: `${moved}: ${a.name} → ${b.name}${why}` };
  }
  const settled = resolve(exercise, item.rungId, school);
  const phaseSeconds = settled.ok ? settled.value.phaseSeconds : [];
  const [was, is] = [workOf(stood.item.dose, phaseSeconds), workOf(item.dose, phaseSeconds)];
  if (was === is) {
    const kind = stood.inLast ? 'same' : 'back';
    return { ...base, kind, axes: [], words: stood.inLast ? 'as last time' : 'back, as it was' };
  }
  const feet = settled.ok ? settled.value.sidePattern : 'both';
  const words = `amount: ${sayDose(stood.item.dose, feet)} → ${sayDose(item.dose, feet)}`;
  return { ...base, kind: is > was ? 'more' : 'less', axes: ['amount'], words };
}
