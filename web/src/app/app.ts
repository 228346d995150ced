import { ChangeDetectionStrategy, Component, Injector, afterNextRender, inject } from '@angular/core';
import { RouterOutlet } from '@angular/router';
import { LostPage } from './data/lost-page';
import { Theme } from './theme/theme';

@Component({
  selector: 'nw-root',
  imports: [RouterOutlet],
  template: `
    @if (page.lost()) {
      <p class="lost" role="alert">
        That page could not be fetched: the server does not answer, or there is a newer Needlework. What is kept in this
        browser stays. Start the server, or load this page again.
        <button type="button" (click)="page.dismiss()">All right</button>
      </p>
    }
    <router-outlet />
  `,
  styles: `
    .lost {
      position: fixed;
      inset: auto 0 0;
      z-index: 1100;
      margin: 0;
      padding: 14px 24px;
      background: var(--nw-ink);
      color: var(--nw-linen);
      font-size: 1.05rem;
    }
    .lost button {
      margin-left: 12px;
      padding: 6px 14px;
      border: 1px dashed currentColor;
      border-radius: 6px;
      background: none;
      color: inherit;
      font: inherit;
      cursor: pointer;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class App {
  protected readonly page = inject(LostPage);

  constructor() {
    const injector = inject(Injector);
    inject(Theme).apply();
    // What an earlier page could not send goes on its way from whichever page is opened first.
    afterNextRender(() => {
      void import('./data/outbox').then(({ Outbox }) => injector.get(Outbox)).catch(() => undefined);
      void import('./data/newer-pages')
        .then(({ NewerPages }) => injector.get(NewerPages).watch())
        .catch(() => undefined);
    });
  }
}
