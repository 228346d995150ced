import { Injectable, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed, toObservable, toSignal } from '@angular/core/rxjs-interop';
import { Subject, filter, from, interval, merge, of, switchMap } from 'rxjs';
import { today } from '../parts/saying/date-words';
import { ClassPackages } from './class-packages';
import { DeskApi } from './desk-api';
import { LeftOpenHere } from './left-open';
import { loading, waiting } from './loading';
import { Outbox } from './outbox';

const minuteMs = 60_000;
/** How long what lies on the desk is right by itself: a class begins, a day ends. */
const againMs = 5 * minuteMs;

/** What waits for a teacher, as it is now; looked at again every few minutes, and when something was sent. */
@Injectable()
export class DeskSheet {
  private readonly api = inject(DeskApi);
  private readonly packages = inject(ClassPackages);
  private readonly asked$ = new Subject<void>();

  readonly found = toSignal(
    loading(this.asked$, () => this.api.read({ at: new Date().toISOString(), today: today() })),
    { initialValue: waiting },
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
    const sent$ = inject(Outbox).outcomes$.pipe(filter(({ result }) => result.kind === 'sent'));
    merge(interval(againMs), sent$)
      .pipe(takeUntilDestroyed())
      .subscribe(() => this.load());
  }

  load(): void {
    this.nowMs.set(Date.now());
    this.asked$.next();
  }
}
