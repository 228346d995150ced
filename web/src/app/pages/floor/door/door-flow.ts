import { Injectable, computed, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { type Observable, Subject, catchError, map, of, startWith, switchMap } from 'rxjs';
import type { DoorPlan, DoorSight } from '@core/door';
import { revisionsOf } from '@core/plan';
import { LibraryStore } from '../../../data/library-store';
import { newId } from '../../../data/new-id';
import { HeavyWork } from '../../../worker/heavy-work';
import type { DoorJob } from '../../../worker/job';
import { FloorStore } from '../floor-store';

type Step =
  | { readonly kind: 'asking' }
  | { readonly kind: 'working'; readonly done: number }
  | { readonly kind: 'failed' }
  | { readonly kind: 'found'; readonly found: DoorPlan };
const asking: Step = { kind: 'asking' };

/** Half a minute before class: what the teacher sees, what follows from it, taken or left. */
@Injectable()
export class DoorFlow {
  private readonly store = inject(FloorStore);
  private readonly library = inject(LibraryStore);
  private readonly heavy = inject(HeavyWork);
  private readonly asked$ = new Subject<DoorSight | null>();
  readonly open = signal(false);

  readonly step = toSignal(this.asked$.pipe(switchMap((sight) => (sight ? this.work(sight) : of(asking)))), {
    initialValue: asking,
  });
  readonly found = computed(() => {
    const step = this.step();
    return step.kind === 'found' ? step.found : null;
  });

  begin(): void {
    this.library.load();
    this.asked$.next(null);
    this.open.set(true);
  }

  ask(sight: DoorSight): void {
    this.asked$.next(sight);
  }

  again(): void {
    this.asked$.next(null);
  }

  take(): void {
    const found = this.found();
    if (!found) return;
    const needed = new Set(revisionsOf(found.plan));
    this.store.meet(
      found.plan,
      this.known().filter(({ revision }) => needed.has(revision)),
      `“${found.sentence}”`,
    );
    this.open.set(false);
  }

  /** The library where it is here; without the server, what came with the class. */
  private known() {
    const own = this.store.exercises();
    const others = this.library.exercises() ?? [];
    return [...own, ...others.filter((one) => !own.some(({ revision }) => revision === one.revision))];
  }

  private work(sight: DoorSight): Observable<Step> {
    const plan = this.store.state()?.plan;
    if (!plan) return of(asking);
    const known = this.known();
    const job: DoorJob = {
      kind: 'door',
      plan,
      sight,
      exercises: known.map(({ revision, exercise }) => [revision, exercise] as const),
      library: (this.library.exercises() ?? this.store.exercises()).map(({ revision }) => revision),
      seed: newId(),
    };
    return this.heavy.run(job).pipe(
      map(({ done, result }): Step => (result ? { kind: 'found', found: result } : { kind: 'working', done })),
      startWith<Step>({ kind: 'working', done: 0 }),
      catchError(() => of<Step>({ kind: 'failed' })),
    );
  }
}
