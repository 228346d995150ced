import type { Desk } from '@core/contract';
import {
  type Course,
  type OnTheWall,
  coursePlanOf,
  doorWords,
  doorsIn,
  givenIn,
  standsIn,
  taughtIn,
  toCome,
  weekOf,
  weekStates,
} from '@core/course';
import type { Exercise } from '@core/exercise';
import type { Student } from '@core/roster';
import type { CourseStore } from '../courses/store';
import type { Library } from '../exercises/store';
import type { NoteStore } from '../people/notes';
import type { PreferenceStore } from '../preferences/store';
import { Remembered } from '../remember';

/** What opens in a course in the week of its next class. */
export class CourseDoors {
  private readonly known = new Remembered<Desk['doors']>(100);

  constructor(
    private readonly courses: CourseStore,
    private readonly library: Library,
    private readonly notes: NoteStore,
    private readonly preferences: PreferenceStore,
  ) {}

  /**
   * @param students of its group
   * @param classes what its classes are, as text: another text, and it is worked out anew
   */
  of(course: Course, students: readonly Student[], now: OnTheWall, classes: string): Desk['doors'] {
    const { school } = this.preferences.read();
    const seen = students.map(({ id }) => [id, this.notes.changesOf(id)]);
    const by = JSON.stringify([course, now.date, seen, this.library.changesSoFar(), school, classes]);
    return this.known.get(course.id, by, () => {
      const page = this.courses.page(course.id);
      const known = new Map<string, Exercise | null>();
      const exerciseOf = (id: string): Exercise | null => {
        if (!known.has(id)) known.set(id, this.library.find(id)?.exercise ?? null);
        return known.get(id) ?? null;
      };
      const stands = standsIn(students, this.notes.placed(students.map(({ id }) => id)), exerciseOf);
      const taught = new Set(taughtIn(course, page.classes));
      const { doors, sessions } = coursePlanOf({
        course,
        today: now.date,
        taught,
        school,
        exerciseOf,
        standsOn: (id) => stands[id] ?? null,
        given: new Map(givenIn(page.classes).map(({ key, items }) => [key, items])),
      });
      const [next] = toCome(course, taught, now);
      if (!next) return [];
      const states = weekStates(course, sessions, { today: now.date, taught, reachedIn: () => null });
      return doorsIn(doors, weekOf(course, next.date)).map((door) => ({
        courseId: course.id,
        course: course.title,
        words: doorWords(door, states),
      }));
    });
  }
}
