import type { Home } from '../house/house.ts';

/** A number with the unit it was entered in. */
export interface Quantity {
  readonly value: number;
  readonly unit: string;
}

interface Unit {
  readonly system: Home['units'];
  readonly counterpart: string;
  /** To the counterpart. */
  readonly convert: (value: number) => number;
}

const LITRES_PER_GALLON = 3.785411784;

/** Units with a counterpart in the other system. Exact by definition: 1 in = 25.4 mm; °F = °C × 9/5 + 32; 1 US gallon = 231 in³ = 3.785411784 l. */
const UNITS: Readonly<Record<string, Unit>> = {
  mm: { system: 'metric', counterpart: 'in', convert: (mm) => mm / 25.4 },
  in: { system: 'us', counterpart: 'mm', convert: (inches) => inches * 25.4 },
  l: { system: 'metric', counterpart: 'gal', convert: (litres) => litres / LITRES_PER_GALLON },
  gal: { system: 'us', counterpart: 'l', convert: (gallons) => gallons * LITRES_PER_GALLON },
  C: { system: 'metric', counterpart: 'F', convert: (celsius) => (celsius * 9) / 5 + 32 },
  F: { system: 'us', counterpart: 'C', convert: (fahrenheit) => ((fahrenheit - 32) * 5) / 9 },
};

/** A quantity in a home's own system of units; one without a counterpart stays as it is. */
export function inHomeUnits(quantity: Quantity, system: Home['units']): Quantity {
  const unit = UNITS[quantity.unit];
  if (!unit || unit.system === system) return quantity;
  return { value: unit.convert(quantity.value), unit: unit.counterpart };
}

/** The unit a home's system measures lengths of parts in. */
export const lengthUnit = (system: Home['units']): 'mm' | 'in' => (system === 'metric' ? 'mm' : 'in');

/** Millimetres of a length, whatever unit it was entered in. */
export const toMillimetres = ({ value, unit }: Quantity): number =>
  inHomeUnits({ value, unit }, 'metric').value;
