import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { type KitId, KitId as kits, type KitNeed, kitNames } from '@core/kit';

/** What is put out for an exercise, or for one rung of it. */
@Component({
  selector: 'nw-kit-sentence',
  template: `
    Kit{{ where() }}:
    @for (need of kit(); track need.kit; let i = $index) {
      <span class="chip">
        {{ names[need.kit] }}
        <select #per [attr.aria-label]="names[need.kit] + ' for whom'" (change)="setPer(i, per.value)">
          <option value="person" [selected]="need.per === 'person'">each</option>
          <option value="room" [selected]="need.per === 'room'">for the room</option>
        </select>
        <button type="button" [attr.aria-label]="'Without ' + names[need.kit]" (click)="drop(i)">×</button>
      </span>
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
  protected setPer(index: number, per: string): void {
    this.changed.emit(
      this.kit().map((need, i) => (i === index ? { ...need, per: per === 'room' ? 'room' : 'person' } : need)),
    );
  }
  protected drop(index: number): void {
    this.changed.emit(this.kit().filter((_, i) => i !== index));
  }
}
