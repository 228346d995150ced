import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import {
  type NumberResult,
  OwnProtocol,
  Unit,
  noiseFrom,
  ownNumber,
  unitWords,
  usualDifference,
  weekOf,
  weekUnit,
  weeklyFrom,
} from '@core/measure';
import { issueWords } from '@core/issue-words';
import { byFamily } from '../../data/by-family';
import { LibraryStore } from '../../data/library-store';
import { OwnProtocols } from '../../data/own-protocols';
import { Preferences } from '../../data/preferences';

const linesOf = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');
const numberIn = (text: string): number | null => (text.trim() === '' ? null : Number(text.trim().replace(',', '.')));

/** What is at fault, as the form calls it. */
const places: Readonly<Record<string, string>> = {
  name: 'The name',
  short: 'The short name',
  steps: 'How it is taken',
  needs: 'What it needs',
  ask: 'What is asked about',
  refuse: 'What is refused',
  cap: 'Its end',
  trials: 'The number of tries',
  noise: 'How far two readings lie apart',
  weekly: 'The change in a week',
  answers: 'The answers',
  hoped: 'The answer that is hoped for',
};

/** A check of the teacher's own, as sentences with places to fill. What can be kept is kept at once. */
@Component({
  selector: 'nw-own-check',
  imports: [MatButton],
  templateUrl: './own-check.html',
  styleUrl: './own-check.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OwnCheck {
  readonly protocol = input.required<OwnProtocol>();
  private readonly own = inject(OwnProtocols);
  private readonly library = inject(LibraryStore);
  private readonly preferences = inject(Preferences);

  protected readonly units = Unit.options.map((id) => ({ id, name: unitWords[id].name }));
  private readonly id = computed(() => this.protocol().id);
  protected readonly refused = linkedSignal({ source: this.id, computation: () => '' });
  /** What was typed, while another kind of answer is looked at: arrow keys pass through all kinds. */
  private readonly answersKept = linkedSignal<string, readonly string[]>({
    source: this.id,
    computation: () => ['no', 'yes'],
  });
  protected readonly readings = computed(() => this.own.readingsOf(this.protocol().id));
  protected readonly number = computed((): NumberResult | null => {
    const { result } = this.protocol();
    return result.gives === 'number' ? result : null;
  });
  protected readonly figures = computed(() => {
    const number = this.number();
    return (
      number && {
        unit: unitWords[number.unit].name,
        weekUnit: weekUnit(number),
        apart: number.noise === null ? '' : String(usualDifference(number.scale, number.noise)),
        week: String(weekOf(number.scale, number.weekly)),
      }
    );
  });
  protected readonly answers = computed(() => {
    const { result } = this.protocol();
    return result.gives === 'ordered' || result.gives === 'named' ? result.answers : [];
  });
  protected readonly hoped = computed(() => {
    const { result } = this.protocol();
    return result.gives === 'named' ? result.hoped : null;
  });
  /** Exercises on which it can stand in a class, by family. */
  protected readonly families = computed(() =>
    byFamily(this.library.exercises() ?? [], this.preferences.school().words),
  );

  protected set(change: Partial<OwnProtocol>): void {
    const read = OwnProtocol.safeParse({ ...this.protocol(), ...change });
    if (read.success) {
      this.refused.set('');
      return this.own.save(read.data);
    }
    const [issue] = read.error.issues;
    const at = issue?.path.findLast((step) => typeof step === 'string' && step in places);
    this.refused.set(issue ? `${places[String(at)] ?? 'This'} ${issueWords(issue)} Nothing was changed.` : '');
  }

  protected setNumber(change: Partial<NumberResult>): void {
    const number = this.number();
    if (number) this.set({ result: { ...number, ...change } });
  }

  /** Another unit has other limits and another way of judging; tries and how they count stay. */
  protected setUnit(unit: string): void {
    const [read, number] = [Unit.safeParse(unit), this.number()];
    if (!read.success || !number) return;
    const { trials, combine, practice } = number;
    this.set({ result: { ...ownNumber(read.data), trials, combine, practice } });
  }

  protected setGives(gives: string): void {
    if (this.answers().length > 1) this.answersKept.set(this.answers());
    const answers = [...this.answersKept()];
    if (gives === 'number') this.set({ result: ownNumber('cm') });
    if (gives === 'ordered') this.set({ result: { gives, answers } });
    if (gives === 'named') this.set({ result: { gives, answers, hoped: answers.at(-1) ?? '' } });
  }

  protected setCombine(combine: string): void {
    if (combine === 'single') this.setNumber({ combine, trials: 1 });
    if (combine === 'mean' || combine === 'best') this.setNumber({ combine });
  }

  protected setTrials(typed: string): void {
    this.setNumber({ trials: numberIn(typed) ?? 0 });
  }

  protected setSpan(which: 'refuse' | 'ask', end: 'least' | 'most', typed: string): void {
    const number = this.number();
    if (number) this.setNumber({ [which]: { ...number[which], [end]: numberIn(typed) ?? Number.NaN } });
  }

  protected setCap(typed: string): void {
    this.setNumber({ cap: numberIn(typed) });
  }

  protected setApart(typed: string): void {
    const [apart, number] = [numberIn(typed), this.number()];
    if (number) this.setNumber({ noise: apart === null ? null : noiseFrom(number.scale, apart) });
  }

  protected setWeek(typed: string): void {
    const number = this.number();
    if (number) this.setNumber({ weekly: weeklyFrom(number.scale, numberIn(typed) ?? 0) });
  }

  protected setAnswers(text: string): void {
    const [answers, { result }] = [linesOf(text), this.protocol()];
    if (result.gives === 'ordered') this.set({ result: { ...result, answers } });
    if (result.gives === 'named')
      this.set({
        result: { ...result, answers, hoped: answers.includes(result.hoped) ? result.hoped : (answers.at(-1) ?? '') },
      });
  }

  protected setHoped(hoped: string): void {
    const { result } = this.protocol();
    if (result.gives === 'named') this.set({ result: { ...result, hoped } });
  }

  protected setSteps(text: string): void {
    this.set({ steps: linesOf(text) });
  }

  protected setNeeds(text: string): void {
    this.set({ needs: linesOf(text.replaceAll(',', '\n')) });
  }

  protected setName(name: string): void {
    const said = name.trim();
    const { short, name: before } = this.protocol();
    // a short name that only repeats the name goes with it
    const follows = short === before.slice(0, 24).trim();
    this.set({ name: said, short: follows ? said.slice(0, 24).trim() : short });
  }
}
