import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { FootState } from '@core/exercise';
import type { Side } from '@core/plan';
import { fingersOn, piecesUnder, slantOf } from './ground';

interface Mark {
  readonly cx: number;
  readonly cy: number;
  readonly rx: number;
  readonly ry: number;
  readonly turn: number;
  readonly contact: string;
}

/** Toes of a right foot, inner side on the left: centre, half width, half length, lean in degrees. */
const toes = [
  { cx: 27, cy: 41, rx: 12, ry: 19, lean: -3 },
  { cx: 47.5, cy: 37, rx: 7.4, ry: 15, lean: 3 },
  { cx: 61, cy: 42, rx: 6.8, ry: 14, lean: 8 },
  { cx: 73.5, cy: 51, rx: 6.3, ry: 12.5, lean: 14 },
  { cx: 84.5, cy: 63, rx: 5.9, ry: 11, lean: 22 },
] as const;

/** One sole from above, with a mark for each of the five places. Drawn as a right foot; the left one is its mirror. */
@Component({
  selector: 'nw-sole',
  template: `
    <svg viewBox="0 14 104 228" aria-hidden="true">
      <g [attr.transform]="side() === 'left' ? 'translate(104 0) scale(-1 1)' : null">
        @for (piece of under(); track piece.kind) {
          @switch (piece.kind) {
            @case ('ball') {}
            @case ('object') {}
            @case ('leg') {}
            @case ('half-ball') {
              <ellipse
                class="thing dome"
                [attr.cx]="piece.x + piece.width / 2"
                [attr.cy]="piece.y + piece.height / 2"
                [attr.rx]="piece.width / 2"
                [attr.ry]="piece.height / 2"
              />
            }
            @default {
              @if (piece.slanting) {
                <path [attr.class]="'thing ' + piece.kind" [attr.d]="slantOf(piece)" />
              } @else {
                <rect
                  [attr.class]="'thing ' + piece.kind"
                  [attr.x]="piece.x"
                  [attr.y]="piece.y"
                  [attr.width]="piece.width"
                  [attr.height]="piece.height"
                  [attr.rx]="piece.kind === 'cushion' ? 16 : 2"
                />
              }
              @if (piece.kind === 'slope') {
                @for (line of [0.2, 0.5, 0.8]; track line) {
                  <path
                    class="uphill"
                    [attr.d]="
                      'M' +
                      (piece.x + 3) +
                      ' ' +
                      (piece.y + piece.height * line + 5) +
                      'l' +
                      (piece.width - 6) / 2 +
                      ' -8l' +
                      (piece.width - 6) / 2 +
                      ' 8'
                    "
                  />
                }
              }
              @if (piece.kind === 'step') {
                <path class="riser" [attr.d]="'M' + piece.x + ' ' + (piece.y + piece.height) + 'h' + piece.width" />
              }
            }
          }
        }
        <path
          class="sole"
          d="M51 236C33 236 27 219 28 200C29 178 37 163 37 143C37 125 19 113 15 93C13 79 14 66 17 54C28 44 50 42 62 48C76 55 88 66 93 80C97 98 91 119 87 139C83 163 82 180 78 203C75 225 67 236 51 236Z"
        />
        @if (state().midfoot === 'lifted') {
          <path class="arch" d="M37 178C50 166 50 134 36 122" />
        }
        @if (state().midfoot === 'let-down') {
          <path class="arch flat" d="M33 178C30 160 30 140 33 122" />
        }
        @if (state().edge !== 'even') {
          <path
            class="edge"
            [attr.d]="
              state().edge === 'inner'
                ? 'M22 205C22 175 28 150 26 132C20 122 8 108 7 90'
                : 'M84 205C88 180 90 165 94 140C98 120 102 104 96 84'
            "
          />
        }
        @for (piece of under(); track piece.kind) {
          @if (piece.kind === 'ball') {
            <circle
              class="ball"
              [attr.cx]="piece.x + piece.width / 2"
              [attr.cy]="piece.y + piece.height / 2"
              [attr.r]="ballRadius"
            />
          }
        }
        @for (mark of marks(); track $index) {
          <ellipse
            [attr.class]="'mark ' + mark.contact"
            [attr.cx]="mark.cx"
            [attr.cy]="mark.cy"
            [attr.rx]="mark.rx"
            [attr.ry]="mark.ry"
            [attr.transform]="'rotate(' + mark.turn + ' ' + mark.cx + ' ' + mark.cy + ')'"
          />
          @if (mark.contact === 'lift') {
            <path class="up" [attr.d]="'M' + (mark.cx - 4) + ' ' + (mark.cy + 2.5) + 'l4 -5l4 5'" />
          }
        }
        @for (piece of under(); track piece.kind) {
          @if (piece.kind === 'object') {
            <circle
              class="object"
              [attr.cx]="piece.x + piece.width * 0.4"
              [attr.cy]="piece.y + piece.height * 0.8"
              r="6"
            />
          }
        }
        @if (state().contacts.bigToe.meets === 'band') {
          <path class="loop" d="M14 46C20 52 34 52 40 46" />
        }
        @for (finger of fingers(); track $index) {
          <rect
            class="finger"
            [attr.x]="finger.x - 4.5"
            [attr.y]="finger.y - finger.length"
            width="9"
            [attr.height]="finger.length"
            rx="4.5"
            [attr.transform]="'rotate(' + finger.turn + ' ' + finger.x + ' ' + finger.y + ')'"
          />
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
    .sole {
      fill: var(--nw-cloth-2);
      stroke: var(--foot);
      stroke-width: 2.4;
    }
    .thing {
      fill: color-mix(in srgb, var(--nw-ink) 12%, var(--nw-cloth));
      stroke: color-mix(in srgb, var(--nw-ink) 55%, var(--nw-cloth));
      stroke-width: 1.6;
    }
    .thing.cloth,
    .thing.paper {
      fill: var(--nw-cloth);
    }
    .thing.cloth,
    .thing.cushion {
      stroke-dasharray: 5 3;
    }
    .thing.strap {
      fill: color-mix(in srgb, var(--nw-ink) 34%, var(--nw-cloth));
    }
    .uphill {
      fill: none;
      stroke: color-mix(in srgb, var(--nw-ink) 55%, var(--nw-cloth));
      stroke-width: 1.6;
    }
    .riser {
      stroke: color-mix(in srgb, var(--nw-ink) 70%, var(--nw-cloth));
      stroke-width: 4;
    }
    .ball {
      fill: color-mix(in srgb, var(--nw-ink) 10%, transparent);
      stroke: var(--nw-ink);
      stroke-width: 2;
      stroke-dasharray: 5 3.4;
    }
    .loop {
      fill: none;
      stroke: var(--nw-ink);
      stroke-width: 5;
      stroke-dasharray: 3 2;
    }
    .object {
      fill: var(--nw-ink);
    }
    .finger {
      fill: var(--nw-cloth);
      stroke: var(--nw-ink);
      stroke-width: 1.8;
    }
    .arch,
    .edge {
      fill: none;
      stroke: var(--nw-ink);
      stroke-width: 2.6;
      stroke-linecap: round;
      opacity: 0.75;
    }
    .arch.flat {
      stroke-width: 6;
      opacity: 0.3;
    }
    .edge {
      stroke: var(--foot);
      stroke-width: 4;
    }
    .mark {
      stroke: var(--foot);
      stroke-width: 2.2;
      fill: var(--nw-cloth);
    }
    .mark.press {
      fill: var(--foot);
    }
    .mark.rest {
      fill: color-mix(in srgb, var(--foot) 26%, var(--nw-cloth));
      stroke-width: 1.2;
    }
    .mark.lift {
      stroke-dasharray: 5 3.6;
    }
    .mark.hang {
      stroke-dasharray: 0.1 4.4;
      stroke-linecap: round;
    }
    .up {
      fill: none;
      stroke: var(--foot);
      stroke-width: 2.2;
      stroke-linecap: round;
      stroke-linejoin: round;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Sole {
  readonly side = input.required<Side>();
  readonly state = input.required<FootState>();

  protected readonly under = computed(() => piecesUnder(this.state()));
  protected readonly fingers = computed(() => fingersOn(this.state()));
  protected readonly ballRadius = 23;
  protected readonly slantOf = slantOf;

  protected readonly marks = computed<Mark[]>(() => {
    const { contacts, middle, toes: shape } = this.state();
    const round = (cx: number, cy: number, r: number, contact: string): Mark => ({
      cx,
      cy,
      rx: r,
      ry: r,
      turn: 0,
      contact,
    });
    return [
      ...(middle ? [round(56, 150, 13, middle.contact)] : []),
      round(53, 208, 16, contacts.heel.contact),
      round(32, 88, 13, contacts.innerBall.contact),
      round(74, 98, 11.5, contacts.outerBall.contact),
      ...toes.map((toe, i) => {
        const spread = shape === 'spread' ? (i - 1) * 2.6 : 0;
        const curled = shape === 'curled' ? 0.62 : 1;
        return {
          cx: toe.cx + spread,
          cy: toe.cy + (shape === 'curled' ? 7 : 0),
          rx: toe.rx,
          ry: toe.ry * curled,
          turn: toe.lean + spread,
          contact: (i === 0 ? contacts.bigToe : contacts.smallToes).contact,
        };
      }),
    ];
  });
}
