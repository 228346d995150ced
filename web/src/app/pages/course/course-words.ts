import { Temporal } from 'temporal-polyfill';
import type { CourseClass } from '@core/contract';
import type { Course, Session } from '@core/course';

export const dayNames = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;

/** How a class of a course stands. */
export type ClassState = 'taught' | 'missed' | 'by-hand' | 'made' | 'not-made' | 'off';

export const stateWords: Readonly<Record<ClassState, string>> = {
  taught: 'taught',
  missed: 'not taught',
  'by-hand': 'changed by hand',
  made: 'made',
  'not-made': 'not made yet',
  off: 'not held',
};

export function stateOf(
  session: Session,
  found: CourseClass | undefined,
  taught: ReadonlySet<string>,
  today: string,
): ClassState {
  if (session.off) return 'off';
  if (taught.has(session.key)) return 'taught';
  if (session.date < today) return 'missed';
  if (!found || found.gone) return 'not-made';
  return found.byHand ? 'by-hand' : 'made';
}

/** "12 weeks from 2 March 2026 · Tue 18:30 and Thu 18:30". */
export function courseLine({ weeks, from, weekly }: Course): string {
  const first = Temporal.PlainDate.from(from).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'long',
    year: 'numeric',
  });
  const days = [...weekly]
    .sort((a, b) => a.weekday - b.weekday)
    .map(({ weekday, time, minutes }) => `${(dayNames[weekday - 1] ?? '').slice(0, 3)} ${time}, ${minutes} min`);
  return `${weeks} ${weeks === 1 ? 'week' : 'weeks'} from ${first}${days.length > 0 ? ` · ${days.join(' · ')}` : ''}`;
}

/** Clocks that were set back, and classes that were taught twice: counted once, and said. */
export function taughtWords(session: Session, { taught }: CourseClass): string {
  const [first] = taught;
  if (!first) return '';
  const said: string[] = [];
  if (taught.length > 1)
    said.push(`It is in the log ${taught.length} times, from more than one tablet; it counts once.`);
  const days = Temporal.PlainDate.from(session.date).until(first.startedAt.slice(0, 10), { largestUnit: 'days' }).days;
  if (Math.abs(days) > 6) {
    const clock = Temporal.PlainDate.from(first.startedAt.slice(0, 10));
    const told = clock.toLocaleString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
    said.push(`The tablet's clock said ${told}; it counts for its own date.`);
  }
  return said.join(' ');
}
