import type { CivilDate } from '../core/calendar/civilDate.ts';
import type { Span } from '../core/calendar/span.ts';
import type { FindPractice } from '../core/house/timingOf.ts';
import type { Formats } from './format.ts';
import { lists } from './lists.ts';
import { wordsOf, type Wording } from './vocabulary.ts';

/** Looks a sentence up and fills it in; `plural` chooses among the forms of a sentence that has several. */
export type Translate = (key: string, named?: Record<string, unknown>, plural?: number) => string;

/** All that turning codes into sentences needs: the sentences, the formats, which day it is, and the catalogue's texts in a home's words. */
export interface Speech {
  readonly t: Translate;
  readonly formats: Formats;
  readonly today: CivilDate;
  readonly find: FindPractice;
  readonly wording: Wording;
  /** The name of a duty of the house; its id where the house is not at hand. */
  readonly dutyTitle: (dutyId: string) => string;
}

/** A text of the catalogue in the home's words and units. */
export const words = ({ wording }: Pick<Speech, 'wording'>, text: string): string => wordsOf(text, wording);

/** The name of a code in one of the catalogue's lists; a code of the household's own stands for itself. */
export function nameIn({ t }: Pick<Speech, 't'>, list: keyof typeof lists, code: string): string {
  return code in lists[list] ? t(`${list}.${code}`) : code.replaceAll('-', ' ');
}

/** "every 3 months". */
export const everyText = ({ t }: Pick<Speech, 't'>, every: Span): string =>
  t(`span.${every.unit}`, { n: every.count }, every.count);

/** "3 months". */
export const lengthText = ({ t }: Pick<Speech, 't'>, length: Span): string =>
  t(`length.${length.unit}`, { n: length.count }, length.count);

export const daysText = ({ t }: Pick<Speech, 't'>, days: number): string =>
  t('length.days', { n: days }, days);

export const dateText = ({ formats, today }: Pick<Speech, 'formats' | 'today'>, date: CivilDate): string =>
  formats.date(date, today);

/** A text as a sentence begins. A name such as pH keeps its small letter. */
export const capital = (text: string): string =>
  /^[a-z][A-Z]/.test(text) ? text : text.charAt(0).toUpperCase() + text.slice(1);
export const uncapital = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
