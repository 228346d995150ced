import { randomBytes } from 'node:crypto';
import type { Express } from 'express';
import { catalogue } from '@core/exercise/catalogue';
import { createApp } from './app';
import { ClassStore } from './classes';
import { openDatabase } from './database';
import { Library } from './library';
import { PreferenceStore } from './preferences';
import { RunStore } from './runs';

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
export const newId = (): string => randomBytes(9).toString('base64url');

/** Puts database, stores and HTTP together. */
export function composeServer(options: ServerOptions): Server {
  const { db, close } = openDatabase(options.file, options.migrations);
  const now = options.now ?? (() => new Date().toISOString());
  const library = new Library(db, now);
  library.addBuiltIns(catalogue);
  const classes = new ClassStore(db, library, now, newId);
  const runs = new RunStore(db, library);
  const preferences = new PreferenceStore(db, now);
  const app = createApp({
    classes,
    library,
    runs,
    preferences,
    hosts: options.hosts,
    pages: options.pages,
    report: options.report ?? (() => undefined),
  });
  return { app, classes, library, runs, close };
}
