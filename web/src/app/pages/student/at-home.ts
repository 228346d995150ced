import { ChangeDetectionStrategy, Component, computed, effect, inject, input, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { HomeworkSheets } from '../../data/homework-list';
import { sheetLine } from '../../parts/saying/sheet-line';

/** What a student does at home, and has done: their sheets, newest first. */
@Component({
  selector: 'nw-at-home',
  imports: [MatButton, RouterLink],
  providers: [HomeworkSheets],
  template: `
    <div class="head">
      <h2>At home</h2>
      <button matButton type="button" (click)="create()">New homework</button>
    </div>
    <ul>
      @for (one of rows(); track one.id) {
        <li>
          <a [routerLink]="['/homework', one.id]">{{ one.title }}</a> <span>{{ one.when }}</span>
          <b>{{ one.stands }}</b>
        </li>
      } @empty {
        <li class="none">Nothing yet.</li>
      }
    </ul>
    @if (sheets.sheets().value?.next) {
      <button matButton type="button" (click)="sheets.more()">Older ones</button>
    }
  `,
  styles: `
    a {
      color: inherit;
    }
    .head {
      display: flex;
      align-items: center;
      justify-content: space-between;
      gap: 12px;
      margin-top: 22px;
    }
    h2 {
      margin: 0;
    }
    ul {
      list-style: none;
      margin: 0;
      padding: 0;
    }
    li {
      display: flex;
      flex-wrap: wrap;
      gap: 2px 14px;
      padding: 6px 0;
      border-top: 1px solid var(--nw-hem);
    }
    .none,
    span {
      color: var(--nw-quiet);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AtHome {
  protected readonly sheets = inject(HomeworkSheets);
  readonly studentId = input.required<string>();
  protected readonly rows = computed(() =>
    (this.sheets.sheets().value?.items ?? []).map((row) => ({ id: row.homework.id, ...sheetLine(row) })),
  );

  constructor() {
    effect(() => {
      const id = this.studentId();
      untracked(() => this.sheets.of(id));
    });
  }

  protected create(): void {
    // without the name: who it is for stands beside it, and not where others can read
    void this.sheets.create({ kind: 'student', studentId: this.studentId() });
  }
}
