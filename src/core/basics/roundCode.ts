/** The rounds there are, by their codes. */
export const ROUND_CODES = [
  'autumn-closing',
  'spring-opening',
  'monthly',
  'quarterly',
  'yearly',
  'midwinter',
  'after-storm',
  'overflow',
  'going-away',
  'coming-back',
  'moving-in',
  'first-year',
] as const;
export type RoundCode = (typeof ROUND_CODES)[number];
