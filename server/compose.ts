import type { Express } from 'express';
import { nanoid } from 'nanoid';
import type { Preferences } from '@core/contract';
import { catalogue } from '@core/exercise/catalogue';
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
import { copiesBeside } from './copies';
import { CourseLoads } from './load/course-load';
import { PlannedClasses } from './load/planned-classes';
import { NoiseStore } from './people/noise';
import { NoteStore } from './people/notes';
import { ReadingStore } from './people/readings';
import type { PeopleParts } from './people/router';
import { Standings } from './people/standings';
import { PeopleStore } from './people/store';
import { PreferenceStore } from './preferences/store';
import { ProtocolStore } from './protocols/store';
import { LastTimes } from './runs/last-times';
import { SampleStore } from './runs/samples';
import { RunStore } from './runs/store';
import { TakenOutStore } from './taken-out/store';

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
}

export interface Server {
  readonly app: Express;
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

/** Ids from the system's own randomness, as text that fits an address. */
export const newId = (): string => nanoid(12);

/** Puts database, stores and HTTP together. */
export function composeServer(options: ServerOptions): Server {
  const { db, close, wipe } = openDatabase(options.file, options.migrations, options.endedBadly);
  const now = options.now ?? (() => new Date().toISOString());
  const library = new Library(db, now);
  library.addBuiltIns(catalogue);
  const classes = new ClassStore(db, library, now, newId);
  const usage = new ExerciseUsage(db, library, classes, newId);
  const runs = new RunStore(db, library, now);
  const preferences = new PreferenceStore(db, now);
  const protocols = new ProtocolStore(db);
  const people: PeopleParts = {
    ...peopleParts(db, protocols, now, () => preferences.read().weekly, wipe, options.file),
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
  const app = createApp({
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
    hosts: options.hosts,
    pages: options.pages,
    report: options.report ?? (() => undefined),
    mayWrite: options.mayWrite ?? (() => true),
  });
  return { app, classes, library, runs, people, protocols, courses, homework, preferences, close };
}

function peopleParts(
  db: Db,
  protocols: ProtocolStore,
  now: () => string,
  weekly: () => Preferences['weekly'],
  wipe: () => void,
  file: string,
): Omit<PeopleParts, 'helped' | 'taught'> {
  const people = new PeopleStore(db, now, wipe);
  const readings = new ReadingStore(db, people, protocols, now);
  const noise = new NoiseStore(db, readings, protocols);
  return {
    people,
    readings,
    noise,
    notes: new NoteStore(db, people, now),
    standings: new Standings(readings, noise, protocols, weekly),
    copies: () => copiesBeside(file),
  };
}
