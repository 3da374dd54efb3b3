import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import type { Reason } from '../reason.ts';

/** On a rule that restarts, a date that would fall before new terms began is the day they began: adds the step that says so. */
export function tellTermsBegan(due: DayNumber, start: DayNumber, told: Reason[]): void {
  if (due < start) told.push({ kind: 'termsBegan', due: toCivilDate(start) });
}
