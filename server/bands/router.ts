import { Router } from 'express';
import { SaveBand } from '@core/contract';
import { readBody, readId } from '../problem';
import type { BandStore } from './store';

export function bandRouter(bands: BandStore): Router {
  const router = Router();
  const band = (params: { readonly id?: string }) => readId('This band', params.id);
  router.get('/', (_request, response) => void response.json(bands.list()));
  router.put(
    '/:id',
    ({ params, body }, response) => void response.json(bands.save(band(params), readBody(SaveBand, body))),
  );
  router.delete('/:id', ({ params }, response) => {
    bands.delete(band(params));
    response.status(204).end();
  });
  return router;
}
