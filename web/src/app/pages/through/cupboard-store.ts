import { Injectable, computed, inject } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { NEVER, debounceTime, filter } from 'rxjs';
import type { KitId } from '@core/kit';
import { revisionsOf } from '@core/plan';
import { HeavyWork } from '../../worker/heavy-work';
import type { CupboardJob } from '../../worker/job';
import { notBegun, worked } from '../../worker/worked';
import { PlanStore } from '../designer/plan-store';

/** What the cupboard has too few of, and the bands: worked out beside the page, again a moment after each edit. */
@Injectable()
export class CupboardStore {
  private readonly store = inject(PlanStore);
  private readonly heavy = inject(HeavyWork);

  private readonly job = computed((): CupboardJob | null => {
    const plan = this.store.plan();
    if (!plan) return null;
    const exercises = revisionsOf(plan).flatMap((revision) => {
      const exercise = this.store.find(revision);
      return exercise ? [[revision, exercise] as const] : [];
    });
    return { kind: 'cupboard', plan, exercises };
  });
  private readonly shown = toSignal(
    toObservable(this.job).pipe(
      filter((job) => job !== null),
      debounceTime(150),
      worked(this.heavy, NEVER),
    ),
    { initialValue: notBegun },
  );
  readonly answer = computed(() => this.shown().result);
  readonly working = computed(() => this.shown().result === null && !this.shown().failed);
  readonly failed = computed(() => this.shown().failed);

  /** Says how many pieces there are; null for enough. */
  count(kit: KitId, has: number | null): void {
    const plan = this.store.plan();
    if (!plan) return;
    const { [kit]: was, ...others } = plan.brief.cupboard;
    void was;
    const cupboard = has === null ? others : { ...plan.brief.cupboard, [kit]: has };
    this.store.do({ type: 'edit-class', change: { brief: { ...plan.brief, cupboard } } });
  }
}
