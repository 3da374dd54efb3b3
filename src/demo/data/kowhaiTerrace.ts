import type { DemoHome } from '../demoHome.ts';
import { house, shut, thing } from './things.ts';

/** A weatherboard house in the southern hills: heat pump, log burner, septic tank, winter in July. */
export const kowhaiTerrace: DemoHome = {
  home: {
    id: 'kowhai-terrace',
    name: '88 Kowhai Terrace',
    zone: 'Pacific/Auckland',
    hemisphere: 'south',
    units: 'metric',
    vocabulary: 'en-GB',
    currency: 'NZD',
    climate: { station: 'south-upland' },
  },
  people: [
    { id: 'mere', name: 'Mere' },
    { id: 'callum', name: 'Callum' },
  ],
  spaces: [
    { id: 'hall', name: 'Hall', use: 'hall', storey: 0 },
    { id: 'lounge', name: 'Lounge', use: 'living', storey: 0 },
    { id: 'kitchen', name: 'Kitchen', use: 'kitchen', storey: 0 },
    { id: 'bedroom-1', name: 'Front bedroom', use: 'bedroom', storey: 0 },
    { id: 'bedroom-2', name: 'Middle bedroom', use: 'bedroom', storey: 0 },
    { id: 'bedroom-3', name: 'Back bedroom', use: 'bedroom', storey: 0 },
    { id: 'laundry', name: 'Laundry', use: 'utility', storey: 0 },
    { id: 'under', name: 'Underfloor', use: 'crawl-space', storey: -1 },
    { id: 'outside', name: 'Section', use: 'outdoors' },
  ],
  assets: (year) => [
    house({ 'emergency-number': '111', 'power-supplier': '0555 010 188', 'meeting-place': 'Letterbox' }),
    thing('pump', 'air-handler', 'Heat pump', 'lounge', {
      fuel: 'heat-pump',
      made: String(year - 5),
      ...shut('Isolator on the outside wall', 'switch'),
    }),
    thing(
      'filter',
      'filter-position',
      'Heat pump filters',
      'lounge',
      { filter: 'washable', thickness: 'thin', positions: 2 },
      { partOf: 'pump' },
    ),
    thing('burner', 'chimney', 'Log burner flue', 'lounge', { use: 'light' }),
    thing('burner-fire', 'fireplace', 'Log burner', 'lounge'),
    thing('alarm-hall', 'smoke-alarm', 'Hall', 'hall', {
      power: 'sealed',
      made: String(year - 3),
      cell: 'none',
      sensing: 'light',
    }),
    thing('alarm-1', 'smoke-alarm', 'Front bedroom', 'bedroom-1', {
      power: 'sealed',
      made: String(year - 3),
      cell: 'none',
    }),
    thing('alarm-2', 'smoke-alarm', 'Middle bedroom', 'bedroom-2', {
      power: 'sealed',
      made: String(year - 3),
      cell: 'none',
    }),
    thing('panel', 'panel', 'Switchboard', 'hall', shut('Hall, behind the coats', 'switch')),
    thing(
      'toby',
      'water-main',
      'Toby',
      'outside',
      shut('Under the lid at the gate', 'key', 'The key hangs in the laundry'),
    ),
    thing('heater', 'water-heater', 'Hot-water cylinder', 'laundry', {
      heater: 'tank',
      fuel: 'electric',
      place: 'indoors',
      litres: 180,
      made: String(year - 7),
    }),
    thing('tap-1', 'outside-tap', 'Front tap', 'outside', {
      tap: 'ordinary',
      ...shut('At the toby only', 'key'),
    }),
    thing('tap-2', 'outside-tap', 'Vegetable garden tap', 'outside', { tap: 'ordinary', ...shut(null) }),
    thing('septic', 'septic-tank', 'Septic tank', 'outside', { measured: true, litres: 4500 }),
    thing('gutters', 'gutter-run', 'Spouting', 'outside'),
    thing('roof', 'roof', 'Iron roof', 'outside', { covering: 'metal', old: true, 'coating-life': 10 }),
    thing('lawn', 'lawn', 'Lawn', 'outside'),
    thing('garden', 'garden', 'Garden', 'outside'),
    thing('windows', 'window', 'Windows', undefined, { 'extra-layer': 'film', windows: 9 }),
    thing('washer', 'washing-machine', 'Washing machine', 'laundry'),
    thing('fridge', 'refrigerator', 'Fridge', 'kitchen'),
    thing('door', 'door', 'Back door', 'laundry'),
  ],
  traits: {
    people: 5,
    children: true,
    'busy-household': true,
    'burns-fuel': true,
    trees: true,
    'on-site-sewage': true,
    'timber-floors': true,
    'shedding-pets': true,
    building: 'detached',
    built: 1958,
  },
  usual: { late: 10, lapses: 0.07 },
  habits: {
    'gutter-clean': { late: 30, lapses: 0.1 },
    'smoke-alarm-test': { late: 6, lapses: 0.05 },
    'window-film-remove': { late: 10, lapses: 0, until: 120 },
    'air-filter-washable-clean': { late: 15, lapses: 0.1 },
    donations: 'never',
  },
  without: ['smoke-alarm-sensor-challenge', 'co-alarm-test-and-battery', 'washing-machine-filter'],
  costs: { 'chimney-inspect-and-sweep': 9500, 'aerobic-pump-out': 48_000 },
  story: ({ tell }) => {
    tell(280, {
      kind: 'finding',
      asset: 'roof',
      what: 'Rust at two nail lines over the laundry',
      verdict: 'watch',
    });
    tell(140, { kind: 'event', trigger: 'slow-drains-after-rain' });
    tell(30, { kind: 'note', text: 'No carbon monoxide alarm yet: ask at the fire station which kind.' });
  },
  seed: 12_121,
};
