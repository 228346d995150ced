import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Subject, catchError, map, of, switchMap, takeWhile, timer } from 'rxjs';
import { Going } from '@core/contract';
import { askEvery } from './copies';
import { failureOf, failureWords } from './request-failure';

/** Everything as a file: begun, written apart from the server, and fetched when it is there. */
@Injectable()
export class FileGoing {
  private readonly http = inject(HttpClient);
  private readonly asked$ = new Subject<'everything' | 'plans' | null>();

  readonly now = toSignal(
    this.asked$.pipe(
      switchMap((of_) =>
        of_ === null
          ? of(null)
          : this.http.post('/api/going', { of: of_ }).pipe(
              map((body) => Going.parse(body)),
              switchMap(({ id }) =>
                timer(0, askEvery).pipe(
                  switchMap(() => this.http.get(`/api/going/${id}`)),
                  map((body) => Going.parse(body)),
                  takeWhile(({ state }) => state === 'writing', true),
                ),
              ),
              catchError((error: unknown) =>
                of<Going>({ state: 'failed', id: '', words: failureWords(failureOf(error)) }),
              ),
            ),
      ),
    ),
    { initialValue: null },
  );

  write(of_: 'everything' | 'plans'): void {
    this.asked$.next(of_);
  }

  /** Breaks it off. */
  stop(): void {
    this.asked$.next(null);
  }
}

/** Where a file that was written is fetched. */
export const goingFile = (id: string): string => `/api/going/${id}/file`;
