import { Router } from 'express';
import { LibraryAsked, MoveClasses, PageAsked, SaveExercise } from '@core/contract';
import type { ExerciseUsage } from '../classes/uses';
import { ProblemError, readBody } from '../problem';
import type { Library } from './store';

export function exerciseRouter(library: Library, usage: ExerciseUsage): Router {
  const router = Router();
  router.get('/', ({ query }, response) => {
    // packing it costs more than sending it, on one machine
    response.setHeader('Cache-Control', 'no-store, no-transform');
    response.type('application/json').send(library.page(readBody(LibraryAsked, query)));
  });
  router.get('/:id', ({ params }, response) => void response.json(library.one(params.id)));
  router.put('/:id', (request, response) => {
    const body = readBody(SaveExercise, request.body);
    if (body.exercise.id !== request.params.id)
      throw new ProblemError(422, 'not-valid', 'This is another exercise', 'It has a different id than the address.');
    response.json(library.save(body));
  });
  router.post('/:id/return', ({ params }, response) => void response.json(library.returnToOriginal(params.id)));
  router.get(
    '/:id/classes',
    ({ params, query }, response) => void response.json(usage.of(params.id, readBody(PageAsked, query).after)),
  );
  router.post('/:id/move', ({ params, body }, response) => {
    const { classIds } = readBody(MoveClasses, body);
    response.json({ moved: usage.moveToCurrent(params.id, classIds) });
  });
  router.delete('/:id', ({ params }, response) => {
    library.remove(params.id);
    response.status(204).end();
  });
  router.post('/:id/restore', ({ params }, response) => {
    library.restore(params.id);
    response.status(204).end();
  });
  return router;
}
