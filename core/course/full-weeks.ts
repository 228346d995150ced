import type { Course } from './course';
import { sessionsOf } from './sessions';

/**
 * Whether each week of a course is held as it stands: none of its dates off, and all of those that are behind taught. What
 * comes after is compared with such a week alone, since after a week with half its classes any week is a jump.
 * @param today local date
 * @param taught keys of classes that were taught
 * @param known keys of classes of which is known what is in them: a week with another says too little
 */
export function fullWeeks(
  course: Course,
  today: string,
  taught: ReadonlySet<string>,
  known: ReadonlySet<string>,
): boolean[] {
  const sessions = sessionsOf(course);
  return Array.from({ length: course.weeks }, (_, week) => {
    const here = sessions.filter((session) => session.week === week);
    const isHeld = here.every(({ key, date, off }) => off === null && (date >= today || taught.has(key)));
    return here.length > 0 && isHeld && here.every(({ key }) => known.has(key));
  });
}

/** What of the landings comes from outside class, in words; empty where nothing does. */
export function outsideWords({ outside: { hours, landings } }: Pick<Course, 'outside'>): string {
  if (hours + landings === 0) return '';
  const counted =
    landings === 0 ? '' : `, with ${landings} landings: ${Math.round(landings / 2)} on a foot, in every week here`;
  return `Outside class ${hours} h a week${counted}. They come first, and classes add to them. Rises outside class nobody has counted, so they are not in here.`;
}
