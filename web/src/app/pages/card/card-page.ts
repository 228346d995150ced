import {
  ChangeDetectionStrategy,
  Component,
  type ElementRef,
  type OnInit,
  afterRenderEffect,
  computed,
  inject,
  input,
  signal,
  viewChild,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { kitNames } from '@core/kit';
import { sayTime } from '@core/say-time';
import { putOut, slotFit } from '@core/timeline';
import { ClassReader } from '../../data/class-reader';
import { Loading } from '../../parts/loading/loading';
import { clockAfter } from '../../parts/saying/instant-words';
import { doseWords, flowWords, sideOrder } from '../../parts/saying/item-words';
import { putOutWords } from '../../parts/saying/kit-words';

/** Sizes of the print in points, from easy to read at arm's length down to the least that can be read. */
const largestPoints = 10.5;
const leastPoints = 6;
/** What A4 holds inside margins of 10 mm, in px at 96 to the inch, less a hair. */
const pageHeightPx = (277 / 25.4) * 96 - 6;

/** The class on one A4 page, to hold at floor level. */
@Component({
  selector: 'nw-card-page',
  imports: [Loading, MatButton, RouterLink],
  providers: [ClassReader],
  templateUrl: './card-page.html',
  styleUrl: './card-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CardPage implements OnInit {
  readonly id = input.required<string>();
  protected readonly shown = inject(ClassReader);
  /** Clock time at which the class starts; class time from 0:00 without it. */
  protected readonly startsAt = signal('');

  protected readonly card = computed(() => {
    const timed = this.shown.timed();
    if (!timed) return null;
    const { plan, timeline } = timed;
    const words = plan.school.words;
    const times = new Map(timeline.items.map((t) => [t.itemId, t]));
    const blocks = plan.blocks.map((block) => ({
      id: block.id,
      name: flowWords(block) ? `${block.name}: ${flowWords(block)}` : block.name,
      rows: block.items.flatMap((item) => {
        const time = times.get(item.id);
        const exercise = time?.execution?.exercise;
        if (!time?.execution || !exercise) return [];
        const fault = time.execution.faults[0];
        return [
          {
            id: item.id,
            start: this.clock(time.startMs),
            name: exercise.name[words],
            dose: doseWords(plan, time),
            order: sideOrder(plan, time),
            kit: time.execution.kit.map((need) => kitNames[need.kit]).join(', '),
            cue: item.cues.action ?? time.execution.cues.action[words],
            fault: fault ? `${fault.seen}: “${fault.say}”` : '',
          },
        ];
      }),
    }));
    return {
      plan,
      blocks,
      total: sayTime(timeline.totalMs),
      free: slotFit(plan, timeline).overMs,
      ends: this.clock(timeline.totalMs),
      kit: putOutWords(putOut(plan, timeline)),
    };
  });
  protected readonly time = sayTime;
  private readonly sheet = viewChild<ElementRef<HTMLElement>>('sheet');
  /** The largest print at which everything stands on one page: measured, since words wrap as they like. */
  protected readonly points = signal(largestPoints);
  protected readonly tooLong = signal(false);

  constructor() {
    afterRenderEffect(() => {
      this.card();
      const element = this.sheet()?.nativeElement;
      if (!element) return;
      let points = largestPoints;
      const fits = () => {
        element.style.fontSize = `${points}pt`;
        return element.scrollHeight <= pageHeightPx;
      };
      while (!fits() && points > leastPoints) points -= 0.25;
      this.points.set(points);
      this.tooLong.set(!fits());
    });
  }

  ngOnInit(): void {
    this.shown.open(this.id());
  }

  protected print(): void {
    window.print();
  }

  private clock(ms: number): string {
    return clockAfter(this.startsAt(), ms) ?? sayTime(ms);
  }
}
