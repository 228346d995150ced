import { Injectable, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Subject, map } from 'rxjs';
import { replay } from '@core/run';
import { loading, pages, waiting } from './loading';
import { RunApi } from './run-api';

/** A class that ran to its end by itself ends after its last event; nobody teaches longer than this. */
const longestTaughtMs = 6 * 3_600_000;

/** The classes that were taught, newest first. */
@Injectable()
export class RunLog {
  private readonly api = inject(RunApi);
  private readonly asked$ = new Subject<'first' | 'more'>();

  readonly runs = toSignal(
    pages(this.asked$, (after) => this.api.list(after).pipe(map(({ runs, next }) => ({ items: runs, next })))),
    { initialValue: waiting },
  );

  load(): void {
    this.asked$.next('first');
  }

  more(): void {
    this.asked$.next('more');
  }
}

/** One taught class, played again to its end. */
@Injectable()
export class RunReader {
  private readonly api = inject(RunApi);
  private readonly asked$ = new Subject<string>();

  readonly read = toSignal(
    loading(this.asked$, (id) => this.api.read(id)),
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
}
