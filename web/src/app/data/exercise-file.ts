import { Injectable, computed, inject, signal } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { Router } from '@angular/router';
import { Subject, concatMap, filter, finalize, from, map, merge, tap } from 'rxjs';
import { type ExerciseRevision, type ExerciseUses, mostMoved } from '@core/contract';
import { ExerciseApi } from './exercise-api';
import { LibraryStore } from './library-store';
import { type Loading, loading, waiting } from './loading';
import { failureOf, failureWords } from './request-failure';
import { Toasts } from './toasts';

/** One exercise: from the library, or asked for on its own when it is out of it; who uses it, and what can be done. */
@Injectable()
export class ExerciseFile {
  private readonly api = inject(ExerciseApi);
  private readonly library = inject(LibraryStore);
  private readonly router = inject(Router);
  private readonly toasts = inject(Toasts);
  private readonly id = signal<string | null>(null);
  private readonly uses$ = new Subject<{ readonly id: string; readonly before: ExerciseUses | null }>();
  /** Out of the library, once that is known. */
  private readonly absent = computed(() => {
    const id = this.id();
    return id !== null && this.library.library().status === 'ready' && !this.library.byId().has(id) ? id : null;
  });

  private readonly alone = toSignal(
    loading(toObservable(this.absent).pipe(filter((id) => id !== null)), (id) => this.api.one(id)),
    { initialValue: waiting },
  );
  private readonly using = toSignal(
    loading(
      merge(
        toObservable(this.id).pipe(
          filter((id) => id !== null),
          map((id) => ({ id, before: null })),
        ),
        this.uses$,
      ),
      ({ id, before }) =>
        this.api
          .uses(id, before?.next ?? null)
          .pipe(map((page) => ({ ...page, classes: [...(before?.classes ?? []), ...page.classes] }))),
    ),
    { initialValue: waiting },
  );

  readonly revision = computed((): Loading<ExerciseRevision> => {
    const known = this.library.byId().get(this.id() ?? '');
    if (known) return { status: 'ready', value: known };
    const library = this.library.library();
    if (library.status === 'failed') return { status: 'failed', value: null, words: library.words };
    return this.absent() === null ? waiting : this.alone();
  });
  readonly uses = computed(() => this.using().value);

  constructor() {
    this.library.load();
  }

  open(id: string): void {
    this.id.set(id);
  }

  /** Asks again after a failure. */
  again(): void {
    this.library.load();
  }

  /** The next of the classes that use it. */
  moreUses(): void {
    const [id, before] = [this.id(), this.uses()];
    if (id !== null && before) this.uses$.next({ id, before });
  }

  /** A few at a time, so that the server answers others between them; what has moved stays so if a later one fails. */
  moveClasses(classIds: readonly string[]): void {
    const id = this.id();
    if (id === null) return;
    const parts = Array.from({ length: Math.ceil(classIds.length / mostMoved) }, (_, i) =>
      classIds.slice(i * mostMoved, (i + 1) * mostMoved),
    );
    let gone = 0;
    const many = () => `${gone} ${gone === 1 ? 'class' : 'classes'} moved`;
    from(parts)
      .pipe(
        concatMap((part) => this.api.move(id, part)),
        tap((moved) => (gone += moved.length)),
        finalize(() => this.uses$.next({ id, before: null })),
      )
      .subscribe({
        complete: () => this.toasts.tell(`${many()}. Taught ones stay as they were.`),
        error: (error: unknown) =>
          gone === 0
            ? this.toasts.failed(error)
            : this.toasts.refused(`${many()}; the others are as they were. ${failureWords(failureOf(error))}`),
      });
  }

  returnToOriginal(mine: ExerciseRevision): void {
    const { id } = mine.exercise;
    this.api.returnToOriginal(id).subscribe({
      next: (original) => {
        this.changed(id);
        this.toasts.offer('Back to the original.', 'Take my change again', () => this.takeAgain(original, mine), 10);
      },
      error: (error: unknown) => this.toasts.failed(error),
    });
  }

  remove(revision: ExerciseRevision): void {
    this.library.remove(revision);
    void this.router.navigate(['/exercises']);
  }

  restore(id: string): void {
    this.library.restore(id);
  }

  private takeAgain(original: ExerciseRevision, mine: ExerciseRevision): void {
    this.api
      .save(original.revision, mine.exercise)
      .pipe(map(({ exercise }) => exercise.id))
      .subscribe({
        next: (id) => this.changed(id),
        error: (error: unknown) => this.toasts.failed(error),
      });
  }

  private changed(id: string): void {
    this.library.load();
    this.uses$.next({ id, before: null });
  }
}
