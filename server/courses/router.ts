import { type Response, Router } from 'express';
import { type CourseLoad, MakeClasses, SaveCourse } from '@core/contract';
import type { GivenOut } from '@core/course';
import { readBody, readId } from '../problem';
import type { CourseStore } from './store';

/**
 * @param homework what is given out in a course; null for all of it
 * @param load what the weeks of a course ask of the feet
 */
export function courseRouter(
  courses: CourseStore,
  homework: (courseId: string | null) => GivenOut[],
  load: (courseId: string) => CourseLoad,
): Router {
  const router = Router();
  const course = (params: { readonly id?: string }) => readId('This course', params.id);
  router.get('/', (_request, response) => void response.json(courses.list(false)));
  router.get('/archived', (_request, response) => void response.json(courses.list(true)));
  const sendCalendar = (response: Response, name: string, file: string): void => {
    response.setHeader('Content-Disposition', `attachment; filename="${name}.ics"`);
    response.type('text/calendar; charset=utf-8').send(file);
  };
  router.get('/calendar.ics', (_request, response) => {
    sendCalendar(response, 'needlework', courses.calendar(null, homework(null)));
  });
  router.get('/:id/calendar.ics', ({ params }, response) => {
    sendCalendar(response, 'course', courses.calendar(course(params), homework(course(params))));
  });
  router.get('/:id', ({ params }, response) => void response.json(courses.page(course(params))));
  router.get('/:id/plans', ({ params }, response) => {
    // packing it costs more than sending it, on one machine
    response.setHeader('Cache-Control', 'no-store, no-transform');
    response.type('application/json').send(courses.plansAsWritten(course(params)));
  });
  router.get('/:id/load', ({ params }, response) => void response.json(load(course(params))));
  router.put('/:id', ({ params, body }, response) => {
    response.json(courses.save(course(params), readBody(SaveCourse, body)));
  });
  router.post('/:id/classes', ({ params, body }, response) => {
    response.json(courses.make(course(params), readBody(MakeClasses, body)));
  });
  return router;
}
