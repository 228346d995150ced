import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Fault } from '@core/exercise';
import { ExerciseDraft } from './exercise-draft';

const most = 5;

/** The faults of an exercise, or of one school: what is seen, from where, what is said. */
@Component({
  selector: 'nw-fault-list',
  imports: [MatButton],
  template: `
    @for (fault of faults(); track $index; let i = $index) {
      <div class="rowed">
        <label class="grow"
          >What is seen<input #s [value]="fault.seen" maxlength="120" (input)="set(i, { seen: s.value })"
        /></label>
        <label
          >from
          <select #v (change)="set(i, { from: asView(v.value) })">
            @for (o of views; track o) {
              <option [value]="o" [selected]="o === fault.from">{{ o }}</option>
            }
          </select></label
        >
        <label class="grow"
          >What is said<input #y [value]="fault.say" maxlength="120" (input)="set(i, { say: y.value })"
        /></label>
        <button matButton type="button" [disabled]="faults().length <= least()" (click)="drop(i)">leave out</button>
      </div>
      @if (draft.problem(path() + '.' + i + '.seen'); as words) {
        <p class="why">What is seen {{ words }}</p>
      }
      @if (draft.problem(path() + '.' + i + '.say'); as words) {
        <p class="why">What is said {{ words }}</p>
      }
    }
    @if (faults().length < most) {
      <button matButton="outlined" type="button" (click)="add()">
        {{ faults().length === 0 ? 'A fault' : 'Another fault' }}
      </button>
    }
  `,
  styleUrl: './fault-list.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FaultList {
  protected readonly draft = inject(ExerciseDraft);
  readonly faults = input.required<readonly Fault[]>();
  /** Where they stand in the exercise: why one is refused is asked there. */
  readonly path = input.required<string>();
  /** How many there must be: a school that sees others names one. */
  readonly least = input(0);
  readonly changed = output<Fault[]>();

  protected readonly most = most;
  protected readonly views = Fault.shape.from.options;
  protected readonly asView = (value: string) => value as Fault['from'];

  protected set(index: number, change: Partial<Fault>): void {
    this.changed.emit(this.faults().map((f, i) => (i === index ? { ...f, ...change } : f)));
  }
  protected add(): void {
    this.changed.emit([...this.faults(), { seen: '', from: 'front', say: '' }]);
  }
  protected drop(index: number): void {
    this.changed.emit(this.faults().filter((_, i) => i !== index));
  }
}
