import { readTypedNumber } from './typedNumber.ts';

/** Digits, with one decimal point or comma. Of all that people type, a table takes only this: nobody can be asked there what was meant. */
const PLAIN = /^[-−]?\d+(?:[.,]\d+)?$/;

/** A number as a table holds it, or null where it is none or could be two: no grouping, no fraction. */
export function readPlainNumber(text: string): number | null {
  const read = readTypedNumber(text);
  return PLAIN.test(text) && read.ok ? read.value : null;
}

/** A number as {@link readPlainNumber} reads it back: very large and very small ones without an exponent. */
export const plainNumber = (value: number): string =>
  /e/.test(String(value))
    ? value.toLocaleString('en-US', { useGrouping: false, maximumFractionDigits: 20 })
    : String(value);
