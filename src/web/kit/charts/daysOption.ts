import type { EChartsCoreOption } from 'echarts/core';
import { frame, nameAxis, valueAxis } from './axes.ts';
import type { Inks } from './inks.ts';

/** Some days of weather; a value that is not known is left out. Temperatures and rain are in the units shown. */
export interface DaysInput {
  readonly days: readonly {
    readonly name: string;
    readonly low: number | null;
    readonly high: number | null;
    readonly rain: number;
    readonly frost: boolean;
  }[];
  readonly freezing: number;
  readonly unit: string;
  readonly rainUnit: string;
  readonly number: (value: number) => string;
}

/** The axis of rain goes at least so far: a dry week has a scale too. */
const LEAST_RAIN: Readonly<Record<string, number>> = { in: 0.4, mm: 10 };
const NONE = '-';

function temperatures({ days, freezing, number }: DaysInput, inks: Inks): object[] {
  const whole = ({ value }: { value: number }): string => number(Math.round(value));
  const line = (color: string, position: 'top' | 'bottom', data: readonly object[]) => ({
    type: 'line',
    symbolSize: 6,
    data,
    lineStyle: { color, width: 1.6 },
    itemStyle: { color },
    label: { show: true, position, color, formatter: whole },
    labelLayout: { hideOverlap: true },
  });
  return [
    line(
      inks.rust,
      'top',
      days.map(({ high }) => ({ value: high ?? NONE, symbol: 'circle' })),
    ),
    {
      ...line(
        inks.slate,
        'bottom',
        days.map(({ low, frost }) => ({ value: low ?? NONE, symbol: frost ? 'diamond' : 'circle' })),
      ),
      markLine: {
        silent: true,
        symbol: 'none',
        label: { show: false },
        lineStyle: { color: inks.slate, type: 'dashed' },
        data: [{ yAxis: freezing }],
      },
    },
  ];
}

/** The highs and lows of some days against the line of freezing, a night of frost as a diamond; rain as bars under them. */
export function daysOption(input: DaysInput, inks: Inks): EChartsCoreOption {
  const { days, unit, rainUnit, number } = input;
  const names = days.map(({ name }) => name);
  return {
    ...frame(inks),
    grid: [
      { left: 40, right: 12, top: 24, height: '56%' },
      { left: 40, right: 12, bottom: 8, height: '14%' },
    ],
    xAxis: [
      {
        ...nameAxis(inks, names),
        gridIndex: 0,
        axisLabel: { color: inks.soft, interval: 0, hideOverlap: true },
      },
      { ...nameAxis(inks, names), gridIndex: 1, axisLabel: { show: false } },
    ],
    yAxis: [
      { ...valueAxis(inks, unit, number), gridIndex: 0, scale: true },
      {
        ...valueAxis(inks, rainUnit, number),
        gridIndex: 1,
        min: 0,
        splitNumber: 1,
        nameGap: 4,
        max: ({ max }: { max: number }) => Math.max(max, LEAST_RAIN[rainUnit] ?? 0),
      },
    ],
    series: [
      ...temperatures(input, inks),
      {
        type: 'bar',
        xAxisIndex: 1,
        yAxisIndex: 1,
        barWidth: 10,
        itemStyle: { color: inks.slate, opacity: 0.6 },
        data: days.map(({ rain }) => rain),
      },
    ],
  };
}
