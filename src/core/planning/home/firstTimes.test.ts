import { describe, expect, test } from 'vitest';
import { someTask } from '../../../../test/support/homeTask.ts';
import { civil, toDay } from '../../calendar/civilDate.ts';
import type { ClimatePlace } from '../../climate/climate.ts';
import { HomeSeasons } from '../../climate/homeSeasons.ts';
import { NO_WEATHER } from '../../climate/weather.ts';
import { usualHousehold, type Household } from '../../house/household.ts';
import { homeProblem } from './homeProblem.ts';
import type { HomeTask } from './homeTask.ts';
import { onceAtFirst } from './onceAtFirst.ts';
import { WeekWeather } from './weekWeather.ts';
import { Weeks } from './weeks.ts';

const ON = civil('2026-11-27');
const COLD: ClimatePlace = { hemisphere: 'north', climate: { station: 'cold-plains' } };

const problemOf = (...tasks: HomeTask[]) =>
  homeProblem(tasks, {
    weeks: new Weeks(toDay(ON), 53),
    weather: new WeekWeather(COLD, NO_WEATHER),
    seasons: new HomeSeasons(COLD),
    household: usualHousehold(3),
  }).problem;
const weekOf = (date: string): number => new Weeks(toDay(ON), 53).of(toDay(civil(date)));

describe('work nobody has done yet', () => {
  test('has six weeks; safety and what frost harms have the first', () => {
    const { tasks } = problemOf(
      someTask('filter', { baseline: true }),
      someTask('alarm', { baseline: true, consequence: 'life-safety' }),
    );
    expect(tasks.map(({ weeks }) => weeks)).toEqual([
      [0, 5],
      [0, 0],
    ]);
  });

  test('waits for the weeks its weather usually allows, for a trade too', () => {
    for (const doer of ['self', 'trade'] as const) {
      const { tasks } = problemOf(someTask('gutters', { baseline: true, doer, weather: ['ladder'] }));
      const [first = 0, last = 0] = tasks[0]?.weeks ?? [];
      expect(first).toBeGreaterThan(weekOf('2027-02-15'));
      expect(last).toBe(first + 5);
    }
    const ground = problemOf(someTask('tank', { baseline: true, doer: 'trade', weather: ['ground'] }));
    expect(ground.tasks[0]?.weeks[0]).toBeGreaterThan(weekOf('2027-03-15'));
  });

  test('of safety has until its supplies can be there', () => {
    const supplies = { waitsFor: ['test-spray'], suppliesFrom: civil('2026-12-02') };
    const { tasks } = problemOf(
      someTask('spray', { baseline: true, consequence: 'life-safety', ...supplies }),
    );
    expect(tasks[0]).toMatchObject({ weeks: [0, 1], latest: 1, supplied: 1 });
  });

  test('is done once where its next time opens before the six weeks are over', () => {
    const first = someTask('boiler', { baseline: true, doer: 'trade' });
    const next = someTask('boiler', {
      number: 2,
      key: 'boiler 2',
      earliest: civil('2026-12-27'),
      due: civil('2027-01-17'),
    });
    expect(onceAtFirst([first, next], toDay(ON))).toEqual([{ ...next, key: 'boiler 1', number: 1 }]);
    const stays: Partial<HomeTask>[] = [{ consequence: 'life-safety' }, { frost: true }, { baseline: false }];
    for (const more of stays) expect(onceAtFirst([{ ...first, ...more }, next], toDay(ON))).toHaveLength(2);
    const monthly = { ...next, earliest: civil('2026-12-20'), due: civil('2026-12-27') };
    expect(onceAtFirst([first, monthly], toDay(ON))).toHaveLength(2);
    const far = { ...next, earliest: civil('2027-02-01'), due: civil('2027-02-20') };
    expect(onceAtFirst([first, far], toDay(ON))).toHaveLength(2);
    // A trade that must be asked six weeks before has its own six weeks after that.
    expect(onceAtFirst([{ ...first, leadDays: 42 }, far], toDay(ON))).toHaveLength(1);
  });

  test('is done once where its next time is due within the same week', () => {
    const first = someTask('ceiling', { baseline: true });
    const next = someTask('ceiling', {
      number: 2,
      key: 'ceiling 2',
      earliest: civil('2026-11-29'),
      due: civil('2026-12-02'),
    });
    expect(onceAtFirst([first, next], toDay(ON))).toEqual([{ ...next, key: 'ceiling 1', number: 1 }]);
    const weekly = { ...next, due: civil('2026-12-04') };
    expect(onceAtFirst([first, weekly], toDay(ON))).toHaveLength(2);
    // First it is looked at, and then the work may be due at once.
    expect(onceAtFirst([{ ...first, asks: 'look' }, next], toDay(ON))).toHaveLength(2);
  });
});

test('work on a ladder has no week whose only warm days are not days of the household', () => {
  const outlook = [28, 29, 30].map((day) => ({
    date: civil(`2026-11-${day}`),
    high: day === 30 ? 12 : -4,
    low: -8,
    rain: 0,
    gust: 3,
  }));
  const weather = new WeekWeather(COLD, { ...NO_WEATHER, outlook });
  const task = someTask('gutters', { weather: ['ladder'], latest: civil('2026-12-06') });
  const blockedFor = (household: Household): number[] =>
    homeProblem([task], {
      weeks: new Weeks(toDay(ON), 53),
      weather,
      seasons: new HomeSeasons(COLD),
      household,
    }).closed.map(({ week }) => week);
  expect(blockedFor(usualHousehold(3))).toContain(1);
  expect(blockedFor({ minutes: [60, 0, 0, 0, 0, 60, 60] })).not.toContain(1);
});

test('work that comes first comes first, unless the later one would be late for it', () => {
  const split = (earliest: string) =>
    someTask('split', { earliest: civil(earliest), due: civil('2027-04-27'), latest: civil('2027-05-18') });
  const service = someTask('service', {
    doer: 'trade',
    earliest: civil('2027-02-21'),
    due: civil('2027-03-14'),
    latest: civil('2027-04-04'),
    after: ['split'],
  });
  expect(problemOf(split('2027-03-01'), service).before).toEqual([['split 1', 'service 1', 1]]);
  expect(problemOf(split('2027-04-13'), service).before).toEqual([]);
});
