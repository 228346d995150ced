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

/** What of a list is asked for: titles with these words, from before an instant; all of it without. */
export interface Narrowed {
  readonly words: string;
  /** ISO instant. */
  readonly before: string | null;
}
export const everything: Narrowed = { words: '', before: null };
export const isEverything = ({ words, before }: Narrowed): boolean => words.trim() === '' && before === null;

/** The words of an address for a page of a list. @param after where the page before ended; null for the first */
export const listParams = ({ words, before }: Narrowed, after: string | null): Record<string, string> => ({
  ...(words.trim() === '' ? {} : { words: words.trim() }),
  ...(before === null ? {} : { before }),
  ...(after === null ? {} : { after }),
});

/** A list that comes in pages: what is here, and whether there is more. */
export interface Pages<T> {
  readonly items: readonly T[];
  readonly next: string | null;
  /** Pages that came before these and are not kept in sight any more: a list does not grow without end. */
  readonly cut: boolean;
}

/** The most of a list that is in a page at once. */
export const mostInSight = 240;

/**
 * A list page by page: 'first' begins anew, 'more' adds the page after the last one.
 * @param fetch gives one page; `after` is null for the first
 */
export function pages<T>(
  asked$: Observable<'first' | 'more'>,
  fetch: (after: string | null) => Observable<Pick<Pages<T>, 'items' | 'next'>>,
): Observable<Loading<Pages<T>>> {
  const none: Pages<T> = { items: [], next: null, cut: false };
  let here = none;
  return loading(asked$, (asked) => {
    const before = asked === 'more' ? here : none;
    return fetch(before.next).pipe(
      map(({ items, next }) => {
        const all = [...before.items, ...items];
        return { items: all.slice(-mostInSight), next, cut: before.cut || all.length > mostInSight };
      }),
      tap((now) => (here = now)),
    );
  });
}
