import type { Exercise } from '../exercise';
import type { CoursePlan } from './course-plan';
import { heldOf, weekdayOf } from './sessions';
import { phaseNames } from './templates';

/** What a change of a course brings with it, in words, what matters most first. */
export interface Follows {
  readonly words: readonly string[];
  /** Keys of classes that would be another class: their levels or their leading foot are others. */
  readonly others: readonly string[];
}

const weekWords = (week: number | null): string => (week === null ? 'never' : `in week ${week + 1}`);

/** Holds a course against what it was before a change: doors, classes, levels, feet, days. */
export function whatFollows(before: CoursePlan, after: CoursePlan, words: 'plain' | 'anatomical'): Follows {
  const [was, is] = [heldOf(before.sessions), heldOf(after.sessions)];
  const said: string[] = [];
  for (const door of after.doors) {
    const other = before.doors.find(({ phase }) => phase.kind === door.phase.kind);
    if (other && other.begins !== door.begins)
      said.push(`“${phaseNames[door.phase.kind]}” begins ${weekWords(door.begins)}, not ${weekWords(other.begins)}.`);
  }
  if (was.length !== is.length) said.push(`${is.length} classes, not ${was.length}.`);
  for (const climb of after.climbs) {
    const other = before.climbs.find(({ exercise }) => exercise.id === climb.exercise.id);
    if (other && endOf(other) !== endOf(climb)) said.push(endWords(climb.exercise, other, climb, words));
  }
  const empty = emptyWeeks(after).filter((week) => !emptyWeeks(before).includes(week));
  if (empty.length > 0) said.push(`No class ${list(empty.map((week) => weekWords(week)))}.`);
  const full = fullWeeks(after).filter((week) => !fullWeeks(before).includes(week));
  for (const week of full)
    said.push(`${is.filter((session) => session.week === week).length} classes ${weekWords(week)}.`);
  for (const session of is) {
    const other = was.find(({ key }) => key === session.key);
    if (other && other.number !== session.number && (other.moved !== session.moved || other.date !== session.date))
      said.push(`It is class ${session.number}, not ${other.number}.`);
  }
  const fresh = after.faults.filter((fault) => !before.faults.some((one) => one.words === fault.words));
  said.push(...fresh.map((fault) => fault.words));
  const turned = is.filter((session) => was.some(({ key, lead }) => key === session.key && lead !== session.lead));
  if (turned.length > 0)
    said.push(`The other foot leads in ${turned.length === 1 ? 'one class' : `${turned.length} classes`}.`);
  const others = is.filter(({ key, lead }) => {
    const held = was.find((session) => session.key === key);
    return held?.lead !== lead || levelsAt(before, key) !== levelsAt(after, key);
  });
  return { words: said, others: others.map(({ key }) => key) };
}

const endOf = ({ to, short }: CoursePlan['climbs'][number]): number => to - (short?.levels ?? 0);

function endWords(
  exercise: Exercise,
  was: CoursePlan['climbs'][number],
  is: CoursePlan['climbs'][number],
  words: 'plain' | 'anatomical',
): string {
  const name = (climb: CoursePlan['climbs'][number]) => exercise.ladder?.rungs[endOf(climb)]?.name ?? '';
  return `“${exercise.name[words]}” ends on “${name(is)}”, not “${name(was)}”.`;
}

const levelsAt = ({ climbs }: CoursePlan, key: string): string =>
  climbs.map(({ exercise, at }) => `${exercise.id} ${at.get(key) ?? '-'}`).join(' ');

const countsOf = ({ sessions }: CoursePlan): Map<number, number> => {
  const counts = new Map(sessions.map(({ week }) => [week, 0]));
  for (const { week } of heldOf(sessions)) counts.set(week, (counts.get(week) ?? 0) + 1);
  return counts;
};
const emptyWeeks = (plan: CoursePlan): number[] =>
  [...countsOf(plan)].flatMap(([week, count]) => (count === 0 ? [week] : []));

/** Weeks with more classes than the course has days in a week. */
function fullWeeks(plan: CoursePlan): number[] {
  const days = new Set(plan.sessions.map(({ key }) => weekdayOf(key))).size;
  return [...countsOf(plan)].flatMap(([week, count]) => (count > days ? [week] : []));
}

const list = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`;
