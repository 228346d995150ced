import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { FootState } from '@core/exercise';
import type { Side } from '@core/plan';

interface Finger {
  readonly x: number;
  readonly y: number;
  readonly turn: number;
}
type HandAt = NonNullable<FootState['hands']>[number];
const finger = (x: number, y: number, turn: number): Finger => ({ x, y, turn });

/** Where fingers lie on a foot seen from its side, before the foot is tilted. */
const fromTheSide: Readonly<Record<HandAt, readonly Finger[]>> = {
  'big toe': [finger(100, 99, 35)],
  'small toes': [finger(94, 99, 20), finger(102, 101, 45)],
  'between the toes': [finger(94, 98, 15), finger(101, 99, 35)],
  'ball of the foot': [finger(72, 92, 10), finger(80, 95, 25)],
  sole: [finger(56, 112, 170), finger(66, 112, 180)],
  heel: [finger(26, 106, -100), finger(28, 98, -80)],
  ankle: [finger(40, 88, -60), finger(42, 96, -75)],
  shin: [],
};
/** Along the shin, toes towards the reader. */
const fromTheFront: Readonly<Record<HandAt, readonly Finger[]>> = {
  'big toe': [finger(44, 118, -150)],
  'small toes': [finger(62, 122, 175), finger(71, 121, 165), finger(79, 118, 155)],
  'between the toes': [finger(52, 126, -175), finger(60.5, 127, 180), finger(68.5, 126, 172), finger(76, 124, 165)],
  'ball of the foot': [finger(40, 106, -100), finger(82, 106, 100)],
  sole: [finger(50, 112, -120), finger(72, 112, 120)],
  heel: [finger(60, 92, -90)],
  ankle: [finger(46, 88, -90), finger(76, 88, 90)],
  shin: [],
};

/** Toes seen from the front: centre, half width, half length. Right foot, big toe on the left. */
const toesInFront = [
  { x: 44, rx: 8.4, ry: 10 },
  { x: 57, rx: 5.4, ry: 8.4 },
  { x: 66, rx: 4.8, ry: 7.8 },
  { x: 74, rx: 4.4, ry: 7 },
  { x: 81, rx: 4, ry: 6.2 },
] as const;

/**
 * An ankle where nothing bears weight: from the side, toes to the right for a right foot and to the left for a left
 * one; or along the shin, as students see their own feet, left on the left. A foot on the tops of its toes stands or
 * lies as it does behind the body.
 */
@Component({
  selector: 'nw-ankle',
  template: `
    <svg viewBox="0 0 120 150" aria-hidden="true">
      <g [attr.transform]="side() === 'left' ? 'translate(120 0) scale(-1 1)' : null">
        @if (from() === 'side') {
          <path class="axis" [attr.d]="onTops() ? 'M8 120H112' : 'M20 126H108'" />
          @if (heelOn(); as thing) {
            <rect
              [attr.class]="'thing ' + thing"
              x="20"
              y="112"
              width="26"
              height="14"
              [attr.rx]="thing === 'leg' ? 7 : 2"
            />
          }
          @if (lies()) {
            <path class="leg" d="M6 103H54" />
            <path
              class="foot"
              d="M46 90C52 82 62 84 70 90C82 97 94 102 104 106C108 110 106 117 100 117H56C46 117 40 102 46 90Z"
            />
            <path class="foot toe" d="M98 106H110C116 108 116 117 110 117H98Z" />
          } @else if (onTops()) {
            <path class="leg" d="M88 14L72 46" />
            <path class="foot" d="M82 52C80 76 62 102 50 117L36 108C38 88 46 64 52 48C58 38 76 38 82 52Z" />
            <path class="foot toe" d="M50 118H26C18 118 18 107 26 107H38Z" />
          } @else {
            <path class="leg" d="M36 8V84" />
            <g [attr.transform]="'rotate(' + tilt() + ' 38 92)'">
              <path
                class="foot"
                d="M24 100C20 90 28 78 44 82C60 86 74 92 84 97C90 100 90 110 82 110H38C30 110 26 107 24 100Z"
              />
              @if (toesPart()) {
                <g [attr.transform]="'rotate(' + turnOf('smallToes') + ' 84 104)'">
                  <path class="foot toe far" d="M84 99H97C103 99 103 109 97 109H84C79 109 79 99 84 99Z" />
                </g>
              }
              <g [attr.transform]="'rotate(' + turnOf('bigToe') + ' 84 104)'">
                <path class="foot toe" d="M84 98H100C107 98 107 110 100 110H84C79 110 79 98 84 98Z" />
              </g>
              @if (held(); as what) {
                <path [attr.class]="'pull ' + what" d="M75 88C70 98 70 106 75 114" />
              }
              @if (ballAt(); as x) {
                <circle class="ball" [attr.cx]="x" cy="118" r="9" />
              }
              @for (f of fingers(); track $index) {
                <rect
                  class="finger"
                  [attr.x]="f.x - 4"
                  [attr.y]="f.y - 26"
                  width="8"
                  height="26"
                  rx="4"
                  [attr.transform]="'rotate(' + f.turn + ' ' + f.x + ' ' + f.y + ')'"
                />
              }
            </g>
            @if (shinHeld()) {
              <rect class="finger" x="22" y="34" width="28" height="8" rx="4" />
              <rect class="finger" x="22" y="44" width="28" height="8" rx="4" />
            }
          }
        } @else {
          <path class="leg" d="M60 8V86" />
          <g [attr.transform]="'rotate(' + turn() + ' 60 92)'">
            <path
              class="foot"
              d="M36 114C30 104 40 86 60 86C80 86 90 104 84 114C82 118 76 119 72 119H48C44 119 38 118 36 114Z"
            />
            @for (toe of toes(); track $index) {
              <ellipse
                class="foot toe"
                [class.up]="toe.up"
                [attr.cx]="toe.x"
                [attr.cy]="toe.y"
                [attr.rx]="toe.rx"
                [attr.ry]="toe.ry"
              />
            }
            <path class="inner" d="M40 112V101" />
            @if (held(); as what) {
              <path [attr.class]="'pull ' + what" d="M34 104C50 98 70 98 86 104" />
            }
            @for (f of fingers(); track $index) {
              <rect
                class="finger"
                [attr.x]="f.x - 4"
                [attr.y]="f.y - 24"
                width="8"
                height="24"
                rx="4"
                [attr.transform]="'rotate(' + f.turn + ' ' + f.x + ' ' + f.y + ')'"
              />
            }
          </g>
          @if (shinHeld()) {
            <rect class="finger" x="46" y="34" width="28" height="8" rx="4" />
            <rect class="finger" x="46" y="44" width="28" height="8" rx="4" />
          }
          <path class="axis" d="M20 140H100" />
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
      stroke: var(--nw-cloth);
      stroke-width: 1.2;
    }
    .toe.far,
    .toe.up {
      fill: color-mix(in srgb, var(--foot) 42%, var(--nw-cloth));
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
    .thing {
      fill: color-mix(in srgb, var(--nw-ink) 14%, var(--nw-cloth));
      stroke: color-mix(in srgb, var(--nw-ink) 55%, var(--nw-cloth));
      stroke-width: 1.6;
    }
    .pull {
      fill: none;
      stroke: var(--nw-ink);
      stroke-width: 5;
    }
    .pull.band {
      stroke-dasharray: 3 2;
    }
    .ball {
      fill: color-mix(in srgb, var(--nw-ink) 14%, var(--nw-cloth));
      stroke: var(--nw-ink);
      stroke-width: 1.8;
    }
    .finger {
      fill: var(--nw-cloth);
      stroke: var(--nw-ink);
      stroke-width: 1.8;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Ankle {
  readonly side = input.required<Side>();
  readonly state = input.required<FootState>();
  readonly from = input.required<'side' | 'front'>();

  /** On the tops of the toes, as behind somebody who stands: toes point back, the sole looks up. */
  protected readonly onTops = computed(() => this.state().toes === 'on-tops');
  /** The whole top of the foot lies on the floor, shin along it. */
  protected readonly lies = computed(() => this.onTops() && this.state().contacts.heel.contact === 'hang');
  /** Degrees the foot hangs down or is drawn up, seen from the side. */
  protected readonly tilt = computed(
    () => ({ up: -18, down: 42, neutral: 6, 'turned-in': 10, 'turned-out': 0 })[this.state().ankle],
  );
  /** Whether big toe and small toes do different things, so that both are drawn. */
  protected readonly toesPart = computed(() => this.turnOf('bigToe') !== this.turnOf('smallToes'));
  /** Degrees the toes are bent: towards the sole, or towards the shin. */
  protected turnOf(toe: 'bigToe' | 'smallToes'): number {
    const { toes, contacts } = this.state();
    if (contacts[toe].contact === 'lift') return -34;
    return { curled: 48, long: 0, spread: -6, relaxed: 12, 'on-tops': 24 }[toes];
  }
  /** Degrees the sole turns: for a right foot its inner side is on the left, so turning in lifts the left side. */
  protected readonly turn = computed(
    () => ({ 'turned-in': 24, 'turned-out': -24, up: 0, down: 0, neutral: 0 })[this.state().ankle],
  );
  /** Five toes from the front: a lifted one higher, spread ones apart, curled ones short. */
  protected readonly toes = computed(() => {
    const { toes: shape, contacts } = this.state();
    const apart = { spread: 1.22, long: 1, relaxed: 1.02, curled: 0.94, 'on-tops': 1 }[shape];
    return toesInFront.map(({ x, rx, ry }, i) => {
      const up = (i === 0 ? contacts.bigToe : contacts.smallToes).contact === 'lift';
      return { x: 61 + (x - 61) * apart, y: up ? 111 : 121, rx, ry: shape === 'curled' ? ry * 0.6 : ry, up };
    });
  });
  /** What lies round the ball of the foot and pulls on it. */
  protected readonly held = computed(() => {
    const { innerBall, outerBall } = this.state().contacts;
    const met = [innerBall.meets, outerBall.meets].find((meets) => meets === 'band' || meets === 'strap');
    return met ?? null;
  });
  /** What the heel is propped on, where that is more than the floor. */
  protected readonly heelOn = computed(() => {
    const { contact, meets } = this.state().contacts.heel;
    return contact === 'rest' && ['leg', 'block', 'step', 'cushion'].includes(meets) ? meets : null;
  });
  /** Where a ball is held against the sole, along the foot. */
  protected readonly ballAt = computed(() => {
    const { heel, innerBall } = this.state().contacts;
    return heel.meets === 'ball' ? 34 : innerBall.meets === 'ball' ? 76 : null;
  });
  protected readonly fingers = computed(() =>
    (this.state().hands ?? []).flatMap((hand) => (this.from() === 'side' ? fromTheSide : fromTheFront)[hand]),
  );
  protected readonly shinHeld = computed(() => this.state().hands?.includes('shin') ?? false);
}
