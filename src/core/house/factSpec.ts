import { partialDay } from '../calendar/partialDate.ts';
import type { FactValue } from '../basics/factValue.ts';

/**
 * One thing that may be known of an asset, and how it is asked. A choice's options are codes whose names stand in the locales;
 * a number is kept in `unit` whatever a home measures in.
 */
export type FactSpec =
  | { readonly code: string; readonly kind: 'choice'; readonly options: readonly (string | number)[] }
  | { readonly code: string; readonly kind: 'yesNo' }
  | {
      readonly code: string;
      readonly kind: 'number';
      readonly unit: '' | 'mm' | 'l';
      readonly min: number;
      readonly max: number;
      readonly whole?: true;
    }
  | { readonly code: string; readonly kind: 'date' }
  | { readonly code: string; readonly kind: 'text' };

/** Whether a value is one the spec allows; null, not known yet, always is. */
export function fitsSpec(spec: FactSpec, value: FactValue): boolean {
  if (value === null) return true;
  switch (spec.kind) {
    case 'choice':
      return (typeof value === 'string' || typeof value === 'number') && spec.options.includes(value);
    case 'yesNo':
      return typeof value === 'boolean';
    case 'number':
      if (typeof value !== 'number' || (spec.whole && !Number.isInteger(value))) return false;
      return value >= spec.min && value <= spec.max;
    case 'date':
      return typeof value === 'string' && partialDay(value) !== null;
    case 'text':
      return typeof value === 'string' && value.trim() !== '';
  }
}
