import { existsSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { type ErrorRequestHandler, type Express, Router } from 'express';
import helmet from 'helmet';
import { PageAsked } from '@core/contract';
import { bandRouter } from './bands/router';
import type { BandStore } from './bands/store';
import { classRouter } from './classes/router';
import type { ClassStore } from './classes/store';
import type { ExerciseUsage } from './classes/uses';
import { courseRouter } from './courses/router';
import type { CourseStore } from './courses/store';
import { deskRouter } from './desk/router';
import type { DeskStore } from './desk/store';
import { deviceRouter } from './devices/router';
import { exerciseRouter } from './exercises/router';
import type { Library } from './exercises/store';
import { guard, reads } from './guard';
import { homeworkRouter } from './homework/router';
import { storedSheet } from './homework/sheet';
import type { HomeworkStore } from './homework/store';
import { type PeopleParts, noteRouter, peopleRouter, readingRouter } from './people/router';
import type { CourseLoads } from './load/course-load';
import { preferenceRouter } from './preferences/router';
import type { PreferenceStore } from './preferences/store';
import { ProblemError, notFound, readBody, sendProblem } from './problem';
import { protocolRouter } from './protocols/router';
import type { ProtocolStore } from './protocols/store';
import type { LastTimes } from './runs/last-times';
import { runRouter } from './runs/router';
import type { SampleStore } from './runs/samples';
import type { RunStore } from './runs/store';
import { diskFault } from './start-fault';
import type { TakenOutStore } from './taken-out/store';

export interface AppParts {
  readonly classes: ClassStore;
  readonly usage: ExerciseUsage;
  readonly library: Library;
  readonly runs: RunStore;
  readonly samples: SampleStore;
  readonly lastTimes: LastTimes;
  readonly preferences: PreferenceStore;
  readonly takenOut: TakenOutStore;
  readonly people: PeopleParts;
  readonly protocols: ProtocolStore;
  readonly bands: BandStore;
  readonly courses: CourseStore;
  readonly homework: HomeworkStore;
  readonly loads: CourseLoads;
  readonly desk: DeskStore;
  readonly hosts: ReadonlySet<string>;
  /** Folder of the built pages; without it the server answers the API alone. */
  readonly pages?: string;
  /** Where faults of the server itself are told. */
  readonly report: (error: unknown) => void;
  /** Asked before anything is written: whether the database still lies where it was opened. */
  readonly mayWrite: () => boolean;
}

/** What the pages never use, and so nothing in them can. */
const unused = ['accelerometer', 'camera', 'display-capture', 'geolocation', 'gyroscope', 'magnetometer', 'microphone']
  .concat(['midi', 'payment', 'publickey-credentials-get', 'serial', 'usb', 'xr-spatial-tracking'])
  .map((feature) => `${feature}=()`)
  .join(', ');

/** The HTTP face: validates, calls one function, answers. */
export function createApp(parts: AppParts): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          'default-src': ["'self'"],
          'script-src': ["'self'"],
          'style-src': ["'self'", "'unsafe-inline'"],
          'img-src': ["'self'", 'data:'],
          'font-src': ["'self'"],
          'upgrade-insecure-requests': null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use((_request, response, next) => {
    response.setHeader('Permissions-Policy', unused);
    next();
  });
  app.use(guard(parts.hosts));
  app.use(compression());
  app.use('/api', express.json({ limit: '1mb' }), api(parts));
  if (parts.pages !== undefined && existsSync(parts.pages)) servePages(app, parts.pages);
  app.use(() => {
    throw notFound('This address');
  });
  app.use(answerErrors(parts.report));
  return app;
}

function api({
  classes,
  usage,
  library,
  runs,
  samples,
  lastTimes,
  preferences,
  takenOut,
  people,
  protocols,
  bands,
  courses,
  homework,
  loads,
  desk,
  mayWrite,
}: AppParts): Router {
  const router = Router();
  router.use((request, response, next) => {
    response.setHeader('Cache-Control', 'no-store');
    if (!reads.has(request.method) && !mayWrite())
      throw new ProblemError(
        503,
        'data-gone',
        'The folder with the data is gone',
        'This is not saved. Put the folder back where it was; it is then tried again.',
      );
    next();
  });
  router.get('/health', (_request, response) => void response.json({ ok: true }));
  router.use('/exercises', exerciseRouter(library, usage));
  router.use('/classes', classRouter(classes, usage));
  router.use('/runs', runRouter(runs, samples, lastTimes));
  router.use('/preferences', preferenceRouter(preferences));
  router.use('/people', peopleRouter(people));
  router.use('/readings', readingRouter(people));
  router.use('/notes', noteRouter(people));
  router.use('/protocols', protocolRouter(protocols));
  router.use('/bands', bandRouter(bands));
  router.use(
    '/courses',
    courseRouter(
      courses,
      (id) => homework.givenOut(id),
      (id) => loads.of(id),
    ),
  );
  router.use(
    '/homework',
    homeworkRouter(homework, (id) => storedSheet(id, homework, library, preferences)),
  );
  router.use('/desk', deskRouter(desk));
  router.use('/devices', deviceRouter());
  router.get('/taken-out', ({ query }, response) => void response.json(takenOut.list(readBody(PageAsked, query))));
  router.use(() => {
    throw notFound('This address');
  });
  return router;
}

/** Files whose names carry a hash never change; the page itself is asked for each time. */
function servePages(app: Express, pages: string): void {
  app.use(
    express.static(pages, {
      index: false,
      setHeaders: (response, path) => {
        const hashed = /-[A-Z0-9]{8}\.\w+$/.test(path);
        response.setHeader('Cache-Control', hashed ? 'public, max-age=31536000, immutable' : 'no-cache');
      },
    }),
  );
  app.get(/^\/(?!api\/)[^.]*$/, (_request, response) => {
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(join(pages, 'index.html'));
  });
}

function answerErrors(report: AppParts['report']): ErrorRequestHandler {
  return (error: unknown, _request, response, next) => {
    if (response.headersSent) {
      next(error);
      return;
    }
    sendProblem(response, toProblem(error, report));
  };
}

function toProblem(error: unknown, report: AppParts['report']): ProblemError {
  if (error instanceof ProblemError) return error;
  const type = typeof error === 'object' && error !== null && 'type' in error ? error.type : null;
  if (type === 'entity.too.large')
    return new ProblemError(413, 'too-large', 'Too large', 'A class of this size cannot be saved; at most 1 MB.');
  const status = typeof error === 'object' && error !== null && 'status' in error ? Number(error.status) : 500;
  if (status >= 400 && status < 500)
    return new ProblemError(status, 'malformed', 'Not readable', 'The message could not be read. Nothing was changed.');
  report(error);
  const disk = diskFault(error);
  if (disk) return new ProblemError(503, 'disk-fault', disk.title, disk.detail);
  return new ProblemError(
    500,
    'server-fault',
    'Something broke here',
    'The server met a fault of its own. What was saved is safe; try again.',
  );
}
