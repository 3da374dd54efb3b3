import { finderWith } from '../src/core/catalogue/catalogue.ts';
import { civil, toCivilDate, toDay } from '../src/core/calendar/civilDate.ts';
import { stationWeather } from '../src/core/climate/stationWeather.ts';
import type { Columns } from '../src/core/schedule/horizon/columns.ts';
import { horizonFrom } from '../src/core/schedule/horizon/horizon.ts';
import { replayHouse } from '../src/core/schedule/replay/replayHouse.ts';
import { manyDuties } from './manyDuties.ts';
import { leastMs, ms, times, type Ratio } from './ratio.ts';

const DUTIES = 120;
const RUNS = 30;
const ON = civil('2026-10-12');
const WEEKS = 53;

/** 53 weeks of a home with 120 duties of every rule, from its rule states on, against bare integer days. */
export function benchYearAhead(): Ratio[] {
  const house = manyDuties(DUTIES);
  const around = { find: finderWith([]), weather: stationWeather(house.home, ON) };
  const end = toDay(ON) + WEEKS * 7;
  // Pairs and events are imagined on the states themselves: each run has its own.
  const states = Array.from({ length: 2 * (RUNS + 1) }, () => replayHouse(house, house.entries, ON, around));
  const stepped = (): Columns => {
    const from = states.pop();
    if (!from) throw new Error('there are states for every run');
    return horizonFrom(from, house, toCivilDate(end));
  };
  const explained = (): void => {
    const columns = stepped();
    for (const row of columns.inOrder()) columns.occurrence(row);
  };
  const found = horizonFrom(replayHouse(house, house.entries, ON, around), house, toCivilDate(end)).all();
  const counts = new Map<string, number>();
  for (const { dutyId } of found) counts.set(dutyId, (counts.get(dutyId) ?? 0) + 1);
  const gaps = [...counts.values()].map((count) => Math.max(1, Math.floor((WEEKS * 7) / count)));
  let sum = 0;
  // As many dates, each a step further: the floor of what such a loop can cost.
  const integers = (): void => {
    for (const gap of gaps) for (let due = toDay(ON) + gap; due <= end; due += gap) sum += due;
  };
  const own = leastMs(explained, RUNS);
  const bare = leastMs(() => stepped().inOrder(), RUNS);
  const plain = leastMs(integers, RUNS);
  if (sum === 0 || found.length < DUTIES) throw new Error(`only ${found.length} dates were stepped to`);
  const what = `${WEEKS} weeks of a home with ${DUTIES} duties of every rule (${found.length} dates)`;
  return [
    {
      what: `${what}, with reasons, against plain integer days`,
      ours: ms(own),
      peer: ms(plain),
      ratio: `${times(own / plain)} the time`,
      aim: '30 ms',
    },
    {
      what: 'the same, windows in order, nothing explained',
      ours: ms(bare),
      peer: ms(plain),
      ratio: `${times(bare / plain)} the time`,
      aim: 'told, no aim',
    },
  ];
}
