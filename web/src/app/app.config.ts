import { provideHttpClient, withFetch, withInterceptors } from '@angular/common/http';
import {
  type ApplicationConfig,
  inject,
  isDevMode,
  provideBrowserGlobalErrorListeners,
  provideZonelessChangeDetection,
} from '@angular/core';
import {
  provideRouter,
  withComponentInputBinding,
  withInMemoryScrolling,
  withNavigationErrorHandler,
  withPreloading,
} from '@angular/router';
import { provideServiceWorker } from '@angular/service-worker';
import { atTheDoor } from './data/at-the-door';
import { pastWorker } from './data/past-worker';
import { patience } from './data/patience';
import { Ahead } from './data/ahead';
import { LostPage } from './data/lost-page';
import { routes } from './routes';
import { WORKER_FACTORY } from './worker/heavy-work';
import { startWorker } from './worker/worker-factory';

export const appConfig: ApplicationConfig = {
  providers: [
    provideZonelessChangeDetection(),
    provideBrowserGlobalErrorListeners(),
    provideRouter(
      routes,
      withComponentInputBinding(),
      withInMemoryScrolling({ scrollPositionRestoration: 'top' }),
      withPreloading(Ahead),
      withNavigationErrorHandler(() => inject(LostPage).tell()),
    ),
    provideHttpClient(withFetch(), withInterceptors([atTheDoor, patience, pastWorker])),
    // pages are kept for a hall without a net; a page in development is always the newest
    provideServiceWorker('ngsw-worker.js', { enabled: !isDevMode(), registrationStrategy: 'registerWhenStable:5000' }),
    { provide: WORKER_FACTORY, useValue: startWorker },
  ],
};
