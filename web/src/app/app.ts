import { ChangeDetectionStrategy, Component, Injector, afterNextRender, computed, effect, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Router, RouterOutlet } from '@angular/router';
import { map } from 'rxjs';
import { Door } from './data/door';
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
    @if (foot()) {
      <p class="lost foot" role="status">
        <span>This device is signed out. The class goes on, and is kept here.</span>
        <button type="button" (click)="unlock()">Sign in</button>
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
    .foot {
      display: flex;
      align-items: center;
      box-sizing: border-box;
      height: var(--nw-foot);
      padding-block: 0;
      line-height: 1.2;
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
  host: { '[style.--nw-foot]': "foot() ? '60px' : null" },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class App {
  private readonly injector = inject(Injector);
  private readonly router = inject(Router);
  protected readonly page = inject(LostPage);
  protected readonly door = inject(Door);
  private readonly url = toSignal(this.router.events.pipe(map(() => this.router.url)), {
    initialValue: this.router.url,
  });
  /** A class is being taught: the door waits at the foot of the page, which is that much lower. */
  protected readonly foot = computed(() => this.door.locked() && onTheFloor(this.url()));

  constructor() {
    const { injector } = this;
    inject(Theme).apply();
    effect(() => {
      if (this.door.locked() && !onTheFloor(this.url()) && !forTheRoom(this.url())) this.unlock();
    });
    // What an earlier page could not send goes on its way from whichever page is opened first.
    afterNextRender(() => {
      void import('./data/outbox').then(({ Outbox }) => injector.get(Outbox)).catch(() => undefined);
      void import('./parts/keys/kept-focus').then(({ keepFocus }) => keepFocus(document)).catch(() => undefined);
      void import('./data/newer-pages')
        .then(({ NewerPages }) => injector.get(NewerPages).watch())
        .catch(() => undefined);
    });
  }

  protected unlock(): void {
    void import('./parts/unlock/unlock')
      .then(({ openUnlock }) => openUnlock(this.injector))
      .catch(() => this.page.tell());
  }
}

const onTheFloor = (url: string): boolean => /^\/class\/[^/]+\/(floor|rehearse)\b/.test(url);
/** What the class sees is no place for a password. */
const forTheRoom = (url: string): boolean => /^\/class\/[^/]+\/room\b/.test(url);
