import { Injectable, inject } from '@angular/core';
import { Router } from '@angular/router';
import { catchError, firstValueFrom, of, timeout } from 'rxjs';
import * as z from 'zod';
import { type Plan, newPlan } from '@core/plan';
import { BrowserStore } from './browser-store';
import { ClassApi } from './class-api';
import { classAddress, newClass } from './letter';
import { newId } from './new-id';
import { Outbox } from './outbox';
import { Preferences } from './preferences';
import { awayWords, failureWords } from './request-failure';
import { Toasts } from './toasts';

const untouchedKey = 'needlework.untouched';
const title = 'New class';
/** Nobody waits longer for one that was left, ms. */
const patienceMs = 1500;

/** Makes a class of a plan and opens it. Where the server is away it is kept here and made later. */
@Injectable({ providedIn: 'root' })
export class NewClass {
  private readonly outbox = inject(Outbox);
  private readonly router = inject(Router);
  private readonly preferences = inject(Preferences);
  private readonly toasts = inject(Toasts);
  private readonly api = inject(ClassApi);
  private readonly kept = inject(BrowserStore);

  /**
   * An empty class, as this teacher teaches; opens it. The one that was begun here last and left as it was serves again.
   * @param add an exercise that it begins with
   */
  async empty(minutes: number, add: string | null = null): Promise<void> {
    const left = await this.left();
    if (left) {
      await this.send({ ...left.plan, slotSeconds: minutes * 60 }, left.version, add);
      return;
    }
    const plan = this.fresh(newId(), minutes * 60);
    if (await this.send(plan, newClass, add)) this.kept.remember(untouchedKey, plan.id);
  }

  private fresh(id: string, slotSeconds: number): Plan {
    const { school, pace } = this.preferences;
    return newPlan(id, title, slotSeconds, school(), pace());
  }

  /** The class that was begun here and is still as a new one is: no name, nobody in it, as this teacher teaches now. */
  private async left(): Promise<{ readonly plan: Plan; readonly version: number } | null> {
    const id = this.kept.remembered(untouchedKey, z.string().max(80), '');
    if (id === '') return null;
    const asked = this.api.read(id).pipe(
      timeout(patienceMs),
      catchError(() => of(null)),
    );
    const read = await firstValueFrom(asked);
    // only who begins a class needs it, and not the first page
    const { deepEqual } = await import('fast-equals');
    return read && deepEqual(read.plan, this.fresh(id, read.plan.slotSeconds)) ? read : null;
  }

  async open(plan: Plan): Promise<void> {
    await this.send(plan, newClass);
  }

  /** @returns whether it is on the server and open */
  private async send(plan: Plan, basedOn: number, add: string | null = null): Promise<boolean> {
    const result = await this.outbox.send({ kind: 'class', format: 1, id: newId(), plan, basedOn });
    if (result.kind === 'sent')
      void this.router.navigate(['/class', plan.id], { queryParams: add === null ? {} : { add } });
    else if (result.kind === 'away')
      this.toasts.refused(`${awayWords(result.failure)} The new class waits here and is in the list when it is back.`);
    else if (result.kind === 'refused') {
      await this.outbox.drop(classAddress(plan.id));
      this.toasts.refused(failureWords(result.failure));
    }
    return result.kind === 'sent';
  }
}
