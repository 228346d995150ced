import type { DeskGroup, DeskSession } from '@core/contract';
import { dayOf } from '@core/measure/day';
import { initialsIn } from '@core/roster/initials';
import { sayDay } from '../../parts/saying/date-words';

/** A date as one says it from another: "today", "tomorrow", "Tue 1 December". */
export function dayWords(date: string, today: string): string {
  const days = dayOf(date) - dayOf(today);
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days === -1) return 'yesterday';
  return sayDay(date);
}

const some = (n: number, one: string): string => `${n} ${one}${n === 1 ? '' : 's'}`;

/** How long until a class begins: "in 40 minutes", "in 3 days"; or that it is on. */
export function untilWords(startsAt: string, nowMs: number): string {
  const minutes = Math.ceil((Date.parse(startsAt) - nowMs) / 60_000);
  if (minutes <= 0) return minutes === 0 ? 'now' : `began ${some(-minutes, 'minute')} ago`;
  if (minutes < 90) return `in ${some(minutes, 'minute')}`;
  const hours = Math.round(minutes / 60);
  return hours < 36 ? `in ${hours} hours` : `in ${Math.round(hours / 24)} days`;
}

/** "class 9 of 22, 25 minutes". */
export const sessionWords = ({ number, of, minutes }: DeskSession): string =>
  `class ${number} of ${of}, ${minutes} minutes`;

/** What people of a group are called on this screen. */
export function namesOf({ students }: DeskGroup, others: boolean): (id: string) => string {
  const names = others ? initialsIn(students) : new Map(students.map(({ id, name }) => [id, name]));
  return (id) => names.get(id) ?? '';
}

/** Somebody on a ladder that several of a group go up at once; down it is one by one, each with why. */
export interface ReadyOn {
  readonly exerciseId: string;
  readonly exercise: string;
  readonly people: readonly string[];
}

/** Who is ready for more, by exercise: the ladder of most people first. */
export function readyOn(group: DeskGroup, nameOf: (id: string) => string): ReadyOn[] {
  const ladders = new Map<string, { exerciseId: string; exercise: string; people: string[] }>();
  for (const { exerciseId, exercise, studentId, verdict } of group.moves) {
    if (verdict !== 'up') continue;
    const ladder = ladders.get(exerciseId) ?? { exerciseId, exercise, people: [] };
    ladder.people.push(nameOf(studentId));
    ladders.set(exerciseId, ladder);
  }
  return [...ladders.values()].sort((a, b) => b.people.length - a.people.length);
}

/** More names than these in a line are a number. */
export const mostInLine = 6;
