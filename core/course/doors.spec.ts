import type { Course, Off } from './course';
import { type SoFar, doorsIn, doorsOf, weekStates, weeksGiven } from './doors';
import { heldOf, sessionsOf } from './sessions';
import { newCourse, templateOf } from './templates';

const course = (change: Partial<Course> = {}): Course => ({
  ...newCourse('kurs', 'Spring', '2026-03-02', 'Europe/London'),
  weekly: [
    { weekday: 2, time: '18:30', minutes: 30 },
    { weekday: 4, time: '18:30', minutes: 30 },
  ],
  ...change,
});
const before: SoFar = { today: '2026-03-01', taught: new Set(), reachedIn: () => 0 };
const weekOfJumps = (of: Course, soFar: SoFar = before) =>
  doorsOf(of, sessionsOf(of), soFar).find(({ phase }) => phase.kind === 'jumps');
/** Keys of all classes before a date, but those of some weeks. */
const taughtUntil = (of: Course, date: string, ...missed: number[]) =>
  new Set(
    heldOf(sessionsOf(of)).flatMap((session) =>
      session.date < date && !missed.includes(session.week) ? [session.key] : [],
    ),
  );
const off = (from: string, to: string, why: Off['why']): Off => ({ from, to, why, note: '' });

describe('the doors of a course', () => {
  it('two to four weeks of basics and three to four after them give small jumps after five to eight (common practice)', () => {
    const { phases } = templateOf('new-to-jumps');
    const upTo = (kind: string, pick: 'leastWeeks' | 'mostWeeks') =>
      phases
        .slice(
          0,
          phases.findIndex((phase) => phase.kind === kind),
        )
        .reduce((sum, phase) => sum + phase[pick], 0);
    expect([upTo('unstable', 'leastWeeks'), upTo('unstable', 'mostWeeks')]).toEqual([2, 4]);
    expect([upTo('jumps', 'leastWeeks'), upTo('jumps', 'mostWeeks')]).toEqual([5, 8]);
    // the sixth week is the first in which they may be: five weeks lie behind it; with twelve there are eight
    expect(weekOfJumps(course())).toMatchObject({ opens: 5, begins: 8 });
    expect(weekOfJumps(course({ weeks: 7 }))).toMatchObject({ opens: 5 });
  });

  it('are brought by the week in which they may open, and by the one in which the plans open them', () => {
    // jumps may from the sixth week on, and twelve weeks leave eight before them
    const doors = doorsOf(course(), sessionsOf(course()), before);
    const kinds = (week: number) => doorsIn(doors, week).map(({ phase }) => phase.kind);
    expect(kinds(5)).toEqual(['jumps']);
    expect(kinds(8)).toEqual(['jumps']);
    expect([kinds(0), kinds(6), kinds(7)]).toEqual([[], [], []]);
  });

  it('shares out what a course has beyond the least, a week at a time, and the last phase takes the rest', () => {
    const { phases } = templateOf('new-to-jumps');
    expect(weeksGiven(phases, 6)).toEqual([1, 1, 3, 1]);
    expect(weeksGiven(phases, 8)).toEqual([2, 2, 3, 1]);
    expect(weeksGiven(phases, 12)).toEqual([2, 2, 4, 4]);
    expect(weeksGiven(phases, 20)).toEqual([2, 2, 4, 12]);
  });

  it('a closed week moves them by one, a show moves nobody', () => {
    const closed = course({ off: [off('2026-03-16', '2026-03-22', 'closed')] });
    expect(weekOfJumps(closed)).toMatchObject({ opens: 6, begins: 9 });
    const show = course({ off: [off('2026-03-16', '2026-03-22', 'show')] });
    expect(weekOfJumps(show)?.opens).toBe(5);
  });

  it('a missed week moves them by one; half a missed week does not', () => {
    const of = course();
    const soFar = (...missed: number[]): SoFar => ({
      ...before,
      today: '2026-03-23',
      taught: taughtUntil(of, '2026-03-23', ...missed),
    });
    expect(weekOfJumps(of, soFar())).toMatchObject({ opens: 5, begins: 8, unmoved: 8 });
    expect(weekOfJumps(of, soFar(1))).toMatchObject({ opens: 6, begins: 9, unmoved: 8 });
    const half = new Set([...taughtUntil(of, '2026-03-23')].filter((key) => key !== '2026-03-10'));
    expect(weekOfJumps(of, { ...before, today: '2026-03-23', taught: half })).toMatchObject({ opens: 5, begins: 8 });
  });

  it('weeks alone do not open it: classes must have been attended too', () => {
    const of = course({ weekly: [{ weekday: 2, time: '18:30', minutes: 30 }] });
    // one class a week: five weeks bring five of the eight classes that it asks
    expect(weekOfJumps(of)).toMatchObject({ opens: 8, waits: [{ code: 'sessions', has: 7, needs: 8 }] });
  });

  it('nor do weeks and classes: a level that was not reached keeps it shut', () => {
    const level = { exerciseId: 'one-leg-stand', rungId: 'one-finger' };
    const phases = course().phases.map((phase) => (phase.kind === 'jumps' ? { ...phase, checks: [level] } : phase));
    const of = course({ phases });
    expect(weekOfJumps(of, { ...before, reachedIn: () => null })).toMatchObject({
      opens: null,
      begins: null,
      waits: [{ code: 'checks', levels: [level] }],
    });
    expect(weekOfJumps(of, { ...before, reachedIn: () => 9 })).toMatchObject({ opens: 9, begins: 9 });
  });

  it('a class of today may still be taught; one of yesterday was missed', () => {
    const of = course({ weekly: [{ weekday: 2, time: '18:30', minutes: 30 }] });
    const state = (today: string) => weekStates(of, sessionsOf(of), { ...before, today })[0];
    expect(state('2026-03-03')).toBe('coming');
    expect(state('2026-03-04')).toBe('missed');
  });

  it('for a troupe that jumps already they ask for no weeks of theirs', () => {
    const { phases } = templateOf('jumps-already');
    expect(weekOfJumps(course({ phases: [...phases], newToImpact: false }))?.opens).toBeLessThanOrEqual(2);
  });
});
