import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { Temporal } from 'temporal-polyfill';
import type { Entry } from '@core/course';
import { Agenda } from '../../data/agenda';
import { Loading } from '../../parts/loading/loading';
import { sayDay, today } from '../../parts/saying/date-words';
import { TopBar } from '../../parts/top/top-bar';
import { dayNames } from '../course/course-words';

const kindWords: Readonly<Record<Entry['kind'], string>> = {
  class: 'planned',
  taught: 'taught',
  off: 'off',
  show: 'show',
  check: 'check due',
  homework: 'homework',
};

/** A month of classes, checks that are due and days off: week by week, and as a list. */
@Component({
  selector: 'nw-calendar-page',
  imports: [Loading, MatButton, RouterLink, TopBar],
  providers: [Agenda],
  templateUrl: './calendar-page.html',
  styleUrl: './calendar-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CalendarPage {
  protected readonly agenda = inject(Agenda);
  protected readonly dayNames = dayNames;
  protected readonly kindWords = kindWords;
  protected readonly day = sayDay;

  protected readonly title = computed(() =>
    Temporal.PlainYearMonth.from(this.agenda.month())
      .toPlainDate({ day: 1 })
      .toLocaleString('en-GB', { month: 'long', year: 'numeric' }),
  );
  protected readonly weeks = computed(() => {
    const [entries, month, now] = [this.agenda.entries(), this.agenda.month(), today()];
    return this.agenda.weeks().map((days) => ({
      key: days[0] ?? '',
      number: Temporal.PlainDate.from(days[0] ?? now).weekOfYear ?? 0,
      days: days.map((date) => ({
        date,
        number: Number(date.slice(8)),
        label: sayDay(date),
        now: date === now,
        other: !date.startsWith(month),
        entries: entries.filter((entry) => entry.date === date).map(shown),
      })),
    }));
  });
  protected readonly list = computed(() => {
    const month = this.agenda.month();
    const entries = this.agenda.entries().filter(({ date }) => date.startsWith(month));
    // days off in a row are told once
    const before = (entry: Entry) =>
      entries.some(({ date, title, time }) => time === null && title === entry.title && date === dayBefore(entry.date));
    return entries
      .filter((entry) => entry.time !== null || entry.kind === 'check' || entry.kind === 'homework' || !before(entry))
      .map((entry) => ({ ...shown(entry), day: sayDay(entry.date), kind: entry.kind }));
  });

  constructor() {
    this.agenda.load();
  }
}

const dayBefore = (date: string): string => Temporal.PlainDate.from(date).subtract({ days: 1 }).toString();

function shown({ date, time, kind, title, to }: Entry) {
  const link = {
    course: ['/courses', to.id],
    run: ['/log', to.id],
    group: ['/groups', to.id],
    homework: ['/homework', to.id],
  }[to.kind];
  return { key: `${date} ${time} ${kind} ${title}`, time: time ?? '', kind, title, link };
}
