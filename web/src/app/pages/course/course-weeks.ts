import { Injectable, computed, effect, inject, signal, untracked } from '@angular/core';
import {
  type Course,
  type CoursePlan,
  type CoursePlanAsked,
  type Follows,
  coursePlanOf,
  givenIn,
  standsIn,
  taughtIn,
  usualAims,
  weekStates,
  whatFollows,
} from '@core/course';
import { concernNames } from '@core/exercise';
import { type Student, roomDiffers, roomOf } from '@core/roster';
import { LadderFile } from '../../data/ladder-file';
import { LadderNotes } from '../../data/ladder-notes';
import { LibraryStore } from '../../data/library-store';
import { Preferences } from '../../data/preferences';
import { today } from '../../parts/saying/date-words';
import { CourseFile } from '../../data/course-file';

/** A course laid out over its weeks, and what a change that is tried would bring. */
@Injectable()
export class CourseWeeks {
  private readonly file = inject(CourseFile);
  private readonly library = inject(LibraryStore);
  private readonly preferences = inject(Preferences);
  private readonly ladders = inject(LadderFile);
  private readonly notes = inject(LadderNotes);

  readonly today = today();
  readonly students = computed((): readonly Student[] =>
    (this.file.course()?.groupId ?? null) === null ? [] : this.ladders.students(),
  );
  /** Where the middle of the group stands, by exercise. */
  readonly stands = computed((): Readonly<Record<string, string>> =>
    standsIn(this.students(), this.notes.all(), (id) => this.library.byId().get(id)?.exercise ?? null),
  );
  readonly taught = computed((): readonly string[] =>
    taughtIn({ taught: this.file.course()?.taught ?? [] }, this.file.classes()),
  );
  /** Classes that stay as they are: taught, or changed by hand. */
  readonly given = computed(() => givenIn(this.file.classes()));

  /** A change that is looked at before it is made. */
  readonly tried = signal<{ readonly words: string; readonly change: Partial<Course> } | null>(null);

  readonly plan = computed((): CoursePlan | null => this.planWith({}));
  readonly states = computed(() => {
    const [course, plan] = [this.file.course(), this.plan()];
    return course && plan
      ? weekStates(course, plan.sessions, { today: this.today, taught: new Set(this.taught()), reachedIn: () => null })
      : [];
  });
  readonly follows = computed((): Follows | null => {
    const [tried, before] = [this.tried(), this.plan()];
    const after = tried && this.planWith(tried.change);
    return before && after ? whatFollows(before, after, this.preferences.school().words) : null;
  });

  constructor() {
    effect(() => {
      const id = this.file.course()?.groupId ?? null;
      if (id !== null) untracked(() => this.ladders.ask(id, []));
    });
  }

  /** What the files of the group say of the room, where the classes do not know it; empty where they do. */
  readonly room = computed((): string => {
    const [course, students] = [this.file.course(), this.students()];
    if (!course || !roomDiffers(students, course.brief)) return '';
    const { people, concerns } = roomOf(students);
    const has = concerns.map((concern) => concernNames[concern]).join(', ');
    return `Their files say: ${people} ${people === 1 ? 'person' : 'people'}${has === '' ? '' : `; somebody has ${has}`}.`;
  });

  /** Lets the classes know what the files of the group say. */
  takeRoom(): void {
    const course = this.file.course();
    if (course) this.file.change({ brief: { ...course.brief, ...roomOf(this.students()) } });
  }

  /** Makes the change that was tried. */
  take(): void {
    const tried = this.tried();
    if (tried && this.file.change(tried.change)) this.tried.set(null);
  }

  suggestAims(): void {
    const asked = this.asked({});
    if (asked) this.file.change({ aims: [...usualAims(asked)] });
  }

  private planWith(change: Partial<Course>): CoursePlan | null {
    const asked = this.asked(change);
    return asked && coursePlanOf(asked);
  }

  private asked(change: Partial<Course>): CoursePlanAsked | null {
    const course = this.file.course();
    if (!course || (this.library.exercises()?.length ?? 0) === 0) return null;
    const [byId, stands] = [this.library.byId(), this.stands()];
    return {
      course: { ...course, ...change },
      today: this.today,
      taught: new Set(this.taught()),
      school: this.preferences.school(),
      exerciseOf: (id) => byId.get(id)?.exercise ?? null,
      standsOn: (id) => stands[id] ?? null,
      given: new Map(this.given().map(({ key, items }) => [key, items])),
    };
  }
}
