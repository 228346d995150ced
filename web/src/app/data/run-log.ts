import { Injectable, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed, toObservable, toSignal } from '@angular/core/rxjs-interop';
import { Router } from '@angular/router';
import { Subject, distinctUntilChanged, filter, map } from 'rxjs';
import type { RunRemarks } from '@core/contract';
import { longestTaughtMs, replay } from '@core/run';
import { type Narrowed, everything, loading, pages, waiting } from './loading';
import { newId } from './new-id';
import { Outbox } from './outbox';
import { failureWords } from './request-failure';
import { RunApi } from './run-api';
import { Toasts } from './toasts';

/** The classes that were taught, newest first. */
@Injectable()
export class RunLog {
  private readonly api = inject(RunApi);
  private readonly asked$ = new Subject<'first' | 'more'>();
  readonly narrowed = signal(everything);

  constructor() {
    // a class that waited in this browser, and is in the log now, is seen there
    inject(Outbox)
      .outcomes$.pipe(
        filter(({ letter, result }) => letter.kind === 'run-start' && result.kind === 'sent'),
        takeUntilDestroyed(),
      )
      .subscribe(() => this.load());
  }

  readonly runs = toSignal(
    pages(this.asked$, (after) =>
      this.api.list(this.narrowed(), after).pipe(map(({ runs, next }) => ({ items: runs, next }))),
    ),
    { initialValue: waiting },
  );

  load(): void {
    this.asked$.next('first');
  }

  find(narrowed: Narrowed): void {
    this.narrowed.set(narrowed);
    this.load();
  }

  more(): void {
    this.asked$.next('more');
  }
}

/** One taught class, played again to its end. */
@Injectable()
export class RunReader {
  private readonly api = inject(RunApi);
  private readonly outbox = inject(Outbox);
  private readonly router = inject(Router);
  private readonly toasts = inject(Toasts);
  private readonly asked$ = new Subject<string>();

  readonly read = toSignal(
    loading(this.asked$, (id) => this.api.read(id)),
    { initialValue: waiting },
  );
  /** Why this class always runs over. */
  readonly over = toSignal(
    loading(
      toObservable(this.read).pipe(
        map(({ value }) => value?.classId),
        filter((classId) => classId !== undefined),
        distinctUntilChanged(),
      ),
      (classId) => this.api.over(classId),
    ),
    { initialValue: waiting },
  );
  readonly state = computed(() => {
    const read = this.read().value;
    if (!read) return null;
    const known = new Map(read.revisions.map((r) => [r.revision, r.exercise]));
    const last = read.events.at(-1)?.atMs ?? 0;
    const ended = read.events.some((e) => e.event.kind === 'ended');
    return replay(read.plan, read.events, ended ? last : last + longestTaughtMs, (r) => known.get(r) ?? null);
  });

  open(id: string): void {
    this.asked$.next(id);
  }

  /**
   * How many came and the note, written anew; kept here and sent later where the server does not answer. False where it is
   * refused: nothing has changed then.
   */
  async putRight(id: string, remarks: RunRemarks): Promise<boolean> {
    const result = await this.outbox.send({ kind: 'run-remarks', format: 1, id: newId(), runId: id, remarks });
    if (result.kind === 'sent') this.open(id);
    else if (result.kind === 'refused') this.toasts.refused(failureWords(result.failure));
    else this.toasts.tell('The server does not answer. This is kept here and goes to the log when it is back.');
    return result.kind !== 'refused';
  }

  /** Out of the log, with the way back. */
  remove(id: string, title: string): void {
    this.api.remove(id).subscribe({
      next: () => {
        this.toasts.offer(`“${title}” is out of the log.`, 'Bring it back', () => this.restore(id), 10);
        void this.router.navigate(['/log']);
      },
      error: (error: unknown) => this.toasts.failed(error),
    });
  }

  private restore(id: string): void {
    this.api.restore(id).subscribe({
      next: () => void this.router.navigate(['/log', id]),
      error: (error: unknown) => this.toasts.failed(error),
    });
  }
}
