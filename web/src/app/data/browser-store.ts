import { Injectable } from '@angular/core';
import { type UseStore, clear, del, entries, get, promisifyRequest, set } from 'idb-keyval';
import type * as z from 'zod';
import { readWords } from '@core/read-words';
import type { Result } from '@core/result';
import type { ReadError } from '@core/stored';

/** Reads what was kept, by its format. */
export type Reader<T> = (stored: unknown) => Result<T, ReadError>;

/** One thing kept in this browser; `unreadable` says why it cannot be read, and it stays where it is. */
export type Kept<T> =
  | { readonly key: string; readonly value: T; readonly unreadable: null }
  | { readonly key: string; readonly value: null; readonly unreadable: string };

/** A browser that has not answered in this time keeps nothing, ms; once it has been silent it is given less. */
const patienceMs = 4000;
const lessMs = 300;

/**
 * What this browser keeps (IndexedDB), read through the schema of whoever asks. A browser that keeps nothing, or whose
 * storage is blocked, or that never answers, is no fault: writing answers false, reading finds nothing.
 */
@Injectable({ providedIn: 'root' })
export class BrowserStore {
  private silent = false;
  /** Nothing is left behind: what goes with the page puts nothing by any more. */
  private emptied = false;
  private opened: UseStore | null = null;

  /** @returns whether it is kept */
  async keep(key: string, value: unknown): Promise<boolean> {
    try {
      await this.soon(() => set(key, value, this.store()));
      return true;
    } catch {
      return false;
    }
  }

  /** Null where nothing is kept under that key. */
  async find<T>(key: string, what: string, read: Reader<T>): Promise<Kept<T> | null> {
    try {
      const stored = await this.soon(() => get<unknown>(key, this.store()));
      return stored === undefined ? null : kept(key, what, read, stored);
    } catch {
      return null;
    }
  }

  /** Everything under keys that begin so, in the order of the keys. */
  async all<T>(prefix: string, what: string, read: Reader<T>): Promise<Kept<T>[]> {
    try {
      const found = await this.soon(() => entries<string, unknown>(this.store()));
      return found
        .filter(([key]) => typeof key === 'string' && key.startsWith(prefix))
        .sort(([a], [b]) => (a < b ? -1 : 1))
        .map(([key, stored]) => kept(key, what, read, stored));
    } catch {
      return [];
    }
  }

  /** A small choice of this device, at hand before anything is drawn; `otherwise` where nothing, or nonsense, is kept. */
  remembered<T>(key: string, schema: z.ZodType<T>, otherwise: T): T {
    try {
      const read = schema.safeParse(localStorage.getItem(key));
      return read.success ? read.data : otherwise;
    } catch {
      return otherwise;
    }
  }

  /** Remembers a small choice; a browser that keeps nothing still has it until the page closes. */
  remember(key: string, value: string): void {
    try {
      localStorage.setItem(key, value);
    } catch {
      return;
    }
  }

  /** Puts something by for this tab, at once: it outlives a reload, and goes when the tab does. */
  putBy(key: string, value: unknown): void {
    if (this.emptied) return;
    try {
      sessionStorage.setItem(key, JSON.stringify(value));
    } catch {
      // what is too much, or blocked, is not there after a reload; half of it would be worse
      this.dropBy(key);
    }
  }

  /** What was put by in this tab; null where nothing was, or it cannot be read. */
  takenUp<T>(key: string, schema: z.ZodType<T>): T | null {
    try {
      const read = schema.safeParse(JSON.parse(sessionStorage.getItem(key) ?? 'null'));
      return read.success ? read.data : null;
    } catch {
      return null;
    }
  }

  private dropBy(key: string): void {
    try {
      sessionStorage.removeItem(key);
    } catch {
      return;
    }
  }

  async forget(key: string): Promise<void> {
    try {
      await this.soon(() => del(key, this.store()));
    } catch {
      return;
    }
  }

  /** Leaves nothing behind. */
  async empty(): Promise<void> {
    this.emptied = true;
    await this.soon(() => clear(this.store()));
    localStorage.clear();
    sessionStorage.clear();
  }

  /** The store where the letters lie: what is said to be kept has reached the disk, and not only the browser's memory. */
  private store(): UseStore {
    this.opened ??= open(() => (this.opened = null));
    return this.opened;
  }

  private async soon<T>(ask: () => Promise<T>): Promise<T> {
    let waiting: ReturnType<typeof setTimeout> | undefined;
    const silence = new Promise<never>((_, given) => {
      waiting = setTimeout(
        () => {
          this.silent = true;
          given(new Error('the browser’s store does not answer'));
        },
        this.silent ? lessMs : patienceMs,
      );
    });
    try {
      const answer = await Promise.race([ask(), silence]);
      this.silent = false;
      return answer;
    } finally {
      clearTimeout(waiting);
    }
  }
}

/** @param lost called when the connection is gone: the next question opens another */
function open(lost: () => void): UseStore {
  const opening = indexedDB.open('keyval-store');
  opening.onupgradeneeded = () => opening.result.createObjectStore('keyval');
  const database = promisifyRequest(opening);
  database.then(
    (db) => (db.onclose = lost),
    () => lost(),
  );
  return async (mode, callback) => {
    const db = await database;
    return callback(db.transaction('keyval', mode, { durability: 'strict' }).objectStore('keyval'));
  };
}

function kept<T>(key: string, what: string, read: Reader<T>, stored: unknown): Kept<T> {
  const found = read(stored);
  return found.ok
    ? { key, value: found.value, unreadable: null }
    : { key, value: null, unreadable: readWords(what, found.error) };
}
