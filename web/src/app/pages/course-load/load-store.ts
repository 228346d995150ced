import { Injectable, computed, inject } from '@angular/core';
import { takeUntilDestroyed, toObservable, toSignal } from '@angular/core/rxjs-interop';
import { Subject, catchError, filter, forkJoin, map, of, startWith, switchMap } from 'rxjs';
import type { CourseLoadEntry, HomeworkPage } from '@core/contract';
import { type LoadCure, fullWeeks, mondaysOf } from '@core/course';
import type { Homework } from '@core/homework/homework';
import { type Steep, type WeeksAsked, loadByWeek, steepIn } from '@core/load';
import { type Plan, revisionsOf } from '@core/plan';
import { CourseApi } from '../../data/course-api';
import { CourseFile } from '../../data/course-file';
import { HomeworkApi } from '../../data/homework-api';
import { LibraryStore } from '../../data/library-store';
import { loading, waiting } from '../../data/loading';
import { newId } from '../../data/new-id';
import { Outbox } from '../../data/outbox';
import { Preferences } from '../../data/preferences';
import { failureWords } from '../../data/request-failure';
import { Toasts } from '../../data/toasts';
import { today } from '../../parts/saying/date-words';
import { HeavyWork } from '../../worker/heavy-work';
import type { CuresJob } from '../../worker/job';

/** A steep week with what would cure it: being looked for, found, or nothing. */
export interface SteepWeek {
  readonly steep: Steep;
  readonly cure: LoadCure | null;
  readonly looked: boolean;
}

/** What the weeks of a course ask of the feet, which of them are too steep, and what would take those down. */
@Injectable()
export class LoadStore {
  private readonly file = inject(CourseFile);
  private readonly courses = inject(CourseApi);
  private readonly homework = inject(HomeworkApi);
  private readonly library = inject(LibraryStore);
  private readonly preferences = inject(Preferences);
  private readonly heavy = inject(HeavyWork);
  private readonly outbox = inject(Outbox);
  private readonly toasts = inject(Toasts);
  private readonly asked$ = new Subject<string>();
  private readonly today = today();

  readonly found = toSignal(
    loading(this.asked$, (id) => this.courses.load(id)),
    { initialValue: waiting },
  );
  private readonly entries = computed((): readonly CourseLoadEntry[] => this.found().value?.entries ?? []);

  private readonly weeksAsked = computed((): WeeksAsked | null => {
    const course = this.file.course();
    if (!course || !this.found().value) return null;
    const logged = this.file.classes().flatMap(({ key, taught }) => (taught.length > 0 ? [key] : []));
    return {
      monday: mondaysOf(course)[0] ?? course.from,
      weeks: course.weeks,
      entries: this.entries(),
      landingsOutside: course.outside.landings,
      today: this.today,
      full: fullWeeks(
        course,
        this.today,
        new Set([...logged, ...course.taught]),
        new Set(this.file.classes().flatMap(({ key, gone }) => (gone ? [] : [key]))),
      ),
    };
  });
  readonly weeks = computed(() => {
    const asked = this.weeksAsked();
    return asked ? loadByWeek(asked) : [];
  });
  /** The week that is now, from 0; another number where the course is over or to come. */
  readonly now = computed(() => this.weeks().findLastIndex(({ monday }) => monday <= this.today));
  /** Steep weeks that can still be changed: what was taught was taught. */
  readonly steep = computed((): readonly Steep[] => {
    const course = this.file.course();
    if (!course) return [];
    return steepIn(this.weeks(), this.preferences.loadRules(), course.newToImpact).filter(
      ({ week }) => week >= this.now(),
    );
  });

  /** Steep weeks, once the exercises of their classes can be known: before, nothing could be tried. */
  private readonly toCure = computed((): readonly Steep[] => {
    const library = this.library.library();
    return library.status === 'waiting' && library.value === null ? [] : this.steep();
  });
  private readonly cures = toSignal(
    toObservable(this.toCure).pipe(
      switchMap((steep) => {
        const course = this.file.course();
        if (steep.length === 0 || !course) return of(null);
        const sheets = [...new Set(this.entries().flatMap(({ of: { kind, id } }) => (kind === 'home' ? [id] : [])))];
        return forkJoin([
          this.courses.plans(course.id),
          sheets.length === 0 ? of([]) : forkJoin(sheets.map((id) => this.homework.page(id))),
        ]).pipe(
          map(([{ plans }, pages]) => this.jobOf(steep, plans, pages)),
          switchMap((job) => (job ? this.heavy.run(job) : of(null))),
          map((step) => (step?.result ? { steep, cures: step.result } : null)),
          catchError(() => of({ steep, cures: steep.map(() => null) })),
          startWith(null),
        );
      }),
    ),
    { initialValue: null },
  );
  readonly steepWeeks = computed((): readonly SteepWeek[] => {
    const known = this.cures();
    return this.steep().map((steep, i) => ({
      steep,
      cure: known?.steep === this.steep() ? (known.cures[i] ?? null) : null,
      looked: known?.steep === this.steep(),
    }));
  });

  constructor() {
    // what was changed here is on the server: the weeks are others then
    this.outbox.outcomes$
      .pipe(
        filter(
          ({ letter, result }) => result.kind === 'sent' && (letter.kind === 'class' || letter.kind === 'homework'),
        ),
        takeUntilDestroyed(),
      )
      .subscribe(() => {
        this.file.refresh();
        const id = this.file.course()?.id;
        if (id !== undefined) this.asked$.next(id);
      });
  }

  open(id: string): void {
    this.asked$.next(id);
  }

  /** Takes a cure: the classes and sheets as they were tried. */
  take({ changes, words }: LoadCure): void {
    for (const change of changes)
      if (change.kind === 'class') this.save(change.plan);
      else this.hand(change.homework);
    const yours = changes.some(({ kind }) => kind === 'class');
    this.toasts.tell(`${words}.${yours ? ' The course leaves what you changed as it is.' : ''}`, 'Good', 8);
  }

  private save(plan: Plan): void {
    const version = this.file.classes().find(({ classId }) => classId === plan.id)?.version ?? null;
    if (version === null) return;
    void this.outbox
      .send({ kind: 'class', format: 1, id: newId(), plan, basedOn: version })
      .then(({ kind, ...rest }) => {
        if (kind === 'refused' && 'failure' in rest) this.toasts.refused(failureWords(rest.failure));
      });
  }

  private hand(homework: Homework): void {
    this.homework.page(homework.id).subscribe({
      next: ({ version }) =>
        void this.outbox.send({ kind: 'homework', format: 1, id: newId(), basedOn: version, homework }),
      error: (error: unknown) => this.toasts.failed(error),
    });
  }

  private jobOf(
    steep: readonly Steep[],
    plans: readonly { readonly key: string; readonly plan: CuresJob['asked']['classes'][number]['plan'] }[],
    pages: readonly HomeworkPage[],
  ): CuresJob | null {
    const [course, weeks] = [this.file.course(), this.weeksAsked()];
    if (!course || !weeks) return null;
    const exercises = [...(this.library.exercises() ?? []), ...pages.flatMap(({ revisions }) => revisions)].map(
      ({ revision, exercise }) => [revision, exercise] as const,
    );
    const known = new Set(exercises.map(([revision]) => revision));
    const entryOf = (kind: string, id: string) =>
      this.entries().filter(({ of: to }) => to.kind === kind && to.id === id);
    return {
      kind: 'cures',
      steep,
      asked: {
        weeks,
        rules: this.preferences.loadRules(),
        newToImpact: course.newToImpact,
        classes: plans.flatMap(({ key, plan }) => {
          const [entry] = entryOf('class', key);
          // one whose exercises are not all here cannot be worked out again
          const isKnown = revisionsOf(plan).every((revision) => known.has(revision));
          return entry?.source === 'planned' && isKnown ? [{ key, plan, entry }] : [];
        }),
      },
      sheets: pages.map(({ homework, classes }) => ({
        asked: {
          homework,
          school: this.preferences.school(),
          pace: this.preferences.pace(),
          concerns: homework.for.kind === 'level' ? homework.for.concerns : [],
          classes,
        },
        entries: entryOf('home', homework.id),
      })),
      exercises,
      words: this.preferences.school().words,
    };
  }
}
