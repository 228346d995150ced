import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { NewClass } from '../../data/new-class';

/** How long the next slot is: each makes an empty class of so many minutes. */
@Component({
  selector: 'nw-slot-choice',
  imports: [MatButton],
  template: `
    @for (minutes of [5, 10, 20, 45, 60]; track minutes) {
      <button matButton="outlined" type="button" (click)="made.empty(minutes)">{{ minutes }} minutes</button>
    }
  `,
  styles: `
    :host {
      display: flex;
      flex-wrap: wrap;
      justify-content: center;
      gap: 8px;
      margin: 16px 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SlotChoice {
  protected readonly made = inject(NewClass);
}
