import type { DayNumber } from '../../calendar/civilDate.ts';
import { toOccurrence } from '../replay/toOccurrence.ts';
import type { Placed } from '../replay/place.ts';
import type { Columns } from './columns.ts';

/** How far is looked ahead, and how many occurrences of each duty are wanted. */
export interface Reach {
  readonly today: DayNumber;
  readonly end: DayNumber;
  readonly enough: number;
}

/** Nothing is booked or ordered for what is only imagined. */
export const NO_LEADS = { bookBy: null, orderBy: null };

/** Adds what is replayed, written out at once: what explains it is about to change. */
export function addPlaced(columns: Columns, duty: number, placed: Placed): void {
  columns.add(duty, placed, toOccurrence(placed, NO_LEADS));
}
