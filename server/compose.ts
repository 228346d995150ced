import type { Express } from 'express';
import { nanoid } from 'nanoid';
import { catalogue } from '@core/exercise/catalogue';
import { createApp } from './app';
import { ClassStore } from './classes/store';
import { ExerciseUsage } from './classes/uses';
import { openDatabase } from './database';
import { Library } from './exercises/store';
import { PreferenceStore } from './preferences/store';
import { RunStore } from './runs/store';

export interface ServerOptions {
  readonly file: string;
  readonly migrations: string;
  readonly hosts: ReadonlySet<string>;
  readonly pages?: string;
  readonly report?: (error: unknown) => void;
  readonly now?: () => string;
}

export interface Server {
  readonly app: Express;
  readonly classes: ClassStore;
  readonly library: Library;
  readonly runs: RunStore;
  readonly close: () => void;
}

/** Ids from the system's own randomness, as text that fits an address. */
export const newId = (): string => nanoid(12);

/** Puts database, stores and HTTP together. */
export function composeServer(options: ServerOptions): Server {
  const { db, close } = openDatabase(options.file, options.migrations);
  const now = options.now ?? (() => new Date().toISOString());
  const library = new Library(db, now);
  library.addBuiltIns(catalogue);
  const classes = new ClassStore(db, library, now, newId);
  const usage = new ExerciseUsage(db, library, classes, newId);
  const runs = new RunStore(db, library, now);
  const preferences = new PreferenceStore(db, now);
  const app = createApp({
    classes,
    usage,
    library,
    runs,
    preferences,
    hosts: options.hosts,
    pages: options.pages,
    report: options.report ?? (() => undefined),
  });
  return { app, classes, library, runs, close };
}
