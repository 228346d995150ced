import { Injectable } from '@angular/core';
import type { PreloadingStrategy, Route } from '@angular/router';
import { EMPTY, type Observable, catchError, switchMap, timer } from 'rxjs';

/** When the first page has come to rest, ms. */
const restMs = 2500;

/** Fetches the other pages ahead, so that each opens also when the server has gone since. */
@Injectable({ providedIn: 'root' })
export class Ahead implements PreloadingStrategy {
  preload(_route: Route, load: () => Observable<unknown>): Observable<unknown> {
    return timer(restMs).pipe(
      switchMap(load),
      catchError(() => EMPTY),
    );
  }
}
