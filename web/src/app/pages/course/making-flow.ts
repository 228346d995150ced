import { Injectable, computed, effect, inject, signal, untracked } from '@angular/core';
import { takeUntilDestroyed, toSignal } from '@angular/core/rxjs-interop';
import {
  type Observable,
  Subject,
  catchError,
  concatMap,
  filter,
  forkJoin,
  from,
  map,
  of,
  reduce,
  share,
  startWith,
  switchMap,
  tap,
} from 'rxjs';
import type { ClassesMade, CoursePlans, GroupHelped, GroupTaught } from '@core/contract';
import { type ComposedCourse, type CourseRequest, changesBetween } from '@core/course';
import { CourseApi } from '../../data/course-api';
import { groupHistory } from '../../data/group-history';
import { LadderNotes } from '../../data/ladder-notes';
import { LibraryStore } from '../../data/library-store';
import { loading, waiting } from '../../data/loading';
import { PeopleApi } from '../../data/people-api';
import { Preferences } from '../../data/preferences';
import { failureOf, failureWords } from '../../data/request-failure';
import { HeavyWork } from '../../worker/heavy-work';
import { CourseFile } from '../../data/course-file';
import { CourseWeeks } from './course-weeks';

/** Keys to make; null for all that are to come. A turn is another class of the same brief; 0 the one that it begins with. */
interface Asked {
  readonly keys: readonly string[] | null;
  readonly turn: number;
}

type Step =
  | { readonly kind: 'working'; readonly done: number }
  | { readonly kind: 'made'; readonly answer: ClassesMade; readonly notMade: ComposedCourse['notMade'] }
  | { readonly kind: 'failed'; readonly words: string };

/** Classes sent in one message. */
const together = 8;

/** Makes the classes of a course in the worker, and gives them to the server; those changed by hand are left alone. */
@Injectable()
export class MakingFlow {
  private readonly api = inject(CourseApi);
  private readonly people = inject(PeopleApi);
  private readonly heavy = inject(HeavyWork);
  private readonly library = inject(LibraryStore);
  private readonly preferences = inject(Preferences);
  private readonly notes = inject(LadderNotes);
  private readonly file = inject(CourseFile);
  private readonly weeks = inject(CourseWeeks);
  /** How often a class was asked for anew: each time it is another one. */
  private turn = 0;
  private readonly asked$ = new Subject<Asked | 'stop'>();
  private readonly plansAsked$ = new Subject<string>();
  private readonly step$ = this.asked$.pipe(
    switchMap((asked) => (asked === 'stop' ? of(null) : this.make(asked))),
    share(),
  );

  private readonly step = toSignal(this.step$, { initialValue: null });
  readonly working = computed(() => {
    const step = this.step();
    return step?.kind === 'working' ? step : null;
  });
  readonly told = computed(() => wordsOf(this.step()));
  readonly notMade = computed(() => {
    const step = this.step();
    return step?.kind === 'made' ? step.notMade : [];
  });

  /** The plans of the classes, once somebody looks into one. */
  private readonly plans = toSignal(
    loading(this.plansAsked$, (id) => this.api.plans(id)),
    { initialValue: waiting },
  );
  /** Why the plans could not be read, in words; empty as long as nothing went wrong. */
  readonly unread = computed(() => {
    const plans = this.plans();
    return plans.status === 'failed' ? plans.words : '';
  });
  /** The class whose changes are looked at. */
  readonly looked = signal<string | null>(null);
  readonly changes = computed(() => {
    const key = this.looked();
    const plans = this.plans().value?.plans ?? [];
    const at = plans.findIndex((one) => one.key === key);
    const plan = plans[at]?.plan;
    if (!plan) return null;
    const byId = this.library.byId();
    return changesBetween(
      plans.slice(0, at).map((one) => one.plan),
      plan,
      (id) => byId.get(id)?.exercise ?? null,
      this.preferences.school(),
    );
  });

  constructor() {
    effect(() => {
      if (this.looked() === null || this.file.classes().length === 0) return;
      untracked(() => {
        if (this.plans().value === null) this.lookAgain();
      });
    });
    this.step$
      .pipe(
        filter((step) => step?.kind === 'made'),
        takeUntilDestroyed(),
      )
      .subscribe(() => {
        this.file.refresh();
        this.lookAgain();
      });
  }

  /** @param other other classes than those there are, of the same brief */
  start(keys: readonly string[] | null, other = false): void {
    if (other) this.turn += 1;
    this.asked$.next({ keys, turn: other ? this.turn : 0 });
  }

  stop(): void {
    this.asked$.next('stop');
  }

  /** Looks into a class; one that is not made yet is read as soon as it is. */
  look(key: string): void {
    this.looked.set(key);
    if (this.plans().status === 'failed') this.lookAgain();
  }

  private lookAgain(): void {
    const id = this.file.course()?.id;
    if (id !== undefined) this.plansAsked$.next(id);
  }

  private make({ keys, turn }: Asked): Observable<Step> {
    const course = this.file.course();
    if (!course) return of<Step>({ kind: 'failed', words: 'There is no course to make.' });
    const known = course.groupId === null ? of([null, null] as const) : this.groupKnown(course.groupId);
    return from(this.file.sent()).pipe(
      switchMap((sent) => {
        if (!sent) throw new Error('The course is not on the server yet; its classes are made when it is.');
        return forkJoin([this.api.plans(course.id), known]);
      }),
      map(([plans, [taught, helped]]) => this.requestOf(plans, taught, helped, keys, turn)),
      switchMap((asked) => this.heavy.run({ kind: 'course', asked })),
      concatMap(({ done, result }): Observable<Step> =>
        result ? this.give(course.id, result) : of<Step>({ kind: 'working', done }),
      ),
      startWith<Step>({ kind: 'working', done: 0 }),
      catchError((error: unknown) =>
        of<Step>({
          kind: 'failed',
          words: error instanceof Error && !('status' in error) ? error.message : failureWords(failureOf(error)),
        }),
      ),
    );
  }

  private groupKnown(id: string): Observable<readonly [GroupTaught, GroupHelped]> {
    return forkJoin([this.people.taught(id), this.people.helped(id)]);
  }

  private give(id: string, { made, notMade }: ComposedCourse): Observable<Step> {
    const chunks = Array.from({ length: Math.ceil(made.length / together) }, (_, i) =>
      made.slice(i * together, (i + 1) * together),
    );
    return from(chunks).pipe(
      concatMap((chunk) =>
        this.api.make(
          id,
          chunk.map(({ key, plan }) => ({ key, plan })),
        ),
      ),
      reduce((all, one): ClassesMade => ({ made: [...all.made, ...one.made], kept: [...all.kept, ...one.kept] }), {
        made: [],
        kept: [],
      } satisfies ClassesMade as ClassesMade),
      tap(() => this.weeks.tried.set(null)),
      map((answer): Step => ({ kind: 'made', answer, notMade })),
    );
  }

  private requestOf(
    { plans }: CoursePlans,
    taught: GroupTaught | null,
    helped: GroupHelped | null,
    only: readonly string[] | null,
    turn: number,
  ): CourseRequest {
    const course = this.file.course();
    if (!course) throw new Error('There is no course to make.');
    const given = new Set(this.weeks.given().map(({ key }) => key));
    // classes that are not to be made stay as they are, and are what the others follow
    const stays = (key: string) => given.has(key) || (only !== null && !only.includes(key));
    const students = this.weeks.students();
    return {
      course,
      today: this.weeks.today,
      taught: this.weeks.taught(),
      library: (this.library.exercises() ?? []).map(({ revision, exercise }) => ({ revision, exercise })),
      school: this.preferences.school(),
      pace: this.preferences.pace(),
      roster: students.length > 0 ? { students: [...students], notes: [...this.notes.all()] } : null,
      stands: this.weeks.stands(),
      history: groupHistory(taught, helped),
      given: plans.filter(({ key }) => stays(key)),
      only,
      turn,
    };
  }
}

function wordsOf(step: Step | null): string {
  if (step === null || step.kind === 'working') return '';
  if (step.kind === 'failed') return step.words;
  const { made, kept } = step.answer;
  const many = (n: number) => `${n} ${n === 1 ? 'class' : 'classes'}`;
  const left =
    kept.length === 0
      ? ''
      : ` ${many(kept.length)} left as you changed or taught ${kept.length === 1 ? 'it' : 'them'}.`;
  return `${many(made.length)} made.${left}`;
}
