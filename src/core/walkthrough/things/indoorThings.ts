import type { Given } from '../given.ts';
import { roomAt, times, when, type Thing } from '../thing.ts';

/** Water, the kitchen and laundry, windows and doors. */
export function indoorThings(given: Given): Thing[] {
  const heater = given.choice('heater');
  const frosted = given.choice('tap');
  return [
    ...when(heater === 'tank' || heater === 'tankless', {
      id: 'water-heater',
      kind: 'water-heater',
      room: roomAt(given, 'heater-place'),
      facts: {
        heater,
        fuel: given.choice('heater-fuel'),
        ...(heater === 'tank' && { place: given.choice('heater-place') }),
        ...(heater === 'tank' &&
          given.choice('heater-fuel') !== 'electric' && { burner: given.choice('burner') }),
        made: null,
      },
    }),
    ...times(given.count('taps'), (number) => ({
      id: `tap-${number}`,
      kind: 'outside-tap',
      room: 'outside',
      facts: { tap: frosted, ...(frosted === 'ordinary' && { 'shutoff-place': null }) },
    })),
    ...when(given.yes('irrigation'), {
      id: 'irrigation',
      kind: 'irrigation',
      room: 'outside',
      facts: { 'shutoff-place': null },
    }),
    ...when(given.yes('softener'), { id: 'softener', kind: 'softener', room: 'utility' }),
    { id: 'sink', kind: 'sink', room: 'kitchen', facts: { use: given.choice('sink-use') } },
    { id: 'shower', kind: 'shower', room: 'bathroom' },
    { id: 'wet-room', kind: 'wet-room', room: 'bathroom' },
    ...appliances(given),
    ...openings(given),
  ];
}

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
];

const openings = (given: Given): Thing[] => [
  { id: 'windows', kind: 'window', facts: { 'extra-layer': given.choice('extra-layer') } },
  ...when(given.has('openings', 'door'), { id: 'door', kind: 'door', room: 'hall' }),
  ...when(given.has('openings', 'garage-door'), { id: 'garage-door', kind: 'garage-door', room: 'garage' }),
  ...when(given.has('parts', 'attic'), { id: 'attic', kind: 'attic', room: 'attic' }),
];
