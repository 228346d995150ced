import { Injectable, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Router } from '@angular/router';
import { Subject, map } from 'rxjs';
import type { ClassSummary } from '@core/contract';
import { newPlan } from '@core/plan';
import { ClassApi } from './class-api';
import { pages, waiting } from './loading';
import { newId } from './new-id';
import { Preferences } from './preferences';
import { Toasts } from './toasts';

/** The instructor's classes, newest first, and what can be done with a whole class. */
@Injectable()
export class ClassList {
  private readonly api = inject(ClassApi);
  private readonly preferences = inject(Preferences);
  private readonly router = inject(Router);
  private readonly toasts = inject(Toasts);
  private readonly asked$ = new Subject<'first' | 'more'>();

  readonly classes = toSignal(
    pages(this.asked$, (after) => this.api.list(after).pipe(map(({ classes, next }) => ({ items: classes, next })))),
    { initialValue: waiting },
  );

  load(): void {
    this.asked$.next('first');
  }

  more(): void {
    this.asked$.next('more');
  }

  /** An empty class, as this teacher teaches; opens it. */
  create(minutes: number): void {
    const { school, pace } = this.preferences;
    const plan = newPlan(newId(), 'New class', minutes * 60, school(), pace());
    this.api.create(newId(), plan).subscribe({
      next: ({ id }) => void this.router.navigate(['/class', id]),
      error: (error: unknown) => this.toasts.failed(error),
    });
  }

  duplicate({ id }: ClassSummary): void {
    this.api.duplicate(id, newId(), newId()).subscribe({
      next: () => {
        this.load();
        this.toasts.tell('A copy to teach again. The other foot leads.', 'Good', 5);
      },
      error: (error: unknown) => this.toasts.failed(error),
    });
  }

  delete({ id, title }: ClassSummary): void {
    this.api.delete(id).subscribe({
      next: () => {
        this.load();
        this.toasts.offer(`“${title}” is deleted.`, 'Bring it back', () => this.restore(id), 10);
      },
      error: (error: unknown) => this.toasts.failed(error),
    });
  }

  private restore(id: string): void {
    this.api.restore(id).subscribe({
      next: () => this.load(),
      error: (error: unknown) => this.toasts.failed(error),
    });
  }
}
