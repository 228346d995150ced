import ICAL from 'ical.js';
import { type Result, ok, refuse } from '@core/result';
import { LocalDate } from '@core/measure';

/** Something in a calendar file, as whole days. */
export interface CalendarDays {
  readonly from: string;
  readonly to: string;
  readonly title: string;
  readonly allDay: boolean;
}

export interface CalendarFile {
  readonly events: readonly CalendarDays[];
  /** What could not be read as it is written, in words; nothing of it is lost without a word. */
  readonly told: readonly string[];
}

/** Repeats are followed so many times: every day for fifty years. */
const mostRepeats = 20_000;
/** Bytes of a calendar file that anybody has. */
export const longestCalendar = 5_000_000;

/**
 * Reads the days of a calendar file (RFC 5545) between two dates. A zone that the file names and does not describe is told:
 * its times are taken as they stand on the wall, which for whole days is all that is asked.
 */
export function readCalendar(text: string, from: string, to: string): Result<CalendarFile, string> {
  let calendar: ICAL.Component;
  try {
    calendar = ICAL.Component.fromString(text);
  } catch {
    return refuse('This is no calendar file, or it is cut off. Nothing was taken from it.');
  }
  if (calendar.name !== 'vcalendar') return refuse('This file holds no calendar. Nothing was taken from it.');
  const zones = new Set(
    calendar.getAllSubcomponents('vtimezone').map((zone) => String(zone.getFirstPropertyValue('tzid'))),
  );
  const told = new Set<string>();
  const events: CalendarDays[] = [];
  for (const component of calendar.getAllSubcomponents('vevent')) {
    const event = new ICAL.Event(component);
    try {
      const start = component.getFirstProperty('dtstart');
      const zone = start?.getFirstParameter('tzid');
      if (zone && !zones.has(zone))
        told.add(`The zone “${zone}” is not described in the file: its times are taken as they stand.`);
      for (const first of startsOf(event, from, to)) {
        const days = daysOf(event, first);
        if (days.to >= from && days.from <= to) events.push(days);
      }
    } catch {
      told.add(`One event cannot be read and is left out: “${event.summary || 'without a name'}”.`);
    }
  }
  events.sort((a, b) => a.from.localeCompare(b.from) || a.title.localeCompare(b.title));
  return ok({ events, told: [...told] });
}

/** The starts of an event up to a date; of one that comes back, none that lie long before the other. */
function startsOf(event: ICAL.Event, from: string, to: string): ICAL.Time[] {
  if (!event.isRecurring()) return [event.startDate];
  const starts: ICAL.Time[] = [];
  const repeats = event.iterator();
  let followed = 0;
  for (let next = repeats.next(); next && followed < mostRepeats; next = repeats.next()) {
    followed += 1;
    const date = dateOf(next);
    if (date > to) break;
    if (date.slice(0, 4) >= String(Number(from.slice(0, 4)) - 1)) starts.push(next);
  }
  return starts;
}

const dateOf = (time: ICAL.Time): string => {
  const two = (n: number) => String(n).padStart(2, '0');
  return LocalDate.parse(`${String(time.year).padStart(4, '0')}-${two(time.month)}-${two(time.day)}`);
};

/** The days an event lies on; the end of a whole day is the day after it. */
function daysOf(event: ICAL.Event, first: ICAL.Time): CalendarDays {
  const end = first.clone();
  end.addDuration(event.duration);
  if (end.compare(first) > 0) end.adjust(first.isDate ? -1 : 0, 0, 0, first.isDate ? 0 : -1);
  const [from, to] = [dateOf(first), dateOf(end)];
  return { from, to: to < from ? from : to, title: event.summary || 'without a name', allDay: first.isDate };
}
