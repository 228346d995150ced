import { Router } from 'express';
import * as z from 'zod';
import { cardOf, clockAfter, runningOrder, runningOrderColumns } from '@core/card';
import { safeCell } from '@core/format';
import { revisionsOf } from '@core/plan';
import { sayTime } from '@core/say-time';
import { buildTimeline } from '@core/timeline';
import type { ClassStore } from '../classes/store';
import type { Library } from '../exercises/store';
import { readBody, readId } from '../problem';
import { csvOf } from '../paper/csv';
import { cardPaper } from './paper';

const PaperAsked = z.object({
  size: z.enum(['usual', 'large', 'two']).default('usual'),
  /** When the class starts, as 18:30; times count from its start without. */
  starts: z.string().max(5).default(''),
});

/** A class on paper, and as a table. */
export function cardRouter(classes: ClassStore, library: Library): Router {
  const router = Router();
  const cardIn = (params: { readonly id?: string }) => {
    const { plan } = classes.read(readId('This class', params.id));
    return cardOf(plan, buildTimeline({ plan, find: library.finder(revisionsOf(plan)) }));
  };
  router.get('/:id/card.pdf', ({ params, query }, response, next) => {
    const { size, starts } = readBody(PaperAsked, query);
    cardPaper(cardIn(params), (ms) => clockAfter(starts, ms) ?? sayTime(ms), size)
      .then((file) => {
        response.setHeader('Content-Disposition', 'inline; filename="class-card.pdf"');
        response.type('application/pdf').send(file);
      })
      .catch(next);
  });
  router.get('/:id/order.csv', ({ params }, response) => {
    response.attachment('running-order.csv');
    response
      .type('text/csv')
      .send(csvOf([runningOrderColumns, ...runningOrder(cardIn(params)).map((row) => row.map(safeCell))]));
  });
  return router;
}
