import { fullWeeks, outsideWords } from './full-weeks';
import { sessionsOf } from './sessions';
import { newCourse } from './templates';

const course = {
  ...newCourse('spring', 'Spring', '2026-03-02', 'Europe/London'),
  weeks: 4,
  weekly: [2, 4].map((weekday) => ({ weekday, time: '18:00', minutes: 30 })),
  off: [{ from: '2026-03-19', to: '2026-03-19', why: 'closed' as const, note: '' }],
};

const all = new Set(sessionsOf(course).map(({ key }) => key));

describe('weeks that others are compared with', () => {
  it('are those whose classes were all taught, and those to come with none off', () => {
    const taught = new Set(['2026-03-03', '2026-03-05', '2026-03-10']);
    // the second week missed its Thursday, the third is closed on one
    expect(fullWeeks(course, '2026-03-16', taught, all)).toEqual([true, false, false, true]);
  });

  it('has none where there are no classes', () => {
    expect(fullWeeks({ ...course, weekly: [] }, '2026-03-01', new Set(), all)).toEqual([false, false, false, false]);
  });

  it('has not one with a class of which nobody knows what was in it', () => {
    const some = new Set([...all].filter((key) => key !== '2026-03-05'));
    expect(fullWeeks(course, '2026-03-01', new Set(), some)).toEqual([false, true, false, true]);
  });

  it('what is outside class is told on one foot, and what is not known is not counted', () => {
    expect(outsideWords({ outside: { hours: 6, landings: 400 } })).toContain('400 landings: 200 on a foot');
    expect(outsideWords({ outside: { hours: 6, landings: 0 } })).toContain('Rises outside class nobody has counted');
    expect(outsideWords({ outside: { hours: 0, landings: 0 } })).toBe('');
  });
});
