import { civil, daysBetween, type CivilDate } from '../calendar/civilDate.ts';

/** How long before its end a cover is told of. */
const WARNED_DAYS = 60;
/** How long after it still is: what it covered may have failed in time. */
const TOLD_AFTER_DAYS = 14;

/** A warranty or contract that covers a thing until a day. */
export interface Cover {
  readonly id: string;
  readonly asset: string;
  readonly title: string;
  readonly ends: CivilDate;
}

/** The covers that end within sixty days, or have just ended: the soonest first. */
export function coversEnding(
  covers: readonly { id: string; asset: string; title: string; ends: string }[],
  today: CivilDate,
): Cover[] {
  return covers
    .map((cover) => ({ ...cover, ends: civil(cover.ends) }))
    .filter(({ ends }) => {
      const left = daysBetween(today, ends);
      return left <= WARNED_DAYS && left >= -TOLD_AFTER_DAYS;
    })
    .sort((a, b) => (a.ends < b.ends ? -1 : 1));
}
