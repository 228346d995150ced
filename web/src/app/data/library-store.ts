import { Injectable, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Subject } from 'rxjs';
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

  readonly library = toSignal(
    loading(this.asked$, () => this.api.list()),
    {
      initialValue: waiting,
    },
  );
  readonly exercises = computed((): readonly ExerciseRevision[] | null => this.library().value);
  readonly index = computed(() => new SearchIndex(this.exercises() ?? []));
  readonly byId = computed(() => new Map((this.exercises() ?? []).map((r) => [r.exercise.id, r])));

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
