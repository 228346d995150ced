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
  afterRenderEffect,
  linkedSignal,
} from '@angular/core';
import { MatIconButton } from '@angular/material/button';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { mdiDotsVertical, mdiDrag } from '@mdi/js';
import {
  type Addition,
  type Block,
  type Plan,
  type PlanCommand,
  type UsualTalk,
  addAgain,
  addRecheck,
  addTalk,
  allItemsOf,
  moveByOne,
  newBlock,
  offerLevels,
  recheckExercise,
  rechecksOf,
  usualTalks,
} from '@core/plan';
import type { Finding } from '@core/sequence';
import type { Timeline } from '@core/timeline';
import { classChecks, protocolFor } from '@core/measure';
import { addCheck, addCheckAtEnd } from '@core/plan/add-check';
import { Floor } from '@core/kit';
import { newId } from '../../../data/new-id';
import { Icon } from '../../../parts/icon/icon';
import { doingOf } from '../../../parts/keys/key-table';
import { tooLongIn } from '@core/cues';
import { OwnProtocols } from '../../../data/own-protocols';
import { Toasts } from '../../../data/toasts';
import { orderKeys } from '../designer-keys';
import { PlanStore } from '../plan-store';
import { orderBlocks } from './order-rows';

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
  private readonly toasts = inject(Toasts);
  private readonly own = inject(OwnProtocols);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  private readonly injector = inject(Injector);
  readonly plan = input.required<Plan>();
  readonly timeline = input.required<Timeline>();
  readonly selected = input<string | null>(null);
  /** Open findings of the review; the rows they name are marked. */
  readonly findings = input<readonly Finding[]>([]);
  readonly chosen = output<string>();
  /** A better order is asked for: of a block, or of each in turn. */
  readonly reorderAsked = output<string | null>();

  protected readonly icons = { drag: mdiDrag, more: mdiDotsVertical };

  private readonly unsayable = computed(() => {
    const script = this.store.script();
    return new Set(script ? tooLongIn(script).map((found) => found.itemId) : []);
  });
  protected readonly blocks = computed(() =>
    orderBlocks(this.plan(), this.timeline(), this.findings(), this.unsayable()),
  );

  /** Something could change places. */
  protected readonly many = computed(() => this.plan().blocks.some(({ items }) => items.length > 1));

  /** Rows that have just come: they are brought into sight and tinted for a moment. */
  protected readonly fresh = linkedSignal<readonly string[], readonly string[]>({
    source: () => allItemsOf(this.plan()).map((item) => item.id),
    computation: (ids, before) => (before ? ids.filter((id) => !before.source.includes(id)) : []),
  });

  constructor() {
    afterRenderEffect(() => {
      const [first] = this.fresh();
      if (first !== undefined) this.rowOf(first)?.scrollIntoView({ block: 'nearest' });
    });
  }

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
    const doing = doingOf(orderKeys, event);
    if (!doing) return;
    event.preventDefault();
    switch (doing) {
      case 'up':
      case 'down':
        return this.move(itemId, doing === 'up' ? -1 : 1);
      case 'before':
      case 'after':
        return this.step(doing === 'before' ? -1 : 1, itemId);
      case 'remove':
        return this.remove(itemId);
    }
  }

  /**
   * One place up or down; over the edge of a block into the next one. The plan is asked of the store: a second press may
   * come before the page has drawn the first.
   */
  protected move(itemId: string, by: 1 | -1): void {
    const plan = this.store.plan();
    const command = plan && moveByOne(plan, itemId, by);
    if (!command) return;
    this.store.do(command);
    this.focusMoved(itemId);
  }

  protected remove(itemId: string): void {
    const ids = this.plan().blocks.flatMap((b) => b.items.map((i) => i.id));
    const at = ids.indexOf(itemId);
    const name =
      this.blocks()
        .flatMap((b) => b.rows)
        .find((r) => r.id === itemId)?.name ?? 'It';
    const removed = this.store.doAndOffer(
      { type: 'remove-item', itemId },
      rechecksOf(this.plan(), itemId).length > 0
        ? `“${name}” is out of the class; its re-check stays, as a look at the class.`
        : `“${name}” is out of the class.`,
      'Bring it back',
    );
    if (!removed) return;
    const next = ids[at + 1] ?? ids[at - 1] ?? null;
    this.store.select(next);
    if (next !== null) this.focusMoved(next);
  }

  protected repeat(itemId: string): void {
    this.take(addAgain(this.plan(), itemId, newId));
  }

  /** The same walk again after an item: same, better or worse. */
  protected recheckAfter(itemId: string): void {
    const walk = [...this.store.known().values()].find((r) => r.exercise.id === recheckExercise && !r.removed);
    if (walk) this.take(addRecheck(this.plan(), itemId, walk.exercise, walk.revision, newId));
    else this.toasts.refused('“Walk and compare” is not in the library. Put it back, then add the re-check.');
  }

  protected rename(block: Block, name: string): void {
    if (name.trim() !== '' && name !== block.name)
      this.store.do({ type: 'edit-block', blockId: block.id, change: { name: name.trim() } });
  }

  protected editBlock(block: Block, change: Partial<Pick<Block, 'flow' | 'compare' | 'secondOrder' | 'floor'>>): void {
    this.store.do({ type: 'edit-block', blockId: block.id, change });
  }

  protected moveBlock(block: Block, by: 1 | -1): void {
    const index = this.plan().blocks.indexOf(block) + by;
    if (index >= 0 && index < this.plan().blocks.length)
      this.store.do({ type: 'move-block', blockId: block.id, index });
  }

  protected removeBlock(block: Block): void {
    this.store.doAndOffer(
      { type: 'remove-block', blockId: block.id },
      `“${block.name}” and its ${block.items.length} items are out of the class.`,
      'Bring them back',
    );
  }

  /** Floors a block can be taught on, if elsewhere than the class. */
  protected readonly floors = Floor.options;

  protected addBlock(): void {
    this.store.do({
      type: 'add-block',
      block: newBlock(newId(), 'New block'),
      index: this.plan().blocks.length,
    });
  }

  /** Talk that classes often have. */
  protected readonly talks = usualTalks;

  protected addTalk(usual: UsualTalk): void {
    this.take(addTalk(this.plan(), this.selected(), usual, newId));
  }

  protected readonly checkChoices = computed(() =>
    classChecks(this.own.all()).map(({ id, name }) => ({ id, words: name })),
  );

  /** A named check, on the exercise it is taken with. */
  protected addCheck(id: string): void {
    const check = protocolFor(id, this.own.all());
    if (!check) return;
    const { takenWith } = check;
    const found = [...this.store.known().values()].find((r) => r.exercise.id === takenWith && !r.removed);
    if (found) this.take(addCheck(this.plan(), this.selected(), check, found.exercise, found.revision, newId));
    else
      this.toasts.refused(`The exercise it is taken with, “${takenWith}”, is not in the library. Put it back first.`);
  }

  /** Levels beside every exercise that has them and none offered yet, in one step. */
  protected readonly levelsToOffer = computed(() =>
    offerLevels(this.plan(), (revision) => this.store.known().get(revision)?.exercise ?? null),
  );

  protected offer(command: PlanCommand): void {
    this.store.doAndOffer(command, 'Easier and harder levels are offered; each fills the same time.', 'Take them back');
  }

  protected choose(itemId: string): void {
    this.chosen.emit(itemId);
  }

  /** The same check as a look at the whole class, behind its last exercise. */
  protected checkAtEnd(itemId: string): void {
    const addition = addCheckAtEnd(this.plan(), itemId, newId);
    if (addition) this.take(addition);
    else this.toasts.tell('It stands twice in this class already.');
  }

  private take(addition: Addition | null): void {
    if (addition && this.store.do(addition.command)) this.choose(addition.itemId);
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
    this.rowOf(itemId)?.focus();
  }

  private rowOf(itemId: string): HTMLElement | null {
    return this.host.nativeElement.querySelector<HTMLElement>(`[data-item="${itemId}"]`);
  }
}
