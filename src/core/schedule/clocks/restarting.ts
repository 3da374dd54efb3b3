import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import type { Reason } from '../reason.ts';

/** On a clock that restarts, a date that would fall before new terms began is the day they began. */
export function notBeforeTerms(due: DayNumber, start: DayNumber, reasons: Reason[]): DayNumber {
  if (due >= start) return due;
  reasons.push({ kind: 'termsBegan', due: toCivilDate(start) });
  return start;
}
