import ICAL from 'ical.js';
import { type Course, newCourse } from '@core/course';
import { calendarOf } from './calendar';

const course: Course = {
  ...newCourse('spring', 'Spring; feet, and more', '2026-03-23', 'Europe/London'),
  weeks: 2,
  off: [{ from: '2026-03-25', to: '2026-03-26', why: 'closed', note: 'Floor is sanded' }],
};
/** Read by ical.js, another package than the one that writes. */
const read = (of: readonly Course[]) =>
  ICAL.Component.fromString(calendarOf(of, '2026-03-01T00:00:00.000Z'))
    .getAllSubcomponents('vevent')
    .map((component) => new ICAL.Event(component));

describe('courses as a calendar file (RFC 5545)', () => {
  it('has each class at its instant: half an hour later by the clock of the world once summer time begins', () => {
    const classes = read([course]).filter(({ startDate }) => !startDate.isDate);
    // 18:00 in London is 18:00 UTC on 24 March, and 17:00 UTC on 31 March 2026
    expect(classes.map(({ startDate }) => startDate.toJSDate().toISOString())).toEqual([
      '2026-03-24T18:00:00.000Z',
      '2026-03-31T17:00:00.000Z',
    ]);
    expect(classes.map(({ duration }) => duration.toSeconds())).toEqual([1800, 1800]);
    expect(classes[0]?.summary).toBe('Spring; feet, and more 1');
  });

  it('has dates off as whole days, the last one with them', () => {
    const [off] = read([course]).filter(({ startDate }) => startDate.isDate);
    expect([off?.startDate.toString(), off?.endDate.toString()]).toEqual(['2026-03-25', '2026-03-27']);
    expect(off?.summary).toContain('Floor is sanded');
  });

  it('names each class for good, wherever it is moved: a calendar that takes the file twice has it once', () => {
    const uids = (of: Course) => read([of]).map(({ uid }) => uid);
    const moved = { ...course, moved: [{ from: '2026-03-24', to: '2026-03-27', time: '17:00' }] };
    expect(new Set(uids(moved))).toEqual(new Set(uids(course)));
    expect(new Set(uids(course)).size).toBe(3);
  });

  it('has homework over all of its days', () => {
    const sheet = { id: 'home', title: 'Between classes', who: 'Lunch', from: '2026-03-23', to: '2026-04-05' };
    const [event] = ICAL.Component.fromString(calendarOf([], '2026-03-01T00:00:00.000Z', [sheet]))
      .getAllSubcomponents('vevent')
      .map((component) => new ICAL.Event(component));
    expect([event?.startDate.toString(), event?.endDate.toString()]).toEqual(['2026-03-23', '2026-04-06']);
    expect(event?.summary).toBe('Between classes, Lunch');
  });

  it('has all courses in one file', () => {
    expect(read([course, { ...course, id: 'autumn', title: 'Autumn' }])).toHaveLength(6);
    expect(read([])).toEqual([]);
  });
});
