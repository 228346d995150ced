import { ChangeDetectionStrategy, Component, type OnInit, computed, inject, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { doseWords, nameOf } from '@core/card';
import type { ClassSummary } from '@core/contract';
import { allItemsOf } from '@core/plan';
import { sayTime } from '@core/say-time';
import { outlineOf } from '@core/timeline';
import { Loading } from '../../parts/loading/loading';
import { byDay, sayClockTime } from '../../parts/saying/instant-words';
import { TopBar } from '../../parts/top/top-bar';
import { ClassOutline } from '../../parts/thread/class-outline';
import { EarlierStore } from './earlier-store';

/** How many changes of a state are said before the rest is a number. */
const saidChanges = 3;

/** The earlier states of a class by day, each with what changed in it; one to look at, and to have again. */
@Component({
  selector: 'nw-earlier-page',
  imports: [ClassOutline, Loading, MatButton, RouterLink, TopBar],
  providers: [EarlierStore],
  templateUrl: './earlier-page.html',
  styleUrl: './earlier-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EarlierPage implements OnInit {
  readonly id = input.required<string>();
  protected readonly store = inject(EarlierStore);

  protected readonly days = computed(() =>
    byDay(
      (this.store.states().value?.items ?? []).map((state, i, all) => ({
        ...state,
        // states thin out: the oldest one that is kept need not be the one that was made
        made: state.version === 1 && state.kind === 'saved',
        oldest: i === all.length - 1 && this.store.states().value?.next === null,
        now: i === 0 && state.kind === 'saved',
        at: sayClockTime(state.savedAt),
        changes: state.differs.slice(0, saidChanges),
        more: Math.max(0, state.differs.length - saidChanges),
      })),
      ({ savedAt }) => savedAt,
    ),
  );
  protected readonly title = computed(() => this.store.current().value?.plan.title ?? '');
  protected readonly shown = computed(() => {
    const shown = this.store.shown();
    if (!shown) return null;
    const { plan, timeline } = shown;
    const summary: Pick<ClassSummary, 'slotSeconds' | 'plannedMs' | 'outline'> = {
      slotSeconds: plan.slotSeconds,
      plannedMs: timeline.totalMs,
      outline: outlineOf(timeline),
    };
    return {
      ...shown,
      summary,
      time: `${sayTime(timeline.totalMs)} of ${plan.slotSeconds / 60} min`,
      lines: allItemsOf(plan).flatMap(({ id }) => {
        const time = timeline.items.find(({ itemId }) => itemId === id);
        return time ? [{ id, name: nameOf(plan, time), dose: doseWords(plan, time) }] : [];
      }),
    };
  });

  ngOnInit(): void {
    this.store.open(this.id());
  }
}
