import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { familyNames } from '@core/exercise';
import { type Answered, dayOf } from '@core/measure';
import { type NoteOf, type Student, isKind } from '@core/roster';
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
  private readonly exercises = computed(() => {
    const { words } = this.preferences.school();
    return (this.library.exercises() ?? []).map(({ exercise: { id, family, name } }) => ({
      id,
      family,
      name: name[words],
    }));
  });
  protected readonly families = computed(() =>
    Object.entries(familyNames)
      .map(([family, name]) => ({ name, exercises: this.exercises().filter((one) => one.family === family) }))
      .filter(({ exercises }) => exercises.length > 0),
  );
  protected readonly names = computed(() => new Map(this.exercises().map(({ id, name }) => [id, name] as const)));
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
