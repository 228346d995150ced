import { Injectable, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed, toObservable, toSignal } from '@angular/core/rxjs-interop';
import {
  type Observable,
  Subject,
  auditTime,
  catchError,
  concatMap,
  filter,
  from,
  interval,
  map,
  merge,
  of,
  scan,
  switchMap,
} from 'rxjs';
import type { Desk, DeskAsked, DeskGroup } from '@core/contract';
import { today } from '../parts/saying/date-words';
import { ClassPackages } from './class-packages';
import { DeskApi } from './desk-api';
import { LeftOpenHere } from './left-open';
import { loading, waiting } from './loading';
import { Outbox } from './outbox';
import { failureOf, failureWords } from './request-failure';

const minuteMs = 60_000;
/** How long what lies on the desk is right by itself: a class begins, a day ends. */
const againMs = 5 * minuteMs;

/** What is sent comes in a row; the desk is asked once after so long, ms. */
const settleMs = 500;

/** What is to be known of a group; null with the reason where it cannot be shown. */
export interface LookedAt {
  readonly id: string;
  readonly name: string;
  readonly group: DeskGroup | null;
  readonly words: string;
}

/** What waits for a teacher, as it is now; looked at again every few minutes, and when something was sent. */
@Injectable()
export class DeskSheet {
  private readonly api = inject(DeskApi);
  private readonly packages = inject(ClassPackages);
  private readonly asked$ = new Subject<void>();

  readonly found = toSignal(
    loading(this.asked$, () => this.api.read(momentNow())),
    { initialValue: waiting },
  );
  /** What is known of the groups, by their ids: asked for one after the other, since the first look takes a while. */
  private readonly known = toSignal(
    toObservable(computed(() => this.found().value?.groups ?? [])).pipe(
      switchMap((groups) => from(groups).pipe(concatMap((group) => this.lookAt(group)))),
      scan((all, one) => new Map([...all, [one.id, one] as const]), new Map<string, LookedAt>()),
    ),
    { initialValue: new Map<string, LookedAt>() },
  );
  /** The groups that come, as far as they are looked at; what was known of one stays until it is known anew. */
  readonly groups = computed((): readonly LookedAt[] =>
    (this.found().value?.groups ?? []).flatMap(({ id }) => this.known().get(id) ?? []),
  );
  /** This instant, to the minute, ms. */
  readonly nowMs = signal(Date.now());
  /** Classes that were opened in this browser: shown where the server does not answer. */
  readonly here = toSignal(
    toObservable(computed(() => this.found().status === 'failed')).pipe(
      switchMap((failed) => (failed ? this.packages.here() : of([]))),
    ),
    { initialValue: [] },
  );
  /** What lies open in this browser alone. */
  readonly open = toSignal(from(inject(LeftOpenHere).find(Date.now())), {
    initialValue: [],
  });

  constructor() {
    interval(minuteMs)
      .pipe(takeUntilDestroyed())
      .subscribe(() => this.nowMs.set(Date.now()));
    // what was on its way when the desk was asked for may change it
    const sent$ = inject(Outbox).outcomes$.pipe(
      filter(({ result }) => result.kind === 'sent'),
      auditTime(settleMs),
    );
    merge(interval(againMs), sent$)
      .pipe(takeUntilDestroyed())
      .subscribe(() => this.load());
  }

  private lookAt({ id, name }: Desk['groups'][number]): Observable<LookedAt> {
    return this.api.group(id, momentNow()).pipe(
      map((group): LookedAt => ({ id, name, group, words: '' })),
      catchError((error: unknown) => of<LookedAt>({ id, name, group: null, words: failureWords(failureOf(error)) })),
    );
  }

  load(): void {
    this.nowMs.set(Date.now());
    this.asked$.next();
  }
}

const momentNow = (): DeskAsked => ({ at: new Date().toISOString(), today: today() });
