import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { civil, civilFromDays, daysFromCivil, toCivilDate, toDay } from '../calendar/civilDate.ts';
import { climateFromDays, type DailySeries } from './climateFromDays.ts';
import { freezeDates } from './freezeRisk.ts';
import { HomeSeasons } from './homeSeasons.ts';
import { runHoursOn } from './runHours.ts';
import { seasonsFromCurve } from './seasonsFromCurve.ts';
import { OUTLOOK_DAYS, weatherFrom } from './simulatedStation.ts';
import { climateOfStation, findStation, hemisphereOf, simulatedStation, STATION_CODES } from './stations.ts';
import { stationWeather } from './stationWeather.ts';
import { weatherTriggers, type WeatherDay } from './weather.ts';
import { dailyFromMonthly, longestStretch, monthDayAt } from './yearCurve.ts';
import { figuresOf } from './climate.ts';
import { climateTraits } from '../catalogue/planFor.ts';

const day = (text: string): number => toDay(civil(text));

/** Winters with one frosty stretch each: from the first to the last day, the rest mild. */
function lowsOf(winters: readonly (readonly [from: string, to: string] | null)[], firstYear = 2000) {
  const lows = new Map<number, number>();
  winters.forEach((frost, index) => {
    const start = daysFromCivil(firstYear + index, 8, 1);
    const end = daysFromCivil(firstYear + index + 1, 8, 1);
    for (let at = start; at < end; at += 1) lows.set(at, 8);
    if (!frost) return;
    const inWinter = (monthDay: string): number =>
      day(`${firstYear + index + (monthDay < '08-01' ? 1 : 0)}-${monthDay}`);
    for (let at = inWinter(frost[0]); at <= inWinter(frost[1]); at += 1) lows.set(at, 0);
  });
  return lows;
}

describe('freeze risks', () => {
  const ten = Array.from({ length: 10 }, (_, index): [string, string] => [
    `10-${String(10 + index)}`,
    `04-${String(20 - index)}`,
  ]);

  test('the first freeze at 10 % has come in one winter of ten, the last at 10 % still comes in one of ten', () => {
    expect(freezeDates(lowsOf(ten), 'north')).toEqual({
      winters: 10,
      first: { 10: '10-10', 50: '10-14', 90: '10-18' },
      last: { 10: '04-20', 50: '04-16', 90: '04-12' },
    });
  });

  test('a winter without frost counts as one whose frost never comes', () => {
    const half = ten.map((frost, index) => (index % 2 === 0 ? frost : null));
    const { first, last } = freezeDates(lowsOf(half), 'north');
    expect([first[10], first[50], first[90]]).toEqual(['10-10', '10-18', null]);
    expect([last[10], last[50], last[90]]).toEqual(['04-20', '04-12', null]);
    expect(freezeDates(lowsOf(half.map(() => null)), 'north').first[10]).toBeNull();
  });

  test('missing days are tolerated; a winter with too few of them is left out', () => {
    const lows = lowsOf(ten);
    let kept = 0;
    for (const at of [...lows.keys()]) {
      // A tenth of the days of the mild months, and most of one winter.
      if (civilFromDays(at).month === 7 && at % 3 === 0) lows.delete(at);
      if (at >= daysFromCivil(2003, 8, 1) && at < daysFromCivil(2004, 8, 1) && (kept += 1) > 200)
        lows.delete(at);
    }
    expect(freezeDates(lows, 'north').winters).toBe(9);
  });

  test('south of the equator winters are split at 1 February', () => {
    const lows = new Map<number, number>();
    for (let year = 2000; year < 2011; year += 1) {
      for (let at = daysFromCivil(year, 1, 1); at < daysFromCivil(year + 1, 1, 1); at += 1) lows.set(at, 9);
      for (let at = day(`${year}-06-10`); at <= day(`${year}-09-05`); at += 1) lows.set(at, -1);
    }
    expect(freezeDates(lows, 'south')).toMatchObject({ first: { 50: '06-10' }, last: { 50: '09-05' } });
  });
});

describe('seasons by the 31-day mean', () => {
  // 12 + 13 sin: from -1 °C in January to 25 °C in July.
  const curve = Array.from({ length: 365 }, (_, at) => 12 - 13 * Math.cos((2 * Math.PI * (at - 15)) / 365));

  test('heating below 15 °C, cooling above 20 °C, leaves fall through 10 °C', () => {
    const { heating, cooling, leafFall } = seasonsFromCurve(curve);
    expect([heating, cooling, leafFall]).toEqual([
      // The 31-day mean of the cosine has 0.988 of its height: 15 °C is crossed at days 119.9 and 275.1.
      { start: '10-04', end: '05-01' },
      { start: '05-27', end: '09-08' },
      '10-26',
    ]);
  });

  test('what never or always holds is no date', () => {
    expect(seasonsFromCurve(curve.map(() => 26))).toEqual({
      heating: 'never',
      cooling: 'always',
      leafFall: null,
    });
    expect(seasonsFromCurve(curve.map(() => 3))).toEqual({
      heating: 'always',
      cooling: 'never',
      leafFall: null,
    });
  });

  test('the longest stretch may run over the new year', () => {
    const held = Array.from({ length: 365 }, (_, at) =>
      at < 40 || at > 300 || (at > 100 && at < 120) ? 1 : 0,
    );
    expect(longestStretch(held, (value) => value === 1)).toEqual({ from: 301, to: 39 });
  });

  test('a curve from monthly means goes through the middles of months', () => {
    const daily = dailyFromMonthly([0, 2, 6, 11, 16, 20, 22, 21, 17, 11, 5, 1]);
    expect([daily[14], daily[195]]).toEqual([0, 22]);
    expect(daily).toHaveLength(365);
  });
});

describe('a home’s season dates', () => {
  const seasons = new HomeSeasons({
    hemisphere: 'north',
    climate: { station: 'cold-plains', set: { firstFreeze: '10-09', coolingStart: 'none' } },
  });

  test('set by hand come before the station’s, and each says what it rests on', () => {
    expect(seasons.byKey('firstFreeze')).toEqual({ on: '10-09', basis: 'set' });
    expect(seasons.byKey('coolingStart')).toEqual({ on: null, basis: 'set' });
    expect(seasons.byKey('lastFreeze').basis).toBe('station');
    expect(seasons.byKey('midwinter')).toEqual({ on: '01-15', basis: 'convention' });
    expect(new HomeSeasons({ hemisphere: 'north' }).byKey('leafFall')).toEqual({
      on: null,
      basis: 'unknown',
    });
  });

  test('figures imported come before the station’s', () => {
    const imported = climateOfStation('hot-humid');
    if (!imported) throw new Error('no such station');
    const home = { hemisphere: 'north', climate: { station: 'cold-plains', imported } } as const;
    expect(new HomeSeasons(home).byKey('firstFreeze')).toEqual({
      on: imported.firstFreeze[10],
      basis: 'imported',
    });
  });

  test('a run of a season holds its end days, frost-free neither freeze', () => {
    const set = { firstFreeze: '10-09', lastFreeze: '04-20', heatingStart: '10-15', heatingEnd: '04-20' };
    const dated = new HomeSeasons({ hemisphere: 'north', climate: { set } });
    const run = (season: 'heating' | 'frostFree' | 'freezing', at: string): (string | undefined)[] => {
      const found = dated.runAt(season, day(at));
      return [found?.from, found?.to].map((end) => (end === undefined ? undefined : toCivilDate(end)));
    };
    expect(run('heating', '2027-04-20')).toEqual(['2026-10-15', '2027-04-20']);
    expect(run('heating', '2027-04-21')).toEqual(['2027-10-15', '2028-04-20']);
    expect(run('frostFree', '2027-04-20')).toEqual(['2027-04-21', '2027-10-08']);
    expect(run('freezing', '2027-01-01')).toEqual(['2026-10-09', '2027-04-20']);
  });

  test('where it never freezes it is frost-free all year', () => {
    const tropics = new HomeSeasons({ hemisphere: 'north', climate: { station: 'tropical' } });
    expect(tropics.runAt('frostFree', 0)).toEqual({ from: -Infinity, to: Infinity });
    expect([tropics.runAt('freezing', 0), tropics.runAt('heating', 0)]).toEqual([null, null]);
    expect(tropics.runAt('cooling', 0)).toEqual({ from: -Infinity, to: Infinity });
  });
});

describe.each(STATION_CODES)('the station %s', (code) => {
  const normals = findStation(code);
  const station = simulatedStation(code);
  const climate = climateOfStation(code);
  if (!normals || !station || !climate) throw new Error(`no station ${code}`);

  test('makes weather that comes back to its normals', () => {
    for (const month of [0, 6]) {
      expect(Math.abs((climate.high[month] ?? 0) - (normals.high[month] ?? 0))).toBeLessThan(1.5);
      expect(Math.abs((climate.low[month] ?? 0) - (normals.low[month] ?? 0))).toBeLessThan(2.5);
    }
    const [told, meant] = [climate.rain, normals.rain].map((rain) => rain.reduce((sum, mm) => sum + mm, 0));
    expect((told ?? 0) / (meant ?? 1)).toBeGreaterThan(0.75);
    expect((told ?? 0) / (meant ?? 1)).toBeLessThan(1.25);
  });

  test('tells the same of any day in whatever order it is asked', () => {
    fc.assert(
      fc.property(fc.integer({ min: 15_000, max: 25_000 }), fc.integer({ min: 0, max: 30 }), (at, more) => {
        const [alone] = station.days(at, at);
        expect(station.days(at - more, at + more)[more]).toEqual(alone);
        expect((alone?.low ?? 0) <= (alone?.high ?? 0)).toBe(true);
      }),
      { numRuns: 40 },
    );
  });

  test('a day is like the one before it; an outlook is ten days, nearest the truth on the first', () => {
    const days = station.days(20_000, 23_650);
    const swings = days.map((one, index) =>
      Math.abs((one.low ?? 0) - (days[index - 1]?.low ?? one.low ?? 0)),
    );
    const far = days.map((one, index) => Math.abs((one.low ?? 0) - (days[index - 40]?.low ?? one.low ?? 0)));
    const mean = (values: number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;
    expect(mean(swings)).toBeLessThan(mean(far));
    expect(station.outlook(20_000)).toHaveLength(OUTLOOK_DAYS);
    expect(station.outlook(20_000)[0]).toEqual(station.days(20_000, 20_000)[0]);
  });

  test('works out degree days and run hours', () => {
    const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);
    expect(sum(climate.heatingDegreeDays) > 0).toBe(code !== 'tropical');
    expect(sum(climate.coolingDegreeDays)).toBeGreaterThan(0);
    const winter = hemisphereOf(normals) === 'north' ? '2027-01-15' : '2027-07-15';
    const heating = runHoursOn(climate, 'heating', day(winter));
    expect(heating > 0).toBe(code !== 'tropical');
    expect(heating).toBeLessThanOrEqual(24);
  });
});

describe('weather', () => {
  const told = (...days: WeatherDay[]) =>
    weatherTriggers(
      { passed: days.filter(({ date }) => date < '2026-12-05'), outlook: days },
      day('2026-12-05'),
    );

  test('sets off what it is strong enough for, passed or ahead', () => {
    const found = told(
      { date: civil('2026-12-01'), gust: 20 },
      { date: civil('2026-12-02'), rain: 25, hail: true },
      { date: civil('2026-12-06'), snow: 5, low: 2 },
      { date: civil('2026-12-07'), low: 1 },
      { date: civil('2026-12-08'), low: -8 },
    );
    expect(found.map(({ code, day: on, source }) => [code, toCivilDate(on), source])).toEqual([
      ['windstorm', '2026-12-01', 'observed'],
      ['hail', '2026-12-02', 'observed'],
      ['heavy-rain', '2026-12-02', 'observed'],
      ['snow', '2026-12-06', 'forecast'],
      ['cold-snap', '2026-12-08', 'forecast'],
      ['hard-freeze', '2026-12-07', 'forecast'],
    ]);
  });

  test('a light day sets off nothing; an outlook of days gone by is not used', () => {
    expect(told({ date: civil('2026-12-06'), gust: 19.9, rain: 24, snow: 4, low: -1 })).toEqual([]);
    const stale = { passed: [], outlook: [{ date: civil('2026-12-01'), gust: 30 }] };
    expect(weatherTriggers(stale, day('2026-12-05'))).toEqual([]);
  });

  test('a home without a station is told nothing, one with is told the days passed and ten ahead', () => {
    expect(stationWeather({ hemisphere: 'north' }, civil('2026-11-24'))).toEqual({ passed: [], outlook: [] });
    const home = { hemisphere: 'north', climate: { station: 'marine' } } as const;
    const weather = stationWeather(home, civil('2026-11-24'));
    expect(weather.passed.at(-1)?.date).toBe('2026-11-23');
    expect(weather.outlook.map(({ date }) => date)).toContain('2026-12-03');
    const station = simulatedStation('marine');
    expect(station && weatherFrom(station, civil('2026-11-20'), civil('2026-11-24')).passed).toHaveLength(4);
  });
});

describe('a climate from days', () => {
  const series = (years: number): DailySeries => {
    const station = simulatedStation('mixed-humid');
    const days = station?.days(daysFromCivil(2000, 1, 1), daysFromCivil(2000 + years, 1, 1) - 1) ?? [];
    const map = (of: (one: WeatherDay) => number) => new Map(days.map((one) => [toDay(one.date), of(one)]));
    return {
      name: 'Here',
      latitude: 38,
      elevation: null,
      low: map(({ low = 0 }) => low),
      high: map(({ high = 0 }) => high),
      rain: map(({ rain = 0 }) => rain),
    };
  };

  test('too few winters, or a month nobody measured, are named', () => {
    expect(climateFromDays(series(6), 'north')).toMatchObject({
      ok: false,
      error: { code: 'too-few-winters', wanted: 10 },
    });
    const holed = series(14);
    const high = new Map([...holed.high].filter(([at]) => civilFromDays(at).month !== 3));
    expect(climateFromDays({ ...holed, high }, 'north')).toMatchObject({
      ok: false,
      error: { code: 'month-empty', month: 3 },
    });
  });

  test('says on how much it rests', () => {
    const worked = climateFromDays(series(14), 'north');
    expect(worked).toMatchObject({ ok: true, value: { rests: { from: 2000, to: 2013, winters: 13 } } });
  });

  test('what a climate is like, as far as upkeep cares', () => {
    const like = (station: string): string[] => {
      const figures = figuresOf({ hemisphere: 'north', climate: { station } });
      return figures ? [...climateTraits(figures)].sort() : [];
    };
    expect(like('tropical')).toEqual(['cools', 'humid-summer']);
    expect(like('mild-wet')).toEqual(['freezes', 'heats', 'mild-wet', 'sheds-leaves']);
    expect(like('high-dry')).toEqual(['cold-winter', 'cools', 'dry', 'freezes', 'heats', 'sheds-leaves']);
    expect(monthDayAt(-1)).toBe('12-31');
  });
});
