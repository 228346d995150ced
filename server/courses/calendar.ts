import ical from 'ical-generator';
import { Temporal } from 'temporal-polyfill';
import { type Course, type GivenOut, heldOf, sessionsOf } from '@core/course';

/**
 * The classes of courses as a calendar file (RFC 5545). Each is an event of its own, at its instant, so that no calendar has
 * to know the zone or its changes of the clock; dates off are whole days that keep nobody busy.
 * So is homework, over all of its days.
 * @param at instant of the file, ISO
 */
export function calendarOf(courses: readonly Course[], at: string, homework: readonly GivenOut[] = []): string {
  const calendar = ical({
    name: courses.length === 1 ? (courses[0]?.title ?? 'Needlework') : 'Needlework',
    prodId: { company: 'Needlework', product: 'Needlework', language: 'EN' },
  });
  const stamp = new Date(at);
  const wholeDays = (id: string, from: string, to: string, summary: string): void => {
    calendar.createEvent({
      id: `${id}@needlework`,
      start: new Date(`${from}T00:00:00Z`),
      end: new Date(Date.parse(`${to}T00:00:00Z`) + 86_400_000),
      allDay: true,
      timezone: 'UTC',
      summary,
      stamp,
    });
  };
  for (const course of courses) {
    for (const { key, date, time, minutes, number } of heldOf(sessionsOf(course))) {
      const start = Temporal.PlainDateTime.from(`${date}T${time}`).toZonedDateTime(course.zone);
      calendar.createEvent({
        id: `${course.id}-${key}@needlework`,
        start: new Date(start.epochMilliseconds),
        end: new Date(start.add({ minutes }).epochMilliseconds),
        summary: `${course.title} ${number}`,
        stamp,
      });
    }
    for (const { from, to, why, note } of course.off)
      wholeDays(`${course.id}-off-${from}`, from, to, `${course.title}: ${note === '' ? why : note}`);
  }
  for (const { id, title, who, from, to } of homework)
    wholeDays(`${id}-homework`, from, to, who === '' ? title : `${title}, ${who}`);
  return calendar.toString();
}
