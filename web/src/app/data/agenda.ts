import { Injectable, computed, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { EMPTY, type Observable, Subject, expand, forkJoin, map, reduce } from 'rxjs';
import { Temporal } from 'temporal-polyfill';
import type { CourseList, HomeworkRow, RunSummary } from '@core/contract';
import { type Due, type Entry, type GivenOut, type Logged, agendaOf, monthAfter, weeksOfMonth } from '@core/course';
import { daysOf } from '@core/homework/days';
import { today } from '../parts/saying/date-words';
import { CourseApi } from './course-api';
import { DeskApi } from './desk-api';
import { HomeworkApi } from './homework-api';
import { loading, waiting } from './loading';
import { RunApi } from './run-api';
import { WhoSees } from './who-sees';

interface Found {
  readonly courses: CourseList['courses'];
  readonly logged: readonly Logged[];
  readonly due: readonly Due[];
  readonly homework: readonly GivenOut[];
}

/** What stands on the days of a month: classes of courses, what was taught, checks that are due. */
@Injectable()
export class Agenda {
  private readonly courses = inject(CourseApi);
  private readonly runs = inject(RunApi);
  private readonly desk = inject(DeskApi);
  private readonly sheets = inject(HomeworkApi);
  private readonly sees = inject(WhoSees);
  private readonly asked$ = new Subject<string>();

  readonly month = signal(today().slice(0, 7));
  readonly found = toSignal(
    loading(this.asked$, (month) => this.fetch(month)),
    { initialValue: waiting },
  );
  readonly weeks = computed(() => weeksOfMonth(this.month()));
  readonly entries = computed((): readonly Entry[] => {
    const [found, weeks] = [this.found().value, this.weeks()];
    if (!found) return [];
    const from = weeks[0]?.[0] ?? '';
    const to = weeks.at(-1)?.at(-1) ?? '';
    return agendaOf({ ...found, courses: found.courses.map(({ course }) => course) }, from, to);
  });

  load(): void {
    this.asked$.next(this.month());
  }

  go(by: number): void {
    this.month.set(by === 0 ? today().slice(0, 7) : monthAfter(this.month(), by));
    this.load();
  }

  /** All taught classes before an instant, page by page, back to a date or a day before it. */
  private runsFrom(first: string, before: string): Observable<readonly RunSummary[]> {
    const page = (after: string | null) => this.runs.list({ words: '', before }, after);
    return page(null).pipe(
      expand(({ runs, next }) => (next !== null && (runs.at(-1)?.startedAt ?? '') >= first ? page(next) : EMPTY)),
      reduce((all: readonly RunSummary[], { runs }) => [...all, ...runs], []),
    );
  }

  private fetch(month: string): Observable<Found> {
    const weeks = weeksOfMonth(month);
    const after = Temporal.PlainDate.from(weeks.at(-1)?.at(-1) ?? `${month}-01`).add({ days: 1 });
    const zone = Temporal.Now.timeZoneId();
    const before = after.toZonedDateTime(zone).toInstant().toString({ fractionalSecondDigits: 3 });
    // a day before, since an instant may lie on another date here
    const first = Temporal.PlainDate.from(weeks[0]?.[0] ?? `${month}-01`)
      .subtract({ days: 1 })
      .toString();
    const sheets = this.sheets.between(weeks[0]?.[0] ?? first, weeks.at(-1)?.at(-1) ?? first);
    const due = this.desk.due({ at: Temporal.Now.instant().toString({ smallestUnit: 'millisecond' }), today: today() });
    return forkJoin([this.courses.list(false), this.runsFrom(first, before), sheets, due]).pipe(
      map(([{ courses }, runs, { homework }, { due: checks }]): Found => ({
        courses,
        due: checks,
        homework: homework.map((row) => givenOut(row, this.sees.others())),
        logged: runs.map(({ id, classId, title, startedAt }): Logged => {
          const at = Temporal.Instant.from(startedAt).toZonedDateTimeISO(zone);
          const time = at.toPlainTime().toString({ smallestUnit: 'minute' });
          return { runId: id, classId, title, date: at.toPlainDate().toString(), time };
        }),
      })),
    );
  }
}

/** @param others others can see this screen: whose sheet it is, they need not read */
const givenOut = ({ homework, who }: HomeworkRow, others: boolean): GivenOut => ({
  id: homework.id,
  title: homework.title,
  who: others && homework.for.kind === 'student' ? '' : who,
  from: homework.from,
  to: daysOf(homework).at(-1) ?? homework.from,
});
