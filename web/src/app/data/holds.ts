import { Injectable } from '@angular/core';
import { newId } from './new-id';

/** How long a page that is just closing is waited for, ms. */
const closingMs = 400;
/** How long a busy browser is waited for where nobody else can have it, ms. */
const busyMs = 10_000;

/**
 * What this page alone may touch while it lives: locks that the browser takes back when the page goes, however it goes.
 * A browser without them has one page at a time, as far as anybody can tell.
 */
@Injectable({ providedIn: 'root' })
export class Holds {
  /** This page, for as long as it is open; another tab, and this one loaded again, are other pages. */
  readonly page = newId();
  private readonly letGo = new Map<string, () => void>();

  /** Takes hold of something. False where another page has it. */
  take(name: string): Promise<boolean> {
    return this.ask(name, closingMs);
  }

  /** Takes hold of what this page has just made: others can only see it, however long a busy browser takes to answer. */
  takeOwn(name: string): Promise<boolean> {
    return this.ask(name, busyMs);
  }

  release(name: string): void {
    this.letGo.get(name)?.();
    this.letGo.delete(name);
  }

  private ask(name: string, waitMs: number): Promise<boolean> {
    const locks = this.locks();
    if (!locks || this.letGo.has(name)) return Promise.resolve(true);
    return new Promise((taken) => {
      const hold = () =>
        new Promise<void>((letGo) => {
          this.letGo.set(name, letGo);
          taken(true);
        });
      locks
        .request(`needlework ${name}`, { signal: AbortSignal.timeout(waitMs) }, hold)
        // aborted: somebody has it; anything else: this browser locks nothing
        .catch((error: unknown) =>
          taken(!(error instanceof DOMException) || !['AbortError', 'TimeoutError'].includes(error.name)),
        );
    });
  }

  private locks(): LockManager | null {
    try {
      return navigator.locks ?? null;
    } catch {
      return null;
    }
  }
}
