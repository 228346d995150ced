import { Injectable, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Subject, map } from 'rxjs';
import type { ClassSummary } from '@core/contract';
import { ClassApi } from './class-api';
import { type Narrowed, everything, pages, waiting } from './loading';
import { newId } from './new-id';
import { Toasts } from './toasts';

/** The instructor's classes, newest first, and what can be done with a whole class. */
@Injectable()
export class ClassList {
  private readonly api = inject(ClassApi);
  private readonly toasts = inject(Toasts);
  private readonly asked$ = new Subject<'first' | 'more'>();
  readonly narrowed = signal(everything);

  readonly classes = toSignal(
    pages(this.asked$, (after) =>
      this.api.list(this.narrowed(), after).pipe(map(({ classes, next }) => ({ items: classes, next }))),
    ),
    { initialValue: waiting },
  );

  load(): void {
    this.asked$.next('first');
  }

  find(narrowed: Narrowed): void {
    this.narrowed.set(narrowed);
    this.load();
  }

  more(): void {
    this.asked$.next('more');
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
