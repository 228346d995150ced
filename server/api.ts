import { type RequestHandler, Router } from 'express';
import { PageAsked } from '@core/contract';
import { bandRouter } from './bands/router';
import type { BandStore } from './bands/store';
import { cardRouter } from './card/router';
import { classRouter } from './classes/router';
import type { ClassStore } from './classes/store';
import type { ExerciseUsage } from './classes/uses';
import { courseRouter } from './courses/router';
import type { CourseStore } from './courses/store';
import { deskRouter } from './desk/router';
import type { DeskStore } from './desk/store';
import { deviceRouter } from './devices/router';
import { exerciseRouter } from './exercises/router';
import type { Library } from './exercises/store';
import { homeworkRouter } from './homework/router';
import { storedSheet } from './homework/sheet';
import type { HomeworkStore } from './homework/store';
import { type PeopleParts, noteRouter, peopleRouter, readingRouter } from './people/router';
import type { CourseLoads } from './load/course-load';
import { preferenceRouter } from './preferences/router';
import type { PreferenceStore } from './preferences/store';
import { notFound, readBody } from './problem';
import { protocolRouter } from './protocols/router';
import type { ProtocolStore } from './protocols/store';
import type { LastTimes } from './runs/last-times';
import { runRouter } from './runs/router';
import type { SampleStore } from './runs/samples';
import type { RunStore } from './runs/store';
import type { TakenOutStore } from './taken-out/store';

/** What answers to the API: one store a resource, over one open database. */
export interface ApiParts {
  readonly classes: ClassStore;
  readonly usage: ExerciseUsage;
  readonly library: Library;
  readonly runs: RunStore;
  readonly samples: SampleStore;
  readonly lastTimes: LastTimes;
  readonly preferences: PreferenceStore;
  readonly takenOut: TakenOutStore;
  readonly people: PeopleParts;
  readonly protocols: ProtocolStore;
  readonly bands: BandStore;
  readonly courses: CourseStore;
  readonly homework: HomeworkStore;
  readonly loads: CourseLoads;
  readonly desk: DeskStore;
}

/** The resources, each at its own address. */
export function apiRouter({
  classes,
  usage,
  library,
  runs,
  samples,
  lastTimes,
  preferences,
  takenOut,
  people,
  protocols,
  bands,
  courses,
  homework,
  loads,
  desk,
}: ApiParts): RequestHandler {
  const router = Router();
  router.use('/exercises', exerciseRouter(library, usage));
  router.use('/classes', classRouter(classes, usage));
  router.use('/classes', cardRouter(classes, library));
  router.use('/runs', runRouter(runs, samples, lastTimes));
  router.use('/preferences', preferenceRouter(preferences));
  router.use('/people', peopleRouter(people));
  router.use('/readings', readingRouter(people));
  router.use('/notes', noteRouter(people));
  router.use('/protocols', protocolRouter(protocols));
  router.use('/bands', bandRouter(bands));
  router.use(
    '/courses',
    courseRouter(
      courses,
      (id) => homework.givenOut(id),
      (id) => loads.of(id),
    ),
  );
  router.use(
    '/homework',
    homeworkRouter(homework, (id) => storedSheet(id, homework, library, preferences)),
  );
  router.use('/desk', deskRouter(desk));
  router.use('/devices', deviceRouter());
  router.get('/taken-out', ({ query }, response) => void response.json(takenOut.list(readBody(PageAsked, query))));
  router.use(() => {
    throw notFound('This address');
  });
  return router;
}
