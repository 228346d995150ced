import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Router } from '@angular/router';
import { type Observable, Subject, map } from 'rxjs';
import { TakenOut, type TakenOutEntry } from '@core/contract';
import { ClassApi } from './class-api';
import { ExerciseApi } from './exercise-api';
import { pages, waiting } from './loading';
import { RunApi } from './run-api';
import { Toasts } from './toasts';

/** What was deleted or taken out, and the way back. */
@Injectable()
export class TakenOutList {
  private readonly http = inject(HttpClient);
  private readonly classes = inject(ClassApi);
  private readonly runs = inject(RunApi);
  private readonly exercises = inject(ExerciseApi);
  private readonly router = inject(Router);
  private readonly toasts = inject(Toasts);
  private readonly asked$ = new Subject<'first' | 'more'>();

  readonly entries = toSignal(
    pages(this.asked$, (after) => this.page(after)),
    { initialValue: waiting },
  );

  load(): void {
    this.asked$.next('first');
  }

  more(): void {
    this.asked$.next('more');
  }

  /** Brings one back, and offers to look at it. */
  bringBack({ kind, id, title }: TakenOutEntry): void {
    const ways = {
      class: { restore: () => this.classes.restore(id), page: ['/class', id] },
      run: { restore: () => this.runs.restore(id), page: ['/log', id] },
      exercise: { restore: () => this.exercises.restore(id), page: ['/exercises', id] },
    } as const;
    const { restore, page } = ways[kind];
    restore().subscribe({
      next: () => {
        this.load();
        this.toasts.offer(`“${title}” is back.`, 'Open it', () => void this.router.navigate([...page]));
      },
      error: (error: unknown) => this.toasts.failed(error),
    });
  }

  private page(
    after: string | null,
  ): Observable<{ readonly items: readonly TakenOutEntry[]; readonly next: string | null }> {
    const params: Record<string, string> = after === null ? {} : { after };
    return this.http.get('/api/taken-out', { params }).pipe(
      map((body) => TakenOut.parse(body)),
      map(({ entries, next }) => ({ items: entries, next })),
    );
  }
}
