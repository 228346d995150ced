import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { mdiArrowDown, mdiArrowUp, mdiClose } from '@mdi/js';
import { bothFeet } from '@core/footprint';
import { type HomeItem, type Settled, type Trade, mindsIn, tellingPhase, tradeWords } from '@core/homework';
import { WhoSees } from '../../data/who-sees';
import { DoseParts } from '../../parts/dose/dose-parts';
import { NumberField } from '../../parts/dose/number-field';
import { Foot } from '../../parts/footprints/foot';
import { Icon } from '../../parts/icon/icon';
import { SheetStore } from './sheet-store';

/** One exercise of a sheet: how much, how often, what that comes to, and where it hides in the day. */
@Component({
  selector: 'nw-home-item',
  imports: [DoseParts, Foot, Icon, NumberField],
  templateUrl: './item-card.html',
  styleUrl: './item-card.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ItemCard {
  protected readonly sheet = inject(SheetStore);
  private readonly sees = inject(WhoSees);
  readonly settled = input.required<Settled>();
  readonly number = input.required<number>();
  readonly trades = input.required<readonly Trade[]>();
  readonly changed = output<Partial<HomeItem>>();
  readonly moved = output<1 | -1>();
  readonly removed = output();

  protected readonly icons = { up: mdiArrowUp, down: mdiArrowDown, close: mdiClose };
  protected readonly sets = Array.from({ length: 10 }, (_, i) => i + 1);
  protected readonly hiding = [
    'after breakfast, still at the table',
    'while the kettle boils',
    'brushing your teeth, a hand on the basin',
    'at the desk, before lunch',
    'on the phone',
    'with the evening news',
    'before bed',
  ];
  protected readonly name = computed(() => this.settled().exercise.name[this.sheet.words()]);
  protected readonly rungs = computed(() => this.settled().exercise.ladder?.rungs ?? []);
  protected readonly feet = computed(() => bothFeet(tellingPhase(this.settled().execution), 'both'));
  protected readonly lengths = computed(() => {
    const { phases, phaseSeconds } = this.settled().execution;
    return phases.map(({ name }, i) => ({ name, seconds: phaseSeconds[i] ?? 1 }));
  });
  protected readonly minds = computed(() => {
    const asked = this.sheet.asked();
    return asked && !this.sees.others() ? mindsIn(this.settled(), asked) : [];
  });
  protected readonly tradeWords = tradeWords;

  protected fewest(least: number): void {
    const [, most] = this.settled().item.sets;
    this.changed.emit({ sets: [least, Math.max(least, most)] });
  }

  protected most(most: number): void {
    const [least] = this.settled().item.sets;
    this.changed.emit({ sets: [Math.min(least, most), most] });
  }
}
