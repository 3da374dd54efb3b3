import type { EChartsCoreOption } from 'echarts/core';
import { frame, nameAxis, valueAxis } from './axes.ts';
import type { Inks } from './inks.ts';

/** A stretch of the year, from one day to another of 365, counted from 0; over the turn of the year where it ends before it begins. */
export interface Stretch {
  readonly name: string;
  readonly kind: 'heating' | 'cooling' | 'frost';
  readonly from: number;
  readonly to: number;
}

/** The year at a place. Temperatures are in the unit shown, one for each day of the year. */
export interface YearInput {
  readonly days: readonly string[];
  readonly low: readonly number[];
  readonly high: readonly number[];
  readonly stretches: readonly Stretch[];
  /** Days with a name: leaf fall, today. */
  readonly marks: readonly { readonly name: string; readonly day: number; readonly isToday: boolean }[];
  readonly unit: string;
  readonly freezing: number;
  readonly number: (value: number) => string;
}

const LAST = 364;

/** The parts of a stretch within one year. */
export const partsOf = ({ from, to }: Pick<Stretch, 'from' | 'to'>): (readonly [number, number])[] =>
  from <= to
    ? [[from, to]]
    : [
        [from, LAST],
        [0, to],
      ];

const line = (data: readonly number[], color: string) => ({
  type: 'line' as const,
  symbol: 'none',
  data: [...data],
  lineStyle: { color, width: 1.8 },
});

/** The seasons behind the lines; frost has its name at the foot, where heating has its own at the top. */
function seasons({ stretches }: YearInput, inks: Inks): object {
  const tint: Record<Stretch['kind'], string> = {
    heating: inks.rust,
    cooling: inks.brine,
    frost: inks.slate,
  };
  return {
    silent: true,
    data: stretches.flatMap((stretch) => {
      const isFrost = stretch.kind === 'frost';
      return partsOf(stretch).map(([from, to], part) => [
        {
          xAxis: from,
          name: part === 0 ? stretch.name : '',
          itemStyle: { color: tint[stretch.kind], opacity: isFrost ? 0.18 : 0.1 },
          label: { color: inks.soft, position: isFrost ? 'insideBottom' : 'insideTop', fontSize: 11 },
        },
        { xAxis: to },
      ]);
    }),
  };
}

/** The line of freezing, and the days that have a name. */
const named = ({ freezing, marks }: YearInput, inks: Inks): object => ({
  silent: true,
  symbol: 'none',
  data: [
    { yAxis: freezing, lineStyle: { color: inks.slate, type: 'solid' }, label: { show: false } },
    ...marks.map(({ name, day, isToday }) => ({
      xAxis: day,
      lineStyle: { color: isToday ? inks.ink : inks.soft, type: isToday ? 'solid' : 'dashed', width: 1.2 },
      label: { formatter: name, color: isToday ? inks.ink : inks.soft, position: 'insideEndTop' },
    })),
  ],
});

/** The year's usual temperatures with its seasons behind them, the line of freezing, and the days that have a name. */
export const yearOption = (year: YearInput, inks: Inks): EChartsCoreOption => ({
  ...frame(inks),
  xAxis: {
    ...nameAxis(inks, year.days),
    boundaryGap: false,
    // The middle of each month has its name.
    axisLabel: {
      color: inks.soft,
      interval: (index: number) => Math.abs((index % 30.42) - 15) < 0.5,
      hideOverlap: true,
    },
  },
  yAxis: { ...valueAxis(inks, year.unit, year.number), scale: true },
  series: [
    {
      ...line(year.high, inks.rust),
      markArea: seasons(year, inks),
      markLine: named(year, inks),
    },
    line(year.low, inks.slate),
  ],
});
