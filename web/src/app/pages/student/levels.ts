import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { type CheckId, checks, historyOf } from '@core/measure';
import { type Student, keepLevel, keptWords } from '@core/roster';
import { LadderNotes } from '../../data/ladder-notes';
import { LibraryStore } from '../../data/library-store';
import { Preferences } from '../../data/preferences';
import { Readings } from '../../data/readings';
import { today } from '../../parts/saying/date-words';

/** Where a student stands on each ladder, each foot, and what that says. */
@Component({
  selector: 'nw-levels',
  imports: [RouterLink],
  template: `
    @if (rows().length > 0) {
      <h2>Levels</h2>
      <ul>
        @for (row of rows(); track row.id) {
          <li [class]="row.verdict">
            <b>{{ row.name }}</b>
            <span class="places">
              <span class="left">L {{ row.left }}</span> <span class="right">R {{ row.right }}</span>
            </span>
            <span class="words">{{ row.words }}</span>
            @for (group of student().groupIds.slice(0, 1); track group) {
              <a [routerLink]="['/groups', group, 'ladders']" [queryParams]="{ exercise: row.id }">in the group</a>
            }
          </li>
        }
      </ul>
    }
  `,
  styles: `
    h2 {
      font-size: 1.25rem;
      margin: 26px 0 8px;
    }
    ul {
      list-style: none;
      margin: 0;
      padding: 0;
      background: var(--nw-cloth);
      border: 1px solid var(--nw-hem);
      border-radius: var(--nw-corner);
    }
    li {
      display: grid;
      grid-template-columns: minmax(150px, 0.8fr) minmax(160px, 1fr) auto;
      gap: 2px 16px;
      padding: 10px 18px;
    }
    li + li {
      border-top: 1px solid var(--nw-cloth-2);
    }
    .left {
      color: var(--nw-woad);
      margin-right: 10px;
    }
    .right {
      color: var(--nw-weld-text);
    }
    .words {
      grid-column: 1 / -1;
      color: var(--nw-quiet);
    }
    .up .words,
    .down .words,
    .frozen .words {
      color: var(--nw-ink);
      font-weight: 700;
    }
    a {
      grid-column: 3;
      grid-row: 1;
      color: var(--nw-woad);
    }
    @media (max-width: 640px) {
      li {
        grid-template-columns: 1fr auto;
      }
      .places {
        grid-column: 1 / -1;
      }
      a {
        grid-column: 2;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Levels {
  readonly student = input.required<Student>();
  private readonly notes = inject(LadderNotes);
  private readonly readings = inject(Readings);
  private readonly library = inject(LibraryStore);
  private readonly preferences = inject(Preferences);

  protected readonly rows = computed(() => {
    const [notes, readings, noise] = [this.notes.all(), this.readings.all(), this.readings.noise()];
    const ids = [
      ...new Set(notes.flatMap(({ exerciseId, what }) => (what.kind === 'answered' ? [] : (exerciseId ?? [])))),
    ];
    const historyFor = (check: CheckId) =>
      readings.length === 0 ? null : historyOf({ protocol: checks[check], readings, studio: noise[check] ?? null });
    return ids.flatMap((id) => {
      const exercise = this.library.byId().get(id)?.exercise;
      if (!exercise) return [];
      const kept = keepLevel({
        student: this.student(),
        exercise,
        school: this.preferences.school(),
        notes,
        historyOf: historyFor,
        today: today(),
      });
      const name = (rungId: string | undefined) =>
        exercise.ladder?.rungs.find((rung) => rung.id === rungId)?.name ?? '–';
      return [
        {
          id,
          name: exercise.name.plain,
          verdict: kept.verdict,
          left: name(kept.left?.rungId),
          right: name(kept.right?.rungId),
          words: keptWords(kept),
        },
      ];
    });
  });
}
