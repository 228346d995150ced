import { Injectable, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { EMPTY, type Observable, Subject, expand, map, toArray } from 'rxjs';
import type { ExerciseRevision } from '@core/contract';
import { typicalTimes } from '@core/library';
import { ExerciseApi } from './exercise-api';
import { loading, waiting } from './loading';
import { SearchIndex } from './search-index';
import { Toasts } from './toasts';

/** The exercises of this instructor: the one library in the page, read once and again after a change. */
@Injectable({ providedIn: 'root' })
export class LibraryStore {
  private readonly api = inject(ExerciseApi);
  private readonly toasts = inject(Toasts);
  private readonly asked$ = new Subject<void>();
  private readonly usual = new Map<string, number>();

  /** What is here, and since when; only what changed is asked for again. */
  private held: { readonly at: string | null; readonly byId: ReadonlyMap<string, ExerciseRevision> } = {
    at: null,
    byId: new Map(),
  };

  readonly library = toSignal(
    loading(this.asked$, () => this.fetch()),
    {
      initialValue: waiting,
    },
  );
  readonly exercises = computed((): readonly ExerciseRevision[] | null => this.library().value);
  readonly index = computed(() => new SearchIndex(this.exercises() ?? []));
  readonly byId = computed(() => new Map((this.exercises() ?? []).map((r) => [r.exercise.id, r])));

  private fetch(): Observable<readonly ExerciseRevision[]> {
    const { at } = this.held;
    return this.api.page(at, 0).pipe(
      expand((page) => (page.next === null ? EMPTY : this.api.page(at, page.next))),
      toArray(),
      map((pages) => {
        const [first] = pages;
        const byId = new Map(first?.whole === false ? this.held.byId : []);
        for (const { exercises, gone } of pages) {
          for (const id of gone) byId.delete(id);
          for (const revision of exercises) byId.set(revision.exercise.id, revision);
        }
        // asked again from the first page on: what changed while the others came is sent once more
        this.held = { at: first?.at ?? null, byId };
        return [...byId.values()];
      }),
    );
  }

  /** Asks the server again; the answer is small when nothing has changed. */
  load(): void {
    this.asked$.next();
  }

  /** Takes an exercise out; classes that use it keep it. It can be put back for a while. */
  remove({ exercise: { id, name } }: ExerciseRevision): void {
    this.api.remove(id).subscribe({
      next: () => {
        this.load();
        this.toasts.offer(`“${name.plain}” is out of the library. Classes that use it keep it.`, 'Put it back', () =>
          this.restore(id),
        );
      },
      error: (error: unknown) => this.toasts.failed(error),
    });
  }

  restore(id: string): void {
    this.api.restore(id).subscribe({
      next: () => this.load(),
      error: (error: unknown) => this.toasts.failed(error),
    });
  }

  /** Usual class time for a group that knows the exercise, ms; worked out once a revision. */
  usualMs({ revision, exercise }: ExerciseRevision): number {
    const known = this.usual.get(revision);
    if (known !== undefined) return known;
    const ms = typicalTimes(exercise, exercise.ladder?.startRung ?? null).usual.known;
    this.usual.set(revision, ms);
    return ms;
  }
}
