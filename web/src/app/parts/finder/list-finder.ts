import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import type { Narrowed } from '../../data/loading';

/** Narrows a long list: to words of the name, and to what is no newer than a month. */
@Component({
  selector: 'nw-list-finder',
  template: `
    <label
      >Find by name
      <input
        #words
        type="search"
        maxlength="120"
        [value]="narrowed().words"
        (input)="changed.emit({ words: words.value, before: narrowed().before })"
    /></label>
    <label
      >up to the month
      <input #month type="month" aria-label="Up to the month" placeholder="2021-03" (change)="upTo(month.value)"
    /></label>
  `,
  styles: `
    :host {
      display: flex;
      flex-wrap: wrap;
      gap: 10px 22px;
      align-items: baseline;
      margin: 0 0 16px;
      color: var(--nw-quiet);
    }
    input {
      font: inherit;
      color: var(--nw-ink);
      background: var(--nw-cloth);
      border: 1px solid var(--nw-hem);
      border-radius: 6px;
      padding: 7px 10px;
      margin-left: 6px;
    }
    input[type='search'] {
      width: min(20rem, 60vw);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ListFinder {
  readonly narrowed = input.required<Narrowed>();
  readonly changed = output<Narrowed>();

  /** The calendar comes when it is asked for: the first page does not need it. */
  protected async upTo(month: string): Promise<void> {
    const { endOfMonth } = await import('../saying/instant-words');
    this.changed.emit({ words: this.narrowed().words, before: endOfMonth(month) });
  }
}
