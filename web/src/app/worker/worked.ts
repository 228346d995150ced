import { type Observable, catchError, map, of, startWith, switchMap, takeUntil } from 'rxjs';
import type { HeavyWork } from './heavy-work';
import type { Job, ResultOf } from './job';

/** Heavy work as a page shows it: how far it is, what came of it, or that it could not be done. */
export interface Worked<J extends Job> {
  readonly done: number;
  readonly result: ResultOf<J> | null;
  readonly failed: boolean;
}
export const notBegun = { done: 0, result: null, failed: false } as const;

/** Each job that comes takes the place of the one before it; what stops leaves what is shown as it is. */
export const worked =
  <J extends Job>(heavy: HeavyWork, stopped$: Observable<unknown>) =>
  (jobs$: Observable<J>): Observable<Worked<J>> =>
    jobs$.pipe(
      switchMap((job) =>
        heavy.run(job).pipe(
          map(({ done, result }): Worked<J> => ({ done, result, failed: false })),
          catchError(() => of<Worked<J>>({ ...notBegun, failed: true })),
          startWith<Worked<J>>(notBegun),
          takeUntil(stopped$),
        ),
      ),
    );
