import type { Given } from '../given.ts';
import { bathroom } from '../rooms.ts';
import { numbers, roomAt, times, when, type Thing } from '../thing.ts';

/** Water, the kitchen and laundry, windows and doors. */
export function indoorThings(given: Given): Thing[] {
  return [
    ...heaters(given),
    ...taps(given),
    ...when(given.yes('irrigation'), {
      id: 'irrigation',
      kind: 'irrigation',
      room: 'outside',
      facts: { 'shutoff-place': null, 'testable-preventer': given.known('preventer') },
    }),
    ...when(given.yes('softener'), { id: 'softener', kind: 'softener', room: 'utility' }),
    { id: 'sink', kind: 'sink', room: 'kitchen', facts: { use: given.choice('sink-use') } },
    ...bathrooms(given),
    ...waterParts(given),
    { id: 'plumbing', kind: 'plumbing' },
    { id: 'lighting', kind: 'lighting' },
    { id: 'fixtures', kind: 'fixture', facts: { 'shutoff-place': null } },
    ...appliances(given),
    ...openings(given),
  ];
}

/** The heaters of the first kind, and one of another where there is one. */
function heaters(given: Given): Thing[] {
  const heater = given.choice('heater');
  if (heater !== 'tank' && heater !== 'tankless') return [];
  const also = given.choice('heater-also');
  return [
    ...times(Math.max(1, given.count('heaters')), (number) =>
      heaterOf(given, heater, number === 1 ? 'water-heater' : `water-heater-${number}`),
    ),
    ...when(also === 'tank' || also === 'tankless', heaterOf(given, also ?? '', 'water-heater-also')),
  ];
}

function heaterOf(given: Given, heater: string, id: string): Thing {
  const fuel = given.choice('heater-fuel');
  const isTank = heater === 'tank';
  const flushed = given.choice('last-flush');
  return {
    id,
    kind: 'water-heater',
    room: roomAt(given, 'heater-place'),
    facts: {
      heater,
      fuel,
      ...(isTank && { place: given.choice('heater-place') }),
      ...(isTank && fuel !== 'electric' && { burner: given.choice('burner') }),
      old: given.known('heater-old'),
      ...(isTank && { flushed: flushed === null ? null : flushed !== 'never' }),
      made: null,
    },
  };
}

/** The taps outdoors: where there are both kinds, the frost-proof ones come last. */
function taps(given: Given): Thing[] {
  const count = given.count('taps');
  const kind = given.choice('tap');
  const ordinary = kind === 'mixed' ? count - Math.min(count, given.count('taps-frost-proof')) : count;
  return times(count, (number) => {
    const tap = kind === 'mixed' ? (number <= ordinary ? 'ordinary' : 'frost-proof') : kind;
    return {
      id: `tap-${number}`,
      kind: 'outside-tap',
      room: 'outside',
      facts: { tap, ...(tap === 'ordinary' && { 'shutoff-place': null }) },
    };
  });
}

/** A shower, a toilet and tiles in each bathroom. */
const bathrooms = (given: Given): Thing[] =>
  numbers(Math.max(1, given.count('bathrooms'))).flatMap((number): Thing[] => {
    const room = bathroom(number);
    const own = number === 1 ? '' : `-${number}`;
    return [
      { id: `shower${own}`, kind: 'shower', room },
      { id: `wet-room${own}`, kind: 'wet-room', room },
      { id: `toilet${own}`, kind: 'toilet', room },
    ];
  });

/** Other things that hold or move water. A tank has its overflow pipe. */
const waterParts = (given: Given): Thing[] => [
  ...when(given.has('water-parts', 'sump'), { id: 'sump', kind: 'sump', room: roomBelow(given) }),
  ...when(given.has('water-parts', 'water-tank'), { id: 'water-tank', kind: 'water-tank', room: 'outside' }),
  ...when(
    given.has('water-parts', 'loft-tank'),
    { id: 'loft-tank', kind: 'loft-tank', room: 'attic' },
    { id: 'overflow-pipe', kind: 'overflow-pipe', room: 'outside', facts: { 'line-ends': null } },
  ),
  ...when(given.has('water-parts', 'water-filter'), {
    id: 'water-filter',
    kind: 'water-filter',
    room: 'utility',
    facts: { model: given.choice('cartridge') },
  }),
  ...when(given.has('water-parts', 'pool'), { id: 'pool', kind: 'pool', room: 'outside' }),
];

const roomBelow = (given: Given): string => {
  if (given.choice('below') === 'basement') return 'basement';
  return given.choice('below') === 'crawl-space' ? 'crawl-space' : 'utility';
};

const appliances = (given: Given): Thing[] => [
  ...when(given.has('appliances', 'dishwasher'), { id: 'dishwasher', kind: 'dishwasher', room: 'kitchen' }),
  ...when(given.has('appliances', 'refrigerator'), {
    id: 'refrigerator',
    kind: 'refrigerator',
    room: 'kitchen',
  }),
  ...when(given.has('appliances', 'washing-machine'), {
    id: 'washing-machine',
    kind: 'washing-machine',
    room: 'utility',
  }),
  ...when(given.has('appliances', 'dryer'), {
    id: 'dryer',
    kind: 'dryer',
    room: 'utility',
    facts: { fuel: given.choice('dryer-fuel'), vented: given.known('vented') },
  }),
  ...when(given.has('appliances', 'range-hood'), { id: 'range-hood', kind: 'range-hood', room: 'kitchen' }),
];

const openings = (given: Given): Thing[] => [
  { id: 'windows', kind: 'window', facts: { 'extra-layer': given.choice('extra-layer') } },
  ...when(given.has('openings', 'door'), { id: 'door', kind: 'door', room: 'hall' }),
  ...(given.has('openings', 'garage-door')
    ? times(Math.max(1, given.count('garage-doors')), (number) => ({
        id: number === 1 ? 'garage-door' : `garage-door-${number}`,
        kind: 'garage-door',
        room: 'garage',
        facts: { opener: given.known('opener') },
      }))
    : []),
  ...when(given.has('parts', 'attic'), { id: 'attic', kind: 'attic', room: 'attic' }),
];
