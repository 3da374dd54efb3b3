import type { UnitSystem } from '../basics/unitSystem.ts';
import { convert, isUnit, unitIn } from './units.ts';

/** A number with the unit it was entered in. */
export interface Quantity {
  readonly value: number;
  readonly unit: string;
}

/** A quantity in a home's own system of units; one without a counterpart stays as it is. */
export function inHomeUnits(quantity: Quantity, system: UnitSystem): Quantity {
  if (!isUnit(quantity.unit)) return quantity;
  const unit = unitIn(quantity.unit, system);
  return { value: convert(quantity.value, quantity.unit, unit), unit };
}

/** The unit a home's system measures lengths of parts in. */
export const lengthUnit = (system: UnitSystem): 'mm' | 'in' => (system === 'metric' ? 'mm' : 'in');

/** Millimetres of a length, whatever unit it was entered in. */
export const toMillimetres = ({ value, unit }: Quantity): number =>
  isUnit(unit) ? convert(value, unit, 'mm') : value;
