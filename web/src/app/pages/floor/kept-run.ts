import * as z from 'zod';
import { ClassRead, StartRun } from '@core/contract';
import { Id } from '@core/id';
import { Answer, RunEvent, runInTodaysWords } from '@core/run';
import type { Result } from '@core/result';
import { type ReadError, readStored } from '@core/stored';

/** Who is in the room by name, and what was said of them; on this device only, and only as long as the run is kept. */
const Names = z.strictObject({
  students: z.array(z.strictObject({ id: Id, name: z.string(), consents: z.boolean() })),
  /** What each said at a look again; the note is the one in their own file, where they agreed to have one. */
  answers: z.array(z.strictObject({ itemId: Id, studentId: Id, answer: Answer, noteId: Id.nullable() })),
  /** Who felt something, by the instant at which it was told. */
  felt: z.array(z.strictObject({ atMs: z.int(), studentId: Id, noteId: Id.nullable() })),
  away: z.array(Id),
});
export type Names = z.infer<typeof Names>;
export const nobodyNamed: Names = { students: [], answers: [], felt: [], away: [] };

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
  names: Names.default(nobodyNamed),
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
