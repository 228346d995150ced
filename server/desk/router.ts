import { Router } from 'express';
import { DeskAsked } from '@core/contract';
import { readBody, readId } from '../problem';
import type { DeskStore } from './store';

/** The first screen in one answer. */
export function deskRouter(desk: DeskStore): Router {
  const router = Router();
  router.get('/', ({ query }, response) => void response.json(desk.read(readBody(DeskAsked, query))));
  router.get('/due', ({ query }, response) => {
    response.json(desk.due(readBody(DeskAsked, query)));
  });
  router.get('/groups/:id', ({ params, query }, response) => {
    response.json(desk.group(readId('This group', params.id), readBody(DeskAsked, query).today));
  });
  return router;
}
