import { Router } from 'express';
import { CreateClass, DuplicateClass, ListAsked, PageAsked, SaveClass } from '@core/contract';
import { readBody, readId } from '../problem';
import type { ClassStore } from './store';
import type { ExerciseUsage } from './uses';

const idOf = (params: { readonly id?: string }) => readId('This class', params.id);

export function classRouter(classes: ClassStore, usage: ExerciseUsage): Router {
  const router = Router();
  router.get('/', ({ query }, response) => void response.json(classes.list(readBody(ListAsked, query))));
  router.post('/', ({ body }, response) => void response.status(201).json(classes.create(readBody(CreateClass, body))));
  router.get('/:id', ({ params }, response) => void response.type('json').send(classes.readAsWritten(idOf(params))));
  router.put(
    '/:id',
    ({ params, body }, response) => void response.json(classes.save(idOf(params), readBody(SaveClass, body))),
  );
  router.delete('/:id', ({ params }, response) => {
    classes.delete(idOf(params));
    response.status(204).end();
  });
  router.post('/:id/restore', ({ params }, response) => void response.json(classes.restore(idOf(params))));
  router.post('/:id/duplicate', ({ params, body }, response) => {
    const { saveId, id } = readBody(DuplicateClass, body);
    response.status(201).json(classes.duplicate(idOf(params), saveId, id));
  });
  router.get('/:id/other-doses', ({ params }, response) => void response.json(usage.otherDoses(idOf(params))));
  router.get(
    '/:id/revisions',
    ({ params, query }, response) => void response.json(classes.revisions(idOf(params), readBody(PageAsked, query))),
  );
  router.get(
    '/:id/revisions/:number',
    ({ params }, response) => void response.json(classes.revision(idOf(params), Number(params.number))),
  );
  return router;
}
