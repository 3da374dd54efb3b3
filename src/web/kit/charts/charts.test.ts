import { describe, expect, test } from 'vitest';
import { barsOption } from './barsOption.ts';
import { daysOption } from './daysOption.ts';
import type { Inks } from './inks.ts';
import { partsOf, yearOption } from './yearOption.ts';

const inks: Inks = {
  ink: 'ink',
  soft: 'soft',
  rule: 'rule',
  face: 'face',
  brine: 'brine',
  rust: 'rust',
  slate: 'slate',
};
const number = (value: number): string => String(value);
interface Option {
  readonly series: readonly {
    readonly data: readonly unknown[];
    readonly markLine?: { readonly data: readonly unknown[] };
  }[];
}

describe('the chart of the year', () => {
  test('a season over the turn of the year has two parts', () => {
    expect(partsOf({ from: 40, to: 90 })).toEqual([[40, 90]]);
    expect(partsOf({ from: 300, to: 90 })).toEqual([
      [300, 364],
      [0, 90],
    ]);
  });

  test('marks freezing, leaf fall and today', () => {
    const option = yearOption(
      {
        days: [],
        low: [1],
        high: [2],
        stretches: [{ name: 'frost', kind: 'frost', from: 270, to: 130 }],
        marks: [
          { name: 'leaf fall', day: 280, isToday: false },
          { name: 'Today', day: 330, isToday: true },
        ],
        unit: '°F',
        freezing: 32,
        number,
      },
      inks,
    ) as unknown as Option;
    expect(option.series[0]?.markLine?.data).toMatchObject([{ yAxis: 32 }, { xAxis: 280 }, { xAxis: 330 }]);
    expect(option.series.map(({ data }) => data)).toEqual([[2], [1]]);
  });
});

test('ten days show a night of frost by its shape, and leave out what is not known', () => {
  const day = (low: number | null, frost: boolean) => ({ name: 'Mon', low, high: 50, rain: 0.2, frost });
  const option = daysOption(
    {
      days: [day(28, true), day(40, false), day(null, false)],
      freezing: 32,
      unit: '°F',
      rainUnit: 'in',
      number,
    },
    inks,
  ) as unknown as Option;
  expect(option.series[1]?.data).toEqual([
    { value: 28, symbol: 'diamond' },
    { value: 40, symbol: 'circle' },
    { value: '-', symbol: 'circle' },
  ]);
  expect(option.series[2]?.data).toEqual([0.2, 0.2, 0.2]);
});

test('hours and money stand beside each other, part by part', () => {
  const option = barsOption(
    {
      names: ['Heating', 'Roof'],
      hours: [3, 1],
      money: [0, 500],
      hoursText: (value) => `${value} h`,
      moneyText: (value) => `$${value}`,
    },
    inks,
  ) as unknown as Option;
  expect(option.series.map(({ data }) => data)).toEqual([
    [3, 1],
    [0, 500],
  ]);
});
