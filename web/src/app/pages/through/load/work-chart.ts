import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { NgxEchartsDirective, provideEchartsCore } from 'ngx-echarts';
import type { EChartsCoreOption } from 'echarts/core';
import { sayTime } from '@core/say-time';
import { inkOf } from '../../../parts/trend/chart-ink';
import { Theme } from '../../../theme/theme';

interface Side {
  readonly name: string;
  readonly ms: number;
  readonly time: string;
}

/** A bar a kind of exercise, by its minutes. The table and the words beside it say the same. */
@Component({
  selector: 'nw-work-chart',
  imports: [NgxEchartsDirective],
  providers: [provideEchartsCore({ echarts: () => import('../../course-load/echarts-parts') })],
  template: `<div
    echarts
    [options]="options()"
    [style.height.px]="height()"
    [autoResize]="true"
    aria-hidden="true"
  ></div>`,
  styles: `
    :host,
    div {
      display: block;
      width: 100%;
      overflow: hidden;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WorkChart {
  readonly families = input<readonly { readonly name: string; readonly ms: number; readonly percent: number }[]>([]);
  /** Directions, each with its opposite: drawn to the two sides of one line. */
  readonly pairs = input<readonly (readonly [Side, Side])[]>([]);
  private readonly theme = inject(Theme);

  protected readonly height = computed(() => 18 + 30 * Math.max(1, this.pairs().length || this.families().length));
  protected readonly options = computed(() => (this.pairs().length > 0 ? this.bothWays() : this.byKind()));

  private readonly bothWays = computed((): EChartsCoreOption => {
    this.theme.choice();
    const pairs = [...this.pairs()].reverse();
    const most = Math.max(1, ...pairs.flat().map(({ ms }) => ms));
    const side = (at: 0 | 1) => ({
      type: 'bar',
      // both grow from one line, each to its own side
      barGap: '-100%',
      barWidth: 13,
      itemStyle: { color: inkOf(at === 0 ? 'quiet' : 'ink'), borderRadius: 3 },
      label: {
        show: true,
        position: at === 0 ? 'left' : 'right',
        color: inkOf('ink'),
        fontSize: 13,
        formatter: ({ dataIndex }: { dataIndex: number }) => {
          const one = pairs[dataIndex]?.[at];
          return one ? `${one.name} ${one.ms === 0 ? 'none' : one.time}` : '';
        },
      },
      data: pairs.map((pair) => (at === 0 ? -pair[at].ms : pair[at].ms)),
    });
    return {
      animation: false,
      textStyle: { fontFamily: getComputedStyle(document.body).fontFamily, color: inkOf('quiet') },
      grid: { left: 4, right: 4, top: 4, bottom: 4 },
      xAxis: { type: 'value', show: false, min: -2.2 * most, max: 2.2 * most },
      yAxis: { type: 'category', show: false, data: pairs.map(([one]) => one.name) },
      series: [side(0), side(1)],
    };
  });

  private readonly byKind = computed((): EChartsCoreOption => {
    this.theme.choice();
    const families = [...this.families()].reverse();
    const family = getComputedStyle(document.body).fontFamily;
    return {
      animation: false,
      textStyle: { fontFamily: family, color: inkOf('quiet') },
      grid: { left: 132, right: 96, top: 4, bottom: 4 },
      xAxis: { type: 'value', show: false },
      yAxis: {
        type: 'category',
        data: families.map(({ name }) => name),
        axisLine: { show: false },
        axisTick: { show: false },
        axisLabel: { color: inkOf('ink'), fontSize: 14 },
      },
      series: [
        {
          type: 'bar',
          barWidth: 13,
          itemStyle: { color: inkOf('ink'), borderRadius: 3 },
          label: {
            show: true,
            position: 'right',
            color: inkOf('ink'),
            fontSize: 13,
            formatter: ({ dataIndex }: { dataIndex: number }) => {
              const one = families[dataIndex];
              return one ? `${sayTime(one.ms)}  ${one.percent} %` : '';
            },
          },
          data: families.map(({ ms }) => ms),
        },
      ],
    };
  });
}
