import { ChangeDetectionStrategy, Component, computed, input, signal } from '@angular/core';
import { MatTooltip } from '@angular/material/tooltip';

/** A word of the house where it stands: a tap, a pointer or the keyboard on it says what it means, as the glossary does. */
@Component({
  selector: 'nw-word',
  imports: [MatTooltip],
  template: `<button type="button" [matTooltip]="meaning()" #means="matTooltip" (click)="means.show()">
    {{ of() }}
  </button>`,
  styles: `
    button {
      font: inherit;
      color: inherit;
      background: none;
      border: 0;
      padding: 0;
      min-width: 28px;
      min-height: 28px;
      margin-block: -6px;
      cursor: help;
      text-decoration: underline dotted;
      text-underline-offset: 3px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Word {
  /** As the glossary has it. */
  readonly of = input.required<string>();
  private readonly meaningOf = signal<(word: string) => string>(() => '');
  protected readonly meaning = computed(() => this.meaningOf()(this.of()));

  constructor() {
    // the glossary is fetched by whoever shows a word of it, and not with the first page
    void import('@core/words/glossary').then(({ meaningOf }) => this.meaningOf.set(meaningOf));
  }
}
