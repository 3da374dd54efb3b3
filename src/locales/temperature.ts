import { inHomeUnits } from '../core/units/quantity.ts';
import type { Speech } from './speech.ts';

/** A temperature of the weather in the home's degrees, to so many decimals. */
export function temperature(
  { t, wording }: Pick<Speech, 't' | 'wording'>,
  celsius: number,
  decimals = 1,
): string {
  const { value, unit } = inHomeUnits({ value: celsius, unit: 'C' }, wording.units);
  const rounded = Math.round(value * 10 ** decimals) / 10 ** decimals;
  // Nought below nought is nought.
  return t(`unit.${unit}`, { n: rounded === 0 ? 0 : rounded });
}
