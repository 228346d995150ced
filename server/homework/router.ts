import { Router } from 'express';
import * as z from 'zod';
import { HomeworkAsked, HomeworkBetween, SaveHomework } from '@core/contract';
import { type Sheet } from '@core/homework';
import { readBody, readId } from '../problem';
import { paperOf } from './paper';
import type { HomeworkStore } from './store';

const SizeAsked = z.object({ size: z.enum(['a4', 'phone']).default('a4') });

/** @param sheet what a sheet says, as it is printed */
export function homeworkRouter(homework: HomeworkStore, sheet: (id: string) => Sheet): Router {
  const router = Router();
  const idOf = (params: { readonly id?: string }) => readId('This homework', params.id);
  router.get('/', ({ query }, response) => void response.json(homework.list(readBody(HomeworkAsked, query))));
  router.get('/between', ({ query }, response) => {
    const { from, to } = readBody(HomeworkBetween, query);
    response.json({ homework: homework.between(from, to), next: null });
  });
  router.get('/:id', ({ params }, response) => void response.json(homework.page(idOf(params))));
  router.get('/:id/sheet.pdf', ({ params, query }, response, next) => {
    const { size } = readBody(SizeAsked, query);
    paperOf(sheet(idOf(params)), size)
      .then((file) => {
        response.setHeader('Content-Disposition', 'inline; filename="homework.pdf"');
        response.type('application/pdf').send(file);
      })
      .catch(next);
  });
  router.put('/:id', ({ params, body }, response) => {
    response.json(homework.save(idOf(params), readBody(SaveHomework, body)));
  });
  return router;
}
