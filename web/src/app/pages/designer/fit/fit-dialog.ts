import { ChangeDetectionStrategy, Component, DestroyRef, computed, inject, linkedSignal, signal } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import {
  MAT_DIALOG_DATA,
  MatDialogActions,
  MatDialogContent,
  MatDialogRef,
  MatDialogTitle,
} from '@angular/material/dialog';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Subject, filter } from 'rxjs';
import { commandOf, landingSeconds } from '@core/fit';
import { findItem, itemsOf } from '@core/plan';
import { sayTime } from '@core/say-time';
import { slotFit } from '@core/timeline';
import { changeRow } from '../../../parts/saying/change-words';
import { HeavyWork } from '../../../worker/heavy-work';
import { notBegun, worked } from '../../../worker/worked';
import type { FitJob } from '../../../worker/job';
import type { PlanStore } from '../plan-store';

/** Fits the class, or one block, to the slot: each change with its reason, taken whole or in part. */
@Component({
  selector: 'nw-fit-dialog',
  imports: [MatButton, MatCheckbox, MatDialogActions, MatDialogContent, MatDialogTitle, MatProgressBar],
  templateUrl: './fit-dialog.html',
  styleUrl: './fit-dialog.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FitDialog {
  protected readonly store = inject<PlanStore>(MAT_DIALOG_DATA);
  private readonly heavy = inject(HeavyWork);
  private readonly dialog = inject<MatDialogRef<FitDialog>>(MatDialogRef);
  private readonly asked = signal<FitJob | null>(null);
  private readonly stopped$ = new Subject<void>();

  protected readonly time = sayTime;
  protected readonly blockId = signal('');
  protected readonly mayDrop = signal(true);
  /** Changes that are not ticked; all are, each time it is asked anew. */
  protected readonly left = linkedSignal<FitJob | null, ReadonlySet<string>>({
    source: this.asked,
    computation: () => new Set(),
  });
  protected readonly plan = computed(() => this.store.plan());
  protected readonly blocks = computed(() => this.plan()?.blocks.filter((b) => b.items.length > 0) ?? []);
  protected readonly low = computed(() => (this.plan() ? itemsOf(this.plan()!).some((i) => i.priority === 1) : false));

  protected readonly shown = toSignal(
    toObservable(this.asked).pipe(
      filter((job) => job !== null),
      worked(this.heavy, this.stopped$),
    ),
    { initialValue: notBegun },
  );
  protected readonly working = computed(() => this.shown().result === null && !this.shown().failed);

  protected readonly target = computed(() => {
    const plan = this.plan();
    const timeline = this.store.timeline();
    if (!plan || !timeline) return null;
    const { slotMs, reserveMs } = slotFit(plan, timeline);
    return {
      slot: sayTime(slotMs),
      reserve: sayTime(reserveMs),
      aim: sayTime(slotMs - reserveMs),
      landing: landingSeconds,
    };
  });

  protected readonly rows = computed(() => {
    const plan = this.plan();
    const { result: fit } = this.shown();
    const timeline = this.store.timeline();
    if (!plan || !fit || !timeline) return [];
    return fit.changes.map((change) => changeRow(plan, timeline, change));
  });
  /** The class with the changes that are still ticked, timed. */
  protected readonly outcome = computed(() => {
    const plan = this.plan();
    const { result: fit } = this.shown();
    if (!plan || !fit) return null;
    const command = commandOf(
      plan,
      fit.changes.filter((c) => !this.left().has(c.itemId)),
    );
    const totalMs = command ? this.store.timelineAfter(command) : fit.before.totalMs;
    return { before: sayTime(fit.before.totalMs), after: sayTime(totalMs) };
  });
  protected readonly obstacle = computed(() => {
    const { result: fit } = this.shown();
    if (!fit?.obstacle) return null;
    const by =
      fit.missMs > 0
        ? `${sayTime(fit.missMs)} more than that allows`
        : fit.missMs < 0
          ? `${sayTime(-fit.missMs)} short of it`
          : '';
    return `${fit.obstacle}${by ? ` Nearest: ${sayTime(fit.totalMs)}, ${by}.` : ''}`;
  });
  protected readonly removals = computed(() => {
    const { result: fit } = this.shown();
    const timeline = this.store.timeline();
    const words = this.plan()?.school.words ?? 'plain';
    return (fit?.removals ?? []).map((removal) => ({
      ids: removal.itemIds,
      names: removal.itemIds
        .map((id) => timeline?.items.find((i) => i.itemId === id)?.execution?.exercise.name[words] ?? '')
        .join(' and '),
      saves: sayTime(removal.savesMs),
    }));
  });

  constructor() {
    inject(DestroyRef).onDestroy(() => this.stopped$.next());
    this.ask();
  }

  protected ask(): void {
    const plan = this.plan();
    if (!plan) return;
    const block = plan.blocks.find((b) => b.id === this.blockId());
    this.asked.set({
      kind: 'fit',
      plan,
      exercises: [...this.store.known()]
        .map(([revision, { exercise }]) => [revision, exercise] as const)
        .filter(([revision]) => itemsOf(plan).some((i) => i.revision === revision)),
      only: block ? block.items.map((i) => i.id) : null,
      targetMs: null,
      dropUpTo: this.mayDrop() ? 1 : 0,
    });
  }

  protected stop(): void {
    this.stopped$.next();
    this.dialog.close();
  }

  protected toggle(id: string, on: boolean): void {
    this.left.update((left) => {
      const next = new Set(left);
      if (on) next.delete(id);
      else next.add(id);
      return next;
    });
  }

  protected take(): void {
    const plan = this.plan();
    const { result: fit } = this.shown();
    if (!plan || !fit) return;
    const command = commandOf(
      plan,
      fit.changes.filter((c) => !this.left().has(c.itemId)),
    );
    if (!command || this.store.do(command)) this.dialog.close();
  }

  /** Leaves a set of items out, and fits the rest again. */
  protected without(ids: readonly string[]): void {
    const plan = this.plan();
    const commands = ids.flatMap((itemId) =>
      plan && findItem(plan, itemId) ? [{ type: 'remove-item' as const, itemId }] : [],
    );
    if (commands.length > 0 && this.store.do({ type: 'together', commands })) this.ask();
  }
}
