import type { HttpInterceptorFn } from '@angular/common/http';

/** The mark by which the service worker leaves a request alone. */
export const bypass = 'ngsw-bypass';

/** What is asked of the server goes to the server: the service worker keeps pages, never data. */
export const pastWorker: HttpInterceptorFn = (request, next) =>
  next(request.url.startsWith('/api/') ? request.clone({ setHeaders: { [bypass]: '1' } }) : request);
