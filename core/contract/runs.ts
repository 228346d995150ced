import * as z from 'zod';
import { Id } from '../id';
import { Side } from '../plan';
import { RunEvent } from '../run/event';
import { PlanDocument } from './document';
import { ExerciseRevision } from './exercises';
import { next } from './page';
import { LoadOfFeet } from './load';

/** A class as it is begun on the floor: the plan is kept as taught. */
export const StartRun = z.strictObject({
  classId: Id,
  version: z.int().min(1),
  plan: PlanDocument,
  startedAt: z.iso.datetime(),
});
export type StartRun = z.infer<typeof StartRun>;

export const RunEvents = z.strictObject({ events: z.array(RunEvent).min(1).max(500) });

/** What a teacher adds after the class. */
export const RunRemarks = z.strictObject({
  headcount: z.int().min(0).max(500).nullable(),
  note: z.string().max(2000),
});
export type RunRemarks = z.infer<typeof RunRemarks>;

export const RunSummary = z.strictObject({
  id: Id,
  classId: Id,
  title: z.string(),
  startedAt: z.iso.datetime(),
  plannedMs: z.int(),
  headcount: z.int().nullable(),
  note: z.string(),
});
export type RunSummary = z.infer<typeof RunSummary>;
export const RunList = z.strictObject({ runs: z.array(RunSummary), next });
export type RunList = z.infer<typeof RunList>;

export const RunRead = z.strictObject({
  ...StartRun.shape,
  ...RunRemarks.shape,
  id: Id,
  events: z.array(RunEvent),
  revisions: z.array(ExerciseRevision),
});
export type RunRead = z.infer<typeof RunRead>;

/** What the class left when it was taught last; null where it never was. */
export const LastTime = z.strictObject({
  last: z
    .strictObject({
      runId: Id,
      startedAt: z.iso.datetime(),
      note: z.string(),
      owed: z.array(z.strictObject({ itemId: Id, side: Side, units: z.int().min(1) })),
      /** Items that were not begun on any foot. */
      notReached: z.array(Id),
    })
    .nullable(),
});
export type LastTime = z.infer<typeof LastTime>;

/** What a group was taught between two instants, with the minutes of work of each exercise; oldest first. */
export const GroupDone = z.strictObject({
  taught: z.array(
    z.strictObject({
      runId: Id,
      startedAt: z.iso.datetime(),
      title: z.string(),
      work: z.record(z.string(), z.number()),
    }),
  ),
});
export type GroupDone = z.infer<typeof GroupDone>;
/** What the last taught classes of a group asked of the feet; the newest first. */
export const GroupLoads = z.strictObject({
  taught: z.array(
    z.strictObject({ runId: Id, classId: Id, startedAt: z.iso.datetime(), title: z.string(), load: LoadOfFeet }),
  ),
});
export type GroupLoads = z.infer<typeof GroupLoads>;
export const GroupLoadsAsked = z.strictObject({ group: Id });
export const GroupDoneAsked = z.strictObject({ group: Id, from: z.iso.datetime(), to: z.iso.datetime() });
