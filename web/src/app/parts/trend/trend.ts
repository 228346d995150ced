import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { NgxEchartsDirective, provideEchartsCore } from 'ngx-echarts';
import type { EChartsCoreOption } from 'echarts/core';
import { type Foot, type History, type NumberResult, dateOf, fromScale, sayValue, verdictWords } from '@core/measure';
import { Theme } from '../../theme/theme';
import { sayDate } from '../saying/date-words';
import { inkOf } from './chart-ink';

/**
 * The readings of one foot over time, with the band that noise alone fills around what each was compared with: two
 * standard errors to both sides. The table beside it says the same.
 */
@Component({
  selector: 'nw-trend',
  imports: [NgxEchartsDirective],
  providers: [provideEchartsCore({ echarts: () => import('./echarts-parts') })],
  template: `<div echarts [options]="options()" [autoResize]="true" aria-hidden="true"></div>`,
  styles: `
    :host,
    div {
      display: block;
      width: 100%;
      height: 190px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Trend {
  readonly history = input.required<History>();
  readonly foot = input.required<Foot>();
  readonly series = input.required<string>();
  private readonly theme = inject(Theme);

  protected readonly options = computed((): EChartsCoreOption => {
    this.theme.choice();
    const [history, foot, series] = [this.history(), this.foot(), this.series()];
    const { result } = history.protocol;
    if (result.gives !== 'number') return {};
    const ink = colours(foot);
    const own = history.judged.filter((judged) => judged.foot === foot && judged.series === series);
    const points = own.map((judged) => ({
      value: [dateOf(judged.day), Number(judged.value)],
      symbol: judged.verdict === 'changed' ? 'diamond' : 'circle',
      symbolSize: judged.verdict === 'changed' ? 13 : 8,
      words: verdictWords(history.protocol, judged),
    }));
    const band = own.flatMap(({ day, figures }) =>
      figures ? [{ date: dateOf(day), ...bandOf(result, figures.reference, figures.noise) }] : [],
    );
    return {
      animation: false,
      textStyle: { fontFamily: 'inherit', color: ink.quiet },
      grid: { left: 46, right: 16, top: 14, bottom: 26 },
      xAxis: { type: 'time', axisLine: { lineStyle: { color: ink.hem } }, splitLine: { show: false } },
      yAxis: {
        type: 'value',
        scale: true,
        splitNumber: 4,
        splitLine: { lineStyle: { color: ink.hem, type: 'dashed' } },
        axisLabel: { formatter: (value: number) => sayValue(result, value) },
      },
      tooltip: {
        trigger: 'item',
        backgroundColor: ink.cloth,
        borderColor: ink.hem,
        textStyle: { color: ink.ink },
        extraCssText: 'max-width: 320px; white-space: normal',
        formatter: ({ data }: { data: { value: [string, number]; words?: string } }) =>
          `${sayDate(data.value[0])}: <b>${sayValue(result, data.value[1])}</b><br>${data.words ?? ''}`,
      },
      series: [
        {
          type: 'line',
          stack: 'band',
          data: band.map(({ date, low }) => [date, low]),
          symbol: 'none',
          lineStyle: { opacity: 0 },
          silent: true,
          tooltip: { show: false },
        },
        {
          type: 'line',
          stack: 'band',
          data: band.map(({ date, low, high }) => [date, high - low]),
          symbol: 'none',
          lineStyle: { opacity: 0 },
          areaStyle: { color: ink.foot, opacity: 0.16 },
          silent: true,
          tooltip: { show: false },
        },
        {
          type: 'line',
          data: points,
          lineStyle: { color: ink.foot, width: 1.5 },
          itemStyle: { color: ink.foot },
          emphasis: { scale: 1.3 },
        },
      ],
    };
  });
}

/** Two standard errors to both sides of what a reading was compared with, in the check's unit. */
function bandOf(result: NumberResult, reference: number, noise: number) {
  return {
    low: Math.max(result.refuse.least, fromScale(result, reference - 2 * noise)),
    high: fromScale(result, reference + 2 * noise),
  };
}

const colours = (foot: Foot) => ({
  ink: inkOf('ink'),
  quiet: inkOf('quiet'),
  hem: inkOf('hem'),
  cloth: inkOf('cloth'),
  foot: inkOf(foot === 'right' ? 'weld' : 'woad'),
});
