import { existsSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { type ErrorRequestHandler, type Express, type RequestHandler } from 'express';
import helmet from 'helmet';
import { guard, reads } from './guard';
import { ProblemError, notFound, sendProblem } from './problem';
import { diskFault } from './start-fault';

export interface AppParts {
  /** Asked first of all: who gets in. */
  readonly first: readonly RequestHandler[];
  /** Answers to the API. */
  readonly api: RequestHandler;
  /** Takes files that come in, as they come; null where there is nowhere to keep them. */
  readonly receive: RequestHandler | null;
  readonly hosts: ReadonlySet<string>;
  /** Folder of the built pages; without it the server answers the API alone. */
  readonly pages?: string;
  /** Whether it is reached by HTTPS. */
  readonly secure: boolean;
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
  if (parts.secure) app.use(onlySecure);
  app.use((_request, response, next) => {
    response.setHeader('Permissions-Policy', unused);
    next();
  });
  app.use(guard(parts.hosts));
  app.use('/api', neverKept, ...parts.first);
  app.use(compression());
  app.use('/api', onlyWhereItLies(parts.mayWrite));
  if (parts.receive) app.use('/api', parts.receive);
  app.use('/api', express.json({ limit: '1mb' }), parts.api);
  if (parts.pages !== undefined && existsSync(parts.pages)) servePages(app, parts.pages);
  app.use(() => {
    throw notFound('This address');
  });
  app.use(answerErrors(parts.report));
  return app;
}

const halfAYear = helmet.strictTransportSecurity({ maxAge: 15_724_800, includeSubDomains: false });
/** What was reached by HTTPS is not asked for in the clear again. A machine's own name is that of all its ports, so it is left out. */
const onlySecure: RequestHandler = (request, response, next) => {
  if (request.hostname === 'localhost') next();
  else halfAYear(request, response, next);
};

/** Nothing of the API is kept by a browser. */
const neverKept: RequestHandler = (_request, response, next) => {
  response.setHeader('Cache-Control', 'no-store');
  next();
};

/** Nothing is written where the data is gone. */
const onlyWhereItLies =
  (mayWrite: () => boolean): RequestHandler =>
  (request, _response, next) => {
    if (!reads.has(request.method) && !mayWrite())
      throw new ProblemError(
        503,
        'data-gone',
        'The folder with the data is gone',
        'This is not saved. Put the folder back where it was; it is then tried again.',
      );
    next();
  };

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
