import { Injectable } from '@angular/core';
import { del, get, set } from 'idb-keyval';
import * as z from 'zod';
import { Plan } from '@core/plan';

/** Edits that the server has not taken yet. */
export const Draft = z.strictObject({ plan: Plan, basedOn: z.int(), saveId: z.string() });
export type Draft = z.infer<typeof Draft>;

const keyOf = (classId: string) => `draft:${classId}`;

/** Keeps unsaved edits in this browser, so that a closed page or a lost server loses nothing. */
@Injectable({ providedIn: 'root' })
export class DraftBox {
  async keep(draft: Draft): Promise<boolean> {
    try {
      await set(keyOf(draft.plan.id), draft);
      return true;
    } catch {
      return false;
    }
  }

  async take(classId: string): Promise<Draft | null> {
    try {
      const read = Draft.safeParse(await get(keyOf(classId)));
      return read.success ? read.data : null;
    } catch {
      return null;
    }
  }

  async forget(classId: string): Promise<void> {
    await del(keyOf(classId)).catch(() => undefined);
  }
}
