import { finderWith } from '../src/core/catalogue/catalogue.ts';
import { civil, toCivilDate, toDay } from '../src/core/calendar/civilDate.ts';
import { stationWeather } from '../src/core/climate/stationWeather.ts';
import { foretell } from '../src/core/schedule/foretell.ts';
import { manyDuties } from './manyDuties.ts';
import { leastMs, ms, times, type Ratio } from './ratio.ts';

const DUTIES = 120;
const RUNS = 30;
const ON = civil('2026-10-12');
const WEEKS = 53;

/** 53 weeks of a home with 120 duties of every rule, with windows and reasons, against bare integer days. */
export function benchYearAhead(): Ratio[] {
  const house = manyDuties(DUTIES);
  const around = { find: finderWith([]), weather: stationWeather(house.home, ON) };
  const end = toDay(ON) + WEEKS * 7;
  const ours = () => foretell(house, house.entries, ON, around, toCivilDate(end));
  const found = ours();
  const counts = new Map<string, number>();
  for (const { dutyId } of found) counts.set(dutyId, (counts.get(dutyId) ?? 0) + 1);
  const gaps = [...counts.values()].map((count) => Math.max(1, Math.floor((WEEKS * 7) / count)));
  let sum = 0;
  // As many dates, each a step further: the floor of what such a loop can cost.
  const integers = (): void => {
    for (const gap of gaps) for (let due = toDay(ON) + gap; due <= end; due += gap) sum += due;
  };
  const [own, plain] = [leastMs(ours, RUNS), leastMs(integers, RUNS)];
  if (sum === 0 || found.length < DUTIES) throw new Error(`only ${found.length} dates were foretold`);
  return [
    {
      what: `${WEEKS} weeks of a home with ${DUTIES} duties of every rule (${found.length} dates), with reasons, against plain integer days`,
      ours: ms(own),
      peer: ms(plain),
      ratio: `${times(own / plain)} the time`,
      aim: '30 ms',
    },
  ];
}
