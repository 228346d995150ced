import { ChangeDetectionStrategy, Component, computed, inject, output } from '@angular/core';
import type { Adaptation, RunState } from '@core/run';
import { FloorReading } from './floor-reading';
import { FloorStore } from './floor-store';

/** What each tap is called, and whether what it comes to stands under it. */
const taps: readonly { readonly what: Adaptation; readonly name: string; readonly tells: boolean }[] = [
  { what: 'again', name: 'Again', tells: false },
  { what: 'shorter', name: 'Less', tells: true },
  { what: 'longer', name: 'More', tells: true },
  { what: 'easier', name: 'Easier', tells: true },
  { what: 'shake', name: 'Shake out', tells: false },
  { what: 'look', name: 'Look again', tells: false },
  { what: 'skip', name: 'Skip', tells: false },
];

/** What decides which changes make sense: they are not worked out anew for every beat of the clock. */
const same = (a: RunState | null, b: RunState | null): boolean =>
  a === b || (a?.plan === b?.plan && a?.boutIndex === b?.boutIndex && a?.status === b?.status);

/** What can be changed of the class from here on, each with one tap; the plan's undo takes each back. */
@Component({
  selector: 'nw-adapt-bar',
  template: `
    @for (tap of shown(); track tap.what) {
      <button
        type="button"
        class="quiet tall"
        [disabled]="tap.words === null"
        [title]="tap.words ?? ''"
        (click)="store.adapt(tap.what)"
      >
        {{ tap.name }}
        @if (tap.tells && tap.words) {
          <small>{{ tap.words }}</small>
        }
      </button>
    }
    <button type="button" class="quiet tall" (click)="feels.emit()">Somebody feels …</button>
    <button type="button" class="quiet tall" (click)="sooner.emit()">End sooner …</button>
    @if (hasSets()) {
      <button type="button" class="quiet tall" (click)="store.changeSets(1)">+ a set</button>
      <button type="button" class="quiet tall" (click)="store.changeSets(-1)">− a set</button>
    }
  `,
  styleUrl: './floor-quiet.scss',
  styles: `
    :host {
      display: flex;
      flex-wrap: wrap;
      gap: 6px;
    }
    .quiet:disabled {
      opacity: 0.45;
      cursor: default;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AdaptBar {
  protected readonly store = inject(FloorStore);
  /** Somebody feels something. */
  readonly feels = output();
  /** There is less time than was planned. */
  readonly sooner = output();
  private readonly reading = inject(FloorReading);
  private readonly state = computed(() => this.store.state(), { equal: same });

  protected readonly shown = computed(() => {
    const state = this.state();
    return state ? taps.map((tap) => ({ ...tap, words: this.store.wordsOf(tap.what, state) })) : [];
  });
  protected readonly hasSets = computed(() => {
    this.state();
    return !this.reading.talk() && this.reading.wearing() === null;
  });
}
