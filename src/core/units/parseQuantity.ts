import { fail, ok, type Result } from '../basics/result.ts';
import { NUMBER, plainDigits, readTypedNumber } from './typedNumber.ts';
import { convert, dimensionOf, UNIT_CODES, UNITS, type UnitCode } from './units.ts';

export interface Entered {
  readonly value: number;
  readonly unit: UnitCode;
}

/** Why a text is no quantity. `ambiguous`: 1,200 is a thousand and more to some and little more than one to others. */
export type QuantityProblem = 'number' | 'ambiguous-comma' | 'unit-unknown' | 'unit-of-something-else';

/** A 2 or 3 behind a letter that belongs to the unit: of in2, ft3/min, bq/m3. Not that of 5ft3in. */
const POWER = String.raw`(?<=[a-z])[23](?=$|[\s/])`;

const PART = new RegExp(
  String.raw`^(${NUMBER})\s*([^\d\s.,+-](?:[^\d]|${POWER})*?)?\s*(?=$|(?!${POWER})\d)`,
  'i',
);

/** One notation for signs that look alike. */
function plain(text: string): string {
  return plainDigits(text)
    .replaceAll(/[“”″]|''/g, '"')
    .replaceAll(/[‘’′]/g, "'")
    .replaceAll('º', '°')
    .replaceAll(/\bdeg(?:rees?)?\b\.?/gi, '°')
    .replaceAll(/°\s+/g, '°')
    .replaceAll(/\s+/g, ' ')
    .trim();
}

/** The unit a text names among those of a dimension; a plain "gal" is the gallon of the home's own country. */
function unitNamed(text: string, wanted: UnitCode, gallon: 'us' | 'uk'): UnitCode | QuantityProblem {
  const name = text.toLowerCase().trim();
  if (/^gals?\.?$|^gallons?$/.test(name)) {
    const named = gallon === 'uk' ? 'gal-uk' : 'gal';
    return dimensionOf(wanted) === 'volume' ? named : 'unit-of-something-else';
  }
  const named = UNIT_CODES.filter((code) => (UNITS[code].written as readonly string[]).includes(name));
  if (named.length === 0) return 'unit-unknown';
  return named.find((code) => dimensionOf(code) === dimensionOf(wanted)) ?? 'unit-of-something-else';
}

/**
 * Reads a quantity as people write it: `68F`, `20,5 °C`, `3/16 in`, `1 1/2"`, `5' 6"`. A number alone is in the unit `asked`; a unit
 * must measure the same thing as it. Feet and inches, or minutes and seconds, come out in the smaller. The value is not converted.
 */
export function parseQuantity(
  text: string,
  asked: UnitCode,
  gallon: 'us' | 'uk' = 'us',
): Result<Entered, QuantityProblem> {
  let rest = plain(text);
  let sum: Entered | null = null;
  while (rest !== '') {
    const part = PART.exec(rest);
    if (!part) return fail('number');
    const read = readTypedNumber(part[1] ?? '');
    if (!read.ok) return fail(read.error.problem);
    const { value } = read;
    const unit = part[2] === undefined ? asked : unitNamed(part[2], asked, gallon);
    if (!isCode(unit)) return fail(unit);
    if (sum !== null && (part[2] === undefined || !smaller(unit, sum.unit))) return fail('number');
    sum = sum === null ? { value, unit } : { value: added(sum, value, unit), unit };
    rest = rest.slice(part[0].length).trim();
  }
  return sum === null ? fail('number') : ok(sum);
}

const isCode = (unit: UnitCode | QuantityProblem): unit is UnitCode => unit in UNITS;
const smaller = (unit: UnitCode, than: UnitCode): boolean => UNITS[unit].factor < UNITS[than].factor;

function added(sum: Entered, value: number, unit: UnitCode): number {
  const whole = convert(sum.value, sum.unit, unit);
  return sum.value < 0 ? whole - value : whole + value;
}
