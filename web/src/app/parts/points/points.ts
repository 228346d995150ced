import {
  ChangeDetectionStrategy,
  Component,
  type ElementRef,
  computed,
  input,
  linkedSignal,
  output,
  signal,
  viewChild,
} from '@angular/core';
import type { At } from '@core/measure/angle';

/** A point that can be moved, with what it stands on. */
export interface NamedPoint extends At {
  readonly name: string;
}

const step = 1;
const farStep = 10;
const moves: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/**
 * Points set on a picture, joined by a line: dragged, or moved by the arrow keys (with Shift by ten). A tap beside them
 * is told, for who adds points that way.
 */
@Component({
  selector: 'nw-points',
  template: `
    <svg
      #board
      [attr.viewBox]="'0 0 ' + width() + ' ' + height()"
      (pointerdown)="press($event)"
      (pointermove)="drag($event)"
      (pointerup)="drop()"
      (pointercancel)="drop()"
    >
      @if (picture(); as url) {
        <image
          [attr.href]="url"
          x="0"
          y="0"
          [attr.width]="width()"
          [attr.height]="height()"
          preserveAspectRatio="xMidYMid meet"
        />
      }
      <path class="line under" [attr.d]="line()" />
      <path class="line" [attr.d]="line()" />
      @for (point of places(); track $index; let i = $index) {
        <g
          class="point"
          role="button"
          tabindex="0"
          [attr.aria-label]="point.name + '. Arrow keys move it, with Shift by ten.'"
          [attr.transform]="'translate(' + point.x + ' ' + point.y + ')'"
          (keydown)="key($event, i)"
        >
          <circle [attr.r]="size() * 2.4" class="grip" />
          <circle [attr.r]="size()" class="ring" />
          <circle [attr.r]="size() / 5" class="dot" />
        </g>
      }
    </svg>
  `,
  styles: `
    :host {
      display: block;
    }
    svg {
      display: block;
      width: 100%;
      max-height: 62vh;
      background: var(--nw-cloth-2);
      border-radius: 10px;
      touch-action: none;
    }
    .line {
      fill: none;
      stroke: var(--nw-madder);
      stroke-width: 2;
      vector-effect: non-scaling-stroke;
    }
    .under {
      stroke: #fff;
      stroke-width: 5;
      opacity: 0.6;
    }
    .grip {
      fill: transparent;
      cursor: grab;
    }
    .ring {
      fill: rgb(255 255 255 / 35%);
      stroke: var(--nw-madder);
      stroke-width: 2.5;
      vector-effect: non-scaling-stroke;
      pointer-events: none;
    }
    .dot {
      fill: var(--nw-madder);
      pointer-events: none;
    }
    .point:focus-visible {
      outline: none;
    }
    .point:focus-visible .ring {
      stroke: var(--nw-focus);
      stroke-width: 5;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Points {
  readonly picture = input<string | null>(null);
  readonly width = input.required<number>();
  readonly height = input.required<number>();
  readonly points = input.required<readonly NamedPoint[]>();
  /** The line runs back to its beginning. */
  readonly closed = input(false);
  /** How large a point is drawn, in units of the picture. */
  readonly size = input(9);
  readonly moved = output<{ readonly index: number; readonly to: At }>();
  readonly tapped = output<At>();

  private readonly board = viewChild.required<ElementRef<SVGSVGElement>>('board');
  private readonly held = signal<number | null>(null);

  /** Where they are now: keys may come faster than the page is drawn. */
  protected readonly places = linkedSignal(() => this.points());

  protected readonly line = computed(() => {
    const points = this.places();
    if (points.length < 2) return '';
    return `M${points.map(({ x, y }) => `${x} ${y}`).join('L')}${this.closed() ? 'Z' : ''}`;
  });

  protected key(event: KeyboardEvent, index: number): void {
    const [point, move] = [this.places()[index], moves[event.key]];
    if (!point || !move) return;
    event.preventDefault();
    const by = event.shiftKey ? farStep : step;
    this.move(index, { x: point.x + move[0] * by, y: point.y + move[1] * by });
  }

  protected press(event: PointerEvent): void {
    const at = this.at(event);
    if (!at) return;
    const near = this.nearest(at);
    if (near === null) {
      this.tapped.emit(at);
      return;
    }
    this.held.set(near);
    this.board().nativeElement.setPointerCapture(event.pointerId);
  }

  protected drag(event: PointerEvent): void {
    const [index, at] = [this.held(), this.at(event)];
    if (index !== null && at) this.move(index, at);
  }

  protected drop(): void {
    this.held.set(null);
  }

  private move(index: number, { x, y }: At): void {
    const inside = (value: number, most: number) => Math.min(Math.max(value, 0), most);
    const to = { x: inside(x, this.width()), y: inside(y, this.height()) };
    this.places.update((places) => places.map((place, i) => (i === index ? { ...place, ...to } : place)));
    this.moved.emit({ index, to });
  }

  /** The point under the finger. */
  private nearest(at: At): number | null {
    const reach = this.size() * 2.4;
    let [best, distance] = [-1, Infinity];
    this.places().forEach(({ x, y }, i) => {
      const apart = Math.hypot(x - at.x, y - at.y);
      if (apart < distance) [best, distance] = [i, apart];
    });
    return distance <= reach ? best : null;
  }

  /** Where in the picture an event is. */
  private at({ clientX, clientY }: PointerEvent): At | null {
    const board = this.board().nativeElement;
    const matrix = board.getScreenCTM();
    if (!matrix) return null;
    const { x, y } = new DOMPoint(clientX, clientY).matrixTransform(matrix.inverse());
    return { x, y };
  }
}
