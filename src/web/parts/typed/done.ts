import { isCivilDate, type CivilDate } from '../../../core/calendar/civilDate.ts';
import { dateText, type Speech } from '../../../locales/speech.ts';
import { faultText, isFault, readCost, readWhole } from './fields.ts';

/** A field that is not right, and the sentence to show beside it. */
export interface WrongField {
  readonly field: string;
  readonly text: string;
}

/** Reads the day on which something was done, as typed in the field `date`: it is not in the future. */
export function readDayDone(speech: Speech, typed: string, today: string): CivilDate | WrongField {
  if (!isCivilDate(typed)) return { field: 'date', text: speech.t('problem.civil-date') };
  if (!isCivilDate(today) || typed <= today) return typed;
  return { field: 'date', text: speech.t('error.date-in-future', { today: dateText(speech, today) }) };
}

/** How long something took and what it cost, the latter in the smallest unit of the currency; null where nothing was typed. */
export interface Amounts {
  readonly minutes: number | null;
  readonly cost: number | null;
}

/** Reads minutes and cost as typed in the fields of these names; `digits`: the decimals of the currency. */
export function readAmounts(
  speech: Speech,
  typed: { readonly minutes: string; readonly cost: string },
  digits: number,
): Amounts | WrongField {
  const minutes = readWhole(typed.minutes);
  if (isFault(minutes)) return { field: 'minutes', text: faultText(speech.t, minutes) };
  const cost = readCost(typed.cost, digits);
  if (isFault(cost)) return { field: 'cost', text: faultText(speech.t, cost) };
  return { minutes, cost };
}
