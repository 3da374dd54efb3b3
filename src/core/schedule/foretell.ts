import { toDay, type CivilDate } from '../calendar/civilDate.ts';
import type { Completion, DutyHistory } from './history.ts';
import type { CalendarPlace } from './listing.ts';
import { OccurrenceSource, type Occurrence } from './occurrence.ts';
import type { WindowTerms } from './window.ts';

/**
 * The occurrences due up to `until` (included) if each were done on its due day, with their windows and reasons.
 * Starts after the last completion on record, or from the adoption.
 */
export function foretell(
  dutyId: string,
  history: DutyHistory,
  windowTerms: WindowTerms,
  place: CalendarPlace,
  until: CivilDate,
): Occurrence[] {
  const source = new OccurrenceSource(dutyId, history, windowTerms, place);
  const found: Occurrence[] = [];
  const end = toDay(until);
  let last: Completion | null = history.completions.at(-1) ?? null;
  const owedFrom = history.adoption.day;
  let next = source.next(0, last ? Math.max(owedFrom, last.day + 1) : owedFrom, last);
  while (next && next.dueDay <= end) {
    found.push(next);
    // No entry stands for it yet, so the day it is imagined on names it.
    last = { entryId: next.window.due, day: next.dueDay, how: 'done' };
    next = source.next(next.segment, Math.max(owedFrom, next.ruleDay + 1), last);
  }
  return found;
}
