import type { Translate } from '../../../locales/speech.ts';
import { readTypedNumber, type TypedProblem } from '../../../core/units/typedNumber.ts';

/** The fault of a number in a field: the name of the sentence under `problem`, and what stands in it. */
export interface NumberFault {
  readonly problem: string;
  readonly minimum?: number;
  readonly maximum?: number;
  /** The two numbers it could be; an amount as it is written. */
  readonly options?: string;
}

export type ReadNumber =
  { readonly ok: true; readonly value: number } | { readonly ok: false; readonly fault: NumberFault };

/** The sentence to show for a fault. */
export const faultText = (t: Translate, fault: NumberFault): string =>
  t(`problem.${fault.problem}`, { ...fault });

const faultOf = (problem: TypedProblem): NumberFault =>
  problem.problem === 'number'
    ? problem
    : { problem: problem.problem, options: `${problem.grouped} or ${problem.decimal}` };

/** Reads a number as typed that must lie within bounds, both included. */
export function readNumber(text: string, minimum = -Infinity, maximum = Infinity): ReadNumber {
  const read = readTypedNumber(text);
  if (!read.ok) return { ok: false, fault: faultOf(read.error) };
  if (read.value < minimum) return { ok: false, fault: { problem: 'too-small', minimum } };
  if (read.value > maximum) return { ok: false, fault: { problem: 'too-big', maximum } };
  return { ok: true, value: read.value };
}

/** The same where it must be whole; `problem`: what is said where it is not, or does not lie within the bounds. */
export function readInteger(
  text: string,
  minimum: number,
  maximum: number,
  problem = 'whole-number',
): ReadNumber {
  const wrong: ReadNumber = { ok: false, fault: { problem, minimum, maximum } };
  const read = readNumber(text);
  if (!read.ok) return read.fault.problem === 'number' ? wrong : read;
  const fits = Number.isInteger(read.value) && read.value >= minimum && read.value <= maximum;
  return fits ? read : wrong;
}

/** The value of a field that may be left empty: null when it is, a fault when it is no such number. */
export type ReadOptional = number | null | NumberFault;

export const isFault = (read: ReadOptional): read is NumberFault => typeof read === 'object' && read !== null;

/** Reads a whole number as typed. */
export function readWhole(text: string): ReadOptional {
  if (text.trim() === '') return null;
  const read = readInteger(text, 0, 99_999);
  return read.ok ? read.value : read.fault;
}

const MOST_MONEY = 10_000_000;

/** Reads money as typed, with point or comma, into the currency's smallest unit. */
export function readCost(text: string, digits: number): ReadOptional {
  if (text.trim() === '') return null;
  const wrong: NumberFault = { problem: 'money', options: writeCost(1250, digits) };
  const read = readNumber(text);
  if (!read.ok) return read.fault.problem === 'number' ? wrong : read.fault;
  const smallest = Math.round(read.value * 10 ** digits);
  const most = digits === 0 ? 1_000_000_000 : MOST_MONEY;
  // An amount finer than the smallest coin is a typing error.
  const isExact = Math.abs(smallest / 10 ** digits - read.value) < 1e-9;
  return isExact && read.value >= 0 && read.value < most ? smallest : wrong;
}

/** Money in a currency's smallest unit as one would type it. */
export const writeCost = (smallestUnits: number, digits: number): string =>
  (smallestUnits / 10 ** digits).toFixed(digits);
