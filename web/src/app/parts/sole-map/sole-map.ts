import {
  ChangeDetectionStrategy,
  Component,
  type ElementRef,
  computed,
  input,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { type SoleMark, zoneOf } from '@core/measure';
import type { Side } from '@core/plan';

/** The box of the drawing. */
const box = { width: 104, height: 228, top: 14 };
/** A tap so near to a mark takes it away, in hundredths. */
const reach = 6;
const moves: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-2, 0],
  ArrowRight: [2, 0],
  ArrowUp: [0, -2],
  ArrowDown: [0, 2],
};

/** A sole from above on which tender spots are marked: a tap marks, a tap on a mark takes it away; or arrow keys and Enter. */
@Component({
  selector: 'nw-sole-map',
  template: `
    <svg
      #board
      [attr.viewBox]="'0 14 104 228'"
      role="application"
      tabindex="0"
      [attr.aria-label]="label()"
      (click)="tap($event)"
      (keydown)="key($event)"
      (focus)="cursor.set(cursor() ?? { x: 50, y: 50 })"
      (blur)="cursor.set(null)"
    >
      <g [attr.transform]="side() === 'left' ? 'translate(104 0) scale(-1 1)' : null">
        <path
          class="sole"
          d="M14 78C10 96 20 108 26 128C32 150 22 172 22 196C22 222 36 240 54 240C74 240 84 222 84 198C84 172 92 150 95 122C97 102 92 86 86 76C70 62 34 58 14 78Z"
        />
        <ellipse class="sole" cx="27" cy="41" rx="12" ry="19" />
        <ellipse class="sole" cx="47.5" cy="37" rx="7.4" ry="15" />
        <ellipse class="sole" cx="61" cy="42" rx="6.8" ry="14" />
        <ellipse class="sole" cx="73.5" cy="51" rx="6.3" ry="12.5" />
        <ellipse class="sole" cx="84.5" cy="63" rx="5.9" ry="11" />
      </g>
      @for (mark of placed(); track $index) {
        <circle class="mark" [attr.cx]="mark.x" [attr.cy]="mark.y" r="5" />
      }
      @if (place(); as at) {
        <path class="cursor" [attr.d]="'M' + (at.x - 8) + ' ' + at.y + 'h16M' + at.x + ' ' + (at.y - 8) + 'v16'" />
      }
    </svg>
  `,
  styles: `
    svg {
      display: block;
      width: 100%;
      max-width: 130px;
      margin: 0 auto;
      cursor: crosshair;
      touch-action: manipulation;
    }
    svg:focus-visible {
      outline: 3px solid var(--nw-focus);
      outline-offset: 2px;
      border-radius: 6px;
    }
    .sole {
      fill: var(--nw-cloth-2);
      stroke: var(--nw-hem-strong);
      stroke-width: 1;
    }
    .mark {
      fill: var(--nw-madder);
    }
    .cursor {
      fill: none;
      stroke: var(--nw-ink);
      stroke-width: 1.5;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SoleMap {
  readonly side = input.required<Side>();
  readonly marks = input.required<readonly SoleMark[]>();
  readonly name = input('');
  readonly changed = output<SoleMark[]>();

  private readonly board = viewChild.required<ElementRef<SVGSVGElement>>('board');
  protected readonly cursor = signal<SoleMark | null>(null);

  protected readonly placed = computed(() => this.marks().map(onBoard));
  protected readonly place = computed(() => {
    const cursor = this.cursor();
    return cursor && onBoard(cursor);
  });
  protected readonly label = computed(() => {
    const zones = [...new Set(this.marks().map((mark) => zoneOf(this.side(), mark)))];
    const cursor = this.cursor();
    const here = cursor ? ` The cursor is on the ${zoneOf(this.side(), cursor)}.` : '';
    return `${this.name()} ${this.side()} sole: ${zones.length === 0 ? 'nothing marked' : `marked on ${zones.join(', ')}`}.${here} Arrow keys move, Enter marks.`;
  });

  protected tap({ clientX, clientY }: MouseEvent): void {
    const { left, top, width, height } = this.board().nativeElement.getBoundingClientRect();
    if (width > 0 && height > 0)
      this.toggle({ x: (100 * (clientX - left)) / width, y: (100 * (clientY - top)) / height });
  }

  protected key(event: KeyboardEvent): void {
    const move = moves[event.key];
    const cursor = this.cursor() ?? { x: 50, y: 50 };
    if (move) this.cursor.set({ x: inside(cursor.x + move[0]), y: inside(cursor.y + move[1]) });
    else if (event.key === 'Enter' || event.key === ' ') this.toggle(cursor);
    else return;
    event.preventDefault();
  }

  private toggle({ x, y }: SoleMark): void {
    const at = { x: Math.round(inside(x)), y: Math.round(inside(y)) };
    const left = this.marks().filter((mark) => Math.hypot(mark.x - at.x, mark.y - at.y) > reach);
    this.changed.emit(left.length < this.marks().length ? left : [...left, at]);
  }
}

const inside = (value: number) => Math.min(100, Math.max(0, value));
const onBoard = ({ x, y }: SoleMark) => ({ x: (x * box.width) / 100, y: box.top + (y * box.height) / 100 });
