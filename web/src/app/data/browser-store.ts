import { Injectable } from '@angular/core';
import { del, entries, get, set } from 'idb-keyval';
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

/**
 * What this browser keeps (IndexedDB), read through the schema of whoever asks. A browser that keeps nothing, or whose
 * storage is blocked, is no fault: writing answers false, reading finds nothing.
 */
@Injectable({ providedIn: 'root' })
export class BrowserStore {
  /** @returns whether it is kept */
  async keep(key: string, value: unknown): Promise<boolean> {
    try {
      await set(key, value);
      return true;
    } catch {
      return false;
    }
  }

  /** Null where nothing is kept under that key. */
  async find<T>(key: string, what: string, read: Reader<T>): Promise<Kept<T> | null> {
    try {
      const stored = await get<unknown>(key);
      return stored === undefined ? null : kept(key, what, read, stored);
    } catch {
      return null;
    }
  }

  /** Everything under keys that begin so, in the order of the keys. */
  async all<T>(prefix: string, what: string, read: Reader<T>): Promise<Kept<T>[]> {
    try {
      const found = await entries<string, unknown>();
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

  async forget(key: string): Promise<void> {
    try {
      await del(key);
    } catch {
      return;
    }
  }
}

function kept<T>(key: string, what: string, read: Reader<T>, stored: unknown): Kept<T> {
  const found = read(stored);
  return found.ok
    ? { key, value: found.value, unreadable: null }
    : { key, value: null, unreadable: readWords(what, found.error) };
}
