import { HttpErrorResponse, type HttpInterceptorFn } from '@angular/common/http';
import { inject } from '@angular/core';
import { catchError, switchMap, take, throwError } from 'rxjs';
import { Door } from './door';

/**
 * Tells the page that the server asks for the password. What is read waits for it and is asked again, so that a page goes
 * on where it was; what is sent has its own place to wait in.
 */
export const atTheDoor: HttpInterceptorFn = (request, next) => {
  const door = inject(Door);
  return next(request).pipe(
    catchError((error: unknown) => {
      if (!(error instanceof HttpErrorResponse) || error.status !== 401) return throwError(() => error);
      door.lock();
      if (request.method !== 'GET') return throwError(() => error);
      return door.opened$.pipe(
        take(1),
        switchMap(() => next(request)),
      );
    }),
  );
};
