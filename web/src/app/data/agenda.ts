import { Injectable, computed, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { EMPTY, type Observable, Subject, expand, forkJoin, map, of, reduce, switchMap } from 'rxjs';
import { Temporal } from 'temporal-polyfill';
import type { CourseList, GroupPage, HomeworkRow, RunSummary } from '@core/contract';
import { type Due, type Entry, type GivenOut, type Logged, agendaOf, monthAfter, weeksOfMonth } from '@core/course';
import { daysOf } from '@core/homework/days';
import { protocolFor } from '@core/measure';
import { today } from '../parts/saying/date-words';
import { CourseApi } from './course-api';
import { HomeworkApi } from './homework-api';
import { loading, waiting } from './loading';
import { PeopleApi } from './people-api';
import { RunApi } from './run-api';
import { WhoSees } from './who-sees';

/** Groups whose checks are asked for: those that courses are for, no more than so many. */
const mostGroups = 6;

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
  private readonly people = inject(PeopleApi);
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
    return forkJoin([this.courses.list(false), this.runsFrom(first, before), sheets]).pipe(
      switchMap(([{ courses }, runs, { homework }]) => {
        const groups = [...new Set(courses.flatMap(({ course }) => course.groupId ?? []))].slice(0, mostGroups);
        const pages = groups.length === 0 ? of([]) : forkJoin(groups.map((id) => this.people.group(id)));
        return pages.pipe(
          map((found): Found => ({
            courses,
            due: found.flatMap(dueIn),
            homework: homework.map((row) => givenOut(row, this.sees.others())),
            logged: runs.map(({ id, classId, title, startedAt }): Logged => {
              const at = Temporal.Instant.from(startedAt).toZonedDateTimeISO(zone);
              const time = at.toPlainTime().toString({ smallestUnit: 'minute' });
              return { runId: id, classId, title, date: at.toPlainDate().toString(), time };
            }),
          })),
        );
      }),
    );
  }
}

/** Checks by the date from which they are due, each with how many people of the group. */
function dueIn({ group, standings }: GroupPage): Due[] {
  const people = new Map<string, Set<string>>();
  for (const { protocol, again, studentId } of standings) {
    if (again === null) continue;
    const key = `${again} ${protocol}`;
    people.set(key, (people.get(key) ?? new Set()).add(studentId));
  }
  return [...people].map(([key, ids]) => {
    const [date = '', protocol = ''] = key.split(' ');
    const check = protocolFor(protocol, [])?.name ?? 'A check of your own';
    return { groupId: group.id, check, date, people: ids.size };
  });
}

/** @param others others can see this screen: whose sheet it is, they need not read */
const givenOut = ({ homework, who }: HomeworkRow, others: boolean): GivenOut => ({
  id: homework.id,
  title: homework.title,
  who: others && homework.for.kind === 'student' ? '' : who,
  from: homework.from,
  to: daysOf(homework).at(-1) ?? homework.from,
});
