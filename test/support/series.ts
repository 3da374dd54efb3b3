import { daysFromCivil } from '../../src/core/calendar/civilDate.ts';
import { simulatedStation } from '../../src/core/climate/stations.ts';

const tenths = (value = 0): number => Math.round(value * 10);

/** A file of twelve years of days of a made-up station, in the layout of a line a day. */
export function seriesText(station: string, change: (lines: string[]) => void = () => undefined): string {
  const days = simulatedStation(station)?.days(daysFromCivil(2000, 8, 1), daysFromCivil(2012, 7, 31)) ?? [];
  const lines = days.map(
    ({ date, low, high, rain }) => `X1,${date},THE HEAD,${tenths(high)},${tenths(low)},${tenths(rain)}`,
  );
  change(lines);
  return ['STATION,DATE,NAME,TMAX,TMIN,PRCP', ...lines].join('\n');
}
