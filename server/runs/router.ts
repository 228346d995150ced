import { Router } from 'express';
import { GroupDoneAsked, GroupLoadsAsked, ListAsked, RunEvents, RunRemarks, StartRun } from '@core/contract';
import { readBody, readId } from '../problem';
import type { LastTimes } from './last-times';
import type { SampleStore } from './samples';
import type { RunStore } from './store';

const idOf = (params: { readonly id?: string }) => readId('This taught class', params.id);

export function runRouter(runs: RunStore, samples: SampleStore, lastTimes: LastTimes): Router {
  const router = Router();
  router.get('/', ({ query }, response) => void response.json(runs.list(readBody(ListAsked, query))));
  router.get('/last/:id', ({ params }, response) => {
    response.json(lastTimes.ofClass(readId('This class', params.id)));
  });
  router.get('/done', ({ query }, response) => {
    const { group, from, to } = readBody(GroupDoneAsked, query);
    response.json(samples.taughtTo(group, from, to));
  });
  router.get('/loads', ({ query }, response) => {
    response.json(samples.lastLoads(readBody(GroupLoadsAsked, query).group));
  });
  router.get('/learned', (_request, response) => void response.json(samples.learned()));
  router.get('/over/:id', ({ params }, response) => {
    response.json(samples.over(readId('This class', params.id)));
  });
  router.get('/:id', ({ params }, response) => void response.json(runs.read(idOf(params))));
  router.put('/:id', ({ params, body }, response) => {
    runs.start(idOf(params), readBody(StartRun, body));
    response.status(204).end();
  });
  router.post('/:id/events', ({ params, body }, response) => {
    const { events } = readBody(RunEvents, body);
    runs.add(idOf(params), events);
    // read while nobody waits for it
    if (events.some(({ event }) => event.kind === 'ended')) samples.follow(idOf(params));
    response.status(204).end();
  });
  router.put('/:id/remarks', ({ params, body }, response) => {
    runs.remark(idOf(params), readBody(RunRemarks, body));
    response.status(204).end();
  });
  router.delete('/:id', ({ params }, response) => {
    runs.remove(idOf(params));
    response.status(204).end();
  });
  router.post('/:id/restore', ({ params }, response) => {
    runs.restore(idOf(params));
    response.status(204).end();
  });
  return router;
}
