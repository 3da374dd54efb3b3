/** Reads a whole number as typed: null when left empty, 'wrong' when it is none. */
export function readWhole(text: string): number | null | 'wrong' {
  const trimmed = text.trim();
  if (trimmed === '') return null;
  return /^\d{1,5}$/.test(trimmed) ? Number(trimmed) : 'wrong';
}

/** Reads money as typed, with point or comma, into the currency's smallest unit. */
export function readCost(text: string, digits: number): number | null | 'wrong' {
  const trimmed = text.trim().replace(',', '.');
  if (trimmed === '') return null;
  const pattern = digits === 0 ? /^\d{1,9}$/ : new RegExp(`^\\d{1,7}(\\.\\d{1,${digits}})?$`);
  return pattern.test(trimmed) ? Math.round(Number(trimmed) * 10 ** digits) : 'wrong';
}

/** Money in a currency's smallest unit as one would type it. */
export const writeCost = (smallestUnits: number, digits: number): string =>
  (smallestUnits / 10 ** digits).toFixed(digits);
