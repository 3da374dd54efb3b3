import type { FactValue } from '../basics/factValue.ts';

/** A trait of a house or its people: a number, one of several, or simply so or not so. */
export type TraitSpec =
  | { readonly code: string; readonly kind: 'yesNo' }
  | { readonly code: string; readonly kind: 'number'; readonly min: number; readonly max: number }
  | { readonly code: string; readonly kind: 'choice'; readonly options: readonly string[] }
  /** A country, by the two capital letters of ISO 3166. */
  | { readonly code: string; readonly kind: 'country' };

const yesNo = (...codes: string[]): TraitSpec[] => codes.map((code) => ({ code, kind: 'yesNo' }));

/** Traits of the people of a house that are so or not so. */
export const HOUSEHOLD_TRAITS = [
  'children',
  'shedding-pets',
  'smoker',
  'allergies',
  'busy-household',
  'will-look',
  'uneasy-on-ladders',
] as const;

/** Work that a household does itself; what it does not is a trade's. */
export const DOES_TRAITS = [
  'does-ladders',
  'does-gas',
  'does-mains',
  'does-crawling',
  'does-sewage',
] as const;

/** Everything a home can tell of itself, as it is asked: the people, the building, what stands round it, how it is used. */
export const TRAIT_GROUPS = {
  people: [{ code: 'people', kind: 'number', min: 0, max: 40 }, ...yesNo(...HOUSEHOLD_TRAITS)],
  doing: [...yesNo(...DOES_TRAITS), { code: 'hours-a-week', kind: 'number', min: 0, max: 60 }],
  building: [
    {
      code: 'building',
      kind: 'choice',
      options: ['detached', 'terraced', 'apartment', 'manufactured', 'cabin'],
    },
    { code: 'built', kind: 'number', min: 1600, max: 2100 },
    ...yesNo(
      'new-house',
      'builder-cover',
      'new-plant',
      'manufactured',
      'masonry',
      'timber-floors',
      'tight-house',
      'walk-up-basement',
      'burns-fuel',
      'monitored-alarms',
      'on-site-sewage',
      'garbage-grinder',
    ),
  ],
  surroundings: [
    { code: 'country', kind: 'country' },
    ...yesNo('trees', 'few-trees', 'pine-needles', 'dusty-place', 'building-dust', 'hard-water'),
  ],
  habits: yesNo('long-running-hours', 'light-use', 'own-compressor'),
} as const satisfies Record<string, readonly TraitSpec[]>;

export type TraitGroup = keyof typeof TRAIT_GROUPS;

export const TRAIT_SPECS: readonly TraitSpec[] = Object.values(TRAIT_GROUPS).flat();

const COUNTRY = /^[A-Z]{2}$/;

/** Whether a trait may be told so; one the home made up itself may be anything. */
export function traitFits(code: string, value: FactValue): boolean {
  const spec = TRAIT_SPECS.find((one) => one.code === code);
  if (!spec || value === null) return true;
  switch (spec.kind) {
    case 'yesNo':
      return typeof value === 'boolean';
    case 'number':
      return typeof value === 'number' && value >= spec.min && value <= spec.max;
    case 'choice':
      return typeof value === 'string' && spec.options.includes(value);
    case 'country':
      return typeof value === 'string' && COUNTRY.test(value);
  }
}
