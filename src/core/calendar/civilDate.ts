import { z } from 'zod';

/** A calendar day with no time and no zone, written `YYYY-MM-DD`, from 1900-01-01 to 2999-12-31. */
export type CivilDate = string & { readonly __brand: 'CivilDate' };

/** Days since 1970-01-01. The engine counts in these; dates are written out only at its edges. */
export type DayNumber = number;

const PATTERN = /^\d{4}-\d{2}-\d{2}$/;
const FIRST_YEAR = 1900;
const LAST_YEAR = 2999;

/**
 * The day number of a proleptic Gregorian date. `month` counts from 1.
 * Source: "days from civil", the era-based algorithm (400-year eras of 146 097 days, years beginning in March).
 */
export function daysFromCivil(year: number, month: number, day: number): DayNumber {
  const y = month <= 2 ? year - 1 : year;
  const era = Math.floor(y / 400);
  const yearOfEra = y - era * 400;
  const dayOfYear = Math.floor((153 * (month + (month > 2 ? -3 : 9)) + 2) / 5) + day - 1;
  const dayOfEra = yearOfEra * 365 + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100) + dayOfYear;
  return era * 146_097 + dayOfEra - 719_468;
}

/** The inverse of {@link daysFromCivil}. */
export function civilFromDays(dayNumber: DayNumber): { year: number; month: number; day: number } {
  const z0 = dayNumber + 719_468;
  const era = Math.floor(z0 / 146_097);
  const dayOfEra = z0 - era * 146_097;
  const yearOfEra = Math.floor(
    (dayOfEra -
      Math.floor(dayOfEra / 1460) +
      Math.floor(dayOfEra / 36_524) -
      Math.floor(dayOfEra / 146_096)) /
      365,
  );
  const dayOfYear = dayOfEra - (365 * yearOfEra + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100));
  const shifted = Math.floor((5 * dayOfYear + 2) / 153);
  const day = dayOfYear - Math.floor((153 * shifted + 2) / 5) + 1;
  const month = shifted < 10 ? shifted + 3 : shifted - 9;
  return { year: yearOfEra + era * 400 + (month <= 2 ? 1 : 0), month, day };
}

/** The number of days of a month (1 to 12) in a year. */
export function daysInMonth(year: number, month: number): number {
  if (month === 2) return isLeapYear(year) ? 29 : 28;
  return month === 4 || month === 6 || month === 9 || month === 11 ? 30 : 31;
}

function isLeapYear(year: number): boolean {
  return year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0);
}

const pad = (value: number, width: number): string => String(value).padStart(width, '0');

const FIRST_KEPT = daysFromCivil(1970, 1, 1);
const LAST_KEPT = daysFromCivil(2100, 1, 1);

/** Dates once written out, by day number from {@link FIRST_KEPT} on: a schedule names the same few thousand again and again. */
const written = new Array<CivilDate | undefined>(LAST_KEPT - FIRST_KEPT + 1);

/** The first and the last day a civil date can name. */
const FIRST_DAY = daysFromCivil(FIRST_YEAR, 1, 1);
const LAST_DAY = daysFromCivil(LAST_YEAR, 12, 31);

/** Whether a day lies past the last year that can be written: what would fall due then never does. */
export const isPastLastDay = (dayNumber: DayNumber): boolean => dayNumber > LAST_DAY;

/** Whether a day can be written as a civil date. */
export const isWritable = (dayNumber: DayNumber): boolean => dayNumber >= FIRST_DAY && dayNumber <= LAST_DAY;

/** Writes a day number as a civil date. A day outside the supported years is written as the first or last of them. */
export function toCivilDate(dayNumber: DayNumber): CivilDate {
  if (dayNumber < FIRST_KEPT || dayNumber > LAST_KEPT) return writeOut(dayNumber);
  return (written[dayNumber - FIRST_KEPT] ??= writeOut(dayNumber));
}

function writeOut(dayNumber: DayNumber): CivilDate {
  if (Number.isNaN(dayNumber)) throw new Error('a day that is not a number cannot be written');
  const { year, month, day } = civilFromDays(Math.min(LAST_DAY, Math.max(FIRST_DAY, dayNumber)));
  return `${pad(year, 4)}-${pad(month, 2)}-${pad(day, 2)}` as CivilDate;
}

/** True for a real day of the supported years, written `YYYY-MM-DD`. */
export function isCivilDate(text: string): text is CivilDate {
  if (!PATTERN.test(text)) return false;
  const [year, month, day] = [partOf(text, 0, 4), partOf(text, 5, 7), partOf(text, 8, 10)];
  if (year < FIRST_YEAR || year > LAST_YEAR || month < 1 || month > 12) return false;
  return day >= 1 && day <= daysInMonth(year, month);
}

/** Reads a literal the program itself wrote; a wrong one is a bug and throws. Input from outside goes through {@link civilDateSchema}. */
export function civil(text: string): CivilDate {
  if (!isCivilDate(text)) throw new Error(`not a civil date: ${text}`);
  return text;
}

/** The day number of a civil date. */
export function toDay(date: CivilDate): DayNumber {
  return daysFromCivil(partOf(date, 0, 4), partOf(date, 5, 7), partOf(date, 8, 10));
}

/** The number that the digits from `from` up to and without `to` write. */
function partOf(text: string, from: number, to: number): number {
  let value = 0;
  for (let index = from; index < to; index += 1) value = value * 10 + text.charCodeAt(index) - 48;
  return value;
}

/** Whole days from `from` to `to`; negative when `to` is earlier. */
export function daysBetween(from: CivilDate, to: CivilDate): number {
  return toDay(to) - toDay(from);
}

/** 0 for Sunday to 6 for Saturday. */
export function weekdayOf(dayNumber: DayNumber): number {
  return (((dayNumber + 4) % 7) + 7) % 7;
}

export const civilDateSchema = z
  .string()
  .refine(isCivilDate, {
    params: { problem: 'civil-date' },
    message: 'must be a real day written YYYY-MM-DD',
  })
  .transform((text) => text as CivilDate)
  .meta({ format: 'date', description: 'A civil date, YYYY-MM-DD, 1900 to 2999' });
