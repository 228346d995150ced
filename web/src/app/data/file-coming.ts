import { HttpClient, HttpEventType } from '@angular/common/http';
import { Injectable, computed, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import {
  type Observable,
  Subject,
  catchError,
  concat,
  filter,
  map,
  of,
  startWith,
  switchMap,
  takeWhile,
  timer,
} from 'rxjs';
import {
  Coming,
  ComingEntries,
  type EntriesAsked,
  type TakeIn,
  mostDatabaseBytes,
  mostFileBytes,
} from '@core/contract';
import { askEvery } from './copies';
import { loading, waiting } from './loading';
import { failureOf, failureWords } from './request-failure';

/** A file on its way in: none, being sent, with the server, or lost on the way. */
export type OnTheWay =
  | Coming
  | { readonly state: 'none' }
  | { readonly state: 'sending'; readonly done: number }
  | { readonly state: 'lost'; readonly words: string };

const none: OnTheWay = { state: 'none' };

/** A file that is taken in: sent, looked into, and taken when somebody has chosen. */
@Injectable()
export class FileComing {
  private readonly http = inject(HttpClient);
  private readonly way$ = new Subject<Observable<OnTheWay>>();
  private readonly entries$ = new Subject<EntriesAsked>();
  /** What it is called, for the eye. */
  readonly name = signal('');

  readonly now = toSignal(
    this.way$.pipe(
      switchMap((way) =>
        way.pipe(
          catchError((error: unknown) => of<OnTheWay>({ state: 'lost', words: failureWords(failureOf(error)) })),
        ),
      ),
    ),
    { initialValue: none },
  );
  private readonly id = computed(() => {
    const now = this.now();
    return 'id' in now ? now.id : null;
  });
  /** A page of what is in it. */
  readonly entries = toSignal(
    loading(this.entries$, (asked) =>
      this.http.post(`/api/coming/${this.id() ?? ''}/entries`, asked).pipe(map((body) => ComingEntries.parse(body))),
    ),
    { initialValue: waiting },
  );

  /** Sends a file and looks into it. */
  send(file: File): void {
    this.forget();
    this.name.set(file.name);
    const most = file.name.endsWith('.sqlite') ? mostDatabaseBytes : mostFileBytes;
    if (file.size > most) {
      const words = `${file.name} is ${Math.round(file.size / 1e6)} MB large. At most ${most / 1e6} MB come in at once; ten years of teaching are 8 MB, packed. Nothing was sent.`;
      this.way$.next(of<OnTheWay>({ state: 'lost', words }));
      return;
    }
    const headers = { 'Content-Type': 'application/octet-stream' };
    this.way$.next(
      this.http.post('/api/coming', file, { headers, reportProgress: true, observe: 'events' }).pipe(
        filter((event) => event.type === HttpEventType.UploadProgress || event.type === HttpEventType.Response),
        switchMap((event): Observable<OnTheWay> =>
          event.type === HttpEventType.Response
            ? this.followed(Coming.parse(event.body))
            : of({ state: 'sending', done: event.loaded / Math.max(1, event.total ?? file.size) }),
        ),
        startWith<OnTheWay>({ state: 'sending', done: 0 }),
      ),
    );
  }

  /** Looks into a copy in the same way. @param called what it is called, for the eye */
  look(copy: string, called: string): void {
    this.forget();
    this.name.set(called);
    this.way$.next(
      this.http.post(`/api/copies/${copy}/look`, null).pipe(switchMap((body) => this.followed(Coming.parse(body)))),
    );
  }

  ask(asked: EntriesAsked): void {
    this.entries$.next(asked);
  }

  take(choice: TakeIn): void {
    const id = this.id();
    if (id === null) return;
    this.way$.next(
      this.http.post(`/api/coming/${id}/take`, choice).pipe(switchMap((body) => this.followed(Coming.parse(body)))),
    );
  }

  /** Breaks off whatever is under way, and forgets the file. */
  forget(): void {
    const id = this.id();
    this.way$.next(of(none));
    // one that the server has lost already is forgotten too
    if (id !== null) this.http.delete(`/api/coming/${id}`).subscribe({ error: () => undefined });
  }

  /** Asks again until it is read, or taken. */
  private followed(first: Coming): Observable<OnTheWay> {
    const busy = ({ state }: Coming): boolean => state === 'reading' || state === 'taking';
    if (!busy(first)) return of(first);
    return concat(
      of(first),
      timer(askEvery / 2, askEvery).pipe(
        switchMap(() => this.http.get(`/api/coming/${first.id}`)),
        map((body) => Coming.parse(body)),
        takeWhile(busy, true),
      ),
    );
  }
}
