import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { type TooLong, wordsFor } from '@core/cues';

const seconds = (ms: number): string => (ms / 1000).toFixed(1);

/** Words that are longer than their place, marked where they stop being sayable, with what would do. */
@Component({
  selector: 'nw-too-long',
  template: `
    <p>
      <q
        >{{ parts().said }}<s [title]="'Not said in time'">{{ parts().over }}</s></q
      >
    </p>
    <p class="why">
      {{ secondsOf().say }} s to say, {{ secondsOf().room }} s {{ where() }}.
      @if (found().instead; as words) {
        <button type="button" (click)="shortened.emit(words)">Say “{{ words }}”</button>
      }
      @if (found().longerSeconds; as more) {
        <button type="button" (click)="lengthened.emit(more)">Give it {{ more }} s more</button>
      }
      @if (!found().instead && !found().longerSeconds) {
        <span>No shorter beginning of it makes sense: say it in your own words.</span>
      }
    </p>
  `,
  styles: `
    :host {
      display: block;
      border-left: 3px solid var(--nw-madder);
      padding-left: 9px;
      margin: 2px 0 8px;
    }
    p {
      margin: 0 0 3px;
    }
    s {
      text-decoration: underline wavy var(--nw-madder) 1.5px;
      text-underline-offset: 3px;
    }
    .why {
      color: var(--nw-quiet);
      font-size: 0.92rem;
    }
    button {
      font: inherit;
      color: var(--nw-woad);
      background: none;
      border: 0;
      padding: 4px 0;
      min-height: 28px;
      text-align: left;
      text-decoration: underline;
      text-underline-offset: 3px;
      cursor: pointer;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TooLongWords {
  readonly found = input.required<TooLong>();
  readonly wordsPerMinute = input.required<number>();
  readonly shortened = output<string>();
  readonly lengthened = output<number>();

  protected readonly secondsOf = computed(() => {
    const { sayMs, roomMs } = this.found();
    return { say: seconds(sayMs), room: seconds(roomMs) };
  });
  protected readonly where = computed(() => {
    const { kind, phase } = this.found();
    if (phase !== null) return `in “${phase}”`;
    return {
      setup: 'before the first rep',
      action: 'on the first rep',
      picture: 'on the second',
      talk: 'there',
      breath: 'there',
      correction: 'there',
    }[kind];
  });
  /** The words that are said in the time, and those that are not. */
  protected readonly parts = computed(() => {
    const { words, roomMs } = this.found();
    const all = words.split(/(?<=\s)/);
    const said = Math.min(all.length, wordsFor(roomMs, this.wordsPerMinute()));
    return { said: all.slice(0, said).join(''), over: all.slice(said).join('') };
  });
}
