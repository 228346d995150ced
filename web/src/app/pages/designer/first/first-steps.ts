import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { landingSeconds } from '@core/fit';
import { allItemsOf, itemsOf, offerLevels } from '@core/plan';
import { FirstClass } from '../../../data/first-class';
import { PlanStore } from '../plan-store';

/** So much of the slot is planned: the rest is for the fit, part (Needlework's own). */
const filled = 0.6;

/** So near to where its reserve begins a class ends on time, ms: what the fit calls landing. */
const near = (roomMs: number): boolean => Math.abs(roomMs) <= landingSeconds * 1000;

/** The first class, step by step and by doing: what is done has a knot, what comes next says how. */
@Component({
  selector: 'nw-first-steps',
  imports: [MatButton, RouterLink],
  template: `
    <ol aria-label="Your first class, in five steps">
      @for (step of steps(); track step.name) {
        <li [class.done]="step.done" [attr.aria-current]="step.name === now()?.name ? 'step' : null">
          {{ step.name }}
          @if (step.done) {
            <span class="nw-unseen">, done</span>
          }
        </li>
      }
    </ol>
    @if (now(); as step) {
      <p>
        <span role="status">{{ step.words }}</span>
        @switch (step.name) {
          @case ('Levels') {
            <button matButton="outlined" type="button" (click)="offer()">Offer levels</button>
          }
          @case ('Fit') {
            <button matButton="outlined" type="button" (click)="fit()">Fit to slot</button>
          }
          @case ('Floor') {
            <a matButton="outlined" [routerLink]="['/class', store.plan()?.id, 'floor']">To the floor</a>
          }
        }
      </p>
    }
    <button matButton type="button" class="leave" (click)="first.finish()">I know my way</button>
  `,
  styleUrl: './first-steps.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FirstSteps {
  protected readonly store = inject(PlanStore);
  protected readonly first = inject(FirstClass);
  /** The doses are to be fitted to the slot. */
  readonly fitAsked = output();

  private readonly levels = computed(() => {
    const plan = this.store.plan();
    return plan && offerLevels(plan, (revision) => this.store.find(revision));
  });
  protected readonly steps = computed(() => {
    const [plan, timeline, slot] = [this.store.plan(), this.store.timeline(), this.store.slot()];
    if (!plan || !timeline || !slot) return [];
    const begun = allItemsOf(plan).length > 0;
    const full = timeline.totalMs >= filled * plan.slotSeconds * 1000;
    const offered = this.levels() === null || itemsOf(plan).some(({ easier, harder }) => easier ?? harder);
    return [
      { name: 'Begin', done: begun, words: 'Begin with a look at the feet: one press on the button below.' },
      {
        name: 'Fill',
        done: full,
        words: 'Pick what comes next: what would go on well stands first, each says what it adds to the clock.',
      },
      {
        name: 'Levels',
        done: begun && full && offered,
        words: 'Not everybody can do the same: easier and harder ones, in the same time, for the whole class at once.',
      },
      {
        name: 'Fit',
        done: begun && full && (this.fitted() || near(slot.roomMs)),
        words: 'Bring the doses to the end of the slot, each change said.',
      },
      { name: 'Floor', done: false, words: 'Teach it: the floor waits for your tap, counts, and changes feet.' },
    ];
  });
  protected readonly now = computed(() => this.steps().find(({ done }) => !done) ?? null);

  /** What the fit came to is between it and the teacher. */
  private readonly fitted = signal(false);

  protected fit(): void {
    this.fitted.set(true);
    this.fitAsked.emit();
  }

  protected offer(): void {
    const command = this.levels();
    if (command)
      this.store.doAndOffer(
        command,
        'Easier and harder levels are offered; each fills the same time.',
        'Take them back',
      );
  }
}
