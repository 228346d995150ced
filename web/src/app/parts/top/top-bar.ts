import { ChangeDetectionStrategy, Component, ElementRef, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { NavigationEnd, Router, RouterLink } from '@angular/router';
import { mdiThemeLightDark } from '@mdi/js';
import { filter, map, startWith } from 'rxjs';
import { Icon } from '../icon/icon';
import { Theme } from '../../theme/theme';
import { places, whereIs } from './places';

/** The name of the house and its places, at one spot over every page. What a page adds of its own stands to the right. */
@Component({
  selector: 'nw-top-bar',
  imports: [Icon, MatButton, MatIconButton, MatMenu, MatMenuItem, MatMenuTrigger, RouterLink],
  template: `
    <button type="button" class="past nw-unseen" (click)="past()">Past the places, to the page</button>
    <a class="brand" routerLink="/">Needlework</a>
    <nav aria-label="Places">
      @for (place of places; track place.path) {
        <a
          [routerLink]="place.path"
          [attr.data-name]="place.name"
          [attr.aria-current]="here()?.path === place.path ? (here()?.itself ? 'page' : 'true') : null"
          >{{ place.name }}</a
        >
      }
    </nav>
    <button matButton type="button" class="places" [matMenuTriggerFor]="placesMenu">Places</button>
    <mat-menu #placesMenu="matMenu">
      @for (place of places; track place.path) {
        <a mat-menu-item [routerLink]="place.path">{{ place.name }}</a>
      }
    </mat-menu>
    <div class="own">
      <ng-content />
      <button matIconButton type="button" aria-label="Light or dark" [matMenuTriggerFor]="themeMenu">
        <nw-icon [path]="icon" />
      </button>
    </div>
    <mat-menu #themeMenu="matMenu">
      <button mat-menu-item type="button" (click)="theme.choose('auto')">As the device says</button>
      <button mat-menu-item type="button" (click)="theme.choose('light')">Light</button>
      <button mat-menu-item type="button" (click)="theme.choose('dark')">Dark</button>
    </mat-menu>
  `,
  styles: `
    :host {
      position: relative;
      display: flex;
      align-items: center;
      gap: 6px 14px;
      flex-wrap: wrap;
      min-height: 44px;
      margin-bottom: 12px;
    }
    /* there for whoever comes by Tab: over the name, so that nothing moves */
    .past:focus {
      z-index: 5;
      width: auto;
      height: auto;
      padding: 8px 14px;
      clip-path: none;
      border: 1px dashed currentColor;
      border-radius: 6px;
      background: var(--nw-ink);
      color: var(--nw-linen);
      font: inherit;
    }
    .brand {
      font: 600 1.6rem/1.1 var(--nw-serif);
      color: inherit;
      text-decoration: none;
      padding: 4px 0;
    }
    nav {
      display: flex;
    }
    nav a {
      color: var(--nw-quiet);
      text-decoration: none;
      padding: 8px 7px 6px;
      border-bottom: 2px dashed transparent;
      white-space: nowrap;
    }
    /* as wide as when somebody is there, so that no place moves from page to page */
    nav a::after {
      content: attr(data-name) / '';
      display: block;
      height: 0;
      overflow: hidden;
      visibility: hidden;
      font-weight: 700;
    }
    nav a:hover {
      color: var(--nw-ink);
    }
    nav a[aria-current] {
      color: var(--nw-ink);
      font-weight: 700;
      border-bottom-color: var(--nw-ink);
    }
    .places {
      display: none;
    }
    .own {
      display: flex;
      align-items: center;
      flex-wrap: wrap;
      gap: 6px 2px;
      margin-left: auto;
    }
    @media (max-width: 1100px) {
      nav a {
        padding-inline: 5px;
        font-size: 0.95rem;
      }
    }
    @media (max-width: 820px) {
      nav {
        display: none;
      }
      .places {
        display: inline-flex;
      }
    }
    @media (max-width: 640px) {
      :host {
        gap: 6px;
      }
    }
    @media print {
      :host {
        display: none;
      }
    }
  `,
  host: { role: 'region', 'aria-label': 'Needlework and its places' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TopBar {
  protected readonly theme = inject(Theme);
  protected readonly places = places;
  private readonly router = inject(Router);
  private readonly bar = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  protected readonly here = toSignal(
    this.router.events.pipe(
      filter((event) => event instanceof NavigationEnd),
      startWith(null),
      map(() => whereIs(this.router.url)),
    ),
  );
  protected readonly icon = mdiThemeLightDark;

  /** The next Tab is the first thing of the page itself: what stands under this bar. */
  protected past(): void {
    const under = this.bar.nextElementSibling;
    if (!(under instanceof HTMLElement)) return;
    under.tabIndex = -1;
    under.focus();
  }
}
