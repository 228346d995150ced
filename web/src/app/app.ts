import { ChangeDetectionStrategy, Component, Injector, afterNextRender, inject } from '@angular/core';
import { RouterOutlet } from '@angular/router';
import { Theme } from './theme/theme';

@Component({
  selector: 'nw-root',
  imports: [RouterOutlet],
  template: '<router-outlet />',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class App {
  constructor() {
    const injector = inject(Injector);
    inject(Theme).apply();
    // What an earlier page could not send goes on its way from whichever page is opened first.
    afterNextRender(() => void import('./data/outbox').then(({ Outbox }) => injector.get(Outbox)));
  }
}
