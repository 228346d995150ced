import { ChangeDetectionStrategy, Component, type OnInit, computed, inject } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { MatButton } from '@angular/material/button';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { RouterLink } from '@angular/router';
import { of, switchMap } from 'rxjs';
import { fileOf } from '../../data/file-of';
import { ClassPackages } from '../../data/class-packages';
import { ClassList } from '../../data/class-list';
import { isEverything } from '../../data/loading';
import { ListFinder } from '../../parts/finder/list-finder';
import { Loading } from '../../parts/loading/loading';
import { LeftList } from '../../parts/waiting/left-list';
import { TopBar } from '../../parts/top/top-bar';
import { NewClassMenu } from '../../parts/new-class/new-class-menu';
import { SlotChoice } from '../../parts/new-class/slot-choice';
import { ClassTile } from '../../parts/class-tile/class-tile';
import { ClassesHere } from '../../parts/here/classes-here';

/** The instructor's classes, each with its thread. */
@Component({
  selector: 'nw-classes-page',
  imports: [
    ClassTile,
    ClassesHere,
    LeftList,
    ListFinder,
    Loading,
    MatButton,
    MatMenu,
    MatMenuItem,
    MatMenuTrigger,
    NewClassMenu,
    RouterLink,
    SlotChoice,
    TopBar,
  ],
  providers: [ClassList],
  templateUrl: './classes-page.html',
  styleUrl: './classes-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClassesPage implements OnInit {
  protected readonly fileOf = fileOf;
  protected readonly list = inject(ClassList);

  protected readonly cards = computed(() => this.list.classes().value?.items ?? []);
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
