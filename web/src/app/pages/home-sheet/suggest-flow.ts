import { Injectable, computed, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { type Observable, Subject, catchError, map, of, startWith, switchMap, tap } from 'rxjs';
import { type SuggestAsked, homeworkFrom, suggestRequest } from '@core/homework';
import type { Homework } from '@core/homework/homework';
import { LibraryStore } from '../../data/library-store';
import { newId } from '../../data/new-id';
import { HeavyWork } from '../../worker/heavy-work';
import { SheetStore } from './sheet-store';

/** Exercises for a sheet, composed in the worker from who it is for, what they own and the minutes of a day. */
@Injectable()
export class SuggestFlow {
  private readonly heavy = inject(HeavyWork);
  private readonly library = inject(LibraryStore);
  private readonly sheet = inject(SheetStore);
  private readonly asked$ = new Subject<SuggestAsked | null>();
  private seed = 0;

  /** What was on the sheet before the last suggestion; null where nothing was taken. */
  readonly before = signal<Homework['items'] | null>(null);
  readonly told = signal('');
  private readonly work = toSignal(
    this.asked$.pipe(
      switchMap((asked): Observable<{ readonly done: number } | null> => {
        if (!asked) return of(null);
        return this.heavy.run({ kind: 'compose', asked: suggestRequest(asked) }).pipe(
          tap(({ result }) => {
            if (result) this.take(homeworkFrom(result, asked, newId), asked, result.clash?.words ?? []);
          }),
          map(({ done, result }) => (result ? null : { done })),
          catchError(() => {
            this.told.set('That could not be worked out.');
            return of(null);
          }),
          startWith({ done: 0 }),
        );
      }),
    ),
    { initialValue: null },
  );
  readonly working = computed(() => this.work());

  start(): void {
    const asked = this.sheet.asked();
    if (!asked) return;
    this.told.set('');
    this.seed += 1;
    const library = (this.library.exercises() ?? []).map(({ revision, exercise }) => ({ revision, exercise }));
    this.asked$.next({ ...asked, library, stands: this.sheet.stands(), seed: this.seed });
  }

  stop(): void {
    this.asked$.next(null);
  }

  /** What was there before the suggestion. */
  back(): void {
    const items = this.before();
    if (items) this.sheet.set({ items });
    this.before.set(null);
  }

  private take(made: Homework | null, { homework }: SuggestAsked, clash: readonly string[]): void {
    if (!made) {
      this.told.set(
        clash.join(' ') || 'With this little at hand nothing can be put together; try more minutes or kit.',
      );
      return;
    }
    this.before.set(homework.items.length > 0 ? homework.items : null);
    this.sheet.set({ items: made.items });
  }
}
