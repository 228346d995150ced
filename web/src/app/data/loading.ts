import { type Observable, catchError, map, of, scan, startWith, switchMap, tap } from 'rxjs';
import { failureOf, failureWords } from './request-failure';

/** Something that is fetched: on its way, failed, or here. What was there before stays in sight meanwhile. */
export type Loading<T> =
  | { readonly status: 'waiting'; readonly value: T | null }
  | { readonly status: 'failed'; readonly value: T | null; readonly words: string }
  | { readonly status: 'ready'; readonly value: T };

export const waiting: Loading<never> = { status: 'waiting', value: null };

/**
 * Fetches each time it is asked, the newest question alone; what was fetched before stays until the new answer is here.
 * @param asked$ each value is a question
 */
export function loading<Q, T>(asked$: Observable<Q>, fetch: (asked: Q) => Observable<T>): Observable<Loading<T>> {
  return asked$.pipe(
    switchMap((asked) =>
      fetch(asked).pipe(
        map((value): Loading<T> => ({ status: 'ready', value })),
        catchError((error: unknown) =>
          of<Loading<T>>({ status: 'failed', value: null, words: failureWords(failureOf(error)) }),
        ),
        startWith<Loading<T>>(waiting),
      ),
    ),
    scan(
      (before, now): Loading<T> => (now.status === 'ready' ? now : { ...now, value: before.value }),
      waiting as Loading<T>,
    ),
  );
}

/** A list that comes in pages: what is here, and whether there is more. */
export interface Pages<T> {
  readonly items: readonly T[];
  readonly next: string | null;
}

/**
 * A list page by page: 'first' begins anew, 'more' adds the page after the last one.
 * @param fetch gives one page; `after` is null for the first
 */
export function pages<T>(
  asked$: Observable<'first' | 'more'>,
  fetch: (after: string | null) => Observable<Pages<T>>,
): Observable<Loading<Pages<T>>> {
  let here: Pages<T> = { items: [], next: null };
  return loading(asked$, (asked) => {
    const before = asked === 'more' ? here : { items: [], next: null };
    return fetch(before.next).pipe(
      map(({ items, next }) => ({ items: [...before.items, ...items], next })),
      tap((now) => (here = now)),
    );
  });
}
