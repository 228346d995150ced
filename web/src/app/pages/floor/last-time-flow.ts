import { Injectable, computed, inject } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { catchError, distinctUntilChanged, map, of, switchMap } from 'rxjs';
import { nameOf } from '@core/card';
import { findItem } from '@core/plan';
import { type RunState, debtWords, payBack } from '@core/run';
import { sayLength } from '@core/say-time';
import { RunApi } from '../../data/run-api';
import { sayDate, localDate } from '../../parts/saying/date-words';

import { shortList } from '../../parts/saying/short-list';
import { FloorStore } from './floor-store';

/** What this class left when it was taught last: told before it begins, and paid back with one tap. */
@Injectable()
export class LastTimeFlow {
  private readonly store = inject(FloorStore);
  private readonly runs = inject(RunApi);

  /** The class that waits for its first tap. */
  private readonly waits = computed(() =>
    this.store.begun() && !this.store.hasBegun() && !this.store.rehearses()
      ? (this.store.state()?.plan.id ?? null)
      : null,
  );
  private readonly last = toSignal(
    toObservable(this.waits).pipe(
      distinctUntilChanged(),
      // without the server, what is owed waits for the log
      switchMap((id) =>
        id === null
          ? of(null)
          : this.runs.lastTime(id).pipe(
              map(({ last }) => last),
              catchError(() => of(null)),
            ),
      ),
    ),
    { initialValue: null },
  );

  /** One sentence each; empty where nothing is left, or the class has begun. */
  readonly lines = computed((): readonly string[] => {
    const [last, state] = [this.last(), this.store.state()];
    if (!last || !state || this.waits() === null) return [];
    const owed = last.owed.map((debt) => debtWords(state, debt)).filter((words) => words !== '');
    const names = namesOf(last.notReached, state);
    const lines = [
      ...owed,
      ...(names.length === 0 ? [] : [`not reached: ${shortList(names, mostNames)}`]),
      ...(last.note.trim() === '' ? [] : [`“${last.note.trim()}”`]),
    ];
    return lines.length === 0 ? [] : [`Last time, ${sayDate(localDate(last.startedAt))}: ${lines.join(' · ')}`];
  });
  /** What can be paid back, and what it costs; null where nothing can, or it is in already. */
  readonly offer = computed(() => {
    const [last, state] = [this.last(), this.store.state()];
    if (!last || !state || this.waits() === null || this.store.met() !== null) return null;
    const paid = payBack(state.plan, last.owed, this.store.find);
    return paid && { ...paid, words: `Pay it back: ${sayLength(paid.deltaMs)} more` };
  });

  take(): void {
    const [offer, state] = [this.offer(), this.store.state()];
    if (!offer || !state) return;
    const words = offer.debts.map((debt) => debtWords(state, debt)).join(' · ');
    this.store.meet(offer.plan, [], `Paid back in this class: ${words}.`);
  }
}

/** More names than these are a number. */
const mostNames = 4;

function namesOf(itemIds: readonly string[], { plan, timeline }: RunState): string[] {
  return itemIds.flatMap((id) => {
    const time = timeline.items.find(({ itemId }) => itemId === id);
    return time && findItem(plan, id) ? [nameOf(plan, time)] : [];
  });
}
