import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { ClassSummary } from '@core/contract';

/** A class as a strip of its two threads, with where it stands. Decoration: words beside it say the same. */
@Component({
  selector: 'nw-class-outline',
  template: `
    <svg viewBox="0 0 300 44" preserveAspectRatio="none" aria-hidden="true">
      <path class="bare left" d="M0 13H300" />
      <path class="bare right" d="M0 31H300" />
      @for (stitch of stitches(); track $index) {
        <rect
          [attr.class]="stitch.x + stitch.width / 2 > slotX() ? stitch.foot + ' beyond' : stitch.foot"
          [attr.x]="stitch.x"
          [attr.y]="stitch.y"
          [attr.width]="stitch.width"
          [attr.height]="stitch.height"
          rx="1.5"
        />
      }
      <path class="slot" [attr.d]="'M' + slotX() + ' 2V42'" />
      @if (hereX(); as x) {
        <path class="here" [attr.d]="'M' + x + ' 1V43'" />
      }
    </svg>
  `,
  styles: `
    svg {
      display: block;
      width: 100%;
      height: 44px;
    }
    .bare {
      stroke-width: 1;
      stroke-dasharray: 1 3;
      fill: none;
    }
    .left {
      fill: var(--nw-woad);
      stroke: var(--nw-woad);
    }
    .right {
      fill: var(--nw-weld);
      stroke: var(--nw-weld);
    }
    rect {
      stroke: none !important;
    }
    .beyond {
      opacity: 0.4;
    }
    .slot {
      stroke: var(--nw-ink);
      stroke-dasharray: 3 2;
      fill: none;
    }
    .here {
      stroke: var(--nw-madder);
      stroke-width: 2;
      fill: none;
      vector-effect: non-scaling-stroke;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClassOutline {
  readonly summary = input.required<Pick<ClassSummary, 'slotSeconds' | 'plannedMs' | 'outline'>>();

  /** Where a class that is being taught stands in its plan, ms; none while it is not. */
  readonly hereMs = input<number | null>(null);
  /** Where in the plan its slot ends: nearer than planned where the class is late. None where nothing is being taught. */
  readonly slotEndsMs = input<number | null>(null);

  protected readonly hereX = computed(() => {
    const ms = this.hereMs();
    return ms === null ? null : Math.max(1, (ms / 1000) * this.pxPerSecond());
  });
  private readonly pxPerSecond = computed(
    () => 298 / Math.max(this.summary().slotSeconds, this.summary().plannedMs / 1000, 1),
  );
  /** What lies beyond it does not fit any more, and is drawn pale. */
  protected readonly slotX = computed(() => {
    const endsMs = this.slotEndsMs() ?? this.summary().slotSeconds * 1000;
    return Math.min(298, Math.max(0, (endsMs / 1000) * this.pxPerSecond()));
  });
  protected readonly stitches = computed(() =>
    this.summary().outline.flatMap(([start, length, feet, texture]) => {
      const half = texture === 'hold' ? 6 : texture === 'travel' ? 2 : 3.5;
      return (['left', 'right'] as const)
        .filter((foot) => feet === foot || feet === 'both')
        .map((foot) => ({
          foot,
          x: start * this.pxPerSecond(),
          width: Math.max(1, length * this.pxPerSecond() - 0.8),
          y: (foot === 'left' ? 13 : 31) - half,
          height: 2 * half,
        }));
    }),
  );
}
