import { ChangeDetectionStrategy, Component, computed, effect, inject, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { type Region, directionNames, familyNames, oppositeOf, regionNames } from '@core/exercise';
import { type Against, against, busier } from '@core/load';
import { sayTime } from '@core/say-time';
import { loadRuleIds } from '@core/sequence';
import { costWords } from '../../../parts/saying/cost-words';
import { GroupLoadsFile } from '../../../data/group-loads-file';
import { type TrackRow, Tracks } from '../../../parts/tracks/tracks';
import { sayDay } from '../../../parts/saying/instant-words';
import { PlanStore } from '../../designer/plan-store';
import { ReviewStream } from '../../designer/review-stream';
import { Looked } from '../looked';
import { WorkChart } from './work-chart';

const standsWords: Readonly<Record<Against['stands'], string>> = {
  more: '▲ more than in any of them',
  less: '▽ less than in any of them',
  'as usual': '',
  'no class before': '',
};

/** What a class asks of the feet: by region over time, rises and landings, both legs, where it piles up. */
@Component({
  selector: 'nw-load-view',
  imports: [MatButton, RouterLink, Tracks, WorkChart],
  providers: [GroupLoadsFile],
  templateUrl: './load-view.html',
  styleUrls: ['../view.scss', './load-view.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LoadView {
  protected readonly store = inject(PlanStore);
  protected readonly looked = inject(Looked);
  private readonly reviewed = inject(ReviewStream);
  protected readonly file = inject(GroupLoadsFile);

  protected readonly load = this.looked.load;
  private readonly words = computed(() => (this.store.plan()?.school.words === 'anatomical' ? 1 : 0));
  protected readonly totalMs = computed(() => this.store.timeline()?.totalMs ?? 0);

  /** What each foot has, a line each. */
  protected readonly feet = computed(() => {
    const load = this.load();
    if (!load) return [];
    return (['left', 'right'] as const).map((foot) => ({
      foot,
      rises: load.rises[foot],
      landings: load.landings[foot],
      works: sayTime(load.worksMs[foot]),
      stands: sayTime(load.standsMs[foot]),
      balance: load.balance[foot].toFixed(1),
    }));
  });
  protected readonly rows = computed((): TrackRow[] => {
    const [timeline, load] = [this.store.timeline(), this.load()];
    if (!timeline || !load) return [];
    return load.regions.map(({ region }) => ({
      id: region,
      name: this.regionName(region),
      spans: timeline.items.flatMap(({ execution, visits }) => {
        const weight = execution?.regions[region] ?? 0;
        return weight === 0 ? [] : visits.map(({ startMs, endMs }) => ({ startMs, endMs, weight }));
      }),
    }));
  });
  /** The same in words: each region, hardest first. */
  protected readonly regions = computed(() =>
    [...(this.load()?.regions ?? [])]
      .sort((a, b) => busier(b.load) - busier(a.load))
      .map(({ region, load, hardMs, longestMs }) => ({
        region,
        name: this.regionName(region),
        load: Math.round(busier(load)),
        hard: hardMs === 0 ? '' : sayTime(hardMs),
        longest: longestMs === 0 ? '' : sayTime(longestMs),
      })),
  );
  /** Where it piles up, and one step that relieves it. */
  protected readonly piles = computed(() =>
    this.reviewed
      .findings()
      .filter(({ rule, accepted }) => accepted === null && loadRuleIds.includes(rule))
      .map((finding) => ({ ...finding, said: finding.words(), relief: finding.mend() })),
  );

  protected readonly families = computed(() =>
    this.shares(this.load()?.families.map(({ family, ms }) => ({ name: familyNames[family], ms }))),
  );
  /** Directions with their opposites, so that what is missing shows. */
  protected readonly directions = computed(() => {
    const found = new Map(this.load()?.directions.map(({ direction, ms }) => [direction, ms]) ?? []);
    return (['ankle-up', 'turn-in', 'toes-curl', 'toes-spread'] as const).map((one) => {
      const other = oppositeOf[one];
      const side = (direction: typeof one | typeof other) => ({
        name: directionNames[direction][this.words()],
        ms: found.get(direction) ?? 0,
        time: sayTime(found.get(direction) ?? 0),
      });
      return [side(one), side(other)] as const;
    });
  });

  /** This class against the last ones of its group, figure by figure. */
  protected readonly before = computed(() => {
    const [load, found] = [this.load(), this.file.loads().value];
    if (!load || !found) return null;
    const { taught } = found;
    const row = (name: string, now: number, were: readonly number[]) => {
      const of = against(Math.round(now), were.map(Math.round));
      return { name, ...of, words: standsWords[of.stands] };
    };
    const regions = load.regions.map(({ region, load: each }) =>
      row(
        this.regionName(region),
        busier(each),
        taught.map((one) => busier(one.load.regions[region] ?? none)),
      ),
    );
    return {
      classes: taught.map(({ runId, title, startedAt }) => ({ runId, title, day: sayDay(startedAt) })),
      rows: [
        row(
          'rises on a foot',
          busier(load.rises),
          taught.map((one) => busier(one.load.rises)),
        ),
        row(
          'landings on a foot',
          busier(load.landings),
          taught.map((one) => busier(one.load.landings)),
        ),
        ...regions.filter(({ stands }) => stands !== 'as usual').sort((a, b) => b.now - a.now),
      ],
      usual: regions.filter(({ stands }) => stands === 'as usual').map(({ name }) => name),
    };
  });
  protected readonly groupId = computed(() => this.store.plan()?.brief.groupId ?? null);

  constructor() {
    effect(() => {
      const id = this.groupId();
      if (id !== null) untracked(() => this.file.ask(id));
    });
  }

  protected askAgain(): void {
    const id = this.groupId();
    if (id !== null) this.file.ask(id);
  }

  protected readonly costOf = costWords;

  private regionName(region: Region): string {
    return regionNames[region][this.words()];
  }

  private shares(list: readonly { readonly name: string; readonly ms: number }[] = []) {
    const all = list.reduce((sum, { ms }) => sum + ms, 0);
    return list
      .map((one) => ({ ...one, time: sayTime(one.ms), percent: all === 0 ? 0 : Math.round((100 * one.ms) / all) }))
      .sort((a, b) => b.ms - a.ms);
  }
}

const none = { left: 0, right: 0 };
