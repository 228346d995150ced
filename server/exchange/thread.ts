import { Worker, isMainThread, parentPort, workerData } from 'node:worker_threads';
import { CopyFault } from '../copies/prove';
import { type WorkKind, type Works, works } from './work';

/** Does a piece of work; what it throws is an error in words, or one of its own. */
export type RunWork = <K extends WorkKind>(
  kind: K,
  job: Works[K]['job'],
  tell: (done: number) => void,
) => { readonly result: Promise<Works[K]['result']>; readonly cancel: () => void };

/** In this thread, for tests: the same work, without a thread. */
export const runHere: RunWork = (kind, job, tell) => ({
  result: works[kind](job, tell),
  cancel: () => undefined,
});

/** The most a thread may hold, MB: a file that asks for more ends its thread and not the server. */
const mostMegabytes = 1500;
/** Records come and go by the hundred thousand: with more room for what is young a sixth of the time is saved, MB. */
const youngMegabytes = 192;

type Said =
  { readonly done: number } | { readonly result: unknown } | { readonly fault: string; readonly inWords: boolean };

/** In a thread of its own. @param script the built file of this module */
export const runInThread =
  (script: string): RunWork =>
  (kind, job, tell) => {
    const thread = new Worker(script, {
      workerData: { kind, job },
      resourceLimits: { maxOldGenerationSizeMb: mostMegabytes, maxYoungGenerationSizeMb: youngMegabytes },
    });
    const result = new Promise<Works[typeof kind]['result']>((resolve, reject) => {
      thread.on('message', (said: Said) => {
        if ('done' in said) tell(said.done);
        else if ('fault' in said) reject(said.inWords ? new CopyFault(said.fault) : new Error(said.fault));
        else resolve(said.result as Works[typeof kind]['result']);
      });
      thread.on('error', reject);
      thread.on('exit', () => reject(new Error('The work was ended.')));
    });
    return { result, cancel: () => void thread.terminate() };
  };

/** Steps are told at most this often, ms. */
const tellEvery = 100;

/** What the thread itself does. */
async function inThread(port: NonNullable<typeof parentPort>): Promise<void> {
  const { kind, job } = workerData as { kind: WorkKind; job: never };
  let last = 0;
  const tell = (done: number): void => {
    if (Date.now() - last < tellEvery) return;
    last = Date.now();
    port.postMessage({ done } satisfies Said);
  };
  try {
    port.postMessage({ result: await works[kind](job, tell) } satisfies Said);
  } catch (error) {
    const fault = error instanceof Error ? error.message : String(error);
    port.postMessage({ fault, inWords: error instanceof CopyFault } satisfies Said);
  }
}

if (!isMainThread && parentPort !== null && (workerData as { kind?: unknown } | null)?.kind !== undefined)
  void inThread(parentPort);
