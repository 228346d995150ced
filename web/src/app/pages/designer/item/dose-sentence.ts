import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Dose } from '@core/dose';
import type { Item } from '@core/plan';
import { sayTime } from '@core/say-time';
import type { ItemTime } from '@core/timeline';
import { DoseParts } from '../../../parts/dose/dose-parts';
import { PlanStore } from '../plan-store';

/** The dose of an item, and what it comes to in the class. */
@Component({
  selector: 'nw-dose-sentence',
  imports: [DoseParts],
  template: `
    <nw-dose-parts [dose]="item().dose" [phases]="phases()" [pattern]="pattern()" (changed)="change($event)" />
    <p class="outcome">
      <b>{{ outcome().work }}</b> of work in <b>{{ outcome().total }}</b>
    </p>
  `,
  styles: `
    .outcome {
      margin: 4px 0 2px;
      font-size: 1.14rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DoseSentence {
  private readonly store = inject(PlanStore);
  readonly item = input.required<Item>();
  readonly time = input.required<ItemTime>();

  protected readonly phases = computed(() => this.time().execution?.phases ?? []);
  protected readonly pattern = computed(() => this.time().execution?.sidePattern ?? 'both');
  /** "9:00 of work in 10:35" */
  protected readonly outcome = computed(() => ({
    work: sayTime(this.time().workMs),
    total: sayTime(this.time().totalMs),
  }));

  protected change(dose: Dose): void {
    this.store.do({ type: 'edit-item', itemId: this.item().id, change: { dose } });
  }
}
