import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { mdiChevronDown, mdiClose, mdiPlus } from '@mdi/js';
import {
  type Dose,
  type DoseField,
  type DoseKind,
  type DosePart,
  type FeetPattern,
  MultiplierKind,
  amountName,
  asKind,
  doseProduct,
  doseTokens,
  feetWords,
  kindChoices,
  kinds,
  numberIn,
  numberOf,
  reps,
  sayMultiplier,
  sayableOn,
  sayablePauses,
  usualMultiplier,
  usualRange,
  withField,
  withNumber,
  withRange,
  withUntil,
} from '@core/dose';
import { Icon } from '../icon/icon';
import { NumberField } from './number-field';

/** A dose as a sentence whose numbers can be changed. */
@Component({
  selector: 'nw-dose-parts',
  imports: [Icon, MatMenu, MatMenuItem, MatMenuTrigger, NumberField],
  templateUrl: './dose-parts.html',
  styleUrl: './dose-parts.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DoseParts {
  readonly dose = input.required<Dose>();
  readonly phases = input.required<readonly { readonly name: string; readonly seconds: number }[]>();
  readonly pattern = input.required<FeetPattern>();
  /** Whether it may be done in rounds; no, where those are said elsewhere. */
  readonly inRounds = input(true);
  readonly changed = output<Dose>();

  protected readonly icons = { more: mdiChevronDown, remove: mdiClose, add: mdiPlus };
  protected readonly kinds = kindChoices;
  protected readonly scaleOf = ({ scale }: DoseField) => sayableOn(scale);
  protected readonly kindWords = (kind: DoseKind) => kinds[kind].name;
  protected readonly pauses = sayablePauses;

  private readonly phaseSeconds = computed(() => this.phases().map((p) => p.seconds));
  protected readonly feet = computed(() => feetWords[this.pattern()]);

  protected readonly parts = computed(() =>
    this.dose().map((part) => ({
      part,
      tokens: doseTokens(part, this.phases()),
      product: doseProduct(part, this.phaseSeconds(), this.pattern()),
      range: part.range ?? null,
      amountScale: sayableOn(numberOf(part, amountName(part))?.scale ?? 'counts').filter((n) => n > 0),
      amountUnit: numberOf(part, amountName(part))?.scale === 'seconds' ? 's' : '',
      offered: MultiplierKind.options
        .filter((per) => !part.multipliers.some((m) => m.per === per))
        .map((per) => ({ per, words: `${usualMultiplier[per]} ${sayMultiplier(per, 2)}` })),
    })),
  );

  protected setField(index: number, part: DosePart, field: DoseField, value: number): void {
    this.set(index, withField(part, field.path, value, this.phaseSeconds()));
  }

  protected setSets(index: number, part: DosePart, sets: number): void {
    this.set(index, withNumber(part, 'sets', sets));
  }

  protected setRest(index: number, part: DosePart, setRestSeconds: number): void {
    this.set(index, { ...part, setRestSeconds });
  }

  protected setKind(index: number, part: DosePart, kind: DoseKind): void {
    if (kind !== part.kind) this.set(index, asKind(part, kind, this.phaseSeconds()));
  }

  protected addMultiplier(index: number, part: DosePart, per: MultiplierKind): void {
    this.set(index, { ...part, multipliers: [...part.multipliers, { per, count: usualMultiplier[per] }] });
  }

  protected dropMultiplier(index: number, part: DosePart, at: number): void {
    this.set(index, { ...part, multipliers: part.multipliers.filter((_, i) => i !== at) });
  }

  protected addRange(index: number, part: DosePart): void {
    this.set(index, withRange(part, usualRange(part)));
  }

  /** One end of a range, or one of so many to choose from. What is typed upside down is refused in words. */
  protected setRange(index: number, part: DosePart, at: number, value: number): void {
    this.set(index, withRange(part, part.range?.map((n, i) => (i === at ? value : n)) ?? null));
  }

  /** A third number between the two: "10, 15 or 20". */
  protected addChoice(index: number, part: DosePart): void {
    const [first, last] = part.range ?? [];
    const own = numberIn(part, amountName(part));
    if (first === undefined || last === undefined) return;
    const middle = own > first && own < last ? own : Math.round((first + last) / 2);
    if (middle > first && middle < last) this.set(index, withRange(part, [first, middle, last]));
  }

  protected dropRange(index: number, part: DosePart): void {
    this.set(index, withRange(part, null));
  }

  protected setUntil(index: number, part: DosePart, sign: string | null): void {
    this.set(index, withUntil(part, sign === null || sign.trim() === '' ? null : sign.trim()));
  }

  protected addPart(): void {
    this.changed.emit([...this.dose(), reps(10)]);
  }

  protected dropPart(index: number): void {
    this.changed.emit(this.dose().filter((_, i) => i !== index));
  }

  protected multiplierWords(part: DosePart): { readonly words: string }[] {
    return part.multipliers.map((m) => ({ words: `${m.count} ${sayMultiplier(m.per, m.count)}` }));
  }

  private set(index: number, part: DosePart): void {
    this.changed.emit(this.dose().map((p, i) => (i === index ? part : p)));
  }
}
