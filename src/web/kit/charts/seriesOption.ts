import type { EChartsCoreOption } from 'echarts/core';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import type { Verdict } from '../../../core/basics/verdict.ts';
import { frame, valueAxis } from './axes.ts';
import type { Inks } from './inks.ts';

/** The content of a chart of readings. Values are in the unit shown. */
export interface ChartInput {
  readonly points: readonly {
    readonly date: CivilDate;
    readonly value: number;
    readonly verdict: Verdict | null;
  }[];
  /** The stretches of the band, each over the days it applied. */
  readonly bands: readonly {
    readonly from: CivilDate;
    readonly to: CivilDate;
    readonly verdict: Verdict;
    readonly low: number | null;
    readonly high: number | null;
  }[];
  readonly restarts: readonly CivilDate[];
  /** The line carried forward, and its steepest and flattest. */
  readonly trend: readonly (readonly (readonly [CivilDate, number])[])[];
  readonly from: CivilDate;
  readonly to: CivilDate;
  readonly low: number;
  readonly high: number;
  readonly unit: string;
  readonly date: (date: CivilDate) => string;
  readonly number: (value: number) => string;
}

/** Each verdict by a shape of its own. */
const SHAPES: Record<Verdict, string> = { sound: 'circle', watch: 'diamond', act: 'triangle', stop: 'rect' };

const asTime = (date: CivilDate): number => Date.parse(`${date}T00:00:00Z`);
const isoDay = (time: number): CivilDate => new Date(time).toISOString().slice(0, 10) as CivilDate;

/** The chart in the library's words. */
export function seriesOption(chart: ChartInput, inks: Inks): EChartsCoreOption {
  const { low, high } = chart;
  return {
    ...frame(inks),
    xAxis: {
      type: 'time',
      splitNumber: 5,
      min: asTime(chart.from),
      max: asTime(chart.to),
      axisLine: { lineStyle: { color: inks.soft } },
      axisLabel: {
        color: inks.soft,
        hideOverlap: true,
        formatter: (time: number) => chart.date(isoDay(time)),
      },
      splitLine: { show: false },
    },
    yAxis: { ...valueAxis(inks, chart.unit, chart.number), min: low, max: high },
    series: [readings(chart, inks), ...chart.trend.map((line, place) => trendLine(line, place, inks))],
  };
}

function readings(chart: ChartInput, inks: Inks): object {
  const tint: Record<Verdict, string> = {
    sound: inks.brine,
    watch: inks.soft,
    act: inks.rust,
    stop: inks.rust,
  };
  return {
    type: 'line',
    lineStyle: { color: inks.ink, width: 1 },
    data: chart.points.map(({ date, value, verdict }) => ({
      value: [asTime(date), value],
      symbol: SHAPES[verdict ?? 'sound'],
      symbolSize: 8,
      itemStyle: { color: verdict === null ? inks.soft : tint[verdict] },
    })),
    markArea: {
      silent: true,
      data: chart.bands
        .filter(({ verdict }) => verdict === 'sound')
        .map((band) => [
          {
            xAxis: asTime(band.from),
            yAxis: band.low ?? chart.low,
            itemStyle: { color: inks.brine, opacity: 0.14 },
          },
          { xAxis: asTime(band.to), yAxis: band.high ?? chart.high },
        ]),
    },
    markLine: {
      silent: true,
      symbol: 'none',
      label: { show: false },
      lineStyle: { color: inks.soft, type: 'dashed' },
      data: chart.restarts.map((date) => ({ xAxis: asTime(date) })),
    },
  };
}

const trendLine = (line: readonly (readonly [CivilDate, number])[], place: number, inks: Inks): object => ({
  type: 'line',
  symbol: 'none',
  silent: true,
  data: line.map(([date, value]) => [asTime(date), value]),
  lineStyle: { color: inks.rust, width: place === 0 ? 1.5 : 1, type: place === 0 ? 'dashed' : 'dotted' },
});
