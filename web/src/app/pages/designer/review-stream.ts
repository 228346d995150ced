import { Injectable, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { debounceTime } from 'rxjs';
import type { OtherDoses } from '@core/contract';
import { type OtherDose, review } from '@core/sequence';
import { LibraryStore } from '../../data/library-store';
import { newId } from '../../data/new-id';
import { ClassSession } from './class-session';
import { PlanStore } from './plan-store';

/** Doses of other classes gathered by exercise. */
function byExercise(doses: OtherDoses['doses']): ReadonlyMap<string, readonly OtherDose[]> {
  const gathered = new Map<string, OtherDose[]>();
  for (const { exerciseId, ...dose } of doses) gathered.set(exerciseId, [...(gathered.get(exerciseId) ?? []), dose]);
  return gathered;
}

/** The review of the class as it is edited: quick at each rest of the hand, thorough when nothing has moved for a while. */
@Injectable()
export class ReviewStream {
  private readonly plans = inject(PlanStore);
  private readonly session = inject(ClassSession);
  private readonly library = inject(LibraryStore);
  /** What times other classes as well waits longer. */
  private readonly quiet = toSignal(this.plans.plan$.pipe(debounceTime(500)));
  private readonly otherDoses = computed(() => byExercise(this.session.otherDoses().value ?? []));

  readonly findings = computed(() => {
    const resting = this.plans.resting();
    if (!resting) return [];
    const { plan, timeline } = resting;
    const input = {
      plan,
      timeline,
      library: this.library.exercises() ?? [],
      otherDoses: this.otherDoses(),
      nextId: newId,
    };
    return review(input, plan === this.quiet() ? 'thorough' : 'quick');
  });
  /** What wants an answer: not accepted, and more than a note. */
  readonly open = computed(() => this.findings().filter((f) => f.accepted === null && f.severity !== 'note'));
}
