import * as z from 'zod';
import { ClassRead, StartRun } from '@core/contract';
import { Id } from '@core/id';
import { RunEvent, runInTodaysWords } from '@core/run';
import type { Result } from '@core/result';
import { type ReadError, readStored } from '@core/stored';

/** A class on the floor as this browser keeps it: enough to go on without the server, and after a reload. */
const KeptRun = z.strictObject({
  format: z.literal(1),
  runId: Id,
  deviceId: Id,
  start: StartRun,
  revisions: ClassRead.shape.revisions,
  /** How many classes the group had been taught before: the pictures go round with it. */
  taught: z.int().min(0).default(0),
  events: z.array(RunEvent),
  /** Events from this one on were not given to the outbox, by an application that had none; null where all were. */
  unsentFrom: z.int().nullable(),
  begun: z.boolean(),
  /** Wall clock when the page was last seen alive, ms. */
  seenAtMs: z.number(),
  /** What is typed for the log and not put there yet. */
  typed: z
    .strictObject({ headcount: z.string().max(10), note: z.string().max(2000) })
    .default({ headcount: '', note: '' }),
});
export type KeptRun = z.infer<typeof KeptRun>;

/** Before runs went through the outbox each kept how many of its events were sent. */
function withoutOutbox(older: Readonly<Record<string, unknown>>): Readonly<Record<string, unknown>> {
  const { sent, ...rest } = runInTodaysWords(older);
  return { ...rest, unsentFrom: typeof sent === 'number' ? sent : 0 };
}

export const readKeptRun = (stored: unknown): Result<KeptRun, ReadError> =>
  readStored(KeptRun, [withoutOutbox], stored);

/** Runs of a class stand side by side: two tabs that teach it are two devices. */
export const keptRunKey = ({ runId, start }: Pick<KeptRun, 'runId' | 'start'>): string =>
  `${keptRunsOf(start.classId)} ${runId}`;
/** What the keys of all runs of a class begin with; an earlier application had one under just that. */
export const keptRunsOf = (classId: string): string => `floor:${classId}`;
