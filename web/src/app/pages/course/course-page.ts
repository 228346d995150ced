import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { RouterLink } from '@angular/router';
import { type Course, type CourseFault, doorWords, heldOf, mobiliseWords, outsideWords } from '@core/course';
import { fileOf } from '../../data/file-of';
import { LadderFile } from '../../data/ladder-file';
import { LadderNotes } from '../../data/ladder-notes';
import { LibraryStore } from '../../data/library-store';
import { PeopleList } from '../../data/people-list';
import { Preferences } from '../../data/preferences';
import { Readings } from '../../data/readings';
import { Loading } from '../../parts/loading/loading';
import { NewName } from '../../parts/new-name/new-name';
import { TopBar } from '../../parts/top/top-bar';
import { ClassPanel, moveTo } from './class-panel';
import { CourseFile } from '../../data/course-file';
import { MakingFlow } from './making-flow';
import { CourseHomework } from './course-homework';
import { CourseSetup } from './course-setup';
import { CourseWeeks } from './course-weeks';
import { courseLine, stateOf } from './course-words';
import { WeekWeave } from './week-weave';

/** One course: its weeks in one picture, its classes, and what it is. */
@Component({
  selector: 'nw-course-page',
  imports: [
    ClassPanel,
    CourseHomework,
    CourseSetup,
    Loading,
    MatButton,
    MatProgressBar,
    NewName,
    RouterLink,
    TopBar,
    WeekWeave,
  ],
  providers: [CourseFile, MakingFlow, CourseWeeks, LadderFile, LadderNotes, PeopleList, Readings],
  templateUrl: './course-page.html',
  styleUrl: './course-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CoursePageView {
  protected readonly fileOf = fileOf;
  protected readonly file = inject(CourseFile);
  protected readonly weeks = inject(CourseWeeks);
  protected readonly making = inject(MakingFlow);
  protected readonly library = inject(LibraryStore);
  protected readonly preferences = inject(Preferences);
  readonly id = input.required<string>();

  protected readonly selected = signal<string | null>(null);
  protected readonly words = computed(() => this.preferences.school().words);
  protected readonly line = computed(() => {
    const course = this.file.course();
    return course ? courseLine(course) : '';
  });
  protected readonly notes = computed(() => {
    const [course, plan, states] = [this.file.course(), this.weeks.plan(), this.weeks.states()];
    if (!course || !plan) return [];
    const doors = plan.doors.slice(1).map((door) => doorWords(door, states));
    const outside = course.newToImpact ? '' : outsideWords(course);
    return [...doors, mobiliseWords(course.weekly.length, course.mobiliseDays), outside].filter(
      (words) => words !== '',
    );
  });
  protected readonly faults = computed((): readonly CourseFault[] => this.weeks.plan()?.faults ?? []);
  /** Nothing can be planned at all. */
  protected readonly hasNothing = computed(() => this.faults().some(({ whole }) => whole));
  protected readonly toMake = computed(() => {
    const [plan, given] = [this.weeks.plan(), new Set(this.weeks.given().map(({ key }) => key))];
    return heldOf(plan?.sessions ?? []).filter(({ key, date }) => date >= this.weeks.today && !given.has(key));
  });
  protected readonly isMade = computed(() => this.file.classes().some(({ gone }) => !gone));
  protected readonly session = computed(() => {
    const key = this.selected();
    return heldOf(this.weeks.plan()?.sessions ?? []).find((session) => session.key === key) ?? null;
  });
  protected readonly found = computed(() => {
    const key = this.selected();
    return this.file.classes().find((one) => one.key === key) ?? null;
  });
  protected readonly state = computed(() => {
    const session = this.session();
    return session
      ? stateOf(session, this.found() ?? undefined, new Set(this.weeks.taught()), this.weeks.today)
      : 'not-made';
  });

  constructor() {
    this.library.load();
    this.preferences.load();
    effect(() => {
      const id = this.id();
      untracked(() => this.file.open(id));
    });
  }

  protected choose(key: string): void {
    this.weeks.tried.set(null);
    this.selected.set(key);
    this.making.look(key);
  }

  protected dragged({ key, to }: { readonly key: string; readonly to: string }): void {
    const course = this.file.course();
    this.choose(key);
    const session = this.session();
    if (course && session) this.weeks.tried.set(moveTo(course, session, to));
  }

  protected cure(change: Partial<Course>): void {
    this.file.change(change);
  }
}
