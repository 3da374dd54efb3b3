import type { EChartsCoreOption } from 'echarts/core';
import { frame, nameAxis, valueAxis } from './axes.ts';
import type { Inks } from './inks.ts';

/** Two amounts of the same parts beside each other: hours and money. */
export interface BarsInput {
  readonly names: readonly string[];
  readonly hours: readonly number[];
  /** In the currency’s smallest unit. */
  readonly money: readonly number[];
  readonly hoursText: (value: number) => string;
  readonly moneyText: (value: number) => string;
}

/** Lying bars, the first part on top: hours to the left, money to the right. */
export function barsOption(bars: BarsInput, inks: Inks): EChartsCoreOption {
  const bar = (at: number, data: readonly number[], color: string, text: (value: number) => string) => ({
    type: 'bar' as const,
    xAxisIndex: at,
    yAxisIndex: at,
    barMaxWidth: 16,
    data: [...data],
    itemStyle: { color },
    label: {
      show: true,
      position: 'right' as const,
      color: inks.soft,
      formatter: ({ value }: { value: number }) => (value === 0 ? '' : text(value)),
    },
  });
  const axis = (at: number, text: (value: number) => string) => ({
    ...valueAxis(inks, '', text),
    gridIndex: at,
    position: 'top' as const,
    min: 0,
    splitNumber: 3,
    // Room for the number behind the longest bar.
    boundaryGap: [0, '18%'],
    axisLabel: { color: inks.soft, formatter: text, hideOverlap: true },
  });
  return {
    ...frame(inks),
    grid: [
      { left: 8, width: '56%', top: 32, bottom: 8, containLabel: true },
      { right: 8, left: '62%', width: '34%', top: 32, bottom: 8, containLabel: true },
    ],
    xAxis: [axis(0, bars.hoursText), axis(1, bars.moneyText)],
    yAxis: [
      {
        ...nameAxis(inks, bars.names),
        gridIndex: 0,
        inverse: true,
        axisLabel: { color: inks.ink, interval: 0 },
      },
      { ...nameAxis(inks, bars.names), gridIndex: 1, inverse: true, axisLabel: { show: false } },
    ],
    series: [bar(0, bars.hours, inks.brine, bars.hoursText), bar(1, bars.money, inks.slate, bars.moneyText)],
  };
}
