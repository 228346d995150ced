import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { RouterLink } from '@angular/router';
import { mdiPlus } from '@mdi/js';
import { NewClass } from '../../data/new-class';
import { Icon } from '../icon/icon';

/** The two ways to a new class: from a brief, and empty, for as long as the slot is. */
@Component({
  selector: 'nw-new-class-menu',
  imports: [Icon, MatButton, MatMenu, MatMenuItem, MatMenuTrigger, RouterLink],
  template: `
    <a matButton="outlined" routerLink="/compose">From a brief</a>
    <button matButton="filled" type="button" [matMenuTriggerFor]="newMenu"><nw-icon [path]="icon" /> New class</button>
    <mat-menu #newMenu="matMenu">
      @for (minutes of [5, 10, 20, 30, 45, 60]; track minutes) {
        <button mat-menu-item type="button" (click)="made.empty(minutes)">{{ minutes }} minutes</button>
      }
    </mat-menu>
  `,
  styles: `
    :host {
      display: flex;
      gap: 8px;
    }
    nw-icon {
      margin-right: 4px;
    }
    @media (max-width: 640px) {
      :host {
        flex-basis: 100%;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NewClassMenu {
  protected readonly made = inject(NewClass);
  protected readonly icon = mdiPlus;
}
