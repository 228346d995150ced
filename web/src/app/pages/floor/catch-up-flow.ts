import { Injectable, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { type Observable, Subject, catchError, map, of, startWith, switchMap } from 'rxjs';
import { type CatchUp, catchUpOf, gives, remainderOf, stillToCome } from '@core/fit';
import type { Plan } from '@core/plan';
import type { RunState } from '@core/run';
import { sayTime } from '@core/say-time';
import { type ChangeRow, changeRow } from '../../parts/saying/change-words';
import { HeavyWork } from '../../worker/heavy-work';
import type { FitJob } from '../../worker/job';
import { FloorStore } from './floor-store';

/** Items marked “can go” may be left out when a class is late. */
const dropUpTo = 1;

type Step =
  | { readonly kind: 'none' }
  | { readonly kind: 'working'; readonly done: number }
  | { readonly kind: 'failed' }
  | { readonly kind: 'offered'; readonly plan: Plan; readonly found: CatchUp };

/** What is offered, as it is shown. */
export interface Offer {
  readonly working: boolean;
  readonly title: string;
  readonly rows: readonly ChangeRow[];
  /** What it comes to, in a sentence. */
  readonly words: string;
  readonly takes: boolean;
}

/** Fits what is to come into what is left of the slot, shows what gives way, and does it only when it is taken. */
@Injectable()
export class CatchUpFlow {
  private readonly store = inject(FloorStore);
  private readonly heavy = inject(HeavyWork);
  private readonly asked$ = new Subject<RunState | null>();

  private readonly step = toSignal(this.asked$.pipe(switchMap((state) => (state ? this.work(state) : of(none)))), {
    initialValue: none,
  });
  readonly offer = computed((): Offer | null => {
    const step = this.step();
    switch (step.kind) {
      case 'none':
        return null;
      case 'working':
        return {
          working: true,
          title: 'What gives way',
          rows: [],
          words: 'Working out what could give way …',
          takes: false,
        };
      case 'failed':
        return {
          working: false,
          title: 'What gives way',
          rows: [],
          words: 'The rest could not be worked out. The class goes on as it is.',
          takes: false,
        };
      case 'offered':
        return offered(step.plan, step.found, this.store.state());
    }
  });

  ask(): void {
    this.asked$.next(this.store.state());
  }

  leave(): void {
    this.asked$.next(null);
  }

  /** Does what was shown, as long as the class is still the one it was worked out for. */
  take(): void {
    const step = this.step();
    if (step.kind === 'offered' && step.found.action) {
      const state = this.store.state();
      if (state?.plan === step.plan && stillToCome(state, step.found)) this.store.act(step.found.action);
      else this.store.tell('The class changed meanwhile; ask again.');
    }
    this.leave();
  }

  private work(state: RunState): Observable<Step> {
    const { only, targetMs } = remainderOf(state);
    const exercises = this.store.exercises().map(({ revision, exercise }) => [revision, exercise] as const);
    const job: FitJob = { kind: 'fit', plan: state.plan, exercises, only: [...only], targetMs, dropUpTo };
    return this.heavy.run(job).pipe(
      map(({ done, result }): Step => {
        if (!result) return { kind: 'working', done };
        // the clock went on while it was worked out
        const now = this.store.state() ?? state;
        return { kind: 'offered', plan: state.plan, found: catchUpOf(now, result, this.store.find) };
      }),
      startWith<Step>({ kind: 'working', done: 0 }),
      catchError(() => of<Step>({ kind: 'failed' })),
    );
  }
}

const none: Step = { kind: 'none' };

function offered(plan: Plan, found: CatchUp, state: RunState | null): Offer {
  const rows = state ? found.givesWay.map((change) => changeRow(plan, state.timeline, change)) : [];
  const title = found.givesWay.some((change) => gives(change) === 'more') ? 'What gets longer' : 'What gives way';
  const ends = sayTime(found.endsAtMs);
  const over = found.overSlotMs;
  if (!found.action) {
    const inTime = over <= 0;
    return {
      working: false,
      title: inTime ? 'It fits as it is' : title,
      rows,
      words: inTime
        ? `It ends at ${ends}, ${sayTime(-over)} before the end of the slot. Nothing has to give way.`
        : `Nothing that is to come could give way. It ends at ${ends}.`,
      takes: false,
    };
  }
  const words =
    over > 20_000
      ? `Even so it ends at ${ends}, ${sayTime(over)} after the slot.`
      : `It then ends at ${ends}, in place of ${sayTime(found.endedAtMs)}.`;
  return { working: false, title, rows, words, takes: true };
}
