import { Injectable } from '@angular/core';
import { deepEqual } from 'fast-equals';
import { type History, type Plan, startHistory } from '@core/plan';

/** How many classes keep their steps while their pages are left. */
const most = 5;

/** The steps of the classes that were edited here: whoever goes to the floor and back can still undo. Gone with the page. */
@Injectable({ providedIn: 'root' })
export class KeptSteps {
  private readonly histories = new Map<string, History>();

  keep(history: History): void {
    this.histories.delete(history.plan.id);
    this.histories.set(history.plan.id, history);
    const [oldest] = this.histories.keys();
    if (this.histories.size > most && oldest !== undefined) this.histories.delete(oldest);
  }

  /** The steps that lead to a plan as it is now; where it was changed elsewhere meanwhile it begins anew. */
  of(plan: Plan): History {
    const kept = this.histories.get(plan.id);
    return kept && deepEqual(kept.plan, plan) ? kept : startHistory(plan);
  }
}
