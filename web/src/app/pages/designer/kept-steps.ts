import { DOCUMENT, Injectable, inject } from '@angular/core';
import { deepEqual } from 'fast-equals';
import * as z from 'zod';
import { type History, KeptHistory, type Plan, putAside, startHistory, takenAgain } from '@core/plan';
import { BrowserStore } from '../../data/browser-store';

/** How many classes keep their steps while their pages are left. */
const most = 5;
/** So many steps of each outlive a reload. */
const mostSteps = 100;
const key = 'nw-steps';

const Aside = z.array(KeptHistory.extend({ id: z.string() }));

/**
 * The steps of the classes that were edited here: whoever goes to the floor and back, or reads the page anew, can still
 * undo. They are put aside when the page goes, so that they cost an edit nothing, and are gone with the tab.
 */
@Injectable({ providedIn: 'root' })
export class KeptSteps {
  private readonly store = inject(BrowserStore);
  private readonly histories = new Map<string, History>();
  private aside: z.infer<typeof Aside>;

  constructor() {
    this.aside = this.store.takenUp(key, Aside) ?? [];
    // Needlework's pages are left by other links, by a reload, by closing: this comes with each of them
    inject(DOCUMENT).defaultView?.addEventListener('pagehide', () => this.putAside());
  }

  keep(history: History): void {
    this.histories.delete(history.plan.id);
    this.histories.set(history.plan.id, history);
    const [oldest] = this.histories.keys();
    if (this.histories.size > most && oldest !== undefined) this.histories.delete(oldest);
  }

  /** The steps that lead to a plan as it is now; where it was changed elsewhere meanwhile it begins anew. */
  of(plan: Plan): History {
    const kept = this.histories.get(plan.id) ?? this.fromBefore(plan.id);
    return kept && deepEqual(kept.plan, plan) ? kept : startHistory(plan);
  }

  private fromBefore(id: string): History | null {
    const kept = this.aside.find((one) => one.id === id);
    return kept ? takenAgain(kept) : null;
  }

  private putAside(): void {
    const here = [...this.histories].map(([id, history]) => ({ id, ...putAside(history, mostSteps) }));
    const before = this.aside.filter(({ id }) => !this.histories.has(id));
    this.aside = [...before, ...here].slice(-most);
    this.store.putBy(key, this.aside);
  }
}
