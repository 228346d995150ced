/** Starts the one worker. The only file that needs to know where it lies. */
export const startWorker = (): Worker => new Worker(new URL('./heavy.worker', import.meta.url), { type: 'module' });
