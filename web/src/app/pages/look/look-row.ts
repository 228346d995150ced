import {
  ChangeDetectionStrategy,
  Component,
  type ElementRef,
  computed,
  inject,
  input,
  signal,
  viewChildren,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { type Foot, type Reading, sayValue, verdictInShort, verdictWords } from '@core/measure';
import type { Student } from '@core/roster';
import { WatchClock } from './instruments/watch-clock';
import { LookSession } from './look-session';

/** One student in a look: what is typed or tapped for each foot, and what it tells. */
@Component({
  selector: 'nw-look-row',
  imports: [MatButton, RouterLink],
  templateUrl: './look-row.html',
  styleUrl: './look-row.scss',
  host: { '(focusin)': 'session.at.set(student().id)', '[class.at]': 'session.at() === student().id' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LookRow {
  protected readonly session = inject(LookSession);
  protected readonly clock = inject(WatchClock);
  readonly student = input.required<Student>();
  /** As this screen may call them. */
  readonly name = input.required<string>();
  readonly readings = input.required<readonly Reading[]>();

  private readonly cells = viewChildren<ElementRef<HTMLInputElement>>('cell');
  private readonly refusals = signal<Partial<Record<Foot, string>>>({});

  private readonly history = computed(() => this.session.historyOf(this.readings()));
  protected readonly result = computed(() => this.session.protocol().result);

  protected readonly feet = computed(() => {
    const [protocol, history, readings] = [this.session.protocol(), this.history(), this.readings()];
    const { result } = protocol;
    return this.session.feet().map((foot) => {
      const taken = this.session.takenOf(readings, foot);
      const judged = taken && this.session.judgedOf(history, taken);
      const before = this.session.beforeOf(history, foot);
      const trials = taken?.value.kind === 'number' ? taken.value.trials : [];
      const say = (value: number | string) =>
        typeof value === 'number' && result.gives === 'number' ? sayValue(result, value) : String(value);
      return {
        foot,
        taken,
        trials:
          result.gives === 'number' ? Array.from({ length: result.trials }, (_, i) => String(trials[i] ?? '')) : [],
        answer: taken?.value.kind === 'word' ? taken.value.answer : null,
        hour: taken?.value.kind === 'clock' ? (taken.value.hour === null ? 'nowhere' : String(taken.value.hour)) : '',
        spots: taken?.value.kind === 'marks' ? taken.value.marks.length : null,
        before: before ? say(before.value) : '',
        value: judged && result.gives === 'number' ? say(judged.value) : '',
        verdict: judged ? verdictInShort(protocol, judged) : '',
        words: judged ? verdictWords(protocol, judged) : '',
        loud: judged?.verdict === 'changed' || judged?.verdict === 'not-seen-again',
        asks: judged?.verdict === 'ask',
        gap: this.session.gapWords(readings, foot),
        count: taken?.value.kind === 'word' ? (taken.value.count ?? '') : '',
        refused: this.refusals()[foot] ?? '',
      };
    });
  });

  protected readonly answers = computed(() => {
    const result = this.result();
    return result.gives === 'ordered' || result.gives === 'named' ? result.answers : [];
  });

  /** What was typed for one foot is taken when the fields of that foot are left. */
  protected left(foot: Foot, event: FocusEvent): void {
    const group = event.currentTarget;
    if (!(group instanceof HTMLElement)) return;
    if (event.relatedTarget instanceof Node && group.contains(event.relatedTarget)) return;
    const typed = [...group.querySelectorAll('input')].map(({ value }) => value);
    const refused =
      this.result().gives === 'clock'
        ? this.session.takeHour(this.student(), foot, typed[0] ?? '')
        : this.session.takeTrials(this.student(), foot, typed);
    this.refuse(foot, refused);
  }

  protected tap(foot: Foot, answer: string): void {
    this.refuse(foot, this.session.takeWord(this.student(), foot, answer));
  }

  protected count(foot: Foot, typed: string): void {
    this.refuse(foot, this.session.takeCount(this.student(), foot, typed));
  }

  protected stands(reading: Reading | null): void {
    if (reading) this.session.stands(reading);
  }

  /** Puts the cursor into the first field of a foot, to take it again. */
  protected again(foot: Foot): void {
    const first = this.cells().find(({ nativeElement }) => nativeElement.dataset['foot'] === foot)?.nativeElement;
    first?.focus();
    first?.select();
  }

  private refuse(foot: Foot, words: string | null): void {
    this.refusals.update((all) => ({ ...all, [foot]: words ?? '' }));
  }
}
