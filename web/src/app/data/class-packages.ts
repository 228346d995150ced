import { Injectable, inject } from '@angular/core';
import { type Observable, Subject, debounceTime, firstValueFrom, from, switchMap, timer } from 'rxjs';
import * as z from 'zod';
import { ClassRead, type ExerciseRevision } from '@core/contract';
import { Id } from '@core/id';
import { type Plan, revisionsOf } from '@core/plan';
import { readStored } from '@core/stored';
import { BrowserStore } from './browser-store';
import { ClassApi } from './class-api';
import { classAddress } from './letter';
import { Outbox } from './outbox';
import { failureOf, isAway } from './request-failure';

/** A class as this browser keeps it: enough to begin and to teach it without the server. */
const ClassPackage = z.strictObject({ format: z.literal(0), read: ClassRead });
type ClassPackage = z.infer<typeof ClassPackage>;

/** A class that can be taught from this browser, for a list. */
const Here = z.strictObject({
  id: Id,
  title: z.string(),
  slotSeconds: z.int(),
  /** When it was last opened or changed, ms. */
  atMs: z.number(),
});
const HereList = z.strictObject({ format: z.literal(0), classes: z.array(Here) });
export type Here = z.infer<typeof Here>;

const listKey = 'classes-here';
const keyOf = (classId: string): string => `class-here:${classId}`;
/** How many classes are kept; those that were not opened for longest go. */
const mostKept = 60;
/** A server that says nothing for so long is not waited for, where the class is here, ms. */
const impatienceMs = 2500;
/** A browser that found nothing is given so long before it is asked again, ms. */
const againMs = 1000;
/** An edit is taken over when the next has not come for so long, ms. */
const quietMs = 800;

const isGone = (error: unknown): boolean => {
  const failure = failureOf(error);
  return failure.kind === 'problem' && failure.problem.code === 'not-found';
};

/** A class, and whether it comes from this browser because the server did not answer. */
export interface FoundClass {
  readonly read: ClassRead;
  readonly fromHere: boolean;
}

/** Classes that were opened in this browser, so that each can be taught when the server has gone since. */
@Injectable({ providedIn: 'root' })
export class ClassPackages {
  private readonly api = inject(ClassApi);
  private readonly store = inject(BrowserStore);
  private readonly outbox = inject(Outbox);
  private readonly edit$ = new Subject<{ readonly plan: Plan; readonly revisions: readonly ExerciseRevision[] }>();

  constructor() {
    this.edit$
      .pipe(
        debounceTime(quietMs),
        switchMap(({ plan, revisions }) => from(this.takeOver(plan, revisions))),
      )
      .subscribe();
  }

  /** The class from the server, and kept; where the server is away, as it was kept, with what waits to be sent. */
  read(classId: string): Observable<FoundClass> {
    return from(this.soonest(classId));
  }

  private async soonest(classId: string): Promise<FoundClass> {
    const here = this.find(classId);
    const asked = firstValueFrom(this.api.read(classId)).then((read): FoundClass => {
      void this.keep(read);
      return { read, fromHere: false };
    });
    const fromHere = async (): Promise<FoundClass | null> => {
      const read = await here;
      return read && { read, fromHere: true };
    };
    const impatient = firstValueFrom(timer(impatienceMs)).then(fromHere);
    try {
      return (await Promise.race([asked, impatient])) ?? (await asked);
    } catch (error) {
      if (!isAway(error)) {
        if (isGone(error)) await this.forget(classId);
        throw error;
      }
      const found = (await fromHere()) ?? (await this.askedAgain(classId));
      if (found) return found;
      throw error;
    }
  }

  /** A busy browser that found nothing is asked once more: without the server there is nobody else. */
  private async askedAgain(classId: string): Promise<FoundClass | null> {
    await firstValueFrom(timer(againMs));
    const read = await this.find(classId);
    return read && { read, fromHere: true };
  }

  /** A class that was deleted is not offered from here either. */
  private async forget(classId: string): Promise<void> {
    await this.store.forget(keyOf(classId));
    const classes = (await this.here()).filter((one) => one.id !== classId);
    await this.store.keep(listKey, { format: 0, classes });
  }

  /** Keeps a class as it was read. */
  async keep(read: ClassRead): Promise<void> {
    const kept: ClassPackage = { format: 0, read };
    if (await this.store.keep(keyOf(read.plan.id), kept)) await this.note(read.plan);
  }

  /** An edit of a class that is open: it is taught as it stands now. */
  follow(plan: Plan, revisions: readonly ExerciseRevision[]): void {
    this.edit$.next({ plan, revisions });
  }

  /** The classes that are here, newest first. */
  async here(): Promise<Here[]> {
    const found = await this.store.find(listKey, 'The list of classes in this browser', (stored) =>
      readStored(HereList, [], stored),
    );
    return found?.value?.classes ?? [];
  }

  private async find(classId: string): Promise<ClassRead | null> {
    const found = await this.store.find(keyOf(classId), 'A class in this browser', (stored) =>
      readStored(ClassPackage, [], stored),
    );
    const read = found?.value?.read ?? null;
    // what an earlier page could not send is newer than what was kept
    await this.outbox.ready;
    const waiting = this.outbox.newest(classAddress(classId));
    return read && waiting?.kind === 'class' ? { ...read, plan: waiting.plan } : read;
  }

  private async takeOver(plan: Plan, revisions: readonly ExerciseRevision[]): Promise<void> {
    const found = await this.find(plan.id);
    if (!found) return;
    const needed = new Set(revisionsOf(plan));
    const known = [...revisions, ...found.revisions].filter(({ revision }) => needed.has(revision));
    const once = new Map(known.map((one) => [one.revision, one] as const));
    await this.keep({ ...found, plan, revisions: [...once.values()] });
  }

  private async note({ id, title, slotSeconds }: Plan): Promise<void> {
    const others = (await this.here()).filter((one) => one.id !== id);
    const all = [{ id, title, slotSeconds, atMs: Date.now() }, ...others];
    for (const gone of all.slice(mostKept)) await this.store.forget(keyOf(gone.id));
    await this.store.keep(listKey, { format: 0, classes: all.slice(0, mostKept) });
  }
}
