import {
  civilFromDays,
  daysFromCivil,
  daysInMonth,
  isCivilDate,
  toCivilDate,
  toDay,
  weekdayOf,
  type CivilDate,
} from '../calendar/civilDate.ts';

/** The order a wording writes day and month in. */
export type DateOrder = 'month-first' | 'day-first';

/** A date said in a sentence, and the part of the sentence that said it. */
export interface DatePhrase {
  readonly date: CivilDate;
  readonly text: string;
}

const NUMBERS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
};
const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

const COUNT = `(\\d{1,3}|${Object.keys(NUMBERS).join('|')})`;
const MONTH =
  '(jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\\.?';
const WEEKDAY =
  '(mon(?:day)?|tue(?:s|sday)?|wed(?:s|nesday)?|thu(?:r|rs|rsday)?|fri(?:day)?|sat(?:urday)?|sun(?:day)?)';
const DAY = '(\\d{1,2})(?:st|nd|rd|th)?';
const YEAR = '(?:,? (\\d{4}))?';

type Read = (found: readonly string[], today: number, order: DateOrder) => number | null;

const countOf = (text = ''): number => NUMBERS[text] ?? Number(text);

/** So many months before a day; of a shorter month its last day. */
function monthsBefore(today: number, months: number): number {
  const { year, month, day } = civilFromDays(today);
  const index = year * 12 + (month - 1) - months;
  const [y, m] = [Math.floor(index / 12), (index % 12) + 1];
  return daysFromCivil(y, m, Math.min(day, daysInMonth(y, m)));
}

/** A day of a month; without a year the last one that is not to come. Null where there is no such day. */
function dayOf(month: number, day: number, yearText: string | undefined, today: number): number | null {
  const fits = (year: number): boolean =>
    month >= 1 && month <= 12 && day >= 1 && day <= daysInMonth(year, month);
  if (yearText !== undefined) {
    const year = Number(yearText.length === 2 ? `20${yearText}` : yearText);
    return fits(year) ? daysFromCivil(year, month, day) : null;
  }
  const { year } = civilFromDays(today);
  if (fits(year) && daysFromCivil(year, month, day) <= today) return daysFromCivil(year, month, day);
  return fits(year - 1) ? daysFromCivil(year - 1, month, day) : null;
}

const monthOf = (text = ''): number => MONTHS.indexOf(text.slice(0, 3)) + 1;

/** The last such weekday before today. */
function weekdayBefore(text: string, today: number): number {
  const wanted = WEEKDAYS.indexOf(text.slice(0, 3)) + 1;
  const back = (weekdayOf(today) - wanted + 7) % 7;
  return today - (back === 0 ? 7 : back);
}

function slashed(found: readonly string[], today: number, order: DateOrder): number | null {
  const [a, b] = [Number(found[0]), Number(found[1])];
  return order === 'month-first' ? dayOf(a, b, found[2], today) : dayOf(b, a, found[2], today);
}

/** Every way of saying a day, the longer before the shorter they hold. */
const PHRASES: readonly (readonly [pattern: string, read: Read])[] = [
  ['(\\d{4}-\\d{2}-\\d{2})', ([iso = '']) => (isCivilDate(iso) ? toDay(iso) : null)],
  ['(?:the )?day before yesterday', (_, today) => today - 2],
  ['yesterday', (_, today) => today - 1],
  ['(?:today|this morning|this afternoon|this evening|tonight|just now)', (_, today) => today],
  ['last night', (_, today) => today - 1],
  [`${COUNT} days? ago`, ([n], today) => today - countOf(n)],
  [`${COUNT} (?:weeks?|wks?) ago`, ([n], today) => today - 7 * countOf(n)],
  [`${COUNT} fortnights? ago`, ([n], today) => today - 14 * countOf(n)],
  ['(?:a )?fortnight ago', (_, today) => today - 14],
  [`${COUNT} months? ago`, ([n], today) => monthsBefore(today, countOf(n))],
  [`${COUNT} years? ago`, ([n], today) => monthsBefore(today, 12 * countOf(n))],
  ['last week', (_, today) => today - 7],
  ['last month', (_, today) => monthsBefore(today, 1)],
  ['last year', (_, today) => monthsBefore(today, 12)],
  [
    `(?:on )?${MONTH} ${DAY}${YEAR}`,
    ([month, day, year], today) => dayOf(monthOf(month), Number(day), year, today),
  ],
  [
    `(?:on )?(?:the )?${DAY}(?: of)? ${MONTH}${YEAR}`,
    ([day, month, year], today) => dayOf(monthOf(month), Number(day), year, today),
  ],
  ['(?:on )?(\\d{1,2})/(\\d{1,2})(?:/(\\d{4}|\\d{2}))?', slashed],
  [`(?:last |on |this )${WEEKDAY}`, ([name = ''], today) => weekdayBefore(name, today)],
  [WEEKDAY, ([name = ''], today) => weekdayBefore(name, today)],
];
const READERS = PHRASES.map(([pattern, read]) => ({
  expression: new RegExp(`(?<![\\p{L}\\p{N}./-])${pattern}(?![\\p{L}\\p{N}/-])`, 'iu'),
  read,
}));

/** The day a sentence names, by a fixed list of phrases; null where it names none, or one that is still to come. */
export function datePhraseIn(text: string, today: CivilDate, order: DateOrder): DatePhrase | null {
  for (const { expression, read } of READERS) {
    const found = expression.exec(text);
    if (!found) continue;
    const [whole, ...parts] = found.map((part: string | undefined) => part?.toLowerCase());
    const day = read(parts as string[], toDay(today), order);
    if (day !== null && day <= toDay(today) && whole !== undefined)
      return { date: toCivilDate(day), text: found[0] };
  }
  return null;
}
