import type { UnitCode } from '../units/units.ts';

/** Short ways to say what a reading asks for. Options go last: `{ optional: true }`, `{ otherwise: 15 }`, `{ min, max }`. */
export const quantity = <U extends UnitCode, const O extends object = object>(
  unit: U,
  more: O = {} as O,
) => ({
  kind: 'quantity' as const,
  unit,
  ...more,
});
export const positive = <U extends UnitCode, const O extends object = object>(unit: U, more: O = {} as O) =>
  quantity(unit, { min: 0, ...more });
export const share = <const O extends object = object>(more: O = {} as O) =>
  quantity('%', { min: 0, max: 100, ...more });
export const number = <const O extends object = object>(more: O = {} as O) => ({
  kind: 'number' as const,
  min: 0,
  ...more,
});
export const choice = <const T extends readonly string[]>(...options: T) => ({
  kind: 'choice' as const,
  options,
});
/** A choice that stands at its first option. */
export const usually = <const T extends readonly [string, ...string[]]>(...options: T) => ({
  kind: 'choice' as const,
  options,
  otherwise: options[0] as T[number],
});
export const yesNo = { kind: 'yesNo' } as const;
export const usuallyNot = { kind: 'yesNo', otherwise: false } as const;
/** Which floor was measured: floors differ, and each has a gauge of its own. */
export const FLOOR = usually('ground', 'basement', 'upper', 'top');
