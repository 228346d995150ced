import type * as z from 'zod';
import type { Kept, Reader } from '../app/data/browser-store';

/** A browser's store for tests: what is kept survives the page, as JSON does; it can be made to keep nothing. */
export class MemoryStore {
  readonly shelf = new Map<string, unknown>();
  keepsNothing = false;
  private readonly tab = new Map<string, string>();

  keep(key: string, value: unknown): Promise<boolean> {
    if (!this.keepsNothing) this.shelf.set(key, JSON.parse(JSON.stringify(value)));
    return Promise.resolve(!this.keepsNothing);
  }
  find<T>(key: string, what: string, read: Reader<T>): Promise<Kept<T> | null> {
    const stored = this.shelf.get(key);
    return Promise.resolve(stored === undefined ? null : kept(key, what, read, stored));
  }
  all<T>(prefix: string, what: string, read: Reader<T>): Promise<Kept<T>[]> {
    const keys = [...this.shelf.keys()].filter((key) => key.startsWith(prefix)).sort();
    return Promise.resolve(keys.map((key) => kept(key, what, read, this.shelf.get(key))));
  }
  remembered<T>(key: string, schema: z.ZodType<T>, otherwise: T): T {
    const read = schema.safeParse(this.shelf.get(key));
    return read.success ? read.data : otherwise;
  }
  remember(key: string, value: string): void {
    this.shelf.set(key, value);
  }
  putBy(key: string, value: unknown): void {
    this.tab.set(key, JSON.stringify(value));
  }
  takenUp<T>(key: string, schema: z.ZodType<T>): T | null {
    const read = schema.safeParse(JSON.parse(this.tab.get(key) ?? 'null'));
    return read.success ? read.data : null;
  }
  forget(key: string): Promise<void> {
    this.shelf.delete(key);
    return Promise.resolve();
  }
}

function kept<T>(key: string, what: string, read: Reader<T>, stored: unknown): Kept<T> {
  const found = read(stored);
  return found.ok
    ? { key, value: found.value, unreadable: null }
    : { key, value: null, unreadable: `${what}: ${found.error.code}` };
}
