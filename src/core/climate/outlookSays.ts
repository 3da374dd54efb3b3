import { HARD_FREEZE, stormsOf, type WeatherDay } from './weather.ts';

const FREEZING = 0;

/** Weather of the days ahead that a house must be ready for. */
export interface OutlookSays {
  /** The first day with frost, and the coldest of those after it in a row; null where none is told. */
  readonly frost: { readonly first: WeatherDay; readonly coldest: WeatherDay; readonly hard: boolean } | null;
  /** The first day of storm, hail, heavy rain or much snow. */
  readonly storm: WeatherDay | null;
}

const freezes = ({ low }: WeatherDay): boolean => low !== undefined && low <= FREEZING;
const lowOf = ({ low }: WeatherDay): number => low ?? Number.POSITIVE_INFINITY;

/** Sums up an outlook, its days in order, for someone with a house to look after. */
export function outlookSays(outlook: readonly WeatherDay[]): OutlookSays {
  const begins = outlook.findIndex(freezes);
  const first = outlook[begins];
  const storm = outlook.find((day) => stormsOf(day).length > 0) ?? null;
  if (!first) return { frost: null, storm };
  const after = outlook.slice(begins).findIndex((day) => !freezes(day));
  const spell = outlook.slice(begins, after < 0 ? undefined : begins + after);
  const coldest = spell.reduce((cold, day) => (lowOf(day) < lowOf(cold) ? day : cold), first);
  return { frost: { first, coldest, hard: lowOf(coldest) <= HARD_FREEZE }, storm };
}
