import { Router } from 'express';
import { SaveProtocol } from '@core/contract';
import { readBody, readId } from '../problem';
import type { ProtocolStore } from './store';

export function protocolRouter(protocols: ProtocolStore): Router {
  const router = Router();
  router.get('/', (_request, response) => void response.json(protocols.list()));
  router.put('/:id', ({ params, body }, response) => {
    response.json(protocols.save(readId('This protocol', params.id), readBody(SaveProtocol, body)));
  });
  return router;
}
