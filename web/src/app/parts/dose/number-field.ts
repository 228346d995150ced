import {
  ChangeDetectionStrategy,
  Component,
  type ElementRef,
  Injector,
  afterNextRender,
  computed,
  inject,
  input,
  linkedSignal,
  output,
  viewChild,
} from '@angular/core';
import { mdiMinus, mdiPlus } from '@mdi/js';
import { nextSayable } from '@core/dose';
import { Icon } from '../icon/icon';
import { doingOf } from '../keys/key-table';
import { numberKeys } from './number-keys';

/**
 * A number inside a sentence: type it, or step along the values that teachers say with the arrow keys or the two
 * buttons. What is not a number goes back to what it was.
 */
@Component({
  selector: 'nw-number',
  imports: [Icon],
  template: `
    <span class="number">
      <button type="button" tabindex="-1" aria-hidden="true" (click)="step(-1)"><nw-icon [path]="icons.less" /></button>
      <input
        #field
        type="text"
        inputmode="decimal"
        role="spinbutton"
        autocomplete="off"
        [attr.aria-label]="label()"
        [attr.aria-valuenow]="value()"
        [style.width.ch]="wide()"
        [value]="shown()"
        (input)="shown.set(field.value)"
        (change)="commit()"
        (keydown)="key($event)"
        (focus)="field.select()"
      />
      @if (unit()) {
        <span class="unit">{{ unit() }}</span>
      }
      <button type="button" tabindex="-1" aria-hidden="true" (click)="step(1)"><nw-icon [path]="icons.more" /></button>
    </span>
  `,
  styleUrl: './number-field.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NumberField {
  readonly value = input.required<number>();
  readonly label = input.required<string>();
  readonly unit = input('');
  readonly scale = input.required<readonly number[]>();
  readonly changed = output<number>();

  protected readonly icons = { less: mdiMinus, more: mdiPlus };
  protected readonly shown = linkedSignal(() => String(this.value()));
  protected readonly wide = computed(() => Math.max(2, this.shown().length + 0.6));
  private readonly injector = inject(Injector);
  private readonly field = viewChild.required<ElementRef<HTMLInputElement>>('field');

  protected step(direction: 1 | -1): void {
    const next = nextSayable(this.value(), direction, this.scale());
    if (next !== this.value()) this.changed.emit(next);
  }

  protected commit(): void {
    const typed = Number(this.shown().trim().replace(',', '.'));
    if (this.shown().trim() !== '' && Number.isFinite(typed) && typed !== this.value()) this.changed.emit(typed);
    // Once the page has settled the field shows what holds now: the new number, or the old one where it was refused.
    afterNextRender(
      () => {
        this.shown.set(String(this.value()));
        this.field().nativeElement.value = String(this.value());
      },
      { injector: this.injector },
    );
  }

  protected key(event: KeyboardEvent): void {
    const doing = doingOf(numberKeys, event);
    if (doing === 'back') this.shown.set(String(this.value()));
    else if (doing) {
      event.preventDefault();
      this.step(doing === 'more' ? 1 : -1);
    }
  }
}
