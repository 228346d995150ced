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
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { RouterLink } from '@angular/router';
import { cardFoot, cardOf, clockAfter } from '@core/card';
import { sayTime } from '@core/say-time';
import { ClassReader } from '../../data/class-reader';
import { Foot } from '../../parts/footprints/foot';
import { Loading } from '../../parts/loading/loading';
import { TopBar } from '../../parts/top/top-bar';

/** Sizes of the print in points, from easy to read at arm's length down to the least that can be read. */
const largestPoints = 10.5;
const leastPoints = 6;
/** What A4 holds inside margins of 10 mm, in px at 96 to the inch, less a hair. */
const pageHeightPx = (277 / 25.4) * 96 - 6;

/** The class on one A4 page, to hold at floor level. */
@Component({
  selector: 'nw-card-page',
  imports: [Foot, Loading, MatButton, MatMenu, MatMenuItem, MatMenuTrigger, RouterLink, TopBar],
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
    return timed ? cardOf(timed.plan, timed.timeline) : null;
  });
  protected readonly time = sayTime;
  protected readonly sides = ['left', 'right'] as const;
  protected readonly foot = cardFoot;
  private readonly sheet = viewChild<ElementRef<HTMLElement>>('sheet');
  /** The largest print at which everything stands on one page: measured, since words wrap as they like. */
  protected readonly points = signal(largestPoints);
  /** Without pictures, since there is no room for them. */
  protected readonly bare = signal(false);
  protected readonly tooLong = signal(false);

  constructor() {
    afterRenderEffect(() => {
      this.card();
      const element = this.sheet()?.nativeElement;
      if (!element) return;
      const fits = (points: number): boolean => {
        element.style.fontSize = `${points}pt`;
        return element.scrollHeight <= pageHeightPx;
      };
      const most = (least: number): number => {
        let points = largestPoints;
        while (!fits(points) && points > least) points -= 0.25;
        return points;
      };
      element.classList.remove('bare');
      element.classList.add('as-paper');
      const withFeet = most(leastPoints);
      // a class that is too long for pictures goes without: words are what cannot be left out
      const bare = !fits(withFeet);
      element.classList.toggle('bare', bare);
      const points = bare ? most(leastPoints) : withFeet;
      this.bare.set(bare);
      this.points.set(points);
      this.tooLong.set(!fits(points));
      element.classList.remove('as-paper');
    });
  }

  ngOnInit(): void {
    this.shown.open(this.id());
  }

  /** Where the card is as a PDF. */
  protected paper(size: 'usual' | 'large' | 'two'): string {
    const starts = this.startsAt();
    return `/api/classes/${this.id()}/card.pdf?size=${size}${starts === '' ? '' : `&starts=${starts}`}`;
  }
  protected table(): string {
    return `/api/classes/${this.id()}/order.csv`;
  }

  protected print(): void {
    window.print();
  }

  /** The time of day where it is known when the class starts, else class time. */
  protected clock(ms: number): string {
    return clockAfter(this.startsAt(), ms) ?? sayTime(ms);
  }
}
