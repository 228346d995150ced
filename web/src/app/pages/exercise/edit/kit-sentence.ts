import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { type KitId, KitId as kits, type KitNeed, kitNames } from '@core/kit';

type Substitute = KitNeed['substitutes'][number];

/** What is put out for an exercise, or for one rung of it: how many, for whom, and what may stand in for it. */
@Component({
  selector: 'nw-kit-sentence',
  template: `
    Kit{{ where() }}:
    @for (need of kit(); track need.kit; let i = $index) {
      <span class="chip">
        <input
          #count
          type="number"
          min="1"
          max="40"
          [attr.aria-label]="names[need.kit] + ', how many'"
          [value]="need.count"
          (change)="set(i, { count: count.valueAsNumber })"
        />
        {{ names[need.kit] }}
        <select #per [attr.aria-label]="names[need.kit] + ' for whom'" (change)="setPer(i, per.value)">
          <option value="person" [selected]="need.per === 'person'">each</option>
          <option value="room" [selected]="need.per === 'room'">for the room</option>
        </select>
        <button type="button" [attr.aria-label]="'Without ' + names[need.kit]" (click)="drop(i)">×</button>
      </span>
      @for (other of need.substitutes; track other.kit; let j = $index) {
        <span class="chip other">
          or {{ names[other.kit] }}:
          <input
            #changes
            class="changes"
            maxlength="200"
            placeholder="what that changes"
            [attr.aria-label]="'What ' + names[other.kit] + ' in place of ' + names[need.kit] + ' changes'"
            [value]="other.changes"
            (input)="substitute(i, j, changes.value)"
          />
          <button
            type="button"
            [attr.aria-label]="'Not ' + names[other.kit] + ' in place of ' + names[need.kit]"
            (click)="set(i, { substitutes: without(need, j) })"
          >
            ×
          </button>
        </span>
      }
      <select #or [attr.aria-label]="'In place of ' + names[need.kit]" (change)="instead(i, or.value); or.value = ''">
        <option value="">or …</option>
        @for (o of options; track o) {
          @if (o !== need.kit) {
            <option [value]="o">{{ names[o] }}</option>
          }
        }
      </select>
    } @empty {
      <span class="none">nothing</span>
    }
    <select #more [attr.aria-label]="'Add kit' + where()" (change)="add(more.value); more.value = ''">
      <option value="">add kit …</option>
      @for (o of options; track o) {
        <option [value]="o">{{ names[o] }}</option>
      }
    </select>
  `,
  styleUrl: './kit-sentence.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KitSentence {
  readonly where = input('');
  readonly kit = input.required<readonly KitNeed[]>();
  readonly changed = output<KitNeed[]>();
  protected readonly names = kitNames;
  protected readonly options = kits.options;

  protected add(kit: string): void {
    if (kit === '' || this.kit().some((need) => need.kit === kit)) return;
    this.changed.emit([...this.kit(), { kit: kit as KitId, per: 'person', count: 1, substitutes: [] }]);
  }
  protected set(index: number, change: Partial<KitNeed>): void {
    this.changed.emit(this.kit().map((need, i) => (i === index ? { ...need, ...change } : need)));
  }
  protected setPer(index: number, per: string): void {
    this.set(index, { per: per === 'room' ? 'room' : 'person' });
  }
  protected instead(index: number, kit: string): void {
    const need = this.kit()[index];
    if (!need || kit === '' || need.substitutes.some((s) => s.kit === kit)) return;
    this.set(index, { substitutes: [...need.substitutes, { kit: kit as KitId, changes: '' }] });
  }
  protected substitute(index: number, at: number, changes: string): void {
    const list = this.kit()[index]?.substitutes ?? [];
    this.set(index, { substitutes: list.map((s, i) => (i === at ? { ...s, changes } : s)) });
  }
  protected without(need: KitNeed, at: number): Substitute[] {
    return need.substitutes.filter((_, i) => i !== at);
  }
  protected drop(index: number): void {
    this.changed.emit(this.kit().filter((_, i) => i !== index));
  }
}
