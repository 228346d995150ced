import { noHistory } from '@core/compose';
import { type Course, composeCourse, mondayOf, newCourse, standsIn, toCome } from '@core/course';
import { dateOf, dayOf } from '@core/measure';
import { roomOf } from '@core/roster';
import type { Server } from '../compose';

/** The lunch group's winter: begun three weeks ago, the second week missed in a storm, the hall closed later; invented. */
export function addDemoCourse({ courses }: Pick<Server, 'courses'>, nowMs: number): void {
  const today = new Date(nowMs).toISOString().slice(0, 10);
  const monday = dayOf(mondayOf(today)) - 21;
  const date = (week: number, weekday: number): string => dateOf(monday + 7 * week + weekday - 1);
  const empty = newCourse('demo-winter', 'Winter lunches at Saltmarsh Hall', date(0, 1), 'Europe/London');
  const course: Course = {
    ...empty,
    groupId: 'demo-lunch',
    weekly: [
      { weekday: 2, time: '12:15', minutes: 25 },
      { weekday: 4, time: '12:15', minutes: 25 },
    ],
    off: [{ from: date(6, 1), to: date(6, 7), why: 'closed', note: 'The hall floor is oiled' }],
    taught: [date(0, 2), date(0, 4), date(2, 2), date(2, 4), date(3, 2), date(3, 4)].filter((day) => day < today),
    aims: [
      { exerciseId: 'short-foot', rungId: 'one-foot' },
      { exerciseId: 'two-foot-rise', rungId: 'tap' },
      { exerciseId: 'one-leg-stand', rungId: 'free' },
      { exerciseId: 'four-toes-up', rungId: 'free' },
    ],
    brief: {
      ...empty.brief,
      people: 11,
      kit: { chair: 12, wall: 1, mat: 12, band: 3, 'soft-ball': 11, cushion: 11, step: 11, block: 11 },
    },
  };
  courses.save(course.id, { basedOn: null, course });
}

/** Its next classes, so many, as the course makes them: composed for the group, after what it was taught. */
export function addDemoCourseClasses(
  { courses, library, people, preferences }: Pick<Server, 'courses' | 'library' | 'people' | 'preferences'>,
  nowMs: number,
  many = 2,
): void {
  const { course: bare, version } = courses.page('demo-winter');
  const today = new Date(nowMs).toISOString().slice(0, 10);
  const students = people.people.members('demo-lunch').map(({ student }) => student);
  const notes = people.notes.of(students.map(({ id }) => id));
  // the classes know who comes
  const course = { ...bare, brief: { ...bare.brief, ...roomOf(students) } };
  courses.save(course.id, { basedOn: version, course });
  const offers = library.current();
  const exerciseOf = (id: string) => offers.find(({ exercise }) => exercise.id === id)?.exercise ?? null;
  const { times, last } = people.taught('demo-lunch');
  const { school, pace } = preferences.read();
  const composing = composeCourse({
    course,
    today,
    taught: course.taught,
    library: offers.map(({ revision, exercise }) => ({ revision, exercise })),
    school,
    pace,
    roster: { students, notes },
    stands: standsIn(students, notes, exerciseOf),
    history: { ...noHistory, times, last: last?.items ?? [] },
    given: [],
    only: toCome(course, new Set(course.taught), { date: today, time: '00:00' })
      .slice(0, many)
      .map(({ key }) => key),
    turn: 0,
  });
  let step = composing.next();
  while (!step.done) step = composing.next();
  const classes = step.value.made.map(({ key, plan }) => ({ key, plan }));
  if (classes.length > 0) courses.make(course.id, { classes });
}
