import { Injectable, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { BehaviorSubject, Subject, catchError, map, of, startWith, switchMap } from 'rxjs';
import type { ExerciseRevision } from '@core/contract';
import { typicalTimes } from '@core/library';
import { LibraryApi } from '../api/library-api';
import { failureOf, failureWords } from '../api/problem';
import { SearchIndex } from './search-index';

interface Loaded {
  readonly exercises: readonly ExerciseRevision[] | null;
  readonly failure: string | null;
}

/** The exercises of this instructor, read once and again after a change. */
@Injectable({ providedIn: 'root' })
export class LibraryStore {
  private readonly api = inject(LibraryApi);
  private readonly asked$ = new Subject<void>();
  private readonly loaded$ = new BehaviorSubject<Loaded>({ exercises: null, failure: null });
  private readonly usual = new Map<string, number>();

  private readonly loaded = toSignal(this.loaded$, { requireSync: true });
  readonly exercises = computed(() => this.loaded().exercises);
  readonly failure = computed(() => this.loaded().failure);
  readonly index = computed(() => new SearchIndex(this.exercises() ?? []));
  readonly byId = computed(() => new Map((this.exercises() ?? []).map((r) => [r.exercise.id, r])));

  constructor() {
    this.asked$
      .pipe(
        switchMap(() =>
          this.api.list().pipe(
            map((exercises): Loaded => ({ exercises, failure: null })),
            catchError((error: unknown) =>
              of<Loaded>({ exercises: this.loaded$.value.exercises, failure: failureWords(failureOf(error)) }),
            ),
            startWith<Loaded>({ exercises: this.loaded$.value.exercises, failure: null }),
          ),
        ),
      )
      .subscribe((loaded) => this.loaded$.next(loaded));
  }

  /** Asks the server again; the answer is small when nothing has changed. */
  load(): void {
    this.asked$.next();
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
