import { Router } from 'express';
import { Preferences } from '@core/contract';
import { readBody } from '../problem';
import type { PreferenceStore } from './store';

export function preferenceRouter(preferences: PreferenceStore): Router {
  const router = Router();
  router.get('/', (_request, response) => void response.json(preferences.read()));
  router.put('/', ({ body }, response) => {
    preferences.save(readBody(Preferences, body));
    response.status(204).end();
  });
  return router;
}
