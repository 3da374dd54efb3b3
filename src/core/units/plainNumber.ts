/** Digits, with one decimal point or comma. No grouping, no exponent, no other base: in a table nobody can be asked what was meant. */
const PLAIN = /^[-−]?\d+(?:[.,]\d+)?$/;
/** A thousand and more to some, little more than one to others. */
const AMBIGUOUS = /^[-−]?[1-9]\d{0,2},\d{3}$/;

/** A number as a table holds it, or null where it is none or could be two. */
export function readPlainNumber(text: string): number | null {
  if (!PLAIN.test(text) || AMBIGUOUS.test(text)) return null;
  const value = Number(text.replace('−', '-').replace(',', '.'));
  return Number.isFinite(value) ? value : null;
}

/** A number as {@link readPlainNumber} reads it back: very large and very small ones without an exponent. */
export const plainNumber = (value: number): string =>
  /e/.test(String(value))
    ? value.toLocaleString('en-US', { useGrouping: false, maximumFractionDigits: 20 })
    : String(value);
