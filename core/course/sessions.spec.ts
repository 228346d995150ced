import { Temporal } from 'temporal-polyfill';
import { dice } from '../dice';
import type { Course } from './course';
import { heldOf, mondaysOf, sessionsOf, weekdayOf } from './sessions';
import { newCourse } from './templates';

const course = (change: Partial<Course>): Course => ({
  ...newCourse('kurs', 'Spring', '2026-03-02', 'Europe/London'),
  ...change,
});
const on = (...weekdays: number[]) => weekdays.map((weekday) => ({ weekday, time: '18:30', minutes: 30 }));
const dates = (of: Course) => heldOf(sessionsOf(of)).map(({ date }) => date);

describe('the dates of a course', () => {
  it('are those of its weekdays, from the first day on', () => {
    // 2 March 2026 is a Monday; a course that begins on Wednesday has no Tuesday in its first week
    expect(dates(course({ from: '2026-03-04', weeks: 2, weekly: on(2, 4) }))).toEqual([
      '2026-03-05',
      '2026-03-10',
      '2026-03-12',
    ]);
  });

  it('agree with another package over leap days, the turn of the year, week 53 and the changes of the clock', () => {
    // Temporal (the polyfill): ISO weekday and week, days added on the calendar
    const roll = dice(53);
    for (let i = 0; i < 400; i++) {
      const from = Temporal.PlainDate.from('1999-12-20').add({ days: roll(366 * 60) });
      const weekday = 1 + roll(7);
      const of = course({ from: from.toString(), weeks: 1 + roll(52), weekly: on(weekday) });
      const monday = from.subtract({ days: from.dayOfWeek - 1 });
      const expected = Array.from({ length: of.weeks }, (_, week) =>
        monday.add({ weeks: week, days: weekday - 1 }),
      ).filter((date) => Temporal.PlainDate.compare(date, from) >= 0);
      expect(dates(of)).toEqual(expected.map(String));
      expect(expected.every((date) => weekdayOf(date.toString()) === date.dayOfWeek)).toBe(true);
      expect(mondaysOf(of)[0]).toBe(monday.toString());
    }
    const inWeek53 = course({ from: '2026-12-28', weeks: 2, weekly: on(4) });
    expect(Temporal.PlainDate.from('2026-12-31').weekOfYear).toBe(53);
    expect(dates(inWeek53)).toEqual(['2026-12-31', '2027-01-07']);
    expect(dates(course({ from: '2028-02-28', weeks: 1, weekly: on(2) }))).toEqual(['2028-02-29']);
  });

  it('stay at their time of the wall when the clocks change', () => {
    const spring = course({ from: '2026-03-23', weeks: 2, weekly: on(2) });
    const at = heldOf(sessionsOf(spring)).map(({ date, time }) =>
      Temporal.PlainDateTime.from(`${date}T${time}`).toZonedDateTime(spring.zone).toInstant().toString(),
    );
    // 29 March 2026: British summer time begins
    expect(at).toEqual(['2026-03-24T18:30:00Z', '2026-03-31T17:30:00Z']);
  });

  it('leave out what is off, and keep what was moved away from it', () => {
    const off = [{ from: '2026-03-10', to: '2026-03-12', why: 'closed' as const, note: 'Floor is sanded' }];
    const closed = course({ weeks: 2, weekly: on(2, 4), off });
    expect(dates(closed)).toEqual(['2026-03-03', '2026-03-05']);
    const moved = [{ from: '2026-03-12', to: '2026-03-13', time: '17:00' }];
    const session = heldOf(sessionsOf({ ...closed, moved })).at(-1);
    expect(session).toMatchObject({ key: '2026-03-12', date: '2026-03-13', time: '17:00', moved: true, number: 3 });
  });

  it('are in the order of their dates, also past one another', () => {
    const moved = [{ from: '2026-03-03', to: '2026-03-06', time: null }];
    const sessions = sessionsOf(course({ weeks: 1, weekly: on(2, 4), moved }));
    expect(sessions.map(({ key, number }) => [key, number])).toEqual([
      ['2026-03-05', 1],
      ['2026-03-03', 2],
    ]);
  });
});

describe('the foot that starts', () => {
  const leads = (of: Course) =>
    heldOf(sessionsOf(of))
      .map(({ lead }) => lead.charAt(0))
      .join('');

  it('turns with each class, once a week and three times a week', () => {
    expect(leads(course({ weeks: 4, weekly: on(2) }))).toBe('lrlr');
    expect(leads(course({ weeks: 2, weekly: on(1, 3, 5) }))).toBe('lrlrlr');
  });

  it('turns once more each week with two classes, since else Tuesday would always lead left', () => {
    expect(leads(course({ weeks: 3, weekly: on(2, 4) }))).toBe('lrrllr');
  });

  it('does not count a week in which nothing is taught', () => {
    const off = [{ from: '2026-03-09', to: '2026-03-15', why: 'closed' as const, note: '' }];
    expect(leads(course({ weeks: 3, weekly: on(2, 4), off }))).toBe('lrrl');
  });
});
