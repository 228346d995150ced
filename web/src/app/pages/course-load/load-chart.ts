import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { NgxEchartsDirective, provideEchartsCore } from 'ngx-echarts';
import type { EChartsCoreOption } from 'echarts/core';
import { type LoadSource, type WeekLoad, loadSources, sourceNames } from '@core/load';
import type { Region } from '@core/exercise';
import { Theme } from '../../theme/theme';
import { sayDate } from '../../parts/saying/date-words';
import { inkOf } from '../../parts/trend/chart-ink';

/** What is drawn of the weeks. */
export type Drawn = 'landings' | 'rises' | Region;

/** A bar a week, by where the load comes from; steep weeks have a mark. The table beside it says the same. */
@Component({
  selector: 'nw-load-chart',
  imports: [NgxEchartsDirective],
  providers: [provideEchartsCore({ echarts: () => import('./echarts-parts') })],
  template: `<div echarts [options]="options()" [autoResize]="true" aria-hidden="true"></div>`,
  styles: `
    :host,
    div {
      display: block;
      width: 100%;
      height: 260px;
      /* drawn anew a moment after the page has another width */
      overflow: hidden;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LoadChart {
  readonly weeks = input.required<readonly WeekLoad[]>();
  readonly drawn = input.required<Drawn>();
  /** Weeks that are too steep in what is drawn. */
  readonly steep = input.required<readonly number[]>();
  readonly now = input.required<number>();
  private readonly theme = inject(Theme);

  protected readonly options = computed((): EChartsCoreOption => {
    this.theme.choice();
    const [weeks, drawn, steep] = [this.weeks(), this.drawn(), new Set(this.steep())];
    const ink = colours();
    const isCount = drawn === 'landings' || drawn === 'rises';
    const rows: readonly { readonly name: string; readonly source: LoadSource | null; readonly colour: string }[] =
      isCount
        ? loadSources
            .filter((source) => weeks.some((week) => week[drawn][source] > 0))
            .map((source) => ({ name: sourceNames[source], source, colour: ink[source] }))
        : [{ name: 'all together', source: null, colour: ink.taught }];
    const valueOf = (week: WeekLoad, source: LoadSource | null): number => {
      if (isCount && source) return Math.round(week[drawn][source]);
      return week.regions.find(({ region }) => region === drawn)?.load ?? 0;
    };
    return {
      animation: false,
      // measured on a canvas, which does not inherit
      textStyle: { fontFamily: ink.family, color: ink.quiet },
      grid: { left: 48, right: 12, top: 34, bottom: 44 },
      legend: {
        top: 0,
        left: 0,
        itemWidth: 12,
        itemHeight: 12,
        textStyle: { color: ink.ink, fontFamily: ink.family },
        show: isCount,
      },
      xAxis: {
        type: 'category',
        data: weeks.map(({ week }) => String(week + 1)),
        axisLine: { lineStyle: { color: ink.hem } },
        axisTick: { show: false },
        axisLabel: {
          color: ink.quiet,
          lineHeight: 16,
          formatter: (name: string, i: number) =>
            `${steep.has(i) ? '▲ ' : ''}${name}${i === this.now() ? '\nnow' : ''}`,
        },
      },
      yAxis: {
        type: 'value',
        minInterval: 1,
        splitNumber: 4,
        splitLine: { lineStyle: { color: ink.hem, type: 'dashed' } },
      },
      tooltip: {
        trigger: 'axis',
        axisPointer: { type: 'shadow' },
        backgroundColor: ink.cloth,
        borderColor: ink.hem,
        textStyle: { color: ink.ink },
        formatter: (all: { dataIndex: number; seriesName: string; value: number }[]) => {
          const week = weeks[all[0]?.dataIndex ?? 0];
          const lines = all
            .filter(({ value }) => value > 0)
            .map(({ seriesName, value }) => `${seriesName}: <b>${value}</b>`);
          return week ? [`Week ${week.week + 1}, from ${sayDate(week.monday)}`, ...lines].join('<br>') : '';
        },
      },
      series: rows.map(({ name, source, colour }) => ({
        type: 'bar',
        name,
        stack: 'all',
        barMaxWidth: 34,
        itemStyle: {
          color: colour,
          borderColor: ink.cloth,
          borderWidth: 1,
          // not by colour alone: what is still to come is open, homework dotted
          ...(source === 'planned' || source === 'home'
            ? {
                decal: {
                  symbol: source === 'planned' ? 'rect' : 'circle',
                  dashArrayX: [1, 0],
                  dashArrayY: [3, 4],
                  rotation: 0.6,
                  color: ink.cloth,
                  symbolSize: 0.7,
                },
              }
            : {}),
        },
        data: weeks.map((week) => valueOf(week, source)),
      })),
    };
  });
}

const colours = () => ({
  family: getComputedStyle(document.body).fontFamily,
  ink: inkOf('ink'),
  quiet: inkOf('quiet'),
  hem: inkOf('hem'),
  cloth: inkOf('cloth'),
  outside: inkOf('hem-strong'),
  taught: inkOf('ink'),
  planned: inkOf('woad'),
  home: inkOf('weld'),
});
