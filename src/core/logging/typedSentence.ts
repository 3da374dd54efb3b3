import type { CivilDate } from '../calendar/civilDate.ts';
import { readTypedNumber } from '../units/typedNumber.ts';
import { datePhraseIn, type DateOrder } from './datePhrase.ts';

/** A sentence as it is understood: a day, an amount of money in the smallest unit, and the words left to search with. */
export interface TypedSentence {
  readonly search: string;
  readonly date: CivilDate | null;
  readonly cost: number | null;
}

export interface SentenceWording {
  readonly today: CivilDate;
  readonly order: DateOrder;
  /** Digits after the point of the home's currency. */
  readonly digits: number;
}

/** As much as an entry may cost, in the smallest unit of most currencies. */
const MOST_COST = 1_000_000_000;
/** A whole number without a sign of money is an amount from here on: "radiator 2" is no two dollars. */
const LEAST_BARE = 10;
const AMOUNT = /^([$£€¥])?(\d+(?:[.,]\d+)*)([$£€¥])?$/u;
const MONEY_WORD = /^(?:dollars?|bucks?|pounds?|quid|euros?|usd|gbp|eur|cad|aud|nzd)$/iu;
/** Between the numbers of a size such as 16 × 25 × 1. */
const TIMES = /^[×x]$/iu;

interface Amount {
  /** Its first word among those of the sentence, and how many words it takes. */
  readonly at: number;
  readonly length: number;
  readonly cost: number;
}

/** The last amount of money among words: with a sign or a word of money, with cents, or a whole number at the end. */
function lastAmount(words: readonly string[], digits: number): Amount | null {
  for (const [at, word] of [...words.entries()].reverse()) {
    const found = AMOUNT.exec(word);
    const number = found?.[2];
    if (!found || number === undefined) continue;
    const [before, after] = [words[at - 1] ?? '', words[at + 1] ?? ''];
    const read = readTypedNumber(number);
    if (!read.ok || TIMES.test(before) || TIMES.test(after)) continue;
    const hasSign = found[1] !== undefined || found[3] !== undefined;
    const isNamed = MONEY_WORD.test(after);
    const hasCents = digits > 0 && new RegExp(`[.,]\\d{${digits}}$`).test(number);
    const isLast = after === '' && read.value >= LEAST_BARE;
    const cost = Math.round(read.value * 10 ** digits);
    if ((hasSign || isNamed || hasCents || isLast) && cost < MOST_COST)
      return { at, length: isNamed ? 2 : 1, cost };
  }
  return null;
}

/** Reads what somebody typed about something they did: "filter 3 weeks ago 12.40". */
export function readSentence(typed: string, { today, order, digits }: SentenceWording): TypedSentence {
  const phrase = datePhraseIn(typed, today, order);
  const undated = phrase ? typed.replace(phrase.text, ' ') : typed;
  const words = undated.split(/\s+/).filter(Boolean);
  const amount = lastAmount(words, digits);
  if (amount) words.splice(amount.at, amount.length);
  return { search: words.join(' '), date: phrase?.date ?? null, cost: amount?.cost ?? null };
}
