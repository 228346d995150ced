import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatIconButton } from '@angular/material/button';
import { MatTooltip } from '@angular/material/tooltip';
import { mdiRedo, mdiUndo } from '@mdi/js';
import { Icon } from '../../parts/icon/icon';
import { PlanStore } from './plan-store';

/** A step back in the class that is open, and forward again. */
@Component({
  selector: 'nw-steps-back',
  imports: [Icon, MatIconButton, MatTooltip],
  template: `
    <button
      matIconButton
      type="button"
      aria-label="Undo"
      matTooltip="Undo (Ctrl Z)"
      [disabled]="!store.canUndo()"
      (click)="store.undo()"
    >
      <nw-icon [path]="icons.undo" />
    </button>
    <button
      matIconButton
      type="button"
      aria-label="Redo"
      matTooltip="Redo (Ctrl Shift Z)"
      [disabled]="!store.canRedo()"
      (click)="store.redo()"
    >
      <nw-icon [path]="icons.redo" />
    </button>
  `,
  styles: `
    :host {
      display: contents;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StepsBack {
  protected readonly store = inject(PlanStore);
  protected readonly icons = { undo: mdiUndo, redo: mdiRedo };
}
