import { Injectable } from '@angular/core';
import { del, get, set } from 'idb-keyval';
import * as z from 'zod';
import { ClassRead, StartRun } from '@core/contract';
import { RunEvent } from '@core/run';

/** A class on the floor as this browser keeps it: enough to go on without the server, and after a reload. */
export const KeptRun = z.strictObject({
  runId: z.string(),
  deviceId: z.string(),
  start: StartRun,
  revisions: ClassRead.shape.revisions,
  events: z.array(RunEvent),
  /** How many of the events the server has. */
  sent: z.int(),
  begun: z.boolean(),
  /** Wall clock when the page was last seen alive, ms. */
  seenAtMs: z.number(),
});
export type KeptRun = z.infer<typeof KeptRun>;

const keyOf = (classId: string) => `floor:${classId}`;

@Injectable({ providedIn: 'root' })
export class RunBox {
  async keep(run: KeptRun): Promise<void> {
    await set(keyOf(run.start.classId), run).catch(() => undefined);
  }

  async find(classId: string): Promise<KeptRun | null> {
    const read = KeptRun.safeParse(await get(keyOf(classId)).catch(() => null));
    return read.success ? read.data : null;
  }

  async forget(classId: string): Promise<void> {
    await del(keyOf(classId)).catch(() => undefined);
  }
}
