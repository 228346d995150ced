import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { Loading as State } from '../../data/loading';

/**
 * What a page says while something is on its way, when it failed, and when there is nothing of it: the last is what is
 * written between its tags.
 */
@Component({
  selector: 'nw-loading',
  imports: [MatButton],
  template: `
    @if (of().status === 'failed') {
      <section class="state" role="alert">
        <h2>{{ failed() }}</h2>
        <p>{{ words() }}</p>
        <button matButton="filled" type="button" (click)="again.emit()">Try again</button>
        <ng-content select="[instead]" />
      </section>
    } @else if (of().value === null) {
      <p class="wait" role="status">{{ wait() }}</p>
    } @else if (empty()) {
      <section class="state"><ng-content /></section>
    }
  `,
  styles: `
    .state {
      max-width: 34rem;
      margin: 9vh auto 0;
      text-align: center;
    }
    .wait {
      color: var(--nw-quiet);
      padding: 40px 8px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Loading {
  readonly of = input.required<State<unknown>>();
  /** While it is on its way: "Fetching your classes …". */
  readonly wait = input.required<string>();
  /** When it failed: "No classes to show". */
  readonly failed = input.required<string>();
  readonly empty = input(false);
  readonly again = output();

  protected words(): string {
    const state = this.of();
    return state.status === 'failed' ? state.words : '';
  }
}
