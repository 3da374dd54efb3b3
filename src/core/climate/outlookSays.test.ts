import { describe, expect, test } from 'vitest';
import { civil, toCivilDate, toDay } from '../calendar/civilDate.ts';
import { outlookSays } from './outlookSays.ts';
import type { WeatherDay } from './weather.ts';

const begin = toDay(civil('2026-11-27'));
const days = (...lows: number[]): WeatherDay[] =>
  lows.map((low, index) => ({ date: toCivilDate(begin + index), low }));

describe('what an outlook says', () => {
  test('nothing where it stays mild and still', () => {
    expect(outlookSays(days(4, 5, 3))).toEqual({ frost: null, storm: null });
    expect(outlookSays([])).toEqual({ frost: null, storm: null });
  });

  test('the first frost, and the coldest night of that spell, not of a later one', () => {
    const some = days(3, -1, -4, 2, -9);
    expect(outlookSays(some).frost).toEqual({ first: some[1], coldest: some[2], hard: true });
  });

  test('a light frost is no hard one', () => {
    expect(outlookSays(days(1, -1)).frost?.hard).toBe(false);
  });

  test('the first day of storm, rain, snow or hail', () => {
    const some = days(3, 4, 5);
    const windy = { ...some[1], date: some[1]?.date ?? civil('2026-11-28'), gust: 25 };
    const hail = { ...some[2], date: some[2]?.date ?? civil('2026-11-29'), hail: true };
    expect(outlookSays([some[0] ?? windy, windy, hail]).storm).toBe(windy);
  });
});
