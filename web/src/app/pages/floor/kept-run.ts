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
  events: z.array(RunEvent),
  /** Events from this one on were not given to the outbox, by an application that had none; null where all were. */
  unsentFrom: z.int().nullable(),
  begun: z.boolean(),
  /** Wall clock when the page was last seen alive, ms. */
  seenAtMs: z.number(),
});
export type KeptRun = z.infer<typeof KeptRun>;

/** Before runs went through the outbox each kept how many of its events were sent. */
function withoutOutbox(older: Readonly<Record<string, unknown>>): Readonly<Record<string, unknown>> {
  const { sent, ...rest } = runInTodaysWords(older);
  return { ...rest, unsentFrom: typeof sent === 'number' ? sent : 0 };
}

export const readKeptRun = (stored: unknown): Result<KeptRun, ReadError> =>
  readStored(KeptRun, [withoutOutbox], stored);

/** One run a class: what another one leaves is in the outbox, and then in the log. */
export const keptRunKey = (classId: string): string => `floor:${classId}`;
