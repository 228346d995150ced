import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { outsideWords } from '@core/course';
import { Region, regionNames } from '@core/exercise';
import { type WeekLoad, defaultLoadRules, landingsIn, risesIn, steepWords } from '@core/load';
import { CourseFile } from '../../data/course-file';
import { LibraryStore } from '../../data/library-store';
import { Preferences } from '../../data/preferences';
import { NumberField } from '../../parts/dose/number-field';
import { Loading } from '../../parts/loading/loading';
import { sayDate } from '../../parts/saying/date-words';
import { TopBar } from '../../parts/top/top-bar';
import { type Drawn, LoadChart } from './load-chart';
import { LoadStore } from './load-store';

/** The regions that a week loads most, in words. */
const mostRegions = 3;

/** Load over the weeks of a course: rises, landings and regions, from class, homework and outside together. */
@Component({
  selector: 'nw-course-load-page',
  imports: [LoadChart, Loading, MatButton, NumberField, RouterLink, TopBar],
  providers: [CourseFile, LoadStore],
  templateUrl: './course-load-page.html',
  styleUrl: './course-load-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CourseLoadPage {
  protected readonly file = inject(CourseFile);
  protected readonly load = inject(LoadStore);
  protected readonly preferences = inject(Preferences);
  private readonly library = inject(LibraryStore);
  readonly id = input.required<string>();

  protected readonly drawn = signal<Drawn>('rises');
  protected readonly rules = this.preferences.loadRules;
  protected readonly isOurs = computed(() => JSON.stringify(this.rules()) === JSON.stringify(defaultLoadRules));
  protected readonly scales = {
    percent: [0, 10, 15, 20, 25, 30, 40, 50, 75, 100, 150, 200],
    landings: [0, 20, 30, 40, 50, 60, 80, 100, 150, 200, 300, 500],
    least: [0, 5, 10, 15, 20, 30, 40, 50, 100],
  };
  private readonly words = computed(() => (this.preferences.school().words === 'plain' ? 0 : 1));
  protected readonly choices = computed((): readonly { readonly id: Drawn; readonly name: string }[] => [
    { id: 'rises', name: 'rises on a foot' },
    { id: 'landings', name: 'landings on a foot' },
    ...Region.options.map((region) => ({
      id: region,
      name: `load of the ${regionNames[region][this.words()]}`,
    })),
  ]);
  protected readonly outside = computed(() => {
    const course = this.file.course();
    return course ? outsideWords(course) : '';
  });
  protected readonly steepDrawn = computed(() =>
    this.load
      .steep()
      .filter(({ of }) => of === this.drawn())
      .map(({ week }) => week),
  );
  protected readonly faults = computed(() =>
    this.load.steepWeeks().map(({ steep, cure, looked }) => ({
      key: `${steep.week} ${steep.of} ${steep.why}`,
      words: steepWords(steep, this.weekName(steep.week)),
      cure,
      looked,
    })),
  );
  protected readonly rows = computed(() => {
    const steep = new Set(this.load.steep().map(({ week, of }) => `${week} ${of}`));
    return this.load.weeks().map((week) => ({
      ...week,
      from: sayDate(week.monday),
      isNow: week.week === this.load.now(),
      risen: risesIn(week),
      landed: landingsIn(week),
      risesGrow: percentWords(week.risesPercent),
      landingsGrow: percentWords(week.landingsPercent),
      risesSteep: steep.has(`${week.week} rises`),
      landingsSteep: steep.has(`${week.week} landings`),
      parts: partsOf(week),
      most: [...week.regions]
        .sort((a, b) => b.load - a.load)
        .slice(0, mostRegions)
        .map(({ region, load }) => `${regionNames[region][this.words()]} ${load}`)
        .join(', '),
    }));
  });
  protected readonly isEmpty = computed(() =>
    this.load.weeks().every((week) => landingsIn(week) + risesIn(week) === 0 && week.regions.length === 0),
  );

  constructor() {
    this.library.load();
    this.preferences.load();
    effect(() => {
      const id = this.id();
      untracked(() => {
        this.file.open(id);
        this.load.open(id);
      });
    });
  }

  protected choose(chosen: string): void {
    const found = this.choices().find(({ id }) => id === chosen);
    if (found) this.drawn.set(found.id);
  }

  private weekName(week: number): string {
    const found = this.load.weeks()[week];
    return `week ${week + 1}${found ? `, from ${sayDate(found.monday)},` : ''}`;
  }
}

const percentWords = (percent: number | null): string =>
  percent === null ? '' : `${percent > 0 ? '+' : percent < 0 ? '−' : '±'}${Math.abs(percent)} %`;

/** Where the load of a week comes from, in words. */
function partsOf({ rises, landings }: WeekLoad): string {
  const names = { outside: 'outside', taught: 'taught', planned: 'planned', home: 'at home' };
  return (['outside', 'taught', 'planned', 'home'] as const)
    .filter((source) => rises[source] + landings[source] > 0)
    .map((source) => {
      const said = [
        rises[source] > 0 ? `${Math.round(rises[source])} rises` : '',
        landings[source] > 0 ? `${Math.round(landings[source])} landings` : '',
      ];
      return `${names[source]} ${said.filter((words) => words !== '').join(' and ')}`;
    })
    .join('; ');
}
