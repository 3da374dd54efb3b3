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

export function lowsOf(weather: Weather, today: DayNumber): Lows {
  let byDay: Lows['byDay'] | null = null;
  // Few homes have work that a frost may move: the lows are read where one is asked for.
  return {
    get byDay() {
      return (byDay ??= readLows(weather, today));
    },
  };
}

function readLows({ passed, outlook }: Weather, today: DayNumber): Map<DayNumber, number> {
  const lows = new Map<DayNumber, number>();
  const read = (days: readonly WeatherDay[], isTold: (day: DayNumber) => boolean): void => {
    for (const { date, low } of days) {
      const day = toDay(date);
      if (low !== undefined && isTold(day)) lows.set(day, low);
    }
  };
  read(passed, (day) => day < today);
  read(outlook, (day) => day >= today);
  return lows;
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
