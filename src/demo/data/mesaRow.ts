import type { DemoHome } from '../demoHome.ts';
import { house, shut, thing } from './things.ts';

/** A manufactured home in high dry country: evaporative cooler on a metal roof, furnace whose filter hangs in its door. */
export const mesaRow: DemoHome = {
  home: {
    id: 'mesa-row',
    name: '27 Mesa Row',
    zone: 'America/Denver',
    hemisphere: 'north',
    units: 'us',
    vocabulary: 'en-US',
    currency: 'USD',
    climate: { station: 'high-dry' },
  },
  people: [{ id: 'odile', name: 'Odile' }],
  spaces: [
    { id: 'entry', name: 'Entry', use: 'hall', storey: 0 },
    { id: 'living', name: 'Living room', use: 'living', storey: 0 },
    { id: 'kitchen', name: 'Kitchen', use: 'kitchen', storey: 0 },
    { id: 'bedroom', name: 'Bedroom', use: 'bedroom', storey: 0 },
    { id: 'small-bedroom', name: 'Small bedroom', use: 'bedroom', storey: 0 },
    { id: 'closet', name: 'Furnace closet', use: 'plant', storey: 0 },
    { id: 'outside', name: 'Outside', use: 'outdoors' },
  ],
  assets: (year) => [
    house({ 'emergency-number': '911', 'gas-emergency': '555-0190', 'power-supplier': '555-0166' }),
    thing(
      'furnace',
      'furnace',
      'Furnace',
      'closet',
      { fuel: 'gas', old: true, direction: 'down', ...shut('Switch inside the closet', 'switch') },
      { installed: `${year - 24}-05-01` },
    ),
    thing(
      'filter',
      'filter-position',
      'Door filter',
      'closet',
      { filter: 'panel', thickness: 'thin', positions: 1, size: '20 × 20 × 1 in' },
      { partOf: 'furnace' },
    ),
    thing('cooler', 'evaporative-cooler', 'Swamp cooler', 'outside', {
      made: String(year - 9),
      ...shut('Saddle valve under the kitchen window', 'knob'),
    }),
    thing('alarm-hall', 'smoke-alarm', 'Entry', 'entry', {
      power: 'battery',
      cell: 'AA',
      cells: 2,
      made: null,
    }),
    thing('co', 'co-alarm', 'By the closet', 'entry', { made: String(year - 8) }),
    thing('panel', 'panel', 'Breaker panel', 'closet', shut('Closet wall', 'switch')),
    thing('main', 'water-main', 'Main shutoff', 'outside', shut(null)),
    thing('gas-main', 'gas-supply', 'Gas riser', 'outside', shut('West end, by the hitch', 'key')),
    thing('heater', 'water-heater', 'Water heater', 'outside', {
      heater: 'tank',
      fuel: 'gas',
      burner: 'open',
      place: 'outdoors',
      litres: 150,
      made: String(year - 4),
    }),
    thing('tap', 'outside-tap', 'Yard faucet', 'outside', { tap: 'frost-proof' }),
    thing('roof', 'roof', 'Metal roof', 'outside', { covering: 'metal', old: true, 'coating-life': 5 }),
    thing('belly', 'underbelly', 'Belly', 'outside'),
    thing('skirting', 'skirting', 'Skirting', 'outside'),
    thing('gutters', 'gutter-run', 'Gutters', 'outside'),
    thing('washer', 'washing-machine', 'Washing machine', 'kitchen'),
  ],
  traits: {
    people: 1,
    manufactured: true,
    'dusty-place': true,
    'burns-fuel': true,
    'few-trees': true,
    smoker: false,
    built: 1986,
    building: 'manufactured',
    'uneasy-on-ladders': true,
  },
  usual: { late: 20, lapses: 0.14 },
  habits: {
    'skirting-repair': 'never',
    'smoke-alarm-age-replace': { late: 0, lapses: 0, until: 900 },
    'co-alarm-age-replace': { late: 0, lapses: 0, until: 900 },
    'interior-leak-watch': { late: 25, lapses: 0.3 },
    donations: 'never',
  },
  doers: { 'evaporative-cooler-shut': 'trade', 'evaporative-cooler-reopen': 'trade' },
  without: ['smoke-alarm-sensor-challenge', 'metal-roof-coat'],
  costs: {
    'evaporative-cooler-shut': 8000,
    'evaporative-cooler-reopen': 8000,
    'furnace-annual-tune-up': 12_900,
  },
  story: ({ tell }) => {
    tell(260, { kind: 'event', trigger: 'windstorm', note: 'A skirting panel gone, found by the road' });
    tell(259, { kind: 'finding', asset: 'skirting', what: 'Panel missing at the north end', verdict: 'act' });
    tell(80, { kind: 'reading', asset: 'filter', measure: 'filter-grade', value: 1, unit: 'grade' });
  },
  seed: 31_337,
};
