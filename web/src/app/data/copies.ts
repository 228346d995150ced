import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { type Observable, Subject, map, switchMap, takeWhile, tap, timer } from 'rxjs';
import { Copies } from '@core/contract';
import { loading, waiting } from './loading';
import { Toasts } from './toasts';

/** How often it is asked how far something is, ms. */
export const askEvery = 400;

/** Where a copy is to be fetched, as the one file that holds everything. */
export const copyFile = (name: string): string => `/api/copies/${name}/file`;

/** Copies of everything: what there is, and what is being made or put back. */
@Injectable()
export class CopyBox {
  private readonly http = inject(HttpClient);
  private readonly toasts = inject(Toasts);
  private readonly asked$ = new Subject<void>();

  /** Asked again as long as something is on its way. */
  readonly list = toSignal(
    loading(this.asked$, () =>
      timer(0, askEvery).pipe(
        switchMap(() => this.http.get('/api/copies')),
        map((body) => Copies.parse(body)),
        takeWhile(({ making, restoring }) => making !== null || restoring, true),
      ),
    ),
    { initialValue: waiting },
  );

  load(): void {
    this.asked$.next();
  }

  make(): void {
    this.after(this.http.post('/api/copies', null));
  }

  /** Puts one back in the place of everything. */
  restore(name: string): void {
    this.after(this.http.post(`/api/copies/${name}/restore`, null));
  }

  remove(name: string): void {
    this.after(this.http.delete(`/api/copies/${name}`), 'The copy is deleted.');
  }

  /** The list says how far it is. */
  private after(done$: Observable<unknown>, words = ''): void {
    done$.pipe(tap(() => this.load())).subscribe({
      next: () => (words === '' ? undefined : this.toasts.tell(words)),
      error: (error: unknown) => this.toasts.failed(error),
    });
  }
}
