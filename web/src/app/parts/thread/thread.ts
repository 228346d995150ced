import {
  ChangeDetectionStrategy,
  Component,
  type ElementRef,
  afterRenderEffect,
  computed,
  effect,
  inject,
  input,
  output,
  signal,
  untracked,
  viewChild,
} from '@angular/core';
import * as z from 'zod';
import { itemWords } from '@core/card';
import { redThread } from '@core/idea';
import { weaveOf, weaveRows } from '@core/load';
import type { Plan } from '@core/plan';
import { sayTime } from '@core/say-time';
import type { ItemTime, Timeline, TimelineEvent } from '@core/timeline';
import { BrowserStore } from '../../data/browser-store';
import { doingOf } from '../keys/key-table';
import { svgFile } from './svg-file';
import { threadKeys } from './thread-keys';
import {
  type ThreadScale,
  axisMarks,
  barePath,
  crossingPath,
  stitchPath,
  tiePath,
  ideaPath,
  voicePath,
  wovenPath,
  wornPath,
} from './stitches';

/** An instant under the pointer. */
export interface ThreadPoint {
  readonly ms: number;
  readonly itemId: string | null;
  /** Where on the page, px: for what is shown beside the pointer. */
  readonly x: number;
  readonly below: number;
}

const rowHeight = 11;
/** Where what is drawn, px from above; of a folded thread the feet alone. */
const unfolded = {
  leftY: 78,
  rightY: 132,
  axisTop: 30,
  clothTop: 28,
  weaveTop: 166,
  rowHeight,
  height: 166 + weaveRows.length * (rowHeight + 3) + 6,
};
const folded = { ...unfolded, leftY: 43, rightY: 74, axisTop: 24, clothTop: 24, weaveTop: 92, height: 90 };
const foldedKey = 'needlework.thread';
const Folded = z.enum(['folded', 'unfolded']);
const mostZoom = 32;
/** Room for the label of the slot's end. */
const rightMargin = 48;

/**
 * The class as two threads over time, one per foot, drawn from the timeline. A listbox: arrow keys move from item to
 * item, + and − zoom, 0 shows the whole class, F folds it to the
 * two feet alone.
 */
@Component({
  selector: 'nw-thread',
  templateUrl: './thread.html',
  styleUrl: './thread.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Thread {
  readonly plan = input.required<Plan>();
  readonly timeline = input.required<Timeline>();
  readonly selected = input<string | null>(null);
  readonly chosen = output<string>();
  readonly pointed = output<ThreadPoint | null>();

  protected readonly zoom = signal(1);
  protected readonly hoverMs = signal<number | null>(null);
  private readonly width = signal(900);
  private readonly scroller = viewChild.required<ElementRef<HTMLElement>>('scroller');
  private readonly cloth = viewChild.required<ElementRef<SVGSVGElement>>('cloth');
  private readonly names = viewChild.required<ElementRef<HTMLElement>>('names');

  private readonly kept = inject(BrowserStore);
  /** The two feet alone: room for the order under it. */
  protected readonly folded = signal(this.kept.remembered(foldedKey, Folded, 'unfolded') === 'folded');
  protected readonly geometry = computed(() => {
    const places = this.folded() ? folded : unfolded;
    return { ...places, ideaY: (places.leftY + places.rightY) / 2 };
  });
  protected readonly rows = weaveRows;
  /** How much of a row is woven, in words. */
  protected readonly legend = ['a little', 'works', 'hard'].map((words, i) => ({
    words,
    path: wovenPath(0, 15, 0, i + 1, 9),
  }));
  protected readonly time = sayTime;

  /** The axis shows the slot or the class, whichever is longer. */
  private readonly spanMs = computed(() => Math.max(this.timeline().totalMs, this.plan().slotSeconds * 1000, 60_000));
  protected readonly scale = computed<ThreadScale>(() => ({
    pxPerMs: ((this.width() - rightMargin) * this.zoom()) / this.spanMs(),
    left: this.geometry().leftY,
    right: this.geometry().rightY,
  }));
  protected readonly drawnWidth = computed(() => Math.round(this.spanMs() * this.scale().pxPerMs) + rightMargin);
  protected readonly slotX = computed(() => this.plan().slotSeconds * 1000 * this.scale().pxPerMs);
  protected readonly endX = computed(() => this.timeline().totalMs * this.scale().pxPerMs);
  protected readonly over = computed(() => this.timeline().totalMs > this.plan().slotSeconds * 1000);
  protected readonly marks = computed(() =>
    axisMarks(this.spanMs(), this.scale().pxPerMs).map((ms) => ({ ms, x: ms * this.scale().pxPerMs })),
  );
  protected readonly bare = computed(() => ({
    left: barePath(this.timeline(), 'left', this.scale()),
    right: barePath(this.timeline(), 'right', this.scale()),
  }));
  /** Thread that nothing is stitched on yet, up to the end of the slot. */
  protected readonly unused = computed(() => {
    const { leftY, rightY } = this.geometry();
    return this.over() ? '' : `M${this.endX()} ${leftY}H${this.slotX()}M${this.endX()} ${rightY}H${this.slotX()}`;
  });
  protected readonly crossings = computed(() => crossingPath(this.timeline(), this.scale()));
  protected readonly ties = computed(() => tiePath(this.timeline(), this.scale()));
  protected readonly voice = computed(() => voicePath(this.timeline(), this.scale(), this.geometry().leftY - 22));
  protected readonly worn = computed(() => wornPath(this.timeline(), this.scale()));
  /** One path for all of it: how hard a part works shows in how much of its row is woven. */
  protected readonly weave = computed(() => {
    const { pxPerMs } = this.scale();
    return weaveOf(this.timeline())
      .map(({ row, startMs, endMs, rating }) => {
        const top = unfolded.weaveTop + weaveRows.findIndex(({ id }) => id === row) * (rowHeight + 3);
        return wovenPath(startMs * pxPerMs, endMs * pxPerMs, top, rating, rowHeight);
      })
      .join('');
  });
  /** The one idea, where it can be followed. */
  protected readonly idea = computed(() => {
    const thread = redThread(this.plan(), this.timeline());
    return (
      thread && { ...ideaPath(thread, this.timeline(), this.scale(), this.geometry().ideaY), name: thread.idea.name }
    );
  });

  private readonly eventsByItem = computed(() => {
    const map = new Map<string, TimelineEvent[]>();
    for (const event of this.timeline().events) {
      if (event.itemId === null || event.lane !== 'body') continue;
      const list = map.get(event.itemId);
      if (list) list.push(event);
      else map.set(event.itemId, [event]);
    }
    return map;
  });

  /** One path per item and foot, and what the item is in words. */
  protected readonly items = computed(() => {
    const scale = this.scale();
    const plan = this.plan();
    return this.timeline().items.map((item) => {
      const events = this.eventsByItem().get(item.itemId) ?? [];
      const walks = item.execution?.sidePattern === 'travelling';
      return {
        id: item.itemId,
        left: stitchPath(events, 'left', scale, walks),
        right: stitchPath(events, 'right', scale, walks),
        label: itemWords(plan, item),
        visits: item.visits.map((v) => ({
          x: v.startMs * scale.pxPerMs,
          width: Math.max(2, (v.endMs - v.startMs) * scale.pxPerMs),
        })),
      };
    });
  });

  protected readonly blocks = computed(() => {
    const scale = this.scale();
    return this.plan().blocks.flatMap((block) => {
      const time = this.timeline().blocks.find((b) => b.blockId === block.id);
      if (!time || time.totalMs === 0) return [];
      const width = time.totalMs * scale.pxPerMs;
      return [
        {
          id: block.id,
          name: fitted(block.name, width),
          x: time.startMs * scale.pxPerMs,
          width: Math.max(2, width - 3),
        },
      ];
    });
  });

  /** The thread as it is drawn, for a file of its own. */
  drawing(): string {
    const names = [...this.names().nativeElement.querySelectorAll('span')];
    return svgFile(this.cloth().nativeElement, names, '.touch, .pointer', this.plan().title);
  }

  constructor() {
    effect((cleanUp) => {
      const element = this.scroller().nativeElement;
      const watcher = new ResizeObserver(([entry]) =>
        this.width.set(Math.max(280, Math.floor(entry?.contentRect.width ?? 900))),
      );
      watcher.observe(element);
      cleanUp(() => watcher.disconnect());
    });
    // where the page is written: before, reading its places would lay it out a second time
    afterRenderEffect({
      read: () => {
        const item = this.timeline().items.find((i) => i.itemId === this.selected());
        if (item) untracked(() => this.bringIntoView(item));
      },
    });
  }

  protected fold(): void {
    this.folded.update((on) => !on);
    this.kept.remember(foldedKey, this.folded() ? 'folded' : 'unfolded');
  }

  protected zoomBy(factor: number, aroundX?: number): void {
    const element = this.scroller().nativeElement;
    const at = aroundX ?? element.clientWidth / 2;
    const before = this.zoom();
    const after = Math.min(mostZoom, Math.max(1, before * factor));
    if (after === before) return;
    const ratio = after / before;
    this.zoom.set(after);
    requestAnimationFrame(() => (element.scrollLeft = (element.scrollLeft + at) * ratio - at));
  }

  protected wheel(event: WheelEvent): void {
    if (!event.ctrlKey && !event.metaKey) return;
    event.preventDefault();
    this.zoomBy(
      event.deltaY < 0 ? 1.3 : 1 / 1.3,
      event.clientX - this.scroller().nativeElement.getBoundingClientRect().left,
    );
  }

  protected move(event: PointerEvent): void {
    const edges = (event.currentTarget as Element).getBoundingClientRect();
    const ms = Math.max(0, (event.clientX - edges.left) / this.scale().pxPerMs);
    if (ms >= this.timeline().totalMs) {
      this.leave();
      return;
    }
    this.hoverMs.set(ms);
    const item = this.timeline().items.find((i) => i.visits.some((v) => ms >= v.startMs && ms < v.endMs));
    this.pointed.emit({ ms, itemId: item?.itemId ?? null, x: event.clientX, below: edges.bottom });
  }

  protected leave(): void {
    this.hoverMs.set(null);
    this.pointed.emit(null);
  }

  protected key(event: KeyboardEvent): void {
    const ids = this.timeline()
      .items.filter((i) => i.visits.length > 0)
      .map((i) => i.itemId);
    const doing = doingOf(threadKeys, event);
    if (!doing) return;
    event.preventDefault();
    const at = ids.indexOf(this.selected() ?? '');
    const target = { before: ids[Math.max(0, at - 1)], after: ids[at + 1], first: ids[0], last: ids.at(-1) };
    switch (doing) {
      case 'closer':
        return this.zoomBy(1.5);
      case 'wider':
        return this.zoomBy(1 / 1.5);
      case 'whole':
        return this.zoom.set(1);
      case 'fold':
        return this.fold();
      default:
        if (target[doing] !== undefined) this.chosen.emit(target[doing]);
    }
  }

  private bringIntoView(item: ItemTime): void {
    const element = this.scroller().nativeElement;
    const start = item.startMs * this.scale().pxPerMs;
    if (start < element.scrollLeft || start > element.scrollLeft + element.clientWidth - 40) {
      element.scrollTo({ left: start - 60 });
    }
  }
}

/** A block's name as far as it fits over its stretch; nothing rather than two letters. */
function fitted(name: string, width: number): string {
  const room = Math.floor((width - 4) / 7.4);
  if (name.length <= room) return name;
  return room >= 4 ? `${name.slice(0, room - 1)}…` : '';
}
