import { Injectable, inject } from '@angular/core';
import * as z from 'zod';
import { ok } from '@core/result';
import { BrowserStore, type Reader } from './browser-store';

/** A class that is being taught in this browser, as far as a line about it asks. */
const Taught = z.object({
  begun: z.literal(true),
  seenAtMs: z.number(),
  start: z.object({ classId: z.string(), plan: z.object({ title: z.string() }) }),
});
/** An exercise that is being written. */
const Written = z.object({ exercise: z.object({ name: z.object({ plain: z.string() }) }) });

/** A run left longer than this is not taken up again, ms. */
const staleMs = 6 * 3_600_000;
const floorPrefix = 'floor:';
const draftPrefix = 'exercise-draft:';

/** Something that was begun in this browser and not finished. */
export interface LeftOpen {
  readonly kind: 'taught' | 'written';
  readonly name: string;
  readonly link: readonly string[];
  readonly from: string | null;
}

/** What is in other words than these is its own page's to read. */
const reader =
  <T>(schema: z.ZodType<T>): Reader<T | null> =>
  (stored) =>
    ok(schema.safeParse(stored).data ?? null);

/** What lies open in this browser alone: a class on the floor, exercises that are not saved yet. */
@Injectable({ providedIn: 'root' })
export class LeftOpenHere {
  private readonly store = inject(BrowserStore);

  async find(nowMs: number): Promise<readonly LeftOpen[]> {
    const runs = await this.store.all(floorPrefix, '', reader(Taught));
    const drafts = await this.store.all(draftPrefix, '', reader(Written));
    const taught = runs.flatMap(({ value }): LeftOpen[] =>
      value && nowMs - value.seenAtMs < staleMs
        ? [
            {
              kind: 'taught',
              name: value.start.plan.title,
              link: ['/class', value.start.classId, 'floor'],
              from: null,
            },
          ]
        : [],
    );
    const written = drafts.flatMap(({ key, value }): LeftOpen[] => {
      if (!value) return [];
      const of = key.slice(draftPrefix.length).split(':')[0] ?? '';
      const copied = /^copy-of-(.+)$/.exec(of)?.[1] ?? null;
      const isNew = of === 'new' || copied !== null;
      return [
        {
          kind: 'written',
          name: value.exercise.name.plain.trim() || 'An exercise without a name',
          link: isNew ? ['/exercises', 'new'] : ['/exercises', of, 'edit'],
          from: copied,
        },
      ];
    });
    // two tabs that teach one class stand there once
    const once = new Map([...taught, ...written].map((one) => [`${one.link.join('/')} ${one.from}`, one]));
    return [...once.values()];
  }
}
