import { ChangeDetectionStrategy, Component, DestroyRef, type OnInit, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Router, RouterLink } from '@angular/router';
import { mdiDotsVertical, mdiPlay, mdiPlus } from '@mdi/js';
import type { ClassSummary } from '@core/contract';
import { newPlan } from '@core/plan';
import { sayTime } from '@core/say-time';
import { ClassApi } from '../api/class-api';
import { newId } from '../api/new-id';
import { failureOf, failureWords } from '../api/problem';
import { Icon } from '../icon/icon';
import { Preferences } from '../teaching/preferences';
import { TopBar } from '../top/top-bar';
import { ClassOutline } from './class-outline';

const audiences = { dancers: 'Dancers', general: 'General', mixed: 'Mixed' } as const;

/** The instructor's classes, each with its thread. */
@Component({
  selector: 'nw-classes-page',
  imports: [ClassOutline, Icon, MatButton, MatIconButton, MatMenu, MatMenuItem, MatMenuTrigger, RouterLink, TopBar],
  templateUrl: './classes-page.html',
  styleUrl: './classes-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClassesPage implements OnInit {
  private readonly api = inject(ClassApi);
  private readonly router = inject(Router);
  private readonly toasts = inject(MatSnackBar);
  private readonly destroyed = inject(DestroyRef);
  private readonly preferences = inject(Preferences);

  protected readonly icons = { add: mdiPlus, more: mdiDotsVertical, run: mdiPlay };
  protected readonly classes = signal<readonly ClassSummary[] | null>(null);
  protected readonly failure = signal<string | null>(null);

  protected readonly cards = computed(() =>
    (this.classes() ?? []).map((summary) => {
      const overMs = summary.plannedMs - summary.slotSeconds * 1000;
      return {
        summary,
        audience: audiences[summary.audience],
        planned: sayTime(summary.plannedMs),
        over: overMs > 0,
        against: `${overMs > 0 ? `${sayTime(overMs)} over` : `${sayTime(-overMs)} free`} of ${summary.slotSeconds / 60} min`,
        items: `${summary.itemCount} ${summary.itemCount === 1 ? 'item' : 'items'}`,
      };
    }),
  );

  ngOnInit(): void {
    this.load();
  }

  protected load(): void {
    this.failure.set(null);
    this.api
      .list()
      .pipe(takeUntilDestroyed(this.destroyed))
      .subscribe({
        next: (classes) => this.classes.set(classes),
        error: (error: unknown) => this.failure.set(failureWords(failureOf(error))),
      });
  }

  protected create(minutes: number): void {
    const plan = newPlan(newId(), 'New class', minutes * 60, this.preferences.school());
    this.api.create(newId(), plan).subscribe({
      next: ({ id }) => void this.router.navigate(['/class', id]),
      error: (error: unknown) => this.tell(error),
    });
  }

  protected duplicate(summary: ClassSummary): void {
    this.api.duplicate(summary.id, newId(), newId()).subscribe({
      next: () => {
        this.load();
        this.toasts.open('A copy to teach again. The other foot leads.', 'Good', { duration: 5000 });
      },
      error: (error: unknown) => this.tell(error),
    });
  }

  protected delete(summary: ClassSummary): void {
    this.api.delete(summary.id).subscribe({
      next: () => {
        this.load();
        this.toasts
          .open(`“${summary.title}” is deleted.`, 'Bring it back', { duration: 10_000 })
          .onAction()
          .subscribe(() =>
            this.api
              .restore(summary.id)
              .subscribe({ next: () => this.load(), error: (error: unknown) => this.tell(error) }),
          );
      },
      error: (error: unknown) => this.tell(error),
    });
  }

  private tell(error: unknown): void {
    this.toasts.open(failureWords(failureOf(error)), 'All right');
  }
}
