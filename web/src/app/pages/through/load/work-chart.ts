import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { NgxEchartsDirective, provideEchartsCore } from 'ngx-echarts';
import type { EChartsCoreOption } from 'echarts/core';
import { sayTime } from '@core/say-time';
import { inkOf } from '../../../parts/trend/chart-ink';
import { Theme } from '../../../theme/theme';

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
  readonly families =
    input.required<readonly { readonly name: string; readonly ms: number; readonly percent: number }[]>();
  private readonly theme = inject(Theme);

  protected readonly height = computed(() => 18 + 30 * Math.max(1, this.families().length));
  protected readonly options = computed((): EChartsCoreOption => {
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
