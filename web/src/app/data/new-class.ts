import { Injectable, inject } from '@angular/core';
import { Router } from '@angular/router';
import { type Plan, newPlan } from '@core/plan';
import { classAddress, newClass } from './letter';
import { newId } from './new-id';
import { Outbox } from './outbox';
import { Preferences } from './preferences';
import { awayWords, failureWords } from './request-failure';
import { Toasts } from './toasts';

/** Makes a class of a plan and opens it. Where the server is away it is kept here and made later. */
@Injectable({ providedIn: 'root' })
export class NewClass {
  private readonly outbox = inject(Outbox);
  private readonly router = inject(Router);
  private readonly preferences = inject(Preferences);
  private readonly toasts = inject(Toasts);

  /** An empty class, as this teacher teaches; opens it. */
  empty(minutes: number): Promise<void> {
    const { school, pace } = this.preferences;
    return this.open(newPlan(newId(), 'New class', minutes * 60, school(), pace()));
  }

  async open(plan: Plan): Promise<void> {
    const result = await this.outbox.send({ kind: 'class', format: 1, id: newId(), plan, basedOn: newClass });
    if (result.kind === 'sent') void this.router.navigate(['/class', plan.id]);
    else if (result.kind === 'away')
      this.toasts.refused(`${awayWords(result.failure)} The new class waits here and is in the list when it is back.`);
    else if (result.kind === 'refused') {
      await this.outbox.drop(classAddress(plan.id));
      this.toasts.refused(failureWords(result.failure));
    }
  }
}
