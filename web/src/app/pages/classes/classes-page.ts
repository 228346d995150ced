import { ChangeDetectionStrategy, Component, type OnInit, computed, inject } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { RouterLink } from '@angular/router';
import { mdiDotsVertical, mdiPlay, mdiPlus } from '@mdi/js';
import { of, switchMap } from 'rxjs';
import { sayTime } from '@core/say-time';
import { ClassPackages } from '../../data/class-packages';
import { ClassList } from '../../data/class-list';
import { isEverything } from '../../data/loading';
import { Icon } from '../../parts/icon/icon';
import { ListFinder } from '../../parts/finder/list-finder';
import { Loading } from '../../parts/loading/loading';
import { LeftList } from '../../parts/waiting/left-list';
import { TopBar } from '../../parts/top/top-bar';
import { ClassOutline } from '../../parts/thread/class-outline';

const audiences = { dancers: 'Dancers', general: 'General', mixed: 'Mixed' } as const;

/** The instructor's classes, each with its thread. */
@Component({
  selector: 'nw-classes-page',
  imports: [
    ClassOutline,
    Icon,
    LeftList,
    ListFinder,
    Loading,
    MatButton,
    MatIconButton,
    MatMenu,
    MatMenuItem,
    MatMenuTrigger,
    RouterLink,
    TopBar,
  ],
  providers: [ClassList],
  templateUrl: './classes-page.html',
  styleUrl: './classes-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClassesPage implements OnInit {
  protected readonly list = inject(ClassList);

  protected readonly icons = { add: mdiPlus, more: mdiDotsVertical, run: mdiPlay };
  protected readonly cards = computed(() =>
    (this.list.classes().value?.items ?? []).map((summary) => {
      const overMs = summary.plannedMs - summary.slotSeconds * 1000;
      return {
        summary,
        audience: audiences[summary.audience],
        planned: sayTime(summary.plannedMs),
        over: overMs > 0,
        against: `${overMs > 0 ? `${sayTime(overMs)} over` : `${sayTime(-overMs)} free`} of ${summary.slotSeconds / 60} min`,
        items: `${summary.itemCount} ${summary.itemCount === 1 ? 'item' : 'items'}`,
      };
    }),
  );
  protected readonly hasMore = computed(() => (this.list.classes().value?.next ?? null) !== null);

  private readonly packages = inject(ClassPackages);
  /** Classes that were opened in this browser: shown where the server does not answer. */
  protected readonly here = toSignal(
    toObservable(computed(() => this.list.classes().status === 'failed')).pipe(
      switchMap((failed) => (failed ? this.packages.here() : of([]))),
    ),
    { initialValue: [] },
  );
  protected readonly narrowed = computed(() => !isEverything(this.list.narrowed()));
  /** A list of one page is read, not searched. */
  protected readonly long = computed(
    () => this.hasMore() || this.narrowed() || this.list.classes().value?.cut === true,
  );

  ngOnInit(): void {
    this.list.load();
  }
}
