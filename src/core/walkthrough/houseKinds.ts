import type { ClimateTrait } from '../practice/condition.ts';
import { Given } from './given.ts';
import type { Answers } from './question.ts';

/** Kinds of house that make some answers likely. */
export const HOUSE_KINDS = ['family', 'new-build', 'terrace', 'manufactured', 'cabin', 'apartment'] as const;
export type HouseKind = (typeof HOUSE_KINDS)[number];

/** Likely answers anywhere, before the kind of house says otherwise. */
const USUAL: Answers = {
  people: 3,
  household: [],
  does: [],
  'hours-a-week': 3,
  country: null,
  age: 'established',
  storeys: 2,
  bedrooms: 3,
  bathrooms: 2,
  below: 'slab',
  walls: 'frame',
  parts: ['attic'],
  'builder-cover': false,
  'smoke-power': 'battery',
  sensing: null,
  'senses-co': null,
  'smoke-made': null,
  'smoke-life': null,
  'smoke-ends': null,
  'alarm-cell': null,
  'co-made': null,
  'co-life': null,
  'co-ends': null,
  'gas-detector': false,
  extinguishers: 1,
  heat: 'gas-furnace',
  'heat-count': 1,
  'heat-also': [],
  'heat-old': false,
  'heat-place': 'indoors',
  'heats-water': false,
  filter: 'panel',
  thickness: 'thin',
  grade: null,
  positions: 1,
  'filter-size': null,
  dampers: false,
  humidifier: false,
  'pad-size': null,
  thermostat: 'battery',
  'sets-itself': true,
  cool: 'none',
  'cool-count': 1,
  tons: 3,
  drains: 1,
  'has-clogged': false,
  'long-running-hours': false,
  ventilator: 'none',
  ventilators: 1,
  fires: [],
  'chimney-use': 'light',
  heater: 'tank',
  'heater-fuel': 'gas',
  burner: 'open',
  'heater-place': 'indoors',
  'heater-old': null,
  heaters: 1,
  'heater-also': 'none',
  taps: 1,
  tap: 'ordinary',
  'taps-frost-proof': 1,
  irrigation: false,
  preventer: false,
  softener: false,
  'hard-water': false,
  'water-parts': [],
  cartridge: null,
  appliances: ['dishwasher', 'refrigerator', 'washing-machine', 'dryer'],
  'dryer-fuel': 'electric',
  vented: true,
  'sink-use': 'usual',
  outlets: 2,
  generator: false,
  covering: 'shingle',
  'roof-old': false,
  gutters: true,
  trees: 'some',
  ground: ['lawn'],
  cracks: 'none',
  'extra-layer': 'none',
  openings: ['door'],
  'garage-doors': 1,
  opener: true,
  sewage: 'mains',
  measured: false,
  chlorinator: true,
  'upflow-filter': false,
  contract: true,
  'last-heating': null,
  'last-cooling': null,
  'last-filters': null,
  'last-batteries': null,
  'last-chimney': null,
  'last-gutters': null,
  'last-flush': null,
  'last-dryer-vent': null,
  'last-pump-out': null,
};

const KINDS: Readonly<Record<HouseKind, Answers>> = {
  family: {
    below: 'basement',
    parts: ['attic', 'garage'],
    'heat-place': 'basement',
    'heater-place': 'basement',
    openings: ['door', 'garage-door'],
  },
  'new-build': {
    age: 'new',
    'builder-cover': true,
    'smoke-power': 'wired',
    heat: 'heat-pump',
    'heat-place': 'attic',
    filter: 'media',
    thickness: 'thick',
    thermostat: 'wired',
    heater: 'tankless',
    'heater-fuel': 'electric',
    parts: ['attic', 'garage', 'tight-house'],
    outlets: 4,
    trees: 'few',
    ground: ['lawn', 'new-concrete'],
    openings: ['door', 'garage-door'],
    'heater-old': false,
  },
  terrace: {
    age: 'old',
    walls: 'masonry',
    below: 'crawl-space',
    parts: ['attic', 'timber-floors'],
    heat: 'gas-boiler',
    heater: 'none',
    covering: 'slate',
    'roof-old': true,
    trees: 'few',
    ground: ['garden', 'gully', 'air-bricks'],
    appliances: ['refrigerator', 'washing-machine'],
    outlets: 0,
  },
  manufactured: {
    storeys: 1,
    bedrooms: 2,
    below: 'piers',
    parts: [],
    'heat-place': 'closet',
    'heater-place': 'outdoors',
    covering: 'metal',
    'roof-old': true,
    trees: 'few',
    ground: ['underbelly'],
    appliances: ['refrigerator', 'washing-machine', 'dryer'],
    outlets: 1,
  },
  cabin: {
    people: 2,
    storeys: 1,
    bedrooms: 2,
    below: 'crawl-space',
    parts: ['light-use'],
    heat: 'wood',
    fires: ['wood'],
    'chimney-use': 'regular',
    thermostat: 'none',
    heater: 'tank',
    'heater-fuel': 'electric',
    covering: 'metal',
    trees: 'many',
    sewage: 'septic',
    appliances: ['refrigerator'],
    outlets: 1,
  },
  apartment: {
    people: 2,
    storeys: 1,
    bedrooms: 2,
    parts: [],
    heat: 'electric',
    'smoke-power': 'wired',
    heater: 'tank',
    'heater-fuel': 'electric',
    taps: 0,
    gutters: false,
    trees: 'few',
    ground: [],
    outlets: 2,
  },
};

/** Answers that a kind of house, its climate (null: unknown) and the answers so far make likely. */
export function likelyAnswers(
  kind: HouseKind,
  climate: ReadonlySet<ClimateTrait> | null,
  answers: Answers = {},
): Answers {
  const likely: Answers = { ...USUAL, ...KINDS[kind], ...byClimate(kind, climate) };
  const told: Answers = { ...likely, ...answers };
  const given = new Given(told);
  const storeys = given.count('storeys');
  const upstairs = Array.from({ length: storeys - 1 }, (_, index) => `landing-${index + 1}`);
  const below = given.choice('below') === 'basement' ? ['basement'] : [];
  const bedrooms = Array.from({ length: given.count('bedrooms') }, (_, index) => `bedroom-${index + 1}`);
  const everywhere = given.choice('age') === 'new' || given.choice('smoke-power') === 'wired';
  const burns =
    !given.isOneOf('heat', 'electric', 'heat-pump', 'none') ||
    given.choice('heater-fuel') === 'gas' ||
    given.has('parts', 'garage') ||
    given.chosen('fires').length > 0;
  const plants = told['heat-count'] ?? 1;
  return {
    ...likely,
    'drain-place': told['heat-place'] ?? null,
    'smoke-rooms': ['hall', ...upstairs, ...(everywhere ? bedrooms : []), ...below],
    // A smoke alarm that senses carbon monoxide too needs no second one beside it.
    'co-rooms': burns && !given.yes('senses-co') ? ['hall', ...upstairs] : [],
    positions: plants,
    'cool-count': plants,
    drains: told['cool-count'] ?? plants,
    'bath-fans': told['bathrooms'] ?? 1,
  };
}

function byClimate(kind: HouseKind, climate: ReadonlySet<ClimateTrait> | null): Answers {
  if (!climate) return {};
  const cools = climate.has('cools') && kind !== 'terrace' && kind !== 'cabin';
  const dryHeat = cools && climate.has('dry') && kind === 'manufactured';
  return {
    ...(cools && { cool: dryHeat ? 'evaporative' : 'central' }),
    ...(climate.has('cold-winter') && kind === 'family' && { humidifier: true }),
    ...(climate.has('humid-summer') && { 'long-running-hours': kind === 'new-build' }),
    ...(!climate.has('heats') && { heat: kind === 'cabin' ? 'wood' : 'none', humidifier: false }),
    ...(!climate.has('freezes') && { tap: 'ordinary' }),
  };
}
