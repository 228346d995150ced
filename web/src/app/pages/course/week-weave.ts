import { sayDay } from '../../parts/saying/date-words';
import { type CdkDragDrop, CdkDrag, CdkDropList, CdkDropListGroup } from '@angular/cdk/drag-drop';
import {
  ChangeDetectionStrategy,
  Component,
  type ElementRef,
  afterNextRender,
  computed,
  input,
  output,
  viewChild,
} from '@angular/core';
import type { CourseClass } from '@core/contract';
import { type Course, type CoursePlan, mondaysOf, phaseNames, weekOf } from '@core/course';
import { Temporal } from 'temporal-polyfill';
import { type ClassState, dayNames, stateOf, stateWords } from './course-words';

/** What a page has for the weeks, px; more of them are reached by scrolling. */
const roomPx = 976;
/** Height of one level, px. */
const levelPx = 11;

interface Chip {
  readonly key: string;
  readonly number: number;
  readonly state: ClassState;
  readonly label: string;
}

/** Weeks across, ladders down, each level a stitch; under it the days, where a class can be dragged to another date. */
@Component({
  selector: 'nw-week-weave',
  imports: [CdkDrag, CdkDropList, CdkDropListGroup],
  templateUrl: './week-weave.html',
  styleUrl: './week-weave.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WeekWeave {
  readonly course = input.required<Course>();
  readonly plan = input.required<CoursePlan>();
  readonly classes = input.required<readonly CourseClass[]>();
  readonly taught = input.required<readonly string[]>();
  readonly today = input.required<string>();
  readonly selected = input<string | null>(null);
  readonly words = input.required<'plain' | 'anatomical'>();
  readonly chosen = output<string>();
  readonly moved = output<{ readonly key: string; readonly to: string }>();

  private readonly weave = viewChild.required<ElementRef<HTMLElement>>('weave');

  constructor() {
    // on a narrow screen the week that is now comes first
    afterNextRender(() => {
      const now = this.weeks().findIndex((week) => week.now);
      if (now > 0) this.weave().nativeElement.scrollLeft = now * this.width();
    });
  }

  protected readonly width = computed(() => {
    const { weeks } = this.course();
    return Math.max(40, Math.min(110, Math.floor(roomPx / weeks)));
  });
  protected readonly weeks = computed(() =>
    mondaysOf(this.course()).map((monday, at) => ({
      at,
      number: at + 1,
      monday: Temporal.PlainDate.from(monday).toLocaleString('en-GB', { day: 'numeric', month: 'short' }),
      now: weekOf(this.course(), this.today()) === at,
    })),
  );

  /** Each phase from the week in which the plans begin it to the next one. */
  protected readonly phases = computed(() => {
    const begun = this.plan().doors.filter(({ begins }) => begins !== null);
    const weeks = this.course().weeks;
    return begun.map(({ phase, begins }, i) => {
      const from = begins ?? 0;
      const to = begun[i + 1]?.begins ?? weeks;
      return {
        kind: phase.kind,
        name: phaseNames[phase.kind],
        left: from * this.width(),
        width: Math.max(0, to - from) * this.width(),
      };
    });
  });

  protected readonly rows = computed(() => {
    const [{ climbs, sessions }, width] = [this.plan(), this.width()];
    const taught = new Set(this.taught());
    return climbs.map(({ exercise, at, to, short }) => {
      const rungs = exercise.ladder?.rungs ?? [];
      const levels = [...at.values()];
      const [low, high] = [Math.min(to, ...levels), Math.max(to, ...levels)];
      const height = (high - low) * levelPx + 26;
      const y = (index: number) => 13 + (high - index) * levelPx;
      const stitches = sessions.flatMap((session) => {
        const index = at.get(session.key);
        if (index === undefined) return [];
        const week = sessions.filter((one) => one.week === session.week);
        const slot = width / week.length;
        const x = session.week * width + slot * week.indexOf(session) + 3;
        const past = taught.has(session.key);
        return [{ key: session.key, x, to: x + slot - 6, y: y(index), index, past, week: session.week, up: false }];
      });
      const marked = stitches.map((stitch, i) => ({
        ...stitch,
        up: stitch.index > (stitches[i - 1]?.index ?? stitch.index),
      }));
      const thread = marked.map(({ x, to: end, y: h }, i) => `${i === 0 ? 'M' : 'L'}${x} ${h}L${end} ${h}`).join('');
      const said = marked
        .filter(({ up }, i) => up || i === 0)
        .map(({ week, index }) => `from week ${week + 1} ${rungs[index]?.name ?? ''}`);
      return {
        id: exercise.id,
        name: exercise.name[this.words()],
        aim: rungs[to]?.name ?? '',
        from: rungs[marked[0]?.index ?? -1]?.name ?? 'not in these weeks',
        height,
        aimY: y(to),
        thread,
        stitches: marked,
        short: short !== null,
        text: `${exercise.name[this.words()]}: ${said.join('; ')}. Aim: ${rungs[to]?.name ?? ''}.`,
      };
    });
  });

  protected readonly days = computed(() => {
    const { sessions } = this.plan();
    const course = this.course();
    const [found, taught] = [new Map(this.classes().map((one) => [one.key, one])), new Set(this.taught())];
    const mondays = mondaysOf(course);
    return dayNames.map((name, day) => ({
      name,
      short: name.slice(0, 3),
      cells: mondays.map((monday) => {
        const date = Temporal.PlainDate.from(monday).add({ days: day }).toString();
        const off = course.off.find(({ from, to }) => date >= from && date <= to);
        const chips = sessions
          .filter((session) => session.date === date && !session.off)
          .map((session): Chip => {
            const state = stateOf(session, found.get(session.key), taught, this.today());
            const moved = session.moved ? `, moved from ${sayDay(session.key)}` : '';
            return {
              key: session.key,
              number: session.number,
              state,
              label: `Class ${session.number}, ${sayDay(date)} ${session.time}, ${stateWords[state]}${moved}`,
            };
          });
        return {
          date,
          off: off ? (off.why === 'show' ? 'show' : 'closed') : '',
          note: off ? `${off.why === 'show' ? 'Show' : 'Closed'}${off.note ? `: ${off.note}` : ''}` : '',
          outside: date < course.from,
          chips,
        };
      }),
    }));
  });

  protected readonly shut = computed(() =>
    this.plan()
      .doors.filter(({ begins }) => begins === null)
      .map(({ phase }) => phaseNames[phase.kind]),
  );

  protected drop({ item, container }: CdkDragDrop<string>): void {
    const key = String(item.data);
    const session = this.plan().sessions.find((one) => one.key === key);
    if (session && session.date !== container.data) this.moved.emit({ key, to: container.data });
  }
}
