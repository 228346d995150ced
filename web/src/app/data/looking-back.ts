import { Injectable, computed, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { type Observable, Subject, forkJoin, map, of, switchMap } from 'rxjs';
import { Temporal } from 'temporal-polyfill';
import type { GroupAnswer, GroupDone, HomeworkRow, StandingRow } from '@core/contract';
import { type Done, lookBack, lopsided } from '@core/log';
import { type Answered, checksIn, dateOf, dayOf, historyOf, protocolFor, verdictWords } from '@core/measure';
import type { Reading } from '@core/measure/reading';
import { type LadderNote, type Student, isKind, presentIn, stepsIn } from '@core/roster';
import { localDate, today } from '../parts/saying/date-words';
import { HomeworkApi } from './homework-api';
import { LibraryStore } from './library-store';
import { loading, waiting } from './loading';
import { OwnProtocols } from './own-protocols';
import { PeopleApi } from './people-api';
import { Preferences } from './preferences';
import { RunApi } from './run-api';

/** Whose weeks are looked back at. */
export interface Whose {
  readonly kind: 'group' | 'student';
  readonly id: string;
}
interface Asked extends Whose {
  readonly from: string;
  readonly to: string;
}

/** Something that changed beyond noise, in words. */
export interface ChangeSeen {
  readonly studentId: string;
  readonly check: string;
  readonly foot: string;
  readonly date: string;
  readonly words: string;
}

interface Found {
  readonly asked: Asked;
  readonly name: string;
  readonly students: readonly Student[];
  readonly notes: readonly LadderNote[];
  readonly taught: GroupDone['taught'];
  readonly answers: readonly Pick<GroupAnswer, 'exerciseId' | 'at' | 'answer'>[];
  readonly names: Readonly<Record<string, string>>;
  readonly standings: readonly StandingRow[];
  readonly readings: readonly Reading[];
  readonly noise: Readonly<Record<string, number | null | undefined>>;
  readonly homework: readonly HomeworkRow[];
}

/** Weeks that are looked back at where nobody said otherwise. */
const usualWeeks = 12;

/** What was done in some weeks, what changed, and what helped: of a group, or of one student. */
@Injectable()
export class LookingBack {
  private readonly people = inject(PeopleApi);
  private readonly runs = inject(RunApi);
  private readonly sheets = inject(HomeworkApi);
  private readonly library = inject(LibraryStore);
  private readonly own = inject(OwnProtocols);
  private readonly preferences = inject(Preferences);
  private readonly asked$ = new Subject<Asked>();
  private whose: Whose = { kind: 'group', id: '' };

  readonly to = signal(today());
  readonly from = signal(Temporal.PlainDate.from(today()).subtract({ weeks: usualWeeks }).toString());
  readonly found = toSignal(
    loading(this.asked$, (asked) => (asked.kind === 'group' ? this.ofGroup(asked) : this.ofStudent(asked))),
    { initialValue: waiting },
  );

  /** Dates on which a student was there; null where nobody wrote down who came, and for a group. */
  private readonly present = computed((): ReadonlySet<string> | null => {
    const found = this.found().value;
    if (found?.asked.kind !== 'student') return null;
    const dates = presentIn(found.notes, found.asked.from, found.asked.to);
    return dates.length === 0 ? null : new Set(dates);
  });
  readonly presenceKnown = computed(() => this.present() !== null);
  private readonly done = computed((): readonly Done[] => {
    const present = this.present();
    return (this.found().value?.taught ?? [])
      .map(({ startedAt, work }) => ({ date: localDate(startedAt), work }))
      .filter(({ date }) => present === null || present.has(date));
  });
  readonly back = computed(() => lookBack(this.done(), (id) => this.library.byId().get(id)?.exercise ?? null));
  readonly lopsided = computed(() => lopsided(this.back()));
  readonly steps = computed(() => {
    const found = this.found().value;
    return found ? stepsIn(found.notes, found.asked.from, found.asked.to) : [];
  });

  readonly changes = computed((): readonly ChangeSeen[] => {
    const found = this.found().value;
    if (!found) return [];
    const { asked, standings, readings } = found;
    const within = (date: string) => date >= asked.from && date <= asked.to;
    if (asked.kind === 'group')
      return standings
        .filter(({ verdict, date }) => verdict === 'changed' && within(date))
        .map(({ studentId, protocol, foot, date, words }) => ({
          studentId,
          check: protocolFor(protocol, this.own.all())?.name ?? protocol,
          foot,
          date,
          words,
        }));
    return checksIn(readings, this.own.all()).flatMap((protocol) => {
      const history = historyOf({
        protocol,
        readings,
        studio: found.noise[protocol.id] ?? null,
        weekly: this.preferences.weekly()[protocol.id],
      });
      return history.judged
        .filter(({ verdict, day }) => verdict === 'changed' && within(dateOf(day)))
        .map((judged) => ({
          studentId: asked.id,
          check: protocol.name,
          foot: judged.foot,
          date: dateOf(judged.day),
          words: verdictWords(protocol, judged),
        }));
    });
  });
  /** How often something was looked at, so that no change is no silence. */
  readonly looked = computed(() => {
    const found = this.found().value;
    if (!found) return 0;
    const within = (date: string) => date >= found.asked.from && date <= found.asked.to;
    return found.asked.kind === 'group'
      ? found.standings.filter(({ date }) => within(date)).length
      : found.readings.filter(({ date }) => within(date)).length;
  });

  readonly helped = computed(() => {
    const found = this.found().value;
    const within: readonly Answered[] = (found?.answers ?? [])
      .map(({ exerciseId, at, answer }) => ({ exerciseId, answer, date: at.length > 10 ? localDate(at) : at }))
      .filter(({ date }) => found && date >= found.asked.from && date <= found.asked.to)
      .map(({ date, ...answered }) => ({ ...answered, day: dayOf(date) }))
      .sort((a, b) => a.day - b.day);
    const byId = this.library.byId();
    const words = this.preferences.school().words;
    const order = [...new Set(within.map(({ exerciseId }) => exerciseId))];
    return {
      answers: within,
      order,
      names: new Map(order.map((id) => [id, byId.get(id)?.exercise.name[words] ?? found?.names[id] ?? id] as const)),
    };
  });

  open(whose: Whose): void {
    this.library.load();
    this.preferences.load();
    this.own.load();
    this.whose = whose;
    this.ask();
  }

  /** Other weeks; dates the wrong way round are put right. */
  between(from: string, to: string): void {
    if (from === '' || to === '') return;
    this.from.set(from < to ? from : to);
    this.to.set(from < to ? to : from);
    this.ask();
  }

  ask(): void {
    this.asked$.next({ ...this.whose, from: this.from(), to: this.to() });
  }

  private ofGroup(asked: Asked): Observable<Found> {
    return forkJoin([
      this.people.group(asked.id),
      this.people.groupReadings(asked.id, []),
      this.people.helped(asked.id),
      this.taughtIn([asked.id], asked),
      this.sheets.between(asked.from, asked.to),
    ]).pipe(
      map(([page, { notes }, helped, taught, { homework }]): Found => ({
        asked,
        name: page.group.name,
        students: page.students.map(({ student }) => student),
        notes,
        taught,
        answers: helped.answers,
        names: helped.names,
        standings: page.standings,
        readings: [],
        noise: {},
        homework: homework.filter(({ homework: { for: to } }) => to.kind === 'level' && to.groupId === asked.id),
      })),
    );
  }

  private ofStudent(asked: Asked): Observable<Found> {
    return this.people.student(asked.id).pipe(
      switchMap((page) =>
        forkJoin([
          this.taughtIn(page.student.groupIds, asked),
          this.sheets.list({ archived: false, student: asked.id }, null),
        ]).pipe(
          map(([taught, { homework }]): Found => ({
            asked,
            name: page.student.name,
            students: [page.student],
            notes: page.notes,
            taught,
            answers: page.notes
              .filter(isKind('answered'))
              .flatMap(({ exerciseId, date, what }) =>
                exerciseId === null ? [] : [{ exerciseId, at: date, answer: what.answer }],
              ),
            names: {},
            standings: [],
            readings: page.readings,
            noise: page.noise,
            homework: homework.filter(({ homework: { from } }) => from >= asked.from && from <= asked.to),
          })),
        ),
      ),
    );
  }

  /** Classes of some groups, each once, oldest first. */
  private taughtIn(groupIds: readonly string[], { from, to }: Asked): Observable<GroupDone['taught']> {
    const zone = Temporal.Now.timeZoneId();
    const instant = (date: Temporal.PlainDate) =>
      date.toZonedDateTime(zone).toInstant().toString({ fractionalSecondDigits: 3 });
    const [first, after] = [Temporal.PlainDate.from(from), Temporal.PlainDate.from(to).add({ days: 1 })];
    if (groupIds.length === 0) return of([]);
    return forkJoin(groupIds.map((id) => this.runs.done(id, instant(first), instant(after)))).pipe(
      map((all) =>
        [...new Map(all.flatMap(({ taught }) => taught).map((one) => [one.runId, one])).values()].sort((a, b) =>
          a.startedAt.localeCompare(b.startedAt),
        ),
      ),
    );
  }
}
