import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatSlideToggle } from '@angular/material/slide-toggle';
import { WhoSees } from '../../data/who-sees';

/** Whether others can see this screen: people then stand on it by their initials alone. */
@Component({
  selector: 'nw-others-see',
  imports: [MatSlideToggle],
  template: `<mat-slide-toggle [checked]="sees.others()" (change)="sees.set($event.checked)"
    >Others can see this screen: initials only</mat-slide-toggle
  >`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OthersSee {
  protected readonly sees = inject(WhoSees);
}
