import { Router } from 'express';
import { MoveClasses, SaveExercise } from '@core/contract';
import type { ExerciseUsage } from '../classes/uses';
import { ProblemError, readBody } from '../problem';
import type { Library } from './store';

export function exerciseRouter(library: Library, usage: ExerciseUsage): Router {
  const router = Router();
  router.get('/', (request, response) => {
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
  router.get('/:id', ({ params }, response) => void response.json(library.one(params.id)));
  router.put('/:id', (request, response) => {
    const body = readBody(SaveExercise, request.body);
    if (body.exercise.id !== request.params.id)
      throw new ProblemError(422, 'not-valid', 'This is another exercise', 'It has a different id than the address.');
    response.json(library.save(body));
  });
  router.post('/:id/return', ({ params }, response) => void response.json(library.returnToOriginal(params.id)));
  router.get('/:id/classes', ({ params }, response) => void response.json(usage.of(params.id)));
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
