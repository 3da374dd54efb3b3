import type { Given } from '../given.ts';
import { DUCTED } from '../stops.ts';
import { roomAt, times, when, type Thing } from '../thing.ts';

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
    }),
    ...thermostat(given),
    ...cooling(given),
    ...when(given.isOneOf('ventilator', 'removable', 'sealed'), {
      id: 'ventilator',
      kind: 'ventilator',
      room: 'utility',
      facts: { core: given.choice('ventilator') },
    }),
    ...fires(given),
  ];
}

function heating(given: Given): Thing[] {
  const heat = given.choice('heat');
  const room = roomAt(given, 'heat-place');
  const old = given.known('heat-old');
  const each = (make: (number: number) => Thing): Thing[] =>
    times(Math.max(1, given.count('heat-count')), make);
  switch (heat) {
    case 'gas-furnace':
    case 'oil-furnace':
      return each((number) => ({
        id: `plant-${number}`,
        kind: 'furnace',
        room,
        facts: { fuel: heat === 'gas-furnace' ? 'gas' : 'oil', old },
      }));
    case 'heat-pump':
      return each((number) => ({
        id: `plant-${number}`,
        kind: 'air-handler',
        room,
        facts: { fuel: 'heat-pump' },
      }));
    case 'gas-boiler':
    case 'oil-boiler':
      return [
        ...each((number) => ({
          id: `plant-${number}`,
          kind: 'boiler',
          room,
          facts: {
            fuel: heat === 'gas-boiler' ? 'gas' : 'oil',
            'heats-water': given.known('heats-water'),
            old,
          },
        })),
        { id: 'radiators', kind: 'radiators' },
      ];
    default:
      return [];
  }
}

/** The thing that moves the air: the furnace or heat pump, else the handler of the cooling. */
const movesAir = (given: Given, number: number): string =>
  given.isOneOf('heat', ...DUCTED) ? `plant-${number}` : 'handler-1';

/** One filter position for each plant that moves air. */
function filters(given: Given, ducted: boolean): Thing[] {
  if (!ducted) return [];
  const plants = given.isOneOf('heat', ...DUCTED) ? Math.max(1, given.count('heat-count')) : 1;
  return times(plants, (number) => ({
    id: `filter-${number}`,
    kind: 'filter-position',
    room: roomAt(given, given.isOneOf('heat', ...DUCTED) ? 'heat-place' : 'drain-place'),
    partOf: movesAir(given, number),
    facts: {
      filter: given.choice('filter'),
      thickness: given.choice('thickness'),
      positions: Math.max(1, given.count('positions')),
      size: null,
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
      facts: { tons: given.count('tons') },
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

const fires = (given: Given): Thing[] => [
  ...when(given.has('fires', 'wood') || given.choice('heat') === 'wood', {
    id: 'chimney',
    kind: 'chimney',
    room: 'living',
    facts: { use: given.choice('chimney-use') ?? 'regular' },
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
