import {
  ChangeDetectionStrategy,
  Component,
  type ElementRef,
  computed,
  effect,
  input,
  signal,
  viewChild,
} from '@angular/core';
import { sayTime } from '@core/say-time';
import { axisMarks, wovenPath } from '../thread/stitches';

/** A stretch of a row: from when to when and how much of it is woven (1 to 3). */
export interface TrackSpan {
  readonly startMs: number;
  readonly endMs: number;
  readonly weight: number;
}
export interface TrackRow {
  readonly id: string;
  readonly name: string;
  readonly spans: readonly TrackSpan[];
}

const rowHeight = 15;
const rowGap = 7;
const top = 22;
/** So much room a time on the axis takes, px. */
const markRoom = 38;

/** Rows over the time of a class, one thing a row: what works, what lies out. Decoration: words beside it say the same. */
@Component({
  selector: 'nw-tracks',
  template: `
    <div class="names" aria-hidden="true">
      @for (row of rows(); track row.id; let i = $index) {
        <span [style.top.px]="yOf(i) + rowHeight / 2">{{ row.name }}</span>
      }
    </div>
    <div class="cloth" #cloth>
      <svg [attr.width]="width()" [attr.height]="height()" aria-hidden="true">
        @for (mark of marks(); track mark.ms) {
          <line class="mark" [attr.x1]="mark.x" [attr.x2]="mark.x" y1="16" [attr.y2]="height()" />
          <text [attr.x]="mark.x + 3" y="12">{{ mark.said }}</text>
        }
        @for (row of drawn(); track row.id) {
          <path class="bed" [attr.d]="row.bed" />
          <path class="woven" [attr.d]="row.path" />
        }
      </svg>
    </div>
  `,
  styleUrl: './tracks.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Tracks {
  readonly rows = input.required<readonly TrackRow[]>();
  readonly totalMs = input.required<number>();

  protected readonly rowHeight = rowHeight;
  protected readonly width = signal(600);
  private readonly cloth = viewChild.required<ElementRef<HTMLElement>>('cloth');
  protected readonly height = computed(() => top + this.rows().length * (rowHeight + rowGap));
  private readonly pxPerMs = computed(() => (this.width() - 2) / Math.max(60_000, this.totalMs()));
  protected readonly marks = computed(() =>
    axisMarks(this.totalMs(), this.pxPerMs()).map((ms) => {
      const x = ms * this.pxPerMs();
      return { ms, x, said: x < this.width() - markRoom ? sayTime(ms) : '' };
    }),
  );
  protected readonly drawn = computed(() =>
    this.rows().map(({ id, spans }, i) => ({
      id,
      bed: `M0 ${this.yOf(i) + rowHeight / 2}H${this.width()}`,
      path: spans
        .map(({ startMs, endMs, weight }) =>
          wovenPath(startMs * this.pxPerMs(), endMs * this.pxPerMs(), this.yOf(i), weight, rowHeight),
        )
        .join(''),
    })),
  );

  constructor() {
    effect((cleanUp) => {
      const element = this.cloth().nativeElement;
      const watcher = new ResizeObserver(([entry]) =>
        this.width.set(Math.max(180, Math.floor(entry?.contentRect.width ?? 600))),
      );
      watcher.observe(element);
      cleanUp(() => watcher.disconnect());
    });
  }

  protected yOf(row: number): number {
    return top + row * (rowHeight + rowGap);
  }
}
