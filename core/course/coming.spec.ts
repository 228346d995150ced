import { notTaught, toCome } from './coming';
import type { Course } from './course';
import { newCourse } from './templates';

/** Tuesdays and Thursdays at 18:30 from 3 March 2026 on, half an hour each; the second Tuesday is off. */
const course: Course = {
  ...newCourse('kurs', 'Spring', '2026-03-02', 'Europe/London'),
  weeks: 2,
  weekly: [
    { weekday: 2, time: '18:30', minutes: 30 },
    { weekday: 4, time: '18:30', minutes: 30 },
  ],
  off: [{ from: '2026-03-10', to: '2026-03-10', why: 'closed', note: '' }],
};
const nobody = new Set<string>();
const keys = (sessions: readonly { readonly key: string }[]) => sessions.map(({ key }) => key);

describe('what comes in a course', () => {
  it('is each class that is held, from the one that is under way on', () => {
    const at = (time: string) => keys(toCome(course, nobody, { date: '2026-03-03', time }));
    expect(at('18:29')).toEqual(['2026-03-03', '2026-03-05', '2026-03-12']);
    expect(at('18:59')).toEqual(['2026-03-03', '2026-03-05', '2026-03-12']);
    expect(at('19:00')).toEqual(['2026-03-05', '2026-03-12']);
  });

  it('is not what is in the log already, though its time is not over', () => {
    const taught = new Set(['2026-03-03']);
    expect(keys(toCome(course, taught, { date: '2026-03-03', time: '18:45' }))[0]).toBe('2026-03-05');
  });

  it('is where it was moved to, under the date that names it', () => {
    const moved: Course = { ...course, moved: [{ from: '2026-03-05', to: '2026-03-06', time: '09:00' }] };
    const [, next] = toCome(moved, nobody, { date: '2026-03-03', time: '12:00' });
    expect(next).toMatchObject({ key: '2026-03-05', date: '2026-03-06', time: '09:00' });
  });

  it('goes past midnight with its class', () => {
    const late: Course = { ...course, weekly: [{ weekday: 2, time: '23:50', minutes: 30 }] };
    expect(keys(toCome(late, nobody, { date: '2026-03-04', time: '00:10' }))).toContain('2026-03-03');
    expect(keys(toCome(late, nobody, { date: '2026-03-04', time: '00:20' }))).not.toContain('2026-03-03');
  });
});

describe('what was not taught', () => {
  it('is over, held, in no log, and not longer ago than is asked', () => {
    const now = { date: '2026-03-12', time: '19:00' };
    expect(keys(notTaught(course, new Set(['2026-03-05']), '2026-03-01', now))).toEqual(['2026-03-03', '2026-03-12']);
    expect(keys(notTaught(course, new Set(['2026-03-05']), '2026-03-04', now))).toEqual(['2026-03-12']);
    expect(keys(notTaught(course, nobody, '2026-03-01', { date: '2026-03-03', time: '18:59' }))).toEqual([]);
  });
});
