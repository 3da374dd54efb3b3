import type { CivilDate } from '../core/calendar/civilDate.ts';
import type { Span } from '../core/calendar/span.ts';
import type { Formats } from './format.ts';

/** Looks a sentence up and fills it in; `plural` chooses among the forms of a sentence that has several. */
export type Translate = (key: string, named?: Record<string, unknown>, plural?: number) => string;

/** All that turning codes into sentences needs: the sentences, the formats and which day it is. */
export interface Speech {
  readonly t: Translate;
  readonly formats: Formats;
  readonly today: CivilDate;
}

/** "every 3 months". */
export const everyText = ({ t }: Speech, every: Span): string =>
  t(`span.${every.unit}`, { n: every.count }, every.count);

/** "3 months". */
export const lengthText = ({ t }: Speech, length: Span): string =>
  t(`length.${length.unit}`, { n: length.count }, length.count);

export const daysText = ({ t }: Speech, days: number): string => t('length.days', { n: days }, days);

export const dateText = ({ formats, today }: Speech, date: CivilDate): string => formats.date(date, today);
