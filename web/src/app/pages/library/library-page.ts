import { CdkFixedSizeVirtualScroll, CdkVirtualForOf, CdkVirtualScrollViewport } from '@angular/cdk/scrolling';
import { ChangeDetectionStrategy, Component, type OnInit, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatFormField, MatLabel } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { RouterLink } from '@angular/router';
import { mdiPlus } from '@mdi/js';
import type { ExerciseRevision } from '@core/contract';
import {
  type Axis,
  type Concern,
  Axis as axes,
  axisNames,
  Concern as concerns,
  concernNames,
  Family as families,
  type Family,
  familyNames,
  type Position,
  Position as positions,
  positionNames,
} from '@core/exercise';
import { type Floor, Floor as floors, type KitId, KitId as kits, kitNames } from '@core/kit';
import { type LibraryFilter, noFilter, suits } from '@core/library';
import { sayTime } from '@core/say-time';
import { Foot } from '../../parts/footprints/foot';
import { Icon } from '../../parts/icon/icon';
import { Loading } from '../../parts/loading/loading';
import { otherSchool } from '../../parts/saying/school-words';
import { Preferences } from '../../data/preferences';
import { TopBar } from '../../parts/top/top-bar';
import { LibraryStore } from '../../data/library-store';

const everywhere: readonly KitId[] = ['chair', 'wall', 'mat', 'mirror', 'barre', 'metronome'];
const minutes = [1, 2, 3, 5, 8, 10];

/** Every exercise, found by any word, narrowed by a sentence. */
@Component({
  selector: 'nw-library-page',
  imports: [
    CdkFixedSizeVirtualScroll,
    CdkVirtualForOf,
    CdkVirtualScrollViewport,
    Icon,
    Loading,
    MatButton,
    MatFormField,
    MatInput,
    MatLabel,
    RouterLink,
    Foot,
    TopBar,
  ],
  templateUrl: './library-page.html',
  styleUrl: './library-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'key($event)' },
})
export class LibraryPage implements OnInit {
  protected readonly store = inject(LibraryStore);
  protected readonly preferences = inject(Preferences);

  protected readonly icons = { add: mdiPlus };
  protected readonly asked = signal('');
  protected readonly filter = signal<LibraryFilter>(noFilter);
  protected readonly mine = signal(false);

  protected readonly choices = {
    family: families.options.map((id) => ({ id, words: familyNames[id].toLowerCase() })),
    position: positions.options.map((id) => ({ id, words: positionNames[id] })),
    floor: floors.options.map((id) => ({ id, words: id })),
    kit: kits.options.filter((id) => !everywhere.includes(id)).map((id) => ({ id, words: kitNames[id] })),
    concern: concerns.options.map((id) => ({ id, words: concernNames[id] })),
    axis: axes.options.map((id) => ({ id, words: axisNames[id] })),
    minutes,
  };

  protected readonly found = computed<readonly ExerciseRevision[]>(() => {
    const ranked = this.store.index().find(this.asked(), this.preferences.words());
    const filter = { ...this.filter(), school: this.mine() ? this.preferences.school() : null };
    const list = (this.store.exercises() ?? []).filter(
      (r) => (ranked === null || ranked.has(r.exercise.id)) && suits(r.exercise, filter, () => this.store.usualMs(r)),
    );
    if (ranked === null) return list;
    return list.sort((a, b) => (ranked.get(a.exercise.id) ?? 0) - (ranked.get(b.exercise.id) ?? 0));
  });
  protected readonly narrowed = computed(
    () => this.mine() || this.asked() !== '' || Object.values(this.filter()).some((v) => v !== null),
  );
  protected readonly kitChoice = computed(() => {
    const kit = this.filter().kit;
    if (kit === null) return '';
    return kit.length === 0 ? 'none' : (kit.find((k) => !everywhere.includes(k)) ?? 'furniture');
  });

  ngOnInit(): void {
    this.store.load();
  }

  protected set(change: Partial<LibraryFilter>): void {
    this.filter.update((filter) => ({ ...filter, ...change }));
  }
  protected readonly asFamily = (value: string) => (value === '' ? null : (value as Family));
  protected readonly asPosition = (value: string) => (value === '' ? null : (value as Position));
  protected readonly asFloor = (value: string) => (value === '' ? null : (value as Floor));
  protected readonly asConcern = (value: string) => (value === '' ? null : (value as Concern));
  protected readonly asAxis = (value: string) => (value === '' ? null : (value as Axis));
  protected readonly asMs = (value: string) => (value === '' ? null : Number(value) * 60_000);
  protected readonly minutesOf = (ms: number | null) => (ms === null ? '' : String(ms / 60_000));
  protected asKit(value: string): readonly KitId[] | null {
    if (value === '') return null;
    if (value === 'none') return [];
    return value === 'furniture' ? everywhere : [...everywhere, value as KitId];
  }

  protected clear(): void {
    this.asked.set('');
    this.mine.set(false);
    this.filter.set(noFilter);
  }

  protected key(event: KeyboardEvent): void {
    const typing = event.target instanceof HTMLElement && event.target.matches('input, select, textarea');
    if (event.key !== '/' || typing) return;
    event.preventDefault();
    document.querySelector<HTMLInputElement>('nw-library-page input[type="search"]')?.focus();
  }

  protected readonly track = (_: number, r: ExerciseRevision): string => r.revision;

  /** One exercise as a row of the list. */
  protected row(r: ExerciseRevision) {
    const { exercise } = r;
    const { performance, ladder } = exercise;
    const words = this.preferences.school().words;
    const kit = performance.kit.map((need) => kitNames[need.kit]).join(', ');
    return {
      id: exercise.id,
      name: exercise.name[words],
      also: exercise.name[words === 'plain' ? 'anatomical' : 'plain'],
      purpose: exercise.purpose,
      line: [familyNames[exercise.family], positionNames[performance.position], kit]
        .filter((w) => w !== '')
        .join(' · '),
      time: sayTime(this.store.usualMs(r)),
      rungs: ladder ? `${ladder.rungs.length} rungs` : '',
      mark: r.origin === 'own' ? 'yours' : r.changed ? 'changed by you' : '',
      school: otherSchool(exercise, this.preferences.school(), 'you'),
      state: performance.phases[0]?.working,
    };
  }
}
