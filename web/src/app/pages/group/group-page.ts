import { ChangeDetectionStrategy, Component, type OnInit, computed, inject, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import type { StandingRow } from '@core/contract';
import { concernNames } from '@core/exercise';
import { type Protocol, chanceWords, dayOf, lookAgain, protocolFor, sayNumber, unitWords } from '@core/measure';
import { concernsOf, initialsIn } from '@core/roster';
import { fileOf } from '../../data/file-of';
import { GroupFile } from '../../data/group-file';
import { HomeworkSheets } from '../../data/homework-list';
import { OwnProtocols } from '../../data/own-protocols';
import { Readings } from '../../data/readings';
import { WhoSees } from '../../data/who-sees';
import { Loading } from '../../parts/loading/loading';
import { localDate, sayDate, today } from '../../parts/saying/date-words';
import { HelpedList } from '../../parts/helped/helped-list';
import { OthersSee } from '../../parts/others-see/others-see';
import { TopBar } from '../../parts/top/top-bar';

/** So many checks stand as columns beside the names. */
const columns = 4;

/** A group: who comes, what changed, and whom to look at again. */
@Component({
  selector: 'nw-group-page',
  imports: [HelpedList, Loading, MatButton, OthersSee, RouterLink, TopBar],
  providers: [Readings, GroupFile, HomeworkSheets],
  templateUrl: './group-page.html',
  styleUrl: './group-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class GroupPage implements OnInit {
  protected readonly fileOf = fileOf;
  readonly id = input.required<string>();
  protected readonly file = inject(GroupFile);
  protected readonly sees = inject(WhoSees);
  private readonly own = inject(OwnProtocols);
  private readonly sheets = inject(HomeworkSheets);
  private readonly initials = computed(() => initialsIn(this.file.students()));

  private readonly standings = computed(() => this.file.page().value?.standings ?? []);
  private readonly names = computed(
    () =>
      new Map(
        this.file
          .students()
          .map(({ id, name }) => [id, this.sees.others() ? (this.initials().get(id) ?? '') : name] as const),
      ),
  );

  /** The checks this group is looked at with, the most used first. */
  protected readonly checks = computed(() => {
    const often = new Map<string, number>();
    for (const { protocol, dates } of this.standings()) often.set(protocol, (often.get(protocol) ?? 0) + dates);
    return [...often]
      .sort((a, b) => b[1] - a[1])
      .flatMap(([id]) => {
        const protocol = protocolFor(id, this.own.all());
        return protocol && protocol.id !== 'big-toe-gap' ? [protocol] : [];
      });
  });
  protected readonly shownChecks = computed(() =>
    this.checks()
      .slice(0, columns)
      .map((protocol) => ({
        ...protocol,
        head: [
          protocol.sides === 'both' ? 'both' : 'left / right',
          ...(protocol.result.gives === 'number' ? [unitWords[protocol.result.unit].name] : []),
        ].join(', '),
      })),
  );

  protected readonly members = computed(() =>
    this.file.students().map((student) => ({
      id: student.id,
      name: this.names().get(student.id) ?? '',
      cautions: this.sees.others()
        ? ''
        : concernsOf(student)
            .map((concern) => concernNames[concern])
            .join(' · '),
      consent: student.consent !== null,
      values: this.shownChecks().map((protocol) => {
        const of = (foot: 'left' | 'right' | 'both') => this.newest(student.id, protocol, foot);
        return protocol.sides === 'both' ? of('both') : `${of('left') || '–'} / ${of('right') || '–'}`;
      }),
    })),
  );

  protected readonly changed = computed(() => this.told((row) => row.verdict === 'changed'));
  protected readonly perhaps = computed(() => this.told((row) => row.verdict === 'perhaps'));
  protected readonly asked = computed(() => this.told((row) => row.verdict === 'ask'));
  /** Whom to look at again, by check: those whose day has come. */
  protected readonly due = computed(() => {
    const found = lookAgain(this.standings(), today());
    return this.checks().flatMap((protocol) => {
      const ids = found.find((one) => one.protocol === protocol.id)?.studentIds ?? [];
      return ids.length === 0 ? [] : [{ protocol, people: ids.map((id) => this.names().get(id) ?? '') }];
    });
  });
  protected readonly chance = computed(() => {
    const judged = this.file.page().value?.judged ?? 0;
    return judged === 0
      ? ''
      : `${judged} readings were judged in all. Chance alone makes ${chanceWords(judged)} of so many.`;
  });

  /** What helped in the classes of this group, by date; in the order of the newest class. */
  protected readonly helped = computed(() => {
    const { answers, names } = this.file.helped().value ?? { answers: [], names: {} };
    return {
      answers: answers
        .map(({ exerciseId, at, answer }) => ({ exerciseId, answer, day: dayOf(localDate(at)) }))
        .sort((a, b) => a.day - b.day),
      order: [...new Set(answers.map(({ exerciseId }) => exerciseId))],
      names: new Map(Object.entries(names)),
    };
  });

  /** A sheet for whoever of the group is on a level. */
  protected homework(): void {
    const name = this.file.group()?.name ?? '';
    const of = { kind: 'level', groupId: this.id(), words: '', concerns: [] } as const;
    void this.sheets.create({ ...of, concerns: [] }, null, `At home: ${name}`.slice(0, 80));
  }

  ngOnInit(): void {
    this.own.load();
    this.file.open(this.id());
  }

  protected add(field: HTMLInputElement): void {
    const name = field.value.trim();
    if (name !== '') this.file.add(name);
    field.value = '';
    field.focus();
  }

  private told(which: (row: StandingRow) => boolean) {
    return this.standings()
      .filter(which)
      .sort((a, b) => b.date.localeCompare(a.date))
      .slice(0, 12)
      .map((row) => ({
        key: `${row.studentId} ${row.protocol} ${row.foot} ${row.series}`,
        studentId: row.studentId,
        name: this.names().get(row.studentId) ?? '',
        what: `${protocolFor(row.protocol, this.own.all())?.short ?? row.protocol}${row.foot === 'both' ? '' : `, ${row.foot}`}`,
        words: row.words,
        when: sayDate(row.date),
      }));
  }

  private newest(studentId: string, protocol: Protocol, foot: string): string {
    const row = this.standings()
      .filter((one) => one.studentId === studentId && one.protocol === protocol.id && one.foot === foot)
      .sort((a, b) => b.date.localeCompare(a.date))[0];
    if (!row) return '';
    return typeof row.value === 'number' && protocol.result.gives === 'number'
      ? sayNumber(protocol.result, row.value)
      : String(row.value);
  }
}
