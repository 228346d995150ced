import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { FootState } from '@core/exercise';
import type { Side } from '@core/plan';

/**
 * An ankle where nothing bears weight: from the side, toes to the right for a right foot and to the left for a left
 * one; or along the shin, as students see their own feet, left on the left.
 */
@Component({
  selector: 'nw-ankle',
  template: `
    <svg viewBox="0 0 120 150" aria-hidden="true">
      <g [attr.transform]="side() === 'left' ? 'translate(120 0) scale(-1 1)' : null">
        @if (from() === 'side') {
          <path class="leg" d="M36 8V84" />
          <g [attr.transform]="'rotate(' + tilt() + ' 38 92)'">
            <path
              class="foot"
              d="M24 100C20 90 28 78 44 82C60 86 74 92 84 97C90 100 90 110 82 110H38C30 110 26 107 24 100Z"
            />
            <g [attr.transform]="'rotate(' + toeTurn() + ' 84 104)'">
              <path class="foot toe" d="M84 98H100C107 98 107 110 100 110H84C79 110 79 98 84 98Z" />
            </g>
          </g>
          <path class="axis" d="M20 126H108" />
        } @else {
          <path class="leg" d="M60 8V86" />
          <g [attr.transform]="'rotate(' + turn() + ' 60 92)'">
            <path
              class="foot"
              d="M36 116C30 104 40 86 60 86C80 86 90 104 84 116C82 120 76 121 72 121H48C44 121 38 120 36 116Z"
            />
            <path class="inner" d="M40 116V104" />
          </g>
          <path class="axis" d="M20 132H100" />
        }
      </g>
    </svg>
  `,
  styles: `
    svg {
      display: block;
      width: 100%;
      height: auto;
    }
    .leg {
      stroke: color-mix(in srgb, var(--foot) 32%, var(--nw-cloth));
      stroke-width: 26;
      stroke-linecap: round;
    }
    .foot {
      fill: var(--foot);
    }
    .toe {
      fill: color-mix(in srgb, var(--foot) 72%, var(--nw-cloth));
    }
    .inner {
      stroke: var(--nw-cloth);
      stroke-width: 3;
      stroke-linecap: round;
    }
    .axis {
      stroke: var(--nw-hem-strong);
      stroke-dasharray: 2 4;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Ankle {
  readonly side = input.required<Side>();
  readonly state = input.required<FootState>();
  readonly from = input.required<'side' | 'front'>();

  /** Degrees the foot hangs down or is drawn up, seen from the side. */
  protected readonly tilt = computed(
    () => ({ up: -18, down: 42, neutral: 6, 'turned-in': 10, 'turned-out': 0 })[this.state().ankle],
  );
  protected readonly toeTurn = computed(() => {
    const { toes, contacts } = this.state();
    if (contacts.bigToe.contact === 'lift') return -34;
    return { curled: 48, long: 0, spread: -6, relaxed: 12 }[toes];
  });
  /** Degrees the sole turns: for a right foot its inner side is on the left, so turning in lifts the left side. */
  protected readonly turn = computed(
    () => ({ 'turned-in': 24, 'turned-out': -24, up: 0, down: 0, neutral: 0 })[this.state().ankle],
  );
}
