import { ChangeDetectionStrategy, Component, computed, effect, inject, input, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { type Course, mondaysOf } from '@core/course';
import { daysOf } from '@core/homework/days';
import { HomeworkSheets } from '../../data/homework-list';
import { sheetLine } from '../../parts/saying/sheet-line';

/** What the people of a course do at home in its weeks. */
@Component({
  selector: 'nw-course-homework',
  imports: [MatButton, RouterLink],
  providers: [HomeworkSheets],
  template: `
    <p>
      <b>At home:</b>
      @for (one of rows(); track one.id) {
        <span class="sheet">
          <a [routerLink]="['/homework', one.id]">{{ one.title }}</a> {{ one.when }}, {{ one.stands }}
        </span>
      } @empty {
        <span>nothing given out in these weeks.</span>
      }
      <button matButton type="button" (click)="create()">New homework for this course</button>
    </p>
  `,
  styles: `
    a {
      color: inherit;
    }
    p {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 2px 14px;
      margin: 8px 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CourseHomework {
  private readonly sheets = inject(HomeworkSheets);
  readonly course = input.required<Course>();

  private readonly weeks = computed(() => {
    const { from, weeks } = this.course();
    const last = mondaysOf(this.course()).at(-1) ?? from;
    return { from, to: weeks > 0 ? (daysOf({ from: last, weeks: 1 }).at(-1) ?? last) : from };
  });
  protected readonly rows = computed(() => {
    const { id, groupId } = this.course();
    return (this.sheets.during().value?.homework ?? [])
      .filter(({ homework: { courseId, for: of } }) => {
        const isOfGroup = of.kind === 'level' && groupId !== null && of.groupId === groupId;
        return courseId === id || isOfGroup;
      })
      .map((row) => ({ id: row.homework.id, ...sheetLine(row) }));
  });

  constructor() {
    effect(() => {
      const { from, to } = this.weeks();
      untracked(() => this.sheets.askDuring(from, to));
    });
  }

  protected create(): void {
    const { id, groupId, title, brief } = this.course();
    const of = { kind: 'level' as const, groupId, words: '', concerns: groupId === null ? brief.concerns : [] };
    void this.sheets.create(of, id, `${title}: at home`.slice(0, 80));
  }
}
