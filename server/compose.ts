import { type Express, type RequestHandler, Router } from 'express';
import type { Preferences } from '@core/contract';
import { catalogue } from '@core/exercise/catalogue';
import { type Door, doorRouter, keptOut } from './access/door';
import { apiRouter } from './api';
import { createApp } from './app';
import { BandStore } from './bands/store';
import { ClassStore } from './classes/store';
import { ExerciseUsage } from './classes/uses';
import { CourseStore } from './courses/store';
import { type Db, openDatabase } from './database';
import { LadderMoves } from './desk/ladder-moves';
import { DeskStore } from './desk/store';
import { Library } from './exercises/store';
import { HomeworkStore } from './homework/store';
import { CopyStore } from './copies/store';
import { restoreCopy } from './copies/restore';
import { Comings } from './exchange/comings';
import { Goings } from './exchange/goings';
import { copyRouter, exchangeRouter, receiveRouter } from './exchange/router';
import { type RunWork, runHere } from './exchange/thread';
import { CourseLoads } from './load/course-load';
import { PlannedClasses } from './load/planned-classes';
import { newId } from './new-id';
import { NoiseStore } from './people/noise';
import { NoteStore } from './people/notes';
import { ReadingStore } from './people/readings';
import type { PeopleParts } from './people/router';
import { Standings } from './people/standings';
import { PeopleStore } from './people/store';
import { PreferenceStore } from './preferences/store';
import { ProtocolStore } from './protocols/store';
import { ProblemError } from './problem';
import { LastTimes } from './runs/last-times';
import { SampleStore } from './runs/samples';
import { RunStore } from './runs/store';
import { TakenOutStore } from './taken-out/store';
import { TimedLater } from './timed-later';

export interface ServerOptions {
  readonly file: string;
  /** Whether the process before this one was killed: the database is then looked through. */
  readonly endedBadly?: boolean;
  readonly migrations: string;
  readonly hosts: ReadonlySet<string>;
  readonly pages?: string;
  readonly report?: (error: unknown) => void;
  readonly now?: () => string;
  /** Asked before anything is written: whether the database still lies where it was opened. */
  readonly mayWrite?: () => boolean;
  /** Told when another file lies where the database was: a copy that was put back. */
  readonly replaced?: () => void;
  /** Who gets in; whoever reaches the server does, where nothing is said. */
  readonly door?: Door;
  /** Does heavy work with files; in this thread unless said otherwise. */
  readonly run?: RunWork;
}

/** The stores over an open database, and what answers from them. */
interface Opened {
  readonly api: RequestHandler;
  readonly classes: ClassStore;
  readonly library: Library;
  readonly runs: RunStore;
  readonly people: PeopleParts;
  readonly protocols: ProtocolStore;
  readonly courses: CourseStore;
  readonly homework: HomeworkStore;
  readonly preferences: PreferenceStore;
  readonly close: () => void;
}

export interface Server extends Omit<Opened, 'api'> {
  readonly app: Express;
  /** Copies of the database; null for one in memory. */
  readonly copies: CopyStore | null;
}

/** Puts database, stores and HTTP together. The database may be closed for a while and opened anew under them. */
export function composeServer(options: ServerOptions): Server {
  const { file, migrations, run = runHere } = options;
  const now = options.now ?? (() => new Date().toISOString());
  const report = options.report ?? (() => undefined);
  const copies = file === ':memory:' ? null : new CopyStore(file, run, now);
  const open = () => openStores(options, now, copies);
  let opened: Opened | null = open();
  let working = false;

  const whileClosed = async <T>(work: () => Promise<T>): Promise<T> => {
    if (!opened) throw aMoment();
    opened.close();
    opened = null;
    working = true;
    try {
      return await work();
    } finally {
      working = false;
      openAgain();
    }
  };
  const openAgain = (): Opened => {
    const now_ = open();
    opened = now_;
    options.replaced?.();
    return now_;
  };
  const answer: RequestHandler = (request, response, next) => {
    if (!opened && working) throw aMoment();
    // where it could not be opened again, each question tries once more, and says why not
    const { api: stores } = opened ?? openAgain();
    stores(request, response, next);
  };
  const api = Router();
  api.get('/health', (_request, response) => void response.json({ ok: true }));
  let receive: RequestHandler | null = null;
  let stop = (): void => undefined;
  if (copies) {
    const comings = new Comings({ file, migrations, run, copies, now, newId, whileClosed, report });
    const goings = new Goings(file, run, now, newId);
    receive = receiveRouter(comings);
    const restore = (name: string): void => {
      // a name that is none is told at once, what comes later in the list
      copies.pathOf(name);
      copies.putBack(name, () => restoreCopy(name, { file, migrations, run, copies, whileClosed })).catch(report);
    };
    api.use(exchangeRouter(file, comings, goings, now));
    api.use('/copies', copyRouter(copies, comings, restore));
    stop = () => {
      comings.close();
      goings.close();
    };
  }
  api.use(answer);
  const { pages, hosts, door } = options;
  const first = door ? [doorRouter(door), keptOut(door)] : [];
  const secure = door?.secure ?? false;
  const app = createApp({
    first,
    api,
    receive,
    hosts,
    pages,
    secure,
    report,
    mayWrite: options.mayWrite ?? (() => true),
  });
  const now_ = (): Opened => {
    if (!opened) throw aMoment();
    return opened;
  };
  return {
    app,
    copies,
    get classes() {
      return now_().classes;
    },
    get library() {
      return now_().library;
    },
    get runs() {
      return now_().runs;
    },
    get people() {
      return now_().people;
    },
    get protocols() {
      return now_().protocols;
    },
    get courses() {
      return now_().courses;
    },
    get homework() {
      return now_().homework;
    },
    get preferences() {
      return now_().preferences;
    },
    close: () => {
      stop();
      opened?.close();
      opened = null;
    },
  };
}

/** The database is closed while everything is taken in, or a copy is put back; what is sent meanwhile is sent again. */
const aMoment = (): ProblemError =>
  new ProblemError(
    503,
    'a-moment',
    'A moment',
    'Needlework is taking something in, or putting a copy back. What you did is kept here, and sent again.',
  );

/** Opens the database with all that answers from it. */
function openStores(options: ServerOptions, now: () => string, copies: CopyStore | null): Opened {
  const { db, close, wipe } = openDatabase(options.file, options.migrations, options.endedBadly);
  const library = new Library(db, now);
  library.addBuiltIns(catalogue);
  const later = new TimedLater(db, library);
  const classes = new ClassStore(db, library, now, newId, later);
  const usage = new ExerciseUsage(db, library, classes, newId);
  const runs = new RunStore(db, library, now, later);
  const preferences = new PreferenceStore(db, now);
  const protocols = new ProtocolStore(db);
  const people: PeopleParts = {
    ...peopleParts(db, protocols, now, () => preferences.read().weekly, wipe, copies),
    taught: (groupId) => runs.taughtTo(groupId),
    helped: (groupId) => {
      const answers = runs.answersOf(groupId);
      const { words } = preferences.read().school;
      const ids = [...new Set(answers.map(({ exerciseId }) => exerciseId))];
      return { answers, names: Object.fromEntries(ids.map((id) => [id, library.one(id).exercise.name[words]])) };
    },
  };
  const courses = new CourseStore(db, classes, now);
  const plans = new PlannedClasses(db, library);
  const homework = new HomeworkStore(db, people.people, people.notes, library, plans, now);
  const samples = new SampleStore(db, runs, () => preferences.read().pace);
  const lastTimes = new LastTimes(db, runs);
  const moves = new LadderMoves(people.readings, people.notes, people.noise, library, () => preferences.read().school);
  const api = apiRouter({
    classes,
    usage,
    library,
    runs,
    samples,
    lastTimes,
    preferences,
    takenOut: new TakenOutStore(db, library),
    people,
    protocols,
    bands: new BandStore(db),
    courses,
    homework,
    desk: new DeskStore(db, {
      classes,
      courses,
      homework,
      lastTimes,
      library,
      moves,
      people,
      preferences,
      protocols,
      runs,
    }),
    loads: new CourseLoads(db, courses, samples, homework, library, preferences, plans),
  });
  return { api, classes, library, runs, people, protocols, courses, homework, preferences, close };
}

function peopleParts(
  db: Db,
  protocols: ProtocolStore,
  now: () => string,
  weekly: () => Preferences['weekly'],
  wipe: () => void,
  copies: CopyStore | null,
): Omit<PeopleParts, 'helped' | 'taught'> {
  const people = new PeopleStore(db, now, wipe);
  const readings = new ReadingStore(db, people, protocols, now);
  const noise = new NoiseStore(db, readings, protocols);
  return {
    people,
    readings,
    noise,
    protocols,
    notes: new NoteStore(db, people, now),
    standings: new Standings(readings, noise, protocols, weekly),
    copies: (studentId) =>
      (copies?.holding(studentId) ?? []).map(({ name, made, until }) => ({ name, madeAt: made, until })),
  };
}
