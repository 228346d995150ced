import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { type Answered, dayOf } from '@core/measure';
import { type NoteOf, type Student, isKind } from '@core/roster';
import { byFamily } from '../../data/by-family';
import { LadderNotes } from '../../data/ladder-notes';
import { LibraryStore } from '../../data/library-store';
import { Preferences } from '../../data/preferences';
import { Toasts } from '../../data/toasts';
import { HelpedList } from '../../parts/helped/helped-list';
import { today } from '../../parts/saying/date-words';

/** What this student answered to a look again after an exercise, and taking one more answer. */
@Component({
  selector: 'nw-asked-after',
  imports: [HelpedList],
  template: `
    <h2>What helped</h2>
    <div class="sheet">
      <p class="ask">
        Today, after
        <select #which aria-label="After which exercise" (change)="chosen.set(which.value)">
          <option value="" [selected]="chosen() === ''">an exercise</option>
          @for (family of families(); track family.name) {
            <optgroup [label]="family.name">
              @for (exercise of family.exercises; track exercise.id) {
                <option [value]="exercise.id" [selected]="exercise.id === chosen()">{{ exercise.name }}</option>
              }
            </optgroup>
          }
        </select>
        the walk was
        @for (answer of answers; track answer) {
          <button type="button" [disabled]="chosen() === ''" (click)="take(answer)">{{ answer }}</button>
        }
      </p>
      @if (answered().length > 0) {
        <nw-helped-list [answers]="answered()" [order]="order()" [names]="names()" />
      }
    </div>
  `,
  styleUrl: './asked-after.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AskedAfter {
  readonly student = input.required<Student>();
  private readonly notes = inject(LadderNotes);
  private readonly library = inject(LibraryStore);
  private readonly preferences = inject(Preferences);
  private readonly toasts = inject(Toasts);

  protected readonly answers = ['better', 'same', 'worse'] as const;
  protected readonly chosen = signal('');
  protected readonly families = computed(() => byFamily(this.library.exercises() ?? [], this.words()));
  private readonly words = computed(() => this.preferences.school().words);
  /** Those taken out of the library too: what was answered stays. */
  protected readonly names = computed(
    () =>
      new Map((this.library.exercises() ?? []).map(({ exercise: { id, name } }) => [id, name[this.words()]] as const)),
  );
  protected readonly answered = computed((): readonly Answered[] =>
    this.notes
      .all()
      .filter(isKind('answered'))
      .flatMap(({ exerciseId, date, what }: NoteOf<'answered'>) =>
        exerciseId === null ? [] : [{ exerciseId, day: dayOf(date), answer: what.answer }],
      )
      .sort((a, b) => a.day - b.day),
  );
  /** In the order in which they were first asked about. */
  protected readonly order = computed(() => [...new Set(this.answered().map(({ exerciseId }) => exerciseId))]);

  protected take(answer: 'better' | 'same' | 'worse'): void {
    const exerciseId = this.chosen();
    const undo = this.notes.note({
      studentId: this.student().id,
      exerciseId,
      foot: 'both',
      date: today(),
      what: { kind: 'answered', answer },
      by: '',
    });
    this.chosen.set('');
    this.toasts.offer(
      `“${answer}” after ${this.names().get(exerciseId) ?? 'it'} is written down.`,
      'Take it back',
      undo,
    );
  }
}
