import type { Given } from '../given.ts';
import { bathroom } from '../rooms.ts';
import { DUCTED } from '../stops.ts';
import { numbers, roomAt, times, when, type Thing } from '../thing.ts';

/** Heating, cooling, what moves and cleans the air. */
export function climateThings(given: Given): Thing[] {
  const ducted = given.isOneOf('heat', ...DUCTED) || given.choice('cool') === 'central';
  return [
    ...heating(given),
    ...when(ducted && !given.isOneOf('heat', ...DUCTED), {
      id: 'handler-1',
      kind: 'air-handler',
      room: roomAt(given, 'drain-place'),
      facts: { fuel: given.choice('heat') === 'electric' ? 'electric' : null },
    }),
    ...filters(given, ducted),
    ...when(ducted && given.yes('dampers'), {
      id: 'ducts',
      kind: 'duct-system',
      facts: { dampers: 'manual' },
    }),
    ...when(ducted && given.yes('humidifier'), {
      id: 'humidifier',
      kind: 'humidifier',
      room: roomAt(given, 'heat-place'),
      partOf: movesAir(given, 1),
      facts: { size: given.choice('pad-size') },
    }),
    ...thermostat(given),
    ...cooling(given),
    ...ventilation(given),
    ...fires(given),
  ];
}

const isBoiler = (heat: string): boolean => heat === 'gas-boiler' || heat === 'oil-boiler';

function heating(given: Given): Thing[] {
  const heat = given.choice('heat') ?? 'none';
  const main = numbers(Math.max(1, given.count('heat-count'))).flatMap((number) =>
    plantOf(given, heat, `plant-${number}`),
  );
  const also = given.chosen('heat-also').flatMap((one) => plantOf(given, one, `plant-${one}`));
  const warmWater = [heat, ...given.chosen('heat-also')].some(isBoiler);
  return [...main, ...also, ...when(warmWater, { id: 'radiators', kind: 'radiators' })];
}

/** A plant of a kind of heat; none for what has no plant. */
function plantOf(given: Given, heat: string, id: string): Thing[] {
  const room = roomAt(given, 'heat-place');
  const old = given.known('heat-old');
  const fuel = heat.startsWith('gas') ? 'gas' : 'oil';
  switch (heat) {
    case 'gas-furnace':
    case 'oil-furnace':
      return [{ id, kind: 'furnace', room, facts: { fuel, old } }];
    case 'heat-pump':
      return [{ id, kind: 'air-handler', room, facts: { fuel: 'heat-pump' } }];
    case 'gas-boiler':
    case 'oil-boiler':
      return [{ id, kind: 'boiler', room, facts: { fuel, 'heats-water': given.known('heats-water'), old } }];
    default:
      return [];
  }
}

/** The thing that moves the air: the furnace or heat pump, else the handler of the cooling. */
const movesAir = (given: Given, number: number): string =>
  given.isOneOf('heat', ...DUCTED) ? `plant-${number}` : 'handler-1';

/** As many filter positions as were counted, shared out among the plants that move air. */
function filters(given: Given, ducted: boolean): Thing[] {
  if (!ducted) return [];
  const hasPlant = given.isOneOf('heat', ...DUCTED);
  const plants = hasPlant ? Math.max(1, given.count('heat-count')) : 1;
  return times(Math.max(1, given.count('positions')), (number) => ({
    id: `filter-${number}`,
    kind: 'filter-position',
    room: roomAt(given, hasPlant ? 'heat-place' : 'drain-place'),
    partOf: movesAir(given, ((number - 1) % plants) + 1),
    facts: {
      filter: given.choice('filter'),
      thickness: given.choice('thickness'),
      grade: given.choice('grade'),
      positions: 1,
      size: given.choice('filter-size'),
    },
  }));
}

const thermostat = (given: Given): Thing[] =>
  when(given.isOneOf('thermostat', 'battery', 'wired'), {
    id: 'thermostat',
    kind: 'thermostat',
    room: 'hall',
    facts: {
      power: given.choice('thermostat'),
      ...(given.choice('thermostat') === 'battery' && { cells: 2 }),
      'sets-itself': given.known('sets-itself'),
    },
  });

function cooling(given: Given): Thing[] {
  const cool = given.choice('cool');
  if (cool === 'evaporative') return [{ id: 'evaporative', kind: 'evaporative-cooler', room: 'outside' }];
  if (cool !== 'central') return [];
  const place = given.choice('drain-place');
  return [
    ...times(Math.max(1, given.count('cool-count')), (number) => ({
      id: `cooling-${number}`,
      kind: 'cooling',
      room: 'outside',
      facts: { tons: given.count('tons'), heats: given.choice('heat') === 'heat-pump' },
    })),
    ...times(given.count('drains'), (number) => ({
      id: `drain-${number}`,
      kind: 'condensate-drain',
      room: roomAt(given, 'drain-place'),
      facts: {
        tons: given.count('tons'),
        place,
        'has-clogged': given.known('has-clogged'),
        'line-ends': null,
      },
    })),
  ];
}

const ventilation = (given: Given): Thing[] => [
  ...(given.isOneOf('ventilator', 'removable', 'sealed')
    ? times(Math.max(1, given.count('ventilators')), (number) => ({
        id: number === 1 ? 'ventilator' : `ventilator-${number}`,
        kind: 'ventilator',
        room: 'utility',
        facts: { core: given.choice('ventilator') },
      }))
    : []),
  ...times(given.count('bath-fans'), (number) => ({
    id: `bath-fan-${number}`,
    kind: 'bath-fan',
    room: bathroom(Math.min(number, Math.max(1, given.count('bathrooms')))),
  })),
];

const fires = (given: Given): Thing[] => [
  ...when(given.has('fires', 'wood') || given.has('fires', 'stove') || given.choice('heat') === 'wood', {
    id: 'chimney',
    kind: 'chimney',
    room: 'living',
    facts: { use: given.choice('chimney-use') ?? 'regular' },
  }),
  ...when(given.has('fires', 'stove'), {
    id: 'stove',
    kind: 'stove',
    room: 'living',
    facts: { use: given.choice('chimney-use') },
  }),
  ...when(given.has('fires', 'wood') || given.choice('heat') === 'wood', {
    id: 'fireplace',
    kind: 'fireplace',
    room: 'living',
  }),
  ...when(given.has('fires', 'gas-fireplace'), {
    id: 'gas-fireplace',
    kind: 'gas-fireplace',
    room: 'living',
  }),
  ...when(given.has('fires', 'grill'), {
    id: 'grill',
    kind: 'grill',
    room: 'outside',
    facts: { fuel: 'gas' },
  }),
];
