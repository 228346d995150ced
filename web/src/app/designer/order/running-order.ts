import {
  CdkDrag,
  type CdkDragDrop,
  CdkDragHandle,
  CdkDragPlaceholder,
  CdkDropList,
  CdkDropListGroup,
} from '@angular/cdk/drag-drop';
import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  Injector,
  afterNextRender,
  computed,
  inject,
  input,
  output,
} from '@angular/core';
import { MatIconButton } from '@angular/material/button';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { MatSnackBar } from '@angular/material/snack-bar';
import { mdiDotsVertical, mdiDrag } from '@mdi/js';
import { timed } from '@core/dose';
import { type Block, type Plan, findItem, newItem } from '@core/plan';
import type { Finding } from '@core/sequence';
import { sayTime } from '@core/say-time';
import type { Timeline } from '@core/timeline';
import { newId } from '../../api/new-id';
import { Icon } from '../../icon/icon';
import { doseWords, sideOrder } from '../../saying/item-words';
import { otherSchool } from '../../saying/school-words';
import { PlanStore } from '../plan-store';

/** The class in order: drag an item, or move it with Alt and the arrow keys; every move is a command. */
@Component({
  selector: 'nw-running-order',
  imports: [
    CdkDrag,
    CdkDragHandle,
    CdkDragPlaceholder,
    CdkDropList,
    CdkDropListGroup,
    Icon,
    MatIconButton,
    MatMenu,
    MatMenuItem,
    MatMenuTrigger,
  ],
  templateUrl: './running-order.html',
  styleUrl: './running-order.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RunningOrder {
  private readonly store = inject(PlanStore);
  private readonly toasts = inject(MatSnackBar);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  private readonly injector = inject(Injector);
  readonly plan = input.required<Plan>();
  readonly timeline = input.required<Timeline>();
  readonly selected = input<string | null>(null);
  /** Open findings of the review; the rows they name are marked. */
  readonly findings = input<readonly Finding[]>([]);
  readonly chosen = output<string>();

  protected readonly icons = { drag: mdiDrag, more: mdiDotsVertical };

  protected readonly blocks = computed(() => {
    const plan = this.plan();
    const timeline = this.timeline();
    const found = new Map(
      this.findings()
        .filter((f) => f.severity !== 'note')
        .flatMap((f) => f.itemIds.map((id) => [id, f.words()] as const)),
    );
    const times = new Map(timeline.items.map((time) => [time.itemId, time]));
    return plan.blocks.map((block) => ({
      block,
      length: sayTime(timeline.blocks.find((b) => b.blockId === block.id)?.totalMs ?? 0),
      rows: block.items.flatMap((item) => {
        const time = times.get(item.id);
        if (!time) return [];
        return [
          {
            id: item.id,
            name: time.execution?.exercise.name[plan.school.words] ?? `${item.exerciseId} (missing)`,
            start: sayTime(time.startMs),
            dose: doseWords(plan, time),
            order: sideOrder(plan, time),
            length: sayTime(time.totalMs),
            isNew: item.familiarity === 'new',
            recheck: item.recheck,
            locked: item.locked,
            canGo: item.priority === 1,
            found: found.get(item.id) ?? '',
            school: time.execution ? otherSchool(time.execution.exercise, plan.school) : '',
          },
        ];
      }),
    }));
  });

  protected drop(event: CdkDragDrop<string, string, string>): void {
    this.store.do({
      type: 'move-item',
      itemId: event.item.data,
      blockId: event.container.data,
      index: event.currentIndex,
    });
    this.choose(event.item.data);
  }

  protected key(event: KeyboardEvent, itemId: string): void {
    if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      this.move(itemId, event.key === 'ArrowUp' ? -1 : 1);
    } else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      event.preventDefault();
      this.step(event.key === 'ArrowUp' ? -1 : 1, itemId);
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault();
      this.remove(itemId);
    }
  }

  /**
   * One place up or down; over the edge of a block into the next one. The plan is asked of the store: a second press may
   * come before the page has drawn the first.
   */
  protected move(itemId: string, by: 1 | -1): void {
    const plan = this.store.plan();
    const found = plan && findItem(plan, itemId);
    if (!found) return;
    const { block, index } = found;
    const within = index + by >= 0 && index + by < block.items.length;
    const into = within ? block : plan.blocks[plan.blocks.indexOf(block) + by];
    if (!into) return;
    const place = within ? index + by : by === 1 ? 0 : into.items.length;
    this.store.do({ type: 'move-item', itemId, blockId: into.id, index: place });
    this.focusMoved(itemId);
  }

  protected remove(itemId: string): void {
    const ids = this.plan().blocks.flatMap((b) => b.items.map((i) => i.id));
    const at = ids.indexOf(itemId);
    const name =
      this.blocks()
        .flatMap((b) => b.rows)
        .find((r) => r.id === itemId)?.name ?? 'It';
    if (!this.store.do({ type: 'remove-item', itemId })) return;
    const next = ids[at + 1] ?? ids[at - 1] ?? null;
    this.store.select(next);
    if (next !== null) this.focusMoved(next);
    this.toasts
      .open(`“${name}” is out of the class.`, 'Bring it back', { duration: 7000 })
      .onAction()
      .subscribe(() => this.store.undo());
  }

  protected repeat(itemId: string): void {
    const found = findItem(this.plan(), itemId);
    if (!found) return;
    const copy = { ...found.item, id: newId() };
    if (this.store.do({ type: 'add-item', item: copy, blockId: found.block.id, index: found.index + 1 }))
      this.choose(copy.id);
  }

  /** The same walk again after an item, for as long as the teacher's pace says: same, better or worse. */
  protected recheckAfter(itemId: string): void {
    const plan = this.plan();
    const found = findItem(plan, itemId);
    const walk = [...this.store.known().values()].find((r) => r.exercise.id === 'walk-and-compare' && !r.removed);
    if (!found || !walk) {
      this.toasts.open('“Walk and compare” is not in the library. Put it back, then add the re-check.', 'All right', {
        duration: 7000,
      });
      return;
    }
    const item = {
      ...newItem(newId(), walk.exercise, walk.revision),
      recheck: true,
      dose: [timed(Math.max(1, Math.round(plan.pace.recheckSeconds)))],
    };
    if (this.store.do({ type: 'add-item', item, blockId: found.block.id, index: found.index + 1 }))
      this.choose(item.id);
  }

  protected rename(block: Block, name: string): void {
    if (name.trim() !== '' && name !== block.name)
      this.store.do({ type: 'edit-block', blockId: block.id, change: { name: name.trim() } });
  }

  protected setFlow(block: Block, flow: Block['flow']): void {
    this.store.do({ type: 'edit-block', blockId: block.id, change: { flow } });
  }

  protected moveBlock(block: Block, by: 1 | -1): void {
    const index = this.plan().blocks.indexOf(block) + by;
    if (index >= 0 && index < this.plan().blocks.length)
      this.store.do({ type: 'move-block', blockId: block.id, index });
  }

  protected removeBlock(block: Block): void {
    if (!this.store.do({ type: 'remove-block', blockId: block.id })) return;
    this.toasts
      .open(`“${block.name}” and its ${block.items.length} items are out of the class.`, 'Bring them back', {
        duration: 7000,
      })
      .onAction()
      .subscribe(() => this.store.undo());
  }

  protected addBlock(): void {
    this.store.do({
      type: 'add-block',
      block: { id: newId(), name: 'New block', flow: 'by-exercise', items: [] },
      index: this.plan().blocks.length,
    });
  }

  protected choose(itemId: string): void {
    this.chosen.emit(itemId);
  }

  private step(by: 1 | -1, itemId: string): void {
    const ids = this.blocks().flatMap((b) => b.rows.map((r) => r.id));
    const next = ids[ids.indexOf(itemId) + by];
    if (next === undefined) return;
    this.choose(next);
    this.focus(next);
  }

  /** With the frame that moves the row, so that the next key press, however quick, meets it. */
  private focusMoved(itemId: string): void {
    afterNextRender(() => this.focus(itemId), { injector: this.injector });
  }

  private focus(itemId: string): void {
    this.host.nativeElement.querySelector<HTMLElement>(`[data-item="${itemId}"]`)?.focus();
  }
}
