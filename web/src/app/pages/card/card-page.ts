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
import { sayLength, sayTime } from '@core/say-time';
import { type ItemTime, putOut, slotFit, taughtOrder } from '@core/timeline';
import { ClassReader } from '../../data/class-reader';
import { Loading } from '../../parts/loading/loading';
import { clockAfter } from '../../parts/saying/instant-words';
import { breathWords, doseWords, flowWords, nameOf, sideOrder, tempoWords } from '../../parts/saying/item-words';
import { levelLines, levelWords, mainWords } from '../../parts/saying/level-words';
import { cautionsFor, concernNames, takeOffWords } from '@core/exercise';
import { checkName } from '@core/measure';
import { type Item, type Plan, findAny } from '@core/plan';
import { putOutWords } from '../../parts/saying/kit-words';

/** Sizes of the print in points, from easy to read at arm's length down to the least that can be read. */
const largestPoints = 10.5;
const leastPoints = 6;
/** What A4 holds inside margins of 10 mm, in px at 96 to the inch, less a hair. */
const pageHeightPx = (277 / 25.4) * 96 - 6;

interface CardItem {
  readonly name: string;
  readonly level: string;
  /** Easier and harder, easiest first, with what each needs. */
  readonly options: readonly string[];
  readonly dose: string;
  readonly tempo: string;
  readonly order: string;
  readonly kit: string;
  readonly cue: string;
  readonly breath: string;
  readonly fault: string;
  /** What somebody in this room has to mind; empty where nobody has. */
  readonly caution: string;
  readonly note: string;
}
interface CardRow {
  readonly key: string;
  readonly start: string;
  /** A pause to compare, or the second foot of an item; empty for an item itself. */
  readonly again: string;
  readonly item: CardItem | null;
  /** Talk of its own: what it is called, how long, what there is to say. */
  readonly talk: { readonly name: string; readonly length: string; readonly note: string } | null;
}

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
    const times = new Map(timeline.items.map((t) => [t.itemId, t]));
    const order = taughtOrder(plan, timeline);
    const blocks = plan.blocks.map((block) => ({
      id: block.id,
      name: flowWords(block) ? `${block.name}: ${flowWords(block)}` : block.name,
      rows: (order.get(block.id) ?? []).flatMap((stretch, at): CardRow[] => {
        const key = `${block.id} ${at}`;
        const start = this.clock(stretch.startMs);
        const again = (words: string): CardRow => ({ key, start, again: words, item: null, talk: null });
        if (stretch.itemId === null) return [again('Stand and compare the feet')];
        const time = times.get(stretch.itemId);
        const found = findAny(plan, stretch.itemId)?.item;
        if (found?.kind === 'talk') {
          const talk = { name: found.name, length: sayLength(stretch.totalMs), note: found.note };
          return [{ key, start, again: '', item: null, talk }];
        }
        const item = found;
        if (!time?.execution || !item) return [];
        const name = nameOf(plan, time);
        if (item.wornUntil !== null && stretch.visit > 1) return [again(takeOffWords(time.execution))];
        // The second foot of a ring does the same again: its time is enough.
        if (stretch.visit > 1) return [again(`${name}: ${stretch.feet}`)];
        return [{ key, start, again: '', item: this.item(plan, time, item), talk: null }];
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

  private item(plan: Plan, time: ItemTime, item: Item): CardItem {
    const words = plan.school.words;
    const { execution } = time;
    if (!execution) throw new RangeError('an item on the card has its exercise');
    const [fault] = execution.faults;
    const [caution] = plan.brief.concerns.length > 0 ? cautionsFor(execution.cautions, plan.brief.concerns) : [];
    const levels = levelLines(plan, time);
    return {
      name: nameOf(plan, time),
      level: mainWords(levels.find((line) => line.which === 'main')),
      options: levels.filter((line) => line.which !== 'main').map(levelWords),
      dose: doseWords(plan, time),
      tempo: tempoWords(item, execution),
      order: sideOrder(plan, time),
      kit: execution.kit.map((need) => kitNames[need.kit]).join(', '),
      cue: item.cues.action ?? execution.cues.action[words],
      breath: breathWords(plan, item, execution),
      fault: fault ? `${fault.seen}: “${fault.say}”` : '',
      caution: caution ? `${concernNames[caution.concern]}: ${caution.words}` : '',
      note: [item.check ? `Check: ${checkName(item.check)}.` : '', item.note].filter((w) => w !== '').join(' '),
    };
  }

  protected print(): void {
    window.print();
  }

  private clock(ms: number): string {
    return clockAfter(this.startsAt(), ms) ?? sayTime(ms);
  }
}
