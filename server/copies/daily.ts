import type { CopyStore } from './store';

/** How often it is looked whether today has its copy, ms; and how long after the start the first time. */
const lookEvery = 20 * 60_000;
const firstLook = 30_000;

/**
 * Makes a copy a day by itself, as long as the server runs.
 * @param copies null where there is nothing to copy
 * @returns ends it
 */
export function keepDaily(copies: CopyStore | null, now: () => string, report: (error: unknown) => void): () => void {
  if (!copies) return () => undefined;
  const look = (): void => {
    if (copies.newestDaily()?.slice(0, 10) === now().slice(0, 10)) return;
    // where it cannot be made, the page of copies says so, and it is tried again
    copies.make('daily').catch(report);
  };
  const first = setTimeout(look, firstLook);
  const every = setInterval(look, lookEvery);
  first.unref();
  every.unref();
  return () => {
    clearTimeout(first);
    clearInterval(every);
  };
}
