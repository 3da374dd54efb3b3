import type { DemoHome } from '../demoHome.ts';
import { house, shut, thing } from './things.ts';

/** An old masonry terrace: hydronic heating, heat-recovery ventilation, metric, British wording. */
export const weirLane: DemoHome = {
  home: {
    id: 'weir-lane',
    name: '3 Weir Lane',
    zone: 'Europe/London',
    hemisphere: 'north',
    units: 'metric',
    vocabulary: 'en-GB',
    currency: 'GBP',
    climate: { station: 'mild-wet' },
  },
  people: [
    { id: 'tomasz', name: 'Tomasz' },
    { id: 'bryn', name: 'Bryn' },
  ],
  spaces: [
    { id: 'hall', name: 'Hall', use: 'hall', storey: 0 },
    { id: 'front-room', name: 'Front room', use: 'living', storey: 0 },
    { id: 'kitchen', name: 'Kitchen', use: 'kitchen', storey: 0 },
    { id: 'utility', name: 'Utility room', use: 'utility', storey: 0 },
    { id: 'landing', name: 'Landing', use: 'hall', storey: 1 },
    { id: 'front-bedroom', name: 'Front bedroom', use: 'bedroom', storey: 1 },
    { id: 'back-bedroom', name: 'Back bedroom', use: 'bedroom', storey: 1 },
    { id: 'loft', name: 'Loft', use: 'attic', storey: 2 },
    { id: 'outside', name: 'Back yard', use: 'outdoors', side: 'north' },
  ],
  assets: (year) => [
    house({
      'emergency-number': '999',
      'gas-emergency': '0555 010 142',
      'meeting-place': 'The lamp post at number 9',
    }),
    thing('boiler', 'boiler', 'Boiler', 'utility', {
      fuel: 'gas',
      'heats-water': false,
      old: true,
      made: String(year - 15),
      ...shut('Switched spur beside it', 'switch', 'Gas cock on the pipe below, quarter turn'),
    }),
    thing('radiators', 'radiators', 'Radiators', undefined, { count: 9 }),
    thing('thermostat', 'thermostat', 'Room thermostat', 'hall', { power: 'battery', cells: 2 }),
    thing('ventilator', 'ventilator', 'Heat-recovery unit', 'loft', {
      core: 'sealed',
      filters: 2,
      size: '230 × 180 mm',
      grilles: 7,
      ...shut('Isolating switch on the landing', 'switch'),
    }),
    thing('alarm-hall', 'smoke-alarm', 'Hall', 'hall', {
      power: 'battery',
      cell: '9V',
      cells: 1,
      made: String(year - 7),
    }),
    thing('alarm-landing', 'smoke-alarm', 'Landing', 'landing', {
      power: 'battery',
      cell: '9V',
      cells: 1,
      made: String(year - 7),
    }),
    thing('co', 'co-alarm', 'CO alarm by the boiler', 'utility', { life: 7, made: `${year - 6}-11` }),
    thing('panel', 'panel', 'Consumer unit', 'hall', shut('Above the front door', 'switch')),
    thing(
      'stop-tap',
      'water-main',
      'Stop tap',
      'kitchen',
      shut('Under the sink, at the back', 'knob', 'Clockwise; four turns'),
    ),
    thing('gas-main', 'gas-supply', 'Gas meter', 'hall', shut('Cupboard under the stairs', 'lever')),
    thing('tap', 'outside-tap', 'Yard tap', 'outside', {
      tap: 'ordinary',
      ...shut('Behind the washing machine', 'knob'),
    }),
    thing('gully', 'gully', 'Kitchen gully', 'outside'),
    thing('air-bricks', 'air-bricks', 'Air bricks', 'outside', { count: 6 }),
    thing('windows', 'window', 'Sash windows', undefined, { 'extra-layer': 'storm', windows: 8 }),
    thing('front-door', 'door', 'Front door', 'hall'),
    thing('sink', 'sink', 'Kitchen sink', 'kitchen', { use: 'busy' }),
    thing('gutters', 'gutter-run', 'Gutters', 'outside', { guards: false }),
    thing('roof', 'roof', 'Slate roof', 'outside', { covering: 'slate', old: true, 'spare-tiles': 12 }),
    thing('masonry', 'masonry', 'Brickwork', 'outside'),
    thing('garden', 'garden', 'Yard pots', 'outside'),
    thing('washer', 'washing-machine', 'Washing machine', 'utility', {
      'filter-place': 'Flap at the bottom right',
    }),
    thing('dryer', 'dryer', 'Tumble dryer', 'utility', { fuel: 'electric', vented: false }),
  ],
  traits: {
    'does-ladders': true,
    'does-mains': false,
    'hours-a-week': 3,
    country: 'GB',
    people: 2,
    masonry: true,
    'timber-floors': true,
    'burns-fuel': true,
    trees: false,
    'tight-house': true,
    'shedding-pets': false,
    built: 1892,
    building: 'terraced',
  },
  usual: { late: 12, lapses: 0.08 },
  habits: {
    'smoke-alarm-test': { late: 18, lapses: 0.15 },
    'gutter-clean': { late: 40, lapses: 0 },
    'smoke-alarm-battery-swap': { late: 9, lapses: 0.05 },
    'window-drip-groove-and-cable-loop': 'never',
    'gully-clear': { late: 20, lapses: 0.1, until: 140 },
    'outdoor-tap-reopen': { late: 10, lapses: 0, until: 330 },
    donations: 'never',
  },
  schools: { 'smoke-alarm-battery-swap': 'each-autumn' },
  doers: { 'gutter-clean': 'trade' },
  without: ['smoke-alarm-sensor-challenge', 'storm-panel-fit', 'autumn-plant-and-shelter'],
  costs: { 'gutter-clean': 8500, 'heating-service-visit': 9600, 'ventilator-two-year-service': 18_000 },
  story: ({ tell }) => {
    tell(500, {
      kind: 'finding',
      asset: 'roof',
      what: 'Slipped slate over the back bedroom',
      verdict: 'act',
    });
    tell(210, { kind: 'event', trigger: 'heavy-rain', note: 'Gully backed up to the step' });
    tell(150, { kind: 'reading', asset: 'boiler', measure: 'flue-carbon-dioxide', value: 9.1, unit: '%' });
    tell(90, {
      kind: 'note',
      text: 'Neighbour’s builder to repoint the party chimney in spring.',
      asset: 'masonry',
    });
  },
  seed: 90_210,
};
