import { Router } from 'express';
import Database from 'better-sqlite3';
import { EntriesAsked, ExportAsked, TakeIn, mostDatabaseBytes, mostFileBytes } from '@core/contract';
import type { CopyStore } from '../copies/store';
import { notFound, readBody } from '../problem';
import { type Comings, tooLarge } from './comings';
import { type Goings, nameOf } from './goings';
import { written } from './written';

/** Files as they come in: written down as they come, whatever they are. */
export function receiveRouter(comings: Comings): Router {
  const router = Router();
  router.post('/coming', (request, response, next) => {
    const bytes = Number(request.headers['content-length'] ?? 0);
    // what still comes of one that is too large is not read
    if (bytes > mostFileBytes) response.setHeader('Connection', 'close');
    if (bytes > mostDatabaseBytes) throw tooLarge();
    comings
      .receive(request, bytes)
      .then((coming) => void response.status(202).json(coming))
      .catch(next);
  });
  return router;
}

/** Files in and out. */
export function exchangeRouter(file: string, comings: Comings, goings: Goings, now: () => string): Router {
  const router = Router();
  const idOf = (params: { readonly id?: string }): string => params.id ?? '';

  router.get('/coming/:id', ({ params }, response) => void response.json(comings.state(idOf(params))));
  // what is looked for may be somebody's name: it stands in no address
  router.post('/coming/:id/entries', ({ params, body }, response) => {
    response.json(comings.entries(idOf(params), readBody(EntriesAsked, body)));
  });
  router.post('/coming/:id/take', ({ params, body }, response) => {
    response.status(202).json(comings.take(idOf(params), readBody(TakeIn, body)));
  });
  router.delete('/coming/:id', ({ params }, response) => {
    comings.drop(idOf(params));
    response.status(204).end();
  });

  router.post('/going', ({ body }, response) => {
    response.status(202).json(goings.begin(readBody(ExportAsked, body)));
  });
  router.get('/going/:id', ({ params }, response) => void response.json(goings.state(idOf(params))));
  router.get('/going/:id/file', ({ params }, response, next) => {
    const { path, name } = goings.fetch(idOf(params));
    response.type('application/gzip').download(path, name, (error) => {
      if (error && !response.headersSent) next(error);
    });
  });
  router.get('/files/:of/:id', ({ params }, response) => {
    const which = readBody(ExportAsked, params);
    const made = now();
    const db = new Database(file, { readonly: true, timeout: 4000 });
    try {
      db.exec('begin');
      const pieces: string[] = [];
      const steps = written(db, which, made);
      let step = steps.next();
      for (; !step.done; step = steps.next()) pieces.push(step.value.text);
      if (step.value.records === 0) throw notFound('What this file would hold');
      response.attachment(nameOf(which, made)).type('application/json').send(pieces.join(''));
    } finally {
      db.close();
    }
  });
  return router;
}

/** Copies of everything. What takes a while is begun; the list says how far it is. */
export function copyRouter(copies: CopyStore, comings: Comings, restore: (name: string) => void): Router {
  const router = Router();
  const nameIn = (params: { readonly name?: string }): string => params.name ?? '';
  router.get('/', (_request, response) => void response.json(copies.list()));
  router.post('/', (_request, response) => {
    copies.begin();
    response.status(202).json(copies.list());
  });
  router.post('/:name/look', ({ params }, response) => {
    response.status(202).json(comings.look(nameIn(params)));
  });
  router.get('/:name/file', ({ params }, response, next) => {
    const path = copies.pathOf(nameIn(params));
    // it says what it holds wherever it is saved
    const called = nameIn(params).replace('needlework-', 'needlework-everything-with-people-');
    response.type('application/vnd.sqlite3').download(path, called, (error) => {
      if (error && !response.headersSent) next(error);
    });
  });
  router.post('/:name/restore', ({ params }, response) => {
    restore(nameIn(params));
    response.status(202).json(copies.list());
  });
  router.delete('/:name', ({ params }, response) => {
    copies.remove(nameIn(params));
    response.status(204).end();
  });
  return router;
}
