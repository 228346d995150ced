import { ChangeDetectionStrategy, Component, DestroyRef, computed, inject, signal } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { MatButton } from '@angular/material/button';
import {
  MAT_DIALOG_DATA,
  MatDialogActions,
  MatDialogContent,
  MatDialogRef,
  MatDialogTitle,
} from '@angular/material/dialog';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Subject, filter } from 'rxjs';
import { type PlanCommand, allItemsOf, itemsOf } from '@core/plan';
import { sayLength, sayTime } from '@core/say-time';
import { type FlowTimes, flowTimes, softSeconds } from '@core/sequence';
import { HeavyWork } from '../../../worker/heavy-work';
import { notBegun, worked } from '../../../worker/worked';
import type { ReorderJob } from '../../../worker/job';
import type { PlanStore } from '../plan-store';
import { exactWords, moveWords, savedWords } from './reorder-words';

export interface ReorderAsked {
  readonly store: PlanStore;
  readonly blockId: string | null;
}

/** The best order of a block or of each block in turn, what it saves and why; and foot by foot against exercise by exercise. */
@Component({
  selector: 'nw-reorder-dialog',
  imports: [MatButton, MatDialogActions, MatDialogContent, MatDialogTitle, MatProgressBar],
  templateUrl: './reorder-dialog.html',
  styleUrl: './reorder-dialog.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReorderDialog {
  private readonly asked = inject<ReorderAsked>(MAT_DIALOG_DATA);
  private readonly store = this.asked.store;
  private readonly heavy = inject(HeavyWork);
  private readonly dialog = inject<MatDialogRef<ReorderDialog>>(MatDialogRef);
  private readonly job = signal<ReorderJob | null>(null);
  private readonly stopped$ = new Subject<void>();

  protected readonly worths = [0, 15, 30, 60, 120] as const;
  protected readonly time = sayTime;
  protected readonly blockId = signal(this.asked.blockId ?? '');
  protected readonly worth = signal(softSeconds);
  protected readonly plan = computed(() => this.store.plan());
  protected readonly blocks = computed(() => this.plan()?.blocks.filter(({ items }) => items.length > 1) ?? []);

  protected readonly shown = toSignal(
    toObservable(this.job).pipe(
      filter((job) => job !== null),
      worked(this.heavy, this.stopped$),
    ),
    { initialValue: notBegun },
  );
  protected readonly working = computed(() => this.shown().result === null && !this.shown().failed);

  /** The order found, block by block, with what moves. */
  protected readonly order = computed(() => {
    const { result: found } = this.shown();
    const plan = this.plan();
    if (!found || !plan || !found.command) return [];
    const moved = new Set(found.movedIds);
    const names = this.names();
    return found.plan.blocks
      .filter(({ items }) => items.some(({ id }) => moved.has(id)))
      .map(({ id, name, items }) => ({
        id,
        name,
        rows: items.map((item) => ({ id: item.id, name: names.get(item.id) ?? '', moved: moved.has(item.id) })),
      }));
  });
  protected readonly saved = computed(() => {
    const { result: found } = this.shown();
    return found ? savedWords(found) : '';
  });
  protected readonly moves = computed(() => (this.shown().result?.moves ?? []).map(moveWords));
  protected readonly exact = computed(() => {
    const { result: found } = this.shown();
    return found ? exactWords(found, this.blockId() === '' ? this.blocks().length : 1) : '';
  });
  /** What keeps its place, by name. */
  protected readonly stays = computed(() => {
    const names = this.names();
    return (this.shown().result?.pinnedIds ?? []).map((id) => names.get(id) ?? '').join(', ');
  });

  protected readonly flows = computed(() => {
    const plan = this.plan();
    if (!plan) return [];
    return flowTimes(plan, (revision) => this.store.find(revision)).map((of: FlowTimes) => {
      const difference = of.byFootMs - of.byExerciseMs;
      return {
        ...of,
        name: plan.blocks.find(({ id }) => id === of.blockId)?.name ?? 'the whole class',
        words:
          difference === 0
            ? 'as long either way'
            : `foot by foot ${sayLength(Math.abs(difference))} ${difference > 0 ? 'longer' : 'shorter'}`,
      };
    });
  });

  private readonly names = computed(() => {
    const plan = this.plan();
    if (!plan) return new Map<string, string>();
    return new Map(
      allItemsOf(plan).map((item) => [
        item.id,
        item.kind === 'talk' ? item.name : (this.store.find(item.revision)?.name[plan.school.words] ?? ''),
      ]),
    );
  });

  constructor() {
    inject(DestroyRef).onDestroy(() => this.stopped$.next());
    this.ask();
  }

  protected ask(): void {
    const plan = this.plan();
    if (!plan) return;
    const revisions = new Set(itemsOf(plan).map(({ revision }) => revision));
    this.job.set({
      kind: 'reorder',
      plan,
      exercises: [...this.store.known()].flatMap(([revision, { exercise }]) =>
        revisions.has(revision) ? [[revision, exercise] as const] : [],
      ),
      blockId: this.blockId() === '' ? null : this.blockId(),
      softSeconds: this.worth(),
    });
  }

  protected take(): void {
    const command = this.shown().result?.command;
    if (command && this.store.doAndOffer(command, 'The class is in its new order.', 'As it was')) this.dialog.close();
  }

  /** The other way to teach, taken at once; the order is asked for anew. */
  protected flow(command: PlanCommand): void {
    if (this.store.do(command)) this.ask();
  }

  protected stop(): void {
    this.stopped$.next();
    this.dialog.close();
  }
}
