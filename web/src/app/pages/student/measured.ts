import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import {
  type History,
  type Latest,
  type Reading,
  besideReading,
  checksIn,
  dateOf,
  historyOf,
  nextWords,
  protocolFor,
  sayValue,
  sidesWords,
  verdictWords,
} from '@core/measure';
import { type Student, bandAge } from '@core/roster';
import { OwnProtocols } from '../../data/own-protocols';
import { Preferences } from '../../data/preferences';
import { Readings } from '../../data/readings';
import { Toasts } from '../../data/toasts';
import { conditionWords } from '../../parts/saying/condition-words';
import { sayDate } from '../../parts/saying/date-words';
import { Trend } from '../../parts/trend/trend';

/** What was measured of a student, check by check: where each foot stands, what changed, and when to look again. */
@Component({
  selector: 'nw-measured',
  imports: [RouterLink, Trend],
  templateUrl: './measured.html',
  styleUrl: './measured.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Measured {
  readonly student = input.required<Student>();
  private readonly readings = inject(Readings);
  private readonly own = inject(OwnProtocols);
  private readonly preferences = inject(Preferences);
  private readonly toasts = inject(Toasts);
  /** The check that is open. */
  protected readonly open = signal<string | null>(null);

  private readonly histories = computed((): readonly History[] => {
    const [all, noise, weekly] = [this.readings.all(), this.readings.noise(), this.preferences.weekly()];
    return checksIn(all, this.own.all()).map((protocol) =>
      historyOf({
        protocol,
        readings: all,
        studio: noise[protocol.id] ?? null,
        weekly: weekly[protocol.id],
      }),
    );
  });

  protected readonly checks = computed(() =>
    this.histories().map((history) => {
      const { protocol } = history;
      const { result } = protocol;
      const lines = history.latest.map((latest) => this.lineOf(history, latest));
      return {
        id: protocol.id,
        name: protocol.name,
        lines,
        sides:
          result.gives === 'number'
            ? history.sides
                .filter(({ judged }) => judged.verdict !== 'too-early')
                .map(({ judged }) => sidesWords(result, judged))
            : [],
      };
    }),
  );

  /** The open check, with all its readings. */
  protected readonly shown = computed(() => {
    const history = this.histories().find(({ protocol }) => protocol.id === this.open());
    if (!history) return null;
    const { protocol } = history;
    return {
      history,
      charts: protocol.result.gives === 'number' ? history.latest : [],
      beside: besideReading(protocol.id, bandAge(this.student().age)),
      rows: [...history.judged].reverse().map((judged) => ({
        key: `${judged.foot} ${judged.series} ${judged.day}`,
        date: sayDate(dateOf(judged.day)),
        foot: judged.foot,
        value: this.say(history, judged.value),
        words: verdictWords(protocol, judged),
        loud: judged.verdict === 'changed',
        ids: judged.readingIds,
        detail: this.detailOf(judged.readingIds),
      })),
    };
  });

  /** What was taken out, the newest look first, in words. */
  protected readonly takenOut = computed(() =>
    [...this.readings.takenOut()]
      .sort((a, b) => b.date.localeCompare(a.date))
      .map((reading) => {
        const { value, foot, date } = reading;
        const name = protocolFor(reading.protocol, this.own.all())?.short ?? reading.protocol;
        const said =
          value.kind === 'number' ? value.trials.join(', ') : value.kind === 'word' ? value.answer : 'on the drawing';
        return { reading, words: `${sayDate(date)}, ${name}, ${foot}: ${said}` };
      }),
  );

  protected bringBack(reading: Reading): void {
    this.readings.bringBack(reading);
  }

  protected toggle(id: string): void {
    this.open.update((open) => (open === id ? null : id));
  }

  protected takeOut(ids: readonly string[]): void {
    const gone = this.readings.all().filter(({ id }) => ids.includes(id));
    for (const reading of gone) this.readings.takeOut(reading);
    this.toasts.offer('The reading is taken out; what came after it is judged anew.', 'Bring it back', () => {
      for (const reading of gone) this.readings.bringBack(reading);
    });
  }

  private lineOf(history: History, { foot, series, last, next }: Latest) {
    return {
      key: `${foot} ${series}`,
      foot,
      conditions: conditionWords(series),
      value: this.say(history, last.value),
      date: sayDate(dateOf(last.day)),
      words: verdictWords(history.protocol, last),
      next: history.protocol.judged && last.verdict !== 'perhaps' ? nextWords(history.protocol, last.day, next) : '',
      loud: last.verdict === 'changed',
    };
  }

  private say({ protocol }: History, value: number | string): string {
    const { result } = protocol;
    return typeof value === 'number' && result.gives === 'number' ? sayValue(result, value) : String(value);
  }

  /** The trials behind a value, and who took it. */
  private detailOf(ids: readonly string[]): string {
    const of = this.readings.all().filter(({ id, protocol }) => ids.includes(id) && protocol === this.open());
    const trials = of.flatMap(({ value }: Reading) => (value.kind === 'number' ? value.trials : []));
    const by = [...new Set(of.flatMap((reading) => (reading.by === '' ? [] : [reading.by])))];
    return [trials.length > 1 ? trials.join(', ') : '', by.length > 0 ? `by ${by.join(', ')}` : '']
      .filter((words) => words !== '')
      .join(' · ');
  }
}
