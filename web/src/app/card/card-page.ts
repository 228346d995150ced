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
import { firstValueFrom } from 'rxjs';
import type { ClassRead } from '@core/contract';
import { type KitId, isFetched, kitNames } from '@core/kit';
import { sayTime } from '@core/say-time';
import { buildTimeline, slotFit } from '@core/timeline';
import { ClassApi } from '../api/class-api';
import { failureOf, failureWords } from '../api/problem';
import { doseWords, sideOrder } from '../saying/item-words';

/** Sizes of the print in points, from easy to read at arm's length down to the least that can be read. */
const largestPoints = 10.5;
const leastPoints = 6;
/** What A4 holds inside margins of 10 mm, in px at 96 to the inch, less a hair. */
const pageHeightPx = (277 / 25.4) * 96 - 6;

/** The class on one A4 page, to hold at floor level. */
@Component({
  selector: 'nw-card-page',
  imports: [MatButton, RouterLink],
  templateUrl: './card-page.html',
  styleUrl: './card-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CardPage implements OnInit {
  readonly id = input.required<string>();
  private readonly api = inject(ClassApi);
  private readonly read = signal<ClassRead | null>(null);
  protected readonly failure = signal<string | null>(null);
  /** Clock time at which the class starts; class time from 0:00 without it. */
  protected readonly startsAt = signal('');

  protected readonly card = computed(() => {
    const read = this.read();
    if (!read) return null;
    const { plan } = read;
    const known = new Map(read.revisions.map((r) => [r.revision, r.exercise]));
    const timeline = buildTimeline({ plan, find: (revision) => known.get(revision) ?? null });
    const words = plan.school.words;
    const times = new Map(timeline.items.map((t) => [t.itemId, t]));
    const blocks = plan.blocks.map((block) => ({
      id: block.id,
      name: block.flow === 'by-foot' ? `${block.name}: one whole foot, compare, the other` : block.name,
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
      kit: kitOf(
        timeline.items.map((t) => t.execution?.kit ?? []),
        plan.brief.people,
      ),
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
    void this.open();
  }

  protected async open(): Promise<void> {
    this.failure.set(null);
    try {
      this.read.set(await firstValueFrom(this.api.read(this.id())));
    } catch (error) {
      this.failure.set(failureWords(failureOf(error)));
    }
  }

  protected print(): void {
    window.print();
  }

  private clock(ms: number): string {
    const [hours, minutes] = this.startsAt().split(':').map(Number);
    if (hours === undefined || minutes === undefined || Number.isNaN(hours + minutes)) return sayTime(ms);
    const total = hours * 3600 + minutes * 60 + Math.round(ms / 1000);
    const two = (n: number) => String(n).padStart(2, '0');
    return `${two(Math.floor(total / 3600) % 24)}:${two(Math.floor(total / 60) % 60)}:${two(total % 60)}`;
  }
}

/** What to put out: the most of each piece that any item needs at once. */
function kitOf(
  items: readonly (readonly { kit: KitId; per: 'person' | 'room'; count: number }[])[],
  people: number | null,
): string {
  const most = new Map<KitId, string>();
  for (const { kit, per, count } of items.flat()) {
    if (isFetched(kit)) most.set(kit, per === 'room' ? `${count}` : people === null ? 'one each' : `${count * people}`);
  }
  return [...most]
    .map(([kit, n]) => `${kitNames[kit]} × ${n}`)
    .join(' · ')
    .replaceAll('× one each', '(one each)');
}
