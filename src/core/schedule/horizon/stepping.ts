import type { DayNumber } from '../../calendar/civilDate.ts';
import { toOccurrence } from '../replay/toOccurrence.ts';
import type { Placed } from '../replay/place.ts';
import type { Days } from '../window.ts';
import type { Columns } from './columns.ts';
import { NO_LEADS } from './rows.ts';
import type { Walker } from './walker.ts';

interface Stepping {
  /** Where they stand at first, by their places in the group, and the day on which that is done. */
  readonly dates: readonly (Placed | null)[];
  readonly day: DayNumber;
  readonly end: DayNumber;
  /** How many are still wanted of each, by their places in the group. */
  readonly left: number[];
}

/** Steps duties on that share their dates: each time all are done on the day the first of them is due. */
export function stepTogether(walkers: readonly Walker[], stepping: Stepping, columns: Columns): void {
  const { dates, day, end, left } = stepping;
  for (const walker of walkers) {
    const placed = dates[walker.index];
    if (placed && isWanted(walker, left))
      columns.add(walker.duty, placed, () => toOccurrence(placed, NO_LEADS));
    columns.explainBy(walker.duty, walker.explain);
    if (placed) walker.begin(placed.date.key);
    walker.step(day);
  }
  const [alone] = walkers;
  if (alone && walkers.length === 1) stepAlone(alone, { day, end, left: left[alone.index] ?? 0 }, columns);
  else stepAll(walkers, { day, end, left }, columns);
}

/** Counts one more of a duty, if one is still wanted. */
function isWanted({ index }: Walker, left: number[]): boolean {
  const count = left[index] ?? 0;
  left[index] = count - 1;
  return count > 0;
}

function stepAlone(
  walker: Walker,
  { day: first, end, left }: { day: DayNumber; end: DayNumber; left: number },
  columns: Columns,
): void {
  let day = first;
  for (let count = 0; count < left && walker.course.due <= end; count += 1) {
    const window = walker.window();
    day = Math.max(window?.due ?? Infinity, day + 1);
    if (!window || day > end) return;
    columns.add(walker.duty, window, walker.cause());
    walker.step(day);
  }
}

function stepAll(
  walkers: readonly Walker[],
  { day: first, end, left }: Omit<Stepping, 'dates'>,
  columns: Columns,
): void {
  let day = first;
  while (walkers.some(({ index }) => (left[index] ?? 0) > 0)) {
    const windows = walkers.map((walker) => walker.window());
    const lead = leadOf(windows);
    day = Math.max(windows[lead]?.due ?? Infinity, day + 1);
    if (day > end) return;
    addShared(walkers, windows, lead, left, columns);
    walkers.forEach((walker, place) => {
      if (windows[place]) walker.step(day);
    });
  }
}

/** Adds what falls due together, all in the window of the one that leads. */
function addShared(
  walkers: readonly Walker[],
  windows: readonly (Days | null)[],
  lead: number,
  left: number[],
  columns: Columns,
): void {
  const [leader, days] = [walkers[lead], windows[lead]];
  if (!leader || !days) return;
  const dutyId = leader.member.history.duty.id;
  walkers.forEach((walker, place) => {
    if (!windows[place] || !isWanted(walker, left)) return;
    const cause = walker.cause();
    if (place === lead) columns.add(walker.duty, days, cause);
    else columns.add(walker.duty, walker.within(days), cause, { dutyId, days });
  });
}

/** The place of the window that is due first; ties go to the first listed. */
function leadOf(windows: readonly (Days | null)[]): number {
  let lead = 0;
  windows.forEach((window, place) => {
    if (window && window.due < (windows[lead]?.due ?? Infinity)) lead = place;
  });
  return lead;
}
