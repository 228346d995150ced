import { usualBrief } from '../compose';
import { defaultSchool } from '../exercise';
import { catalogue } from '../exercise/catalogue';
import type { Course } from './course';
import { coursePlanOf } from './course-plan';
import { newCourse } from './templates';
import { whatFollows } from './what-follows';

const byId = new Map(catalogue.map((exercise) => [exercise.id, exercise]));
const course: Course = {
  ...newCourse('kurs', 'Spring', '2026-03-02', 'Europe/London'),
  weeks: 8,
  weekly: [2, 4].map((weekday) => ({ weekday, time: '18:30', minutes: 30 })),
  aims: [{ exerciseId: 'one-leg-stand', rungId: 'crossed' }],
  brief: { ...usualBrief, kit: { ...usualBrief.kit, cushion: 12 } },
};
const planOf = (of: Course) =>
  coursePlanOf({
    course: of,
    today: '2026-03-01',
    taught: new Set(),
    school: defaultSchool,
    exerciseOf: (id) => byId.get(id) ?? null,
    standsOn: () => null,
    given: new Map(),
  });
const follows = (change: Partial<Course>) => whatFollows(planOf(course), planOf({ ...course, ...change }), 'plain');
const off = (from: string, to: string, why: 'closed' | 'show' = 'closed') => ({ off: [{ from, to, why, note: '' }] });

describe('what follows when a course is changed', () => {
  it('a class moved within its week: nothing', () => {
    expect(follows({ moved: [{ from: '2026-03-03', to: '2026-03-04', time: null }] })).toEqual({
      words: [],
      others: [],
    });
  });

  it('a class moved past another one: its number, and the feet that lead', () => {
    const { words, others } = follows({ moved: [{ from: '2026-03-03', to: '2026-03-06', time: null }] });
    expect(words).toContain('It is class 2, not 1.');
    expect(words).toContain('The other foot leads in 2 classes.');
    expect(others).toEqual(expect.arrayContaining(['2026-03-03', '2026-03-05']));
  });

  it('a class moved into the next week: which week has more', () => {
    const { words } = follows({ moved: [{ from: '2026-03-05', to: '2026-03-09', time: null }] });
    expect(words).toContain('3 classes in week 2.');
  });

  it('a closed week: the doors behind it, the number of classes, the week without one', () => {
    const { words } = follows(off('2026-03-09', '2026-03-15'));
    expect(words).toContain('14 classes, not 16.');
    expect(words).toContain('No class in week 2.');
    expect(words.some((said) => /begins in week \d+, not in week \d+/.test(said))).toBe(true);
  });

  it('a show in the place of a week moves no door', () => {
    const { words } = follows(off('2026-03-09', '2026-03-15', 'show'));
    expect(words.some((said) => said.includes('begins'))).toBe(false);
  });

  it('fewer weeks: the aim that is not reached any more, by name', () => {
    const { words } = follows({ weeks: 3 });
    expect(words.some((said) => said.startsWith('“Stand on one leg” ends on “'))).toBe(true);
  });
});
