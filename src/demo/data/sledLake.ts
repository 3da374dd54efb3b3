import type { DemoHome } from '../demoHome.ts';
import { house, shut, thing } from './things.ts';

/** A cabin in the far north heated by wood and oil, shut for weeks at a time. */
export const sledLake: DemoHome = {
  home: {
    id: 'sled-lake',
    name: 'Cabin at Sled Lake',
    zone: 'America/Winnipeg',
    hemisphere: 'north',
    units: 'metric',
    vocabulary: 'en-US',
    currency: 'CAD',
    climate: { station: 'deep-north' },
  },
  people: [{ id: 'petra', name: 'Petra' }],
  spaces: [
    { id: 'main', name: 'Main room', use: 'living', storey: 0 },
    { id: 'kitchen', name: 'Kitchen corner', use: 'kitchen', storey: 0 },
    { id: 'passage', name: 'Passage', use: 'hall', storey: 0 },
    { id: 'bedroom', name: 'Bedroom', use: 'bedroom', storey: 0 },
    { id: 'sleeping-loft', name: 'Sleeping loft', use: 'bedroom', storey: 1 },
    { id: 'cellar', name: 'Cellar', use: 'plant', storey: -1 },
    { id: 'outside', name: 'Outside', use: 'outdoors' },
  ],
  assets: (year) => [
    house({ 'emergency-number': '911', 'meeting-place': 'The dock' }),
    thing('boiler', 'boiler', 'Oil boiler', 'cellar', {
      fuel: 'oil',
      'heats-water': true,
      old: true,
      made: String(year - 19),
      ...shut('Red switch at the cellar hatch', 'switch', 'Then the oil valve at the tank'),
    }),
    thing('radiators', 'radiators', 'Radiators', undefined, { count: 4 }),
    thing('chimney', 'chimney', 'Stove chimney', 'main', { use: 'regular' }),
    thing('stove', 'fireplace', 'Wood stove', 'main'),
    thing('alarm-passage', 'smoke-alarm', 'Passage', 'passage', {
      power: 'sealed',
      made: `${year - 10}-02`,
      cell: 'none',
    }),
    thing('alarm-loft', 'smoke-alarm', 'Sleeping loft', 'sleeping-loft', {
      power: 'sealed',
      made: String(year - 2),
      cell: 'none',
    }),
    thing('co', 'co-alarm', 'Main room', 'main', { made: `${year - 2}-05`, life: 7, cells: 2 }),
    thing('panel', 'panel', 'Breaker panel', 'passage', shut('Passage, behind the coats', 'switch')),
    thing(
      'main-valve',
      'water-main',
      'Pump shutoff',
      'cellar',
      shut('At the pressure tank', 'lever', 'Pump switch off first'),
    ),
    thing('tap', 'outside-tap', 'Garden faucet', 'outside', {
      tap: 'ordinary',
      ...shut('Cellar, above the tank', 'knob'),
    }),
    thing('septic', 'septic-tank', 'Septic tank', 'outside', {
      measured: false,
      litres: 3600,
      'last-pumped': String(year - 4),
    }),
    thing('gutters', 'gutter-run', 'Gutters', 'outside'),
    thing('roof', 'roof', 'Metal roof', 'outside', { covering: 'metal', old: false }),
    thing('fridge', 'refrigerator', 'Refrigerator', 'kitchen', { made: String(year - 6) }),
    thing('foundation', 'foundation', 'Cellar walls', 'cellar', {
      foundation: 'basement',
      cracks: 'hairline',
    }),
  ],
  traits: {
    'does-ladders': true,
    'does-gas': true,
    'does-crawling': true,
    'hours-a-week': 3,
    country: 'US',
    people: 2,
    'burns-fuel': true,
    trees: true,
    'pine-needles': true,
    'light-use': true,
    'on-site-sewage': true,
    building: 'cabin',
    built: 1961,
  },
  usual: { late: 25, lapses: 0.18 },
  habits: {
    'chimney-inspect-and-sweep': { late: 4, lapses: 0 },
    'oil-boiler-annual-service': { late: 10, lapses: 0 },
    'smoke-alarm-test': { late: 30, lapses: 0.3 },
    'smoke-alarm-age-replace': { late: 0, lapses: 0, until: 900 },
    'outdoor-tap-shut-and-drain': { late: 0, lapses: 0 },
    'aerobic-pump-out': 'never',
    donations: 'never',
  },
  without: ['smoke-alarm-sensor-challenge', 'refrigerator-coil-clean'],
  costs: { 'chimney-inspect-and-sweep': 18_500, 'oil-boiler-annual-service': 24_000 },
  story: ({ tell }) => {
    tell(310, { kind: 'reading', asset: 'chimney', measure: 'soot-depth', value: 0.1, unit: 'in' });
    tell(200, { kind: 'event', trigger: 'absence', note: 'Away three weeks; water off at the pump' });
    tell(179, { kind: 'note', text: 'Back. Everything dry, traps topped up.' });
  },
  seed: 70_707,
};
