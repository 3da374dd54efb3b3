import { toCivilDate, toDay, type DayNumber } from '../../calendar/civilDate.ts';
import { OUTLOOK_DAYS } from '../../climate/simulatedStation.ts';
import type { Weather, WeatherDay } from '../../climate/weather.ts';
import type { Placed } from './place.ts';
import type { Timing } from '../../practice/timing.ts';

/** A forecast moves a date by at most this many days. */
export const MOST_PULLED = 60;

/** Lows by day, those passed and those forecast from `today` on. */
export interface Lows {
  readonly byDay: ReadonlyMap<DayNumber, number>;
}

export function lowsOf({ passed, outlook }: Weather, today: DayNumber): Lows {
  const ahead = outlook.filter(({ date }) => toDay(date) >= today);
  const behind = passed.filter(({ date }) => toDay(date) < today);
  const pair = ({ date, low }: WeatherDay): [DayNumber, number][] =>
    low === undefined ? [] : [[toDay(date), low]];
  return { byDay: new Map([...behind, ...ahead].flatMap(pair)) };
}

/**
 * A duty with a freeze guard moves to the day before the first low at or below its threshold within the outlook, never before `on`, only
 * ever earlier, by at most 60 days; its latest stays and its earliest comes along.
 */
export function pulled(placed: Placed, { freezeGuard }: Timing, lows: Lows, on: DayNumber): Placed {
  if (!freezeGuard) return placed;
  const { atOrBelow } = freezeGuard;
  for (let day = on; day < on + OUTLOOK_DAYS + 1; day += 1) {
    const low = lows.byDay.get(day);
    if (low === undefined || low > atOrBelow) continue;
    const due = Math.max(on, day - 1);
    if (due >= placed.due || placed.due - due > MOST_PULLED) return placed;
    const earliest = Math.min(placed.earliest, due);
    return {
      ...placed,
      due,
      earliest,
      moved: [
        ...placed.moved,
        {
          kind: 'pull',
          low,
          threshold: atOrBelow,
          on: toCivilDate(day),
          today: toCivilDate(on),
          due: toCivilDate(due),
          earliest: toCivilDate(earliest),
        },
      ],
    };
  }
  return placed;
}
