import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import type { Rung } from '@core/exercise';
import type { Item } from '@core/plan';

/** A level beside the main one, and what it comes to in the same time. */
export interface LevelOption {
  readonly which: 'easier' | 'harder';
  readonly rungId: string | null;
  readonly words: string;
}

/** The ladder itself, hardest above: which level most do, and which one below and above it is offered beside. */
@Component({
  selector: 'nw-ladder-choice',
  template: `
    <ol reversed aria-label="Levels, hardest first">
      @for (rung of ladder(); track rung.id) {
        <li [class.main]="rung.isMain" [class.offered]="rung.isOffered">
          <button
            type="button"
            class="rung"
            [attr.aria-pressed]="rung.isMain"
            [attr.aria-label]="rung.name + ': for most'"
            (click)="main.emit(rung.id)"
          >
            <span>{{ rung.name }}</span>
            @if (rung.isMain) {
              <small>for most</small>
            } @else if (rung.isOffered) {
              <small>{{ rung.which }}{{ rung.words ? ', in the same time: ' + rung.words : '' }}</small>
            }
          </button>
          @if (!rung.isMain && offers()) {
            <button
              type="button"
              class="offer"
              [attr.aria-pressed]="rung.isOffered"
              [attr.aria-label]="(rung.isOffered ? 'Take back: ' : 'Offer ' + rung.which + ': ') + rung.name"
              (click)="offered.emit({ which: rung.which, rungId: rung.isOffered ? null : rung.id })"
            >
              {{ rung.isOffered ? 'take back' : 'offer' }}
            </button>
          }
        </li>
      }
    </ol>
  `,
  styles: `
    ol {
      list-style: none;
      margin: 0;
      padding: 0 0 0 6px;
    }
    /* Two rails and a rung for each level. */
    li {
      display: grid;
      grid-template-columns: 1fr auto;
      align-items: center;
      position: relative;
      padding-left: 24px;
    }
    li::before {
      content: '';
      position: absolute;
      inset: 0 auto 0 0;
      width: 12px;
      border: solid var(--nw-hem-strong);
      border-width: 0 1.5px;
      background: linear-gradient(var(--nw-hem-strong), var(--nw-hem-strong)) center / 100% 1.5px no-repeat;
    }
    .main::before {
      background: linear-gradient(var(--nw-ink), var(--nw-ink)) center / 100% 6px no-repeat;
    }
    .offered::before {
      background:
        linear-gradient(var(--nw-ink), var(--nw-ink)) center 45% / 100% 1.5px no-repeat,
        linear-gradient(var(--nw-ink), var(--nw-ink)) center 58% / 100% 1.5px no-repeat;
    }
    .rung {
      display: grid;
      text-align: left;
      border: 0;
      background: none;
      color: inherit;
      font-size: 0.95rem;
      min-height: 34px;
      align-content: center;
      padding: 2px 4px;
      cursor: pointer;
    }
    .rung:hover span {
      text-decoration: underline;
    }
    .main .rung span {
      font-weight: 700;
    }
    small {
      color: var(--nw-quiet);
      font-size: 0.84rem;
    }
    .offer {
      border: 0;
      background: none;
      color: var(--nw-quiet);
      min-height: 34px;
      padding: 2px 6px;
      font-size: 0.88rem;
      text-decoration: underline dashed;
      text-underline-offset: 3px;
      cursor: pointer;
    }
    .offer:hover {
      color: var(--nw-ink);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LadderChoice {
  readonly rungs = input.required<readonly Rung[]>();
  readonly item = input.required<Item>();
  readonly options = input.required<readonly LevelOption[]>();
  /** Another level becomes the one for most. */
  readonly main = output<string>();
  /** A level is offered beside the main one, or none any more. */
  readonly offered = output<{ readonly which: 'easier' | 'harder'; readonly rungId: string | null }>();

  /** What is worn beside the work has one level. */
  protected readonly offers = computed(() => this.options().length > 0);
  protected readonly ladder = computed(() => {
    const rungs = this.rungs();
    const at = rungs.findIndex(({ id }) => id === this.item().rungId);
    return rungs
      .map((rung, i) => {
        const which = i < at ? ('easier' as const) : ('harder' as const);
        const option = this.options().find((one) => one.rungId === rung.id);
        return {
          id: rung.id,
          name: rung.name,
          isMain: i === at,
          which: option?.which ?? which,
          isOffered: option !== undefined,
          words: option?.words ?? '',
        };
      })
      .reverse();
  });
}
