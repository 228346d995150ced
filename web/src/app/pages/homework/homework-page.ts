import { ChangeDetectionStrategy, Component, type OnInit, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { HomeworkSheets } from '../../data/homework-list';
import { WhoSees } from '../../data/who-sees';
import { Loading } from '../../parts/loading/loading';
import { TopBar } from '../../parts/top/top-bar';
import { sheetLine } from '../../parts/saying/sheet-line';

/** Every sheet of homework, newest first. */
@Component({
  selector: 'nw-homework-page',
  imports: [Loading, MatButton, RouterLink, TopBar],
  providers: [HomeworkSheets],
  templateUrl: './homework-page.html',
  styleUrl: './homework-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HomeworkPageView implements OnInit {
  protected readonly list = inject(HomeworkSheets);
  private readonly sees = inject(WhoSees);
  protected readonly rows = computed(() =>
    (this.list.sheets().value?.items ?? []).map((row) => ({
      row,
      id: row.homework.id,
      // whose sheet it is, others need not read
      ...sheetLine(this.sees.others() && row.homework.for.kind === 'student' ? { ...row, who: 'one student' } : row),
    })),
  );

  ngOnInit(): void {
    this.list.load();
  }

  protected create(): void {
    void this.list.create({ kind: 'level', groupId: null, words: '', concerns: [] });
  }
}
