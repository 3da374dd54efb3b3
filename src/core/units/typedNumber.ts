import { fail, ok, type Result } from '../basics/result.ts';

/** Why a text is no number. `ambiguous-comma`: 1,200 is a thousand and more to some and little more than one to others. */
export type TypedProblem =
  | { readonly problem: 'number' }
  | { readonly problem: 'ambiguous-comma'; readonly grouped: number; readonly decimal: number };

const VULGAR: Readonly<Record<string, string>> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
};

/** A number as written: grouped thousands, a decimal with point or comma, a fraction, or a whole with a fraction. */
export const NUMBER = String.raw`[-+]?(?:\d{1,3}(?:,\d{3})+\.\d+|\d+[ -]\d+\/\d+|\d+\/\d+|\d{1,3}(?: \d{3})+(?:[.,]\d+)?|\d+(?:[.,]\d*)?|[.,]\d+)`;
const WHOLE_TEXT = new RegExp(`^${NUMBER}$`);

/** One notation for minus signs, fractions and spaces that look alike. */
export const plainDigits = (text: string): string =>
  text
    .replaceAll(/[¼½¾⅛⅜⅝⅞⅓⅔]/g, (sign) => ` ${VULGAR[sign] ?? ''}`)
    .replaceAll(/[−–]/g, '-')
    .replaceAll(/\s+/g, ' ')
    .trim();

/**
 * Reads a number as people type it, the same in every field and both vocabularies: `0,5`, `12.40`, `1 200`, `1,200.50`, `−5`, `½`,
 * `59 1/2`. What could be two numbers is refused, and so are exponents and other bases.
 */
export function readTypedNumber(text: string): Result<number, TypedProblem> {
  const said = plainDigits(text);
  if (!WHOLE_TEXT.test(said)) return fail({ problem: 'number' });
  const sign = said.startsWith('-') ? -1 : 1;
  const bare = said.replace(/^[-+]/, '');
  if (/^[1-9]\d{0,2},\d{3}$/.test(bare)) {
    const [grouped, decimal] = [bare.replace(',', ''), bare.replace(',', '.')].map(
      (one) => sign * Number(one),
    );
    return fail({ problem: 'ambiguous-comma', grouped: grouped ?? NaN, decimal: decimal ?? NaN });
  }
  const value = sign * valueOf(bare);
  return Number.isFinite(value) ? ok(value) : fail({ problem: 'number' });
}

/** The value of digits without a sign, in one of the ways {@link NUMBER} knows. */
function valueOf(bare: string): number {
  const mixed = /^(?:(\d+)[ -])?(\d+)\/(\d+)$/.exec(bare);
  if (mixed) return Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]);
  if (/^\d{1,3}(,\d{3})+\.\d+$/.test(bare)) return Number(bare.replaceAll(',', ''));
  return Number(bare.replaceAll(' ', '').replace(',', '.'));
}
