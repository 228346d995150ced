import type { HttpInterceptorFn } from '@angular/common/http';
import { timeout } from 'rxjs';

/** How long a page waits for the server before it says that it does not answer, ms. */
export const patienceMs = 8000;

/** Gives up on an answer that does not come, or stops in the middle; the request is broken off. */
export const patience: HttpInterceptorFn = (request, next) => next(request).pipe(timeout({ each: patienceMs }));
