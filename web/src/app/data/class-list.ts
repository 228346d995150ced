import { Injectable, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Router } from '@angular/router';
import { Subject, map } from 'rxjs';
import type { ClassSummary } from '@core/contract';
import { newPlan } from '@core/plan';
import { ClassApi } from './class-api';
import { classAddress, newClass } from './letter';
import { type Narrowed, everything, pages, waiting } from './loading';
import { newId } from './new-id';
import { Outbox } from './outbox';
import { Preferences } from './preferences';
import { awayWords, failureWords } from './request-failure';
import { Toasts } from './toasts';

/** The instructor's classes, newest first, and what can be done with a whole class. */
@Injectable()
export class ClassList {
  private readonly api = inject(ClassApi);
  private readonly outbox = inject(Outbox);
  private readonly preferences = inject(Preferences);
  private readonly router = inject(Router);
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

  /** An empty class, as this teacher teaches; opens it. Where the server is away it is kept here and made later. */
  async create(minutes: number): Promise<void> {
    const { school, pace } = this.preferences;
    const plan = newPlan(newId(), 'New class', minutes * 60, school(), pace());
    const result = await this.outbox.send({ kind: 'class', format: 1, id: newId(), plan, basedOn: newClass });
    if (result.kind === 'sent') void this.router.navigate(['/class', plan.id]);
    else if (result.kind === 'away')
      this.toasts.refused(`${awayWords(result.failure)} The new class waits here and is in the list when it is back.`);
    else if (result.kind === 'refused') {
      await this.outbox.drop(classAddress(plan.id));
      this.toasts.refused(failureWords(result.failure));
    }
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
