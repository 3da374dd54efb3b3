import { daysBetween, toDay, type CivilDate } from '../core/calendar/civilDate.ts';
import type { Vocabulary } from '../core/house/house.ts';

const DAY_MS = 86_400_000;

/** Past this many days a distance is told in months, and past this many months in years. */
const DAYS_TOLD = 60;
const MONTHS_TOLD = 24;

/** Dates, distances, money and figures as a home's wording writes them. */
export interface Formats {
  /** "Tue, Dec 1" of this year, with the year in any other; `now` says which year this is. */
  date(date: CivilDate, now: CivilDate): string;
  /** With weekday, month and year written out. */
  longDate(date: CivilDate): string;
  /** The same without the year. */
  longDay(date: CivilDate): string;
  weekday(date: CivilDate): string;
  longWeekday(date: CivilDate): string;
  /** Minutes as hours and minutes: "1 h 25 min". */
  hours(minutes: number): string;
  /** Month and day in the order this wording puts them; the day is marked. */
  dayParts(date: CivilDate): { readonly text: string; readonly isDay: boolean }[];
  monthDay(monthDay: string): string;
  /** A month with its year. */
  month(date: CivilDate): string;
  distance(from: CivilDate, to: CivilDate): string;
  /** The time between two dates, without a direction: "9 days", "21 months". */
  span(from: CivilDate, to: CivilDate): string;
  /** An instant (ISO 8601) in the home's zone. */
  instant(iso: string, zone: string): string;
  money(smallestUnits: number, currency: string): string;
  number(value: number): string;
  list(items: readonly string[]): string;
  /** A country by its two letters, in the reader’s language. */
  country(code: string): string;
}

const atNoon = (date: CivilDate): Date => new Date(toDay(date) * DAY_MS);

/** Makes something when it is first asked for: making a format takes longer than using it. */
function once<T>(make: () => T): () => T {
  let made: { readonly value: T } | null = null;
  return () => (made ??= { value: make() }).value;
}

/** The formats of a wording, made once. */
export function formatsFor(locale: Vocabulary): Formats {
  const known = MADE.get(locale) ?? makeFormats(locale);
  MADE.set(locale, known);
  return known;
}
const MADE = new Map<Vocabulary, Formats>();

function makeFormats(locale: Vocabulary): Formats {
  const dates = (parts: Intl.DateTimeFormatOptions): (() => Intl.DateTimeFormat) =>
    once(() => new Intl.DateTimeFormat(locale, { timeZone: 'UTC', ...parts }));
  const short = dates({ weekday: 'short', day: 'numeric', month: 'short' });
  const withYear = dates({ weekday: 'short', day: 'numeric', month: 'short', year: 'numeric' });
  const long = dates({ weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });
  const longDay = dates({ weekday: 'long', day: 'numeric', month: 'long' });
  const weekday = dates({ weekday: 'short' });
  const longWeekday = dates({ weekday: 'long' });
  const monthDay = dates({ day: 'numeric', month: 'short' });
  const month = dates({ month: 'short', year: 'numeric' });
  const relative = once(() => new Intl.RelativeTimeFormat(locale, { numeric: 'auto' }));
  const number = once(() => new Intl.NumberFormat(locale, { maximumFractionDigits: 2 }));
  const list = once(() => new Intl.ListFormat(locale, { type: 'conjunction' }));
  const countries = once(() => new Intl.DisplayNames([locale], { type: 'region' }));
  return {
    date: (date, now) => (date.slice(0, 4) === now.slice(0, 4) ? short() : withYear()).format(atNoon(date)),
    longDate: (date) => long().format(atNoon(date)),
    longDay: (date) => longDay().format(atNoon(date)),
    weekday: (date) => weekday().format(atNoon(date)),
    longWeekday: (date) => longWeekday().format(atNoon(date)),
    hours: (minutes) => {
      const [whole, rest] = [Math.floor(minutes / 60), Math.round(minutes % 60)];
      return [whole > 0 ? `${whole} h` : '', rest > 0 || whole === 0 ? `${rest} min` : '']
        .filter(Boolean)
        .join(' ');
    },
    dayParts: (date) =>
      monthDay()
        .formatToParts(atNoon(date))
        .map(({ type, value }) => ({ text: value, isDay: type === 'day' })),
    month: (date) => month().format(atNoon(date)),
    monthDay: (text) => monthDay().format(new Date(`2000-${text}T00:00:00Z`)),
    distance: (from, to) => {
      const { count, unit } = toldIn(daysBetween(from, to));
      return relative().format(count, unit);
    },
    span: (from, to) => {
      const { count, unit } = toldIn(daysBetween(from, to));
      const format = new Intl.NumberFormat(locale, { style: 'unit', unit, unitDisplay: 'long' });
      return format.format(Math.abs(count));
    },
    instant: (iso, zone) =>
      new Intl.DateTimeFormat(locale, { timeZone: zone, dateStyle: 'medium', timeStyle: 'short' }).format(
        new Date(iso),
      ),
    money: (units, currency) => {
      const format = new Intl.NumberFormat(locale, { style: 'currency', currency });
      return format.format(units / 10 ** currencyDigits(currency));
    },
    number: (value) => number().format(value),
    list: (items) => list().format([...items]),
    country: (code) => countries().of(code) ?? code,
  };
}

/** Days in the unit they are told in. */
function toldIn(days: number): { count: number; unit: 'day' | 'month' | 'year' } {
  if (Math.abs(days) <= DAYS_TOLD) return { count: days, unit: 'day' };
  const months = Math.round(days / 30.4375);
  if (Math.abs(months) <= MONTHS_TOLD) return { count: months, unit: 'month' };
  return { count: Math.round(days / 365.25), unit: 'year' };
}

/** Digits after the point of a currency: 2 for most, 0 for yen. */
export function currencyDigits(currency: string): number {
  const { maximumFractionDigits } = new Intl.NumberFormat('en', {
    style: 'currency',
    currency,
  }).resolvedOptions();
  return maximumFractionDigits ?? 2;
}
