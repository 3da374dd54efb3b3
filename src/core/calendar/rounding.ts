/** Decimal inputs such as 0.67 are not exact in binary; a tenth of a millionth of a day keeps their halves halves. */
const TOLERANCE = 1e-7;

/** Rounds to the nearest whole number, halves up. */
export function roundHalfUp(value: number): number {
  return Math.floor(value + 0.5 + TOLERANCE);
}
