import { isCivilDate, toDay, type DayNumber } from './civilDate.ts';

/** The earliest day a date known only in part can mean: a month its 1st, a year 1 January. Null: not such a date. */
export function partialDay(text: string): DayNumber | null {
  const full = text.length === 4 ? `${text}-01-01` : text.length === 7 ? `${text}-01` : text;
  return isCivilDate(full) ? toDay(full) : null;
}
