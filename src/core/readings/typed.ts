import { parseQuantity, type QuantityProblem } from '../units/parseQuantity.ts';
import { convert, isUnit, toDigits, unitIn, type UnitCode } from '../units/units.ts';
import type { Field, FieldProblem, Given, Reading } from './reading.ts';

/** The content of the fields of a form: text as typed, an option's code, or `yes`. */
export type Typed = Readonly<Record<string, string>>;

/** Whose units a number without one is in. */
export interface Measures {
  readonly units: 'us' | 'metric';
  readonly gallon: 'us' | 'uk';
}

export type TypedProblem = QuantityProblem | FieldProblem['problem'];

/** The unit a field is asked in: the home's own. A gallon is that of its country. */
export function askedUnit(field: Field, { units, gallon }: Measures): UnitCode | '' {
  if (field.kind !== 'quantity') return '';
  const unit = unitIn(field.unit, units);
  return unit === 'gal' && gallon === 'uk' ? 'gal-uk' : unit;
}

/** The input of a reading from a form. Fields left empty are left out; the others are read or told why not. */
export function readTyped(
  reading: Reading,
  typed: Typed,
  measures: Measures,
): { readonly given: Given; readonly problems: readonly { field: string; problem: TypedProblem }[] } {
  const given: Record<string, Given[string]> = {};
  const problems: { field: string; problem: TypedProblem }[] = [];
  for (const [code, field] of Object.entries(reading.fields)) {
    const text = (typed[code] ?? '').trim();
    const read = readField(field, text, measures);
    if ('problem' in read) problems.push({ field: code, problem: read.problem });
    else given[code] = read.value;
  }
  return { given, problems };
}

function readField(
  field: Field,
  text: string,
  measures: Measures,
): { readonly value: Given[string] } | { readonly problem: TypedProblem } {
  if (field.kind === 'yesNo') return { value: text === 'yes' };
  if (text === '') return { value: undefined };
  if (field.kind === 'choice') return { value: text };
  if (field.kind === 'number') {
    const value = Number(text.replace(',', '.'));
    return Number.isFinite(value) ? { value } : { problem: 'number' };
  }
  const asked = askedUnit(field, measures);
  const read = parseQuantity(text, asked === '' ? field.unit : asked, measures.gallon);
  return read.ok ? { value: read.value } : { problem: read.error };
}

/** How a value stands in a form: in the unit its field is asked in, with the digits that matter. */
export function typedOf(field: Field, value: NonNullable<Given[string]>, measures: Measures): string {
  if (typeof value === 'boolean') return value ? 'yes' : '';
  if (typeof value !== 'object') return String(value);
  const unit = askedUnit(field, measures);
  if (unit === '' || !isUnit(value.unit)) return String(value.value);
  return String(toDigits(convert(value.value, value.unit, unit), 4));
}
