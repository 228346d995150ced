import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatIconButton } from '@angular/material/button';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { RouterLink, RouterLinkActive } from '@angular/router';
import { mdiThemeLightDark } from '@mdi/js';
import { Icon } from '../icon/icon';
import { Theme } from '../../theme/theme';

/** The places of the application, over every page that is not a class. What a page adds of its own stands to the right. */
@Component({
  selector: 'nw-top-bar',
  imports: [Icon, MatIconButton, MatMenu, MatMenuItem, MatMenuTrigger, RouterLink, RouterLinkActive],
  template: `
    <a class="brand" routerLink="/">Needlework</a>
    <nav aria-label="Places">
      <a routerLink="/" routerLinkActive="on" [routerLinkActiveOptions]="{ exact: true }" ariaCurrentWhenActive="page"
        >Desk</a
      >
      <a routerLink="/classes" routerLinkActive="on" ariaCurrentWhenActive="page">Classes</a>
      <a routerLink="/courses" routerLinkActive="on" ariaCurrentWhenActive="page">Courses</a>
      <a routerLink="/exercises" routerLinkActive="on" ariaCurrentWhenActive="page">Exercises</a>
      <a routerLink="/people" routerLinkActive="on" ariaCurrentWhenActive="page">People</a>
      <a routerLink="/log" routerLinkActive="on" ariaCurrentWhenActive="page">Taught</a>
      <a routerLink="/teaching" routerLinkActive="on" ariaCurrentWhenActive="page">How I teach</a>
      <a routerLink="/words" routerLinkActive="on" ariaCurrentWhenActive="page">Words</a>
    </nav>
    <div class="own">
      <button matIconButton type="button" aria-label="Light or dark" [matMenuTriggerFor]="themeMenu">
        <nw-icon [path]="icon" />
      </button>
      <ng-content />
    </div>
    <mat-menu #themeMenu="matMenu">
      <button mat-menu-item type="button" (click)="theme.choose('auto')">As the device says</button>
      <button mat-menu-item type="button" (click)="theme.choose('light')">Light</button>
      <button mat-menu-item type="button" (click)="theme.choose('dark')">Dark</button>
    </mat-menu>
  `,
  styles: `
    :host {
      display: flex;
      align-items: center;
      gap: 6px 14px;
      flex-wrap: wrap;
      margin-bottom: 18px;
    }
    .brand {
      font: 600 1.6rem/1.1 var(--nw-serif);
      color: inherit;
      text-decoration: none;
      margin-right: 10px;
    }
    nav {
      display: flex;
      flex-wrap: wrap;
      gap: 0 4px;
    }
    nav a {
      color: var(--nw-quiet);
      text-decoration: none;
      padding: 8px 9px 6px;
      border-bottom: 2px dashed transparent;
    }
    nav a:hover {
      color: var(--nw-ink);
    }
    nav a.on {
      color: var(--nw-ink);
      font-weight: 700;
      border-bottom-color: var(--nw-ink);
    }
    .own {
      display: flex;
      align-items: center;
      flex-wrap: wrap;
      gap: 6px 14px;
      margin-left: auto;
    }
    @media (max-width: 640px) {
      nav {
        order: 3;
        width: 100%;
        margin-left: -4px;
        gap: 0 12px;
      }
      /* the choice of light stands beside the name, what the page adds below */
      .own {
        display: contents;
      }
      .own > button {
        margin-left: auto;
      }
      nav a {
        padding: 10px 4px 8px;
        font-size: 0.9rem;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TopBar {
  protected readonly theme = inject(Theme);
  protected readonly icon = mdiThemeLightDark;
}
