import { Temporal } from 'temporal-polyfill';
import { z } from 'zod';
import { toCivilDate, civilFromDays, type CivilDate, type DayNumber } from './civilDate.ts';

const DAY_MS = 86_400_000;

/** True for an identifier of the time-zone database, such as `America/Chicago`. */
export function isZone(zone: string): boolean {
  if (!/^[A-Za-z][A-Za-z0-9_+-]*(\/[A-Za-z0-9_+-]+)*$/.test(zone)) return false;
  try {
    Temporal.Instant.fromEpochMilliseconds(0).toZonedDateTimeISO(zone);
    return true;
  } catch {
    // An unknown zone is the very question asked here; the caller turns `false` into a named error.
    return false;
  }
}

export const zoneSchema = z
  .string()
  .max(64)
  .refine(isZone, {
    params: { problem: 'zone' },
    message: 'must be a time zone of the time-zone database, such as America/Chicago',
  })
  .meta({ description: 'A time zone of the time-zone database, such as America/Chicago' });

/** The civil date a wall calendar in the zone shows at an instant (milliseconds since 1970 UTC). */
export function civilDateIn(zone: string, epochMilliseconds: number): CivilDate {
  const local = Temporal.Instant.fromEpochMilliseconds(epochMilliseconds).toZonedDateTimeISO(zone);
  return toCivilDate(Math.floor((epochMilliseconds + local.offsetNanoseconds / 1e6) / DAY_MS));
}

/** Days of one calendar year on which the zone's offset changes, as the clock shows them just before the change. */
export function zoneChangesInYear(zone: string, year: number): readonly DayNumber[] {
  const key = `${zone} ${year}`;
  const known = changes.get(key);
  if (known) return known;
  const found = findZoneChanges(zone, year);
  changes.set(key, found);
  return found;
}

/** The time-zone data do not change while the program runs, so an answer once found stays right. */
const changes = new Map<string, readonly DayNumber[]>();

function findZoneChanges(zone: string, year: number): DayNumber[] {
  const found: DayNumber[] = [];
  let at: Temporal.ZonedDateTime | null = Temporal.Instant.from(
    `${year - 1}-12-30T00:00:00Z`,
  ).toZonedDateTimeISO(zone);
  while ((at = at.getTimeZoneTransition('next')) !== null) {
    const offsetBefore = at.subtract({ nanoseconds: 1 }).offsetNanoseconds / 1e6;
    const day = Math.floor((at.epochMilliseconds + offsetBefore) / DAY_MS);
    const changeYear = civilFromDays(day).year;
    if (changeYear > year) break;
    if (changeYear === year) found.push(day);
  }
  return found;
}
