import { type Course, mondayOf } from '@core/course';
import { defaultSchool, resolve } from '@core/exercise';
import { type HomeFor, type HomeItem, type Homework, newHomework, oneSet, usuallyHidesIn } from '@core/homework';
import type { Server } from '../compose';

type Rhythm = Pick<HomeItem, 'rhythm' | 'sets'>;
const daily: Rhythm = { rhythm: 'daily', sets: [1, 1] };
const everyOther: Rhythm = { rhythm: 'every-other-day', sets: [2, 3] };

/** What the lunch group does between its classes, and what one of them does for a stiff ankle; invented. */
export function addDemoHomework(
  { homework, library, courses, people }: Pick<Server, 'homework' | 'library' | 'courses' | 'people'>,
  nowMs: number,
): void {
  const today = new Date(nowMs).toISOString().slice(0, 10);
  const course: Course = courses.page('demo-winter').course;
  const item = (exerciseId: string, change: Rhythm & Partial<HomeItem>): HomeItem => {
    const { exercise, revision } = library.one(exerciseId);
    const rungId = exercise.ladder?.startRung ?? null;
    const settled = resolve(exercise, rungId, defaultSchool);
    if (!settled.ok) throw new RangeError(exerciseId);
    return {
      id: `home-${exerciseId}`.slice(0, 40),
      exerciseId,
      revision,
      rungId,
      dose: oneSet(settled.value.doses.usual),
      hidesIn: usuallyHidesIn(settled.value),
      note: '',
      ...change,
    };
  };
  const put = (id: string, title: string, of: HomeFor, change: Partial<Homework>): void => {
    const sheet = { ...newHomework(id, title, of, mondayOf(today)), ...change };
    homework.save(id, { basedOn: null, homework: sheet });
  };
  put(
    'demo-home-lunch',
    'Winter lunches: between the classes',
    { kind: 'level', groupId: 'demo-lunch', words: 'everybody who holds on with fingertips', concerns: [] },
    {
      courseId: course.id,
      items: [
        item('ankle-circles', daily),
        item('toe-wave', daily),
        item('short-foot', everyOther),
        item('two-foot-rise', everyOther),
      ],
    },
  );
  const oswin = people.people.members('demo-lunch').find(({ student }) => student.name === 'Oswin Drift');
  if (!oswin) return;
  put(
    'demo-home-oswin',
    'For the stairs at the ferry',
    { kind: 'student', studentId: oswin.student.id },
    {
      minutes: 10,
      weeks: 3,
      owns: ['chair', 'wall', 'mat', 'cloth', 'step'],
      items: [
        item('calf-stretch-straight-knee', daily),
        item('big-toe-up', { ...everyOther, hidesIn: 'with the morning paper' }),
        item('rise-and-stay', everyOther),
        item('step-rise-straight-knee', { ...everyOther, note: 'The lowest stair, a hand on the rail.' }),
      ],
    },
  );
}
