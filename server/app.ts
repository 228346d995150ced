import { existsSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { type ErrorRequestHandler, type Express, Router } from 'express';
import helmet from 'helmet';
import {
  ClassId,
  CreateClass,
  DuplicateClass,
  MoveClasses,
  Preferences,
  RunEvents,
  RunRemarks,
  SaveClass,
  SaveExercise,
  StartRun,
} from '@core/contract';
import type { ClassStore } from './classes';
import { guard } from './guard';
import type { Library } from './library';
import type { PreferenceStore } from './preferences';
import { ProblemError, notFound, readBody, sendProblem } from './problem';
import type { RunStore } from './runs';

export interface AppParts {
  readonly classes: ClassStore;
  readonly library: Library;
  readonly runs: RunStore;
  readonly preferences: PreferenceStore;
  readonly hosts: ReadonlySet<string>;
  /** Folder of the built pages; without it the server answers the API alone. */
  readonly pages?: string;
  /** Where faults of the server itself are told. */
  readonly report: (error: unknown) => void;
}

/** The HTTP face: validates, calls one function, answers. */
export function createApp(parts: AppParts): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(guard(parts.hosts));
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          'default-src': ["'self'"],
          'script-src': ["'self'"],
          'style-src': ["'self'", "'unsafe-inline'"],
          'img-src': ["'self'", 'data:'],
          'upgrade-insecure-requests': null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use(compression());
  app.use('/api', express.json({ limit: '1mb' }), api(parts));
  if (parts.pages !== undefined && existsSync(parts.pages)) servePages(app, parts.pages);
  app.use(() => {
    throw notFound('This address');
  });
  app.use(answerErrors(parts.report));
  return app;
}

function api({ classes, library, runs, preferences }: AppParts): Router {
  const router = Router();
  const classId = (params: { id?: string }): string => {
    const read = ClassId.safeParse(params.id);
    if (!read.success) throw notFound('This class');
    return read.data;
  };
  router.use((_request, response, next) => {
    response.setHeader('Cache-Control', 'no-store');
    next();
  });
  router.get('/health', (_request, response) => void response.json({ ok: true }));

  router.get('/exercises', (request, response) => {
    const { json, gzip, tag } = library.toSend();
    response.setHeader('Cache-Control', 'no-cache');
    response.setHeader('ETag', tag);
    response.setHeader('Vary', 'Accept-Encoding');
    if (request.headers['if-none-match'] === tag) {
      response.status(304).end();
      return;
    }
    response.type('application/json');
    if (request.acceptsEncodings('gzip') === 'gzip') response.setHeader('Content-Encoding', 'gzip').end(gzip);
    else response.end(json);
  });
  router.get('/exercises/:id', (request, response) => void response.json(library.one(request.params.id)));
  router.put('/exercises/:id', (request, response) => {
    const body = readBody(SaveExercise, request.body);
    if (body.exercise.id !== request.params.id)
      throw new ProblemError(422, 'not-valid', 'This is another exercise', 'It has a different id than the address.');
    response.json(library.save(body));
  });
  router.post(
    '/exercises/:id/return',
    (request, response) => void response.json(library.returnToOriginal(request.params.id)),
  );
  router.get('/exercises/:id/classes', (request, response) => void response.json(classes.usesOf(request.params.id)));
  router.post('/exercises/:id/move', (request, response) => {
    const { classIds } = readBody(MoveClasses, request.body);
    response.json({ moved: classes.moveToCurrent(request.params.id, classIds) });
  });
  router.get('/preferences', (_request, response) => void response.json(preferences.read()));
  router.put('/preferences', (request, response) => {
    preferences.save(readBody(Preferences, request.body));
    response.status(204).end();
  });
  router.delete('/exercises/:id', (request, response) => {
    library.remove(request.params.id);
    response.status(204).end();
  });
  router.post('/exercises/:id/restore', (request, response) => {
    library.restore(request.params.id);
    response.status(204).end();
  });

  router.get('/classes', (_request, response) => void response.json({ classes: classes.list() }));
  router.post(
    '/classes',
    (request, response) => void response.status(201).json(classes.create(readBody(CreateClass, request.body))),
  );
  router.get('/classes/:id', (request, response) => void response.json(classes.read(classId(request.params))));
  router.put(
    '/classes/:id',
    (request, response) => void response.json(classes.save(classId(request.params), readBody(SaveClass, request.body))),
  );
  router.delete('/classes/:id', (request, response) => {
    classes.delete(classId(request.params));
    response.status(204).end();
  });
  router.post(
    '/classes/:id/restore',
    (request, response) => void response.json(classes.restore(classId(request.params))),
  );
  router.post('/classes/:id/duplicate', (request, response) => {
    const { saveId, id } = readBody(DuplicateClass, request.body);
    response.status(201).json(classes.duplicate(classId(request.params), saveId, id));
  });
  router.get(
    '/classes/:id/other-doses',
    (request, response) => void response.json(classes.otherDoses(classId(request.params))),
  );
  router.get(
    '/classes/:id/revisions',
    (request, response) => void response.json({ revisions: classes.revisions(classId(request.params)) }),
  );
  router.get(
    '/classes/:id/revisions/:number',
    (request, response) => void response.json(classes.revision(classId(request.params), Number(request.params.number))),
  );
  router.get('/runs', (_request, response) => void response.json({ runs: runs.list() }));
  router.get('/runs/:id', (request, response) => void response.json(runs.read(classId(request.params))));
  router.put('/runs/:id', (request, response) => {
    runs.start(classId(request.params), readBody(StartRun, request.body));
    response.status(204).end();
  });
  router.post('/runs/:id/events', (request, response) => {
    runs.add(classId(request.params), readBody(RunEvents, request.body).events);
    response.status(204).end();
  });
  router.put('/runs/:id/remarks', (request, response) => {
    runs.remark(classId(request.params), readBody(RunRemarks, request.body));
    response.status(204).end();
  });
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
  return new ProblemError(
    500,
    'server-fault',
    'Something broke here',
    'The server met a fault of its own. What was saved is safe; try again.',
  );
}
