import type { FactValue } from '../basics/factValue.ts';

/** Countries of one number, by the two capital letters of ISO 3166. */
const COUNTRIES: Readonly<Record<string, readonly string[]>> = {
  '911': ['US', 'CA', 'MX'],
  '999': ['GB'],
  '000': ['AU'],
  '111': ['NZ'],
  '112': [
    ...['AT', 'BE', 'BG', 'CH', 'CY', 'CZ', 'DE', 'DK', 'EE', 'ES', 'FI', 'FR', 'GR', 'HR', 'HU', 'IE', 'IS'],
    ...['IT', 'LI', 'LT', 'LU', 'LV', 'MT', 'NL', 'NO', 'PL', 'PT', 'RO', 'SE', 'SI', 'SK'],
  ],
};

/** The number most networks lead on to the local emergency services. */
const USUAL = '112';

/** A country's emergency number; where the country is unknown, or its number is not kept here, the usual one, to be checked. */
export function emergencyNumber(country: FactValue | undefined): {
  readonly number: string;
  readonly isSure: boolean;
} {
  const [number] =
    Object.entries(COUNTRIES).find(([, some]) => typeof country === 'string' && some.includes(country)) ?? [];
  return { number: number ?? USUAL, isSure: number !== undefined };
}
