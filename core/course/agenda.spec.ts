import { Temporal } from 'temporal-polyfill';
import { type AgendaOf, agendaOf, monthAfter, weeksOfMonth } from './agenda';
import type { Course } from './course';
import { newCourse } from './templates';

const course: Course = {
  ...newCourse('spring', 'Spring', '2026-03-02', 'Europe/London'),
  weeks: 3,
  off: [{ from: '2026-03-10', to: '2026-03-11', why: 'show', note: 'Harbour fair' }],
};
const run = (runId: string, classId: string, date: string) => ({ runId, classId, title: 'Lunch', date, time: '12:15' });
const none = { courses: [course], logged: [], due: [], homework: [] };
const march = (more: Partial<AgendaOf> = {}) =>
  agendaOf({ ...none, ...more }, '2026-03-01', '2026-03-31').map(({ date, kind, title }) => [date, kind, title]);

describe('the agenda', () => {
  it('has the classes of courses on their dates, and what keeps them from being held', () => {
    expect(march()).toEqual([
      ['2026-03-03', 'class', 'Spring 1'],
      ['2026-03-10', 'show', 'Spring: Harbour fair'],
      ['2026-03-11', 'show', 'Spring: Harbour fair'],
      ['2026-03-17', 'class', 'Spring 2'],
    ]);
  });

  it('has a class of a course that is in the log once, as taught; and any other taught class', () => {
    const logged = [run('run-1', 'spring-2026-03-03', '2026-03-04'), run('run-2', 'other', '2026-03-05')];
    expect(march({ logged }).slice(0, 2)).toEqual([
      ['2026-03-03', 'taught', 'Spring 1'],
      ['2026-03-05', 'taught', 'Lunch'],
    ]);
  });

  it('has a class as taught that no log knows of, where its course says so', () => {
    const taught = agendaOf({ ...none, courses: [{ ...course, taught: ['2026-03-03'] }] }, '2026-03-01', '2026-03-05');
    expect(taught.map(({ kind }) => kind)).toEqual(['taught']);
  });

  it('has checks on the day from which they are due, and for how many', () => {
    const due = [{ groupId: 'lunch', check: 'Stand on one leg', date: '2026-03-20', people: 7 }];
    expect(march({ due }).at(-1)).toEqual(['2026-03-20', 'check', 'Stand on one leg: 7 people to look at again']);
  });

  it('has homework on the day it is given out and on the day it comes back, each where it lies in the month', () => {
    const sheet = { id: 'home', title: 'Between classes', who: 'Lunch', from: '2026-03-23', to: '2026-04-05' };
    expect(march({ courses: [], homework: [sheet] })).toEqual([
      ['2026-03-23', 'homework', 'Between classes, Lunch: given out'],
    ]);
    expect(
      agendaOf({ ...none, courses: [], homework: [{ ...sheet, who: '' }] }, '2026-04-01', '2026-04-30').map(
        ({ title }) => title,
      ),
    ).toEqual(['Between classes: comes back']);
  });

  it('has months in weeks from Monday on, the same as another package, over leap years and the turn of the year', () => {
    // Temporal (the polyfill): the days of each month, with the weeks they lie in
    for (let at = 0; at < 12 * 12; at++) {
      const month = monthAfter('2023-11', at);
      const first = Temporal.PlainYearMonth.from('2023-11').add({ months: at });
      expect(month).toBe(first.toString());
      const days = weeksOfMonth(month).flat();
      expect(days.filter((day) => day.startsWith(month))).toHaveLength(first.daysInMonth);
      const monday = first.toPlainDate({ day: 1 });
      expect(days[0]).toBe(monday.subtract({ days: monday.dayOfWeek - 1 }).toString());
      expect(days.length % 7).toBe(0);
      expect(Temporal.PlainDate.from(days.at(-1) ?? '').dayOfWeek).toBe(7);
    }
    expect(monthAfter('2026-01', -1)).toBe('2025-12');
  });
});
