import type { DemoHome } from '../demoHome.ts';
import { house, shut, thing } from './things.ts';

const ROOM_NAMES = {
  entry: 'Entry',
  'great-room': 'Great room',
  'upper-hall': 'Upper hall',
  'main-bedroom': 'Main bedroom',
  nursery: 'Nursery',
  'guest-room': 'Guest room',
} as const;

/** A hot, humid new build: two heat pumps with their drains over the ceilings, a tankless heater, a builder who still answers. */
export const canebrakeCourt: DemoHome = {
  home: {
    id: 'canebrake-court',
    name: '5 Canebrake Court',
    zone: 'America/New_York',
    hemisphere: 'north',
    units: 'us',
    vocabulary: 'en-US',
    currency: 'USD',
    climate: { station: 'hot-humid' },
  },
  people: [
    { id: 'amara', name: 'Amara' },
    { id: 'jules', name: 'Jules' },
  ],
  spaces: [
    { id: 'entry', name: 'Entry', use: 'hall', storey: 0 },
    { id: 'great-room', name: 'Great room', use: 'living', storey: 0 },
    { id: 'kitchen', name: 'Kitchen', use: 'kitchen', storey: 0 },
    { id: 'laundry', name: 'Laundry', use: 'utility', storey: 0 },
    { id: 'upper-hall', name: 'Upper hall', use: 'hall', storey: 1 },
    { id: 'main-bedroom', name: 'Main bedroom', use: 'bedroom', storey: 1 },
    { id: 'nursery', name: 'Nursery', use: 'bedroom', storey: 1 },
    { id: 'guest-room', name: 'Guest room', use: 'bedroom', storey: 1 },
    { id: 'attic', name: 'Attic', use: 'attic', storey: 2 },
    { id: 'garage', name: 'Garage', use: 'garage', storey: 0 },
    { id: 'outside', name: 'Outside', use: 'outdoors' },
  ],
  assets: (year) => [
    house({
      'emergency-number': '911',
      'alarm-monitor': '555-0133',
      'water-supplier': 'Cane Bayou Utility, 555-0121',
    }),
    ...['upstairs', 'downstairs'].flatMap((zone) => [
      thing(`handler-${zone}`, 'air-handler', `Air handler, ${zone}`, 'attic', {
        fuel: 'heat-pump',
        place: 'attic',
        made: String(year - 2),
        ...shut('Disconnect on the attic wall', 'switch'),
      }),
      thing(
        `filter-${zone}`,
        'filter-position',
        `Media filter, ${zone}`,
        'attic',
        { filter: 'media', thickness: 'thick', positions: 1, size: '16 × 25 × 4 in' },
        { partOf: `handler-${zone}` },
      ),
      thing(`cooling-${zone}`, 'cooling', `Heat pump, ${zone}`, 'outside', {
        tons: zone === 'upstairs' ? 3 : 2,
        made: String(year - 2),
      }),
      thing(`drain-${zone}`, 'condensate-drain', `Drain, ${zone}`, 'attic', {
        tons: zone === 'upstairs' ? 3 : 2,
        place: 'attic',
        'has-clogged': zone === 'upstairs',
        'line-ends': zone === 'upstairs' ? 'Over the kitchen window' : null,
        'float-switch': true,
      }),
    ]),
    thing('thermostat', 'thermostat', 'Thermostats', 'entry', { power: 'wired', 'sets-itself': true }),
    ...(['entry', 'great-room', 'upper-hall', 'main-bedroom', 'nursery', 'guest-room'] as const).map((room) =>
      thing(`alarm-${room}`, 'smoke-alarm', ROOM_NAMES[room], room, {
        power: 'monitored',
        made: String(year - 2),
        'senses-co': room === 'upper-hall',
        interlinked: true,
      }),
    ),
    thing('heater', 'water-heater', 'Tankless heater', 'garage', {
      heater: 'tankless',
      fuel: 'electric',
      made: String(year - 2),
      ...shut('Two valves below it', 'lever'),
    }),
    thing('panel', 'panel', 'Breaker panel', 'garage', shut('Garage, left of the door', 'switch')),
    thing('main', 'water-main', 'Main shutoff', 'garage', shut('Low on the garage wall', 'lever')),
    thing('tap-front', 'outside-tap', 'Front faucet', 'outside', { tap: 'ordinary', ...shut(null) }),
    thing('tap-back', 'outside-tap', 'Back faucet', 'outside', {
      tap: 'ordinary',
      ...shut('Behind the laundry panel', 'knob'),
    }),
    thing('gutters', 'gutter-run', 'Gutters', 'outside', { guards: true }),
    thing('roof', 'roof', 'Roof', 'outside', { covering: 'shingle', old: false }),
    thing('dryer', 'dryer', 'Dryer', 'laundry', { vented: true, fuel: 'electric' }),
    thing('driveway', 'concrete', 'Driveway', 'outside', { made: `${year - 2}-04` }),
    thing('gfci-garage', 'protected-outlet', 'Garage outlet', 'garage', { feeds: 'The outside outlets too' }),
    thing('garage-door', 'garage-door', 'Garage door', 'garage'),
  ],
  traits: {
    'does-mains': true,
    'does-ladders': false,
    'hours-a-week': 2,
    country: 'US',
    people: 3,
    'new-house': true,
    'new-plant': true,
    'builder-cover': true,
    'long-running-hours': true,
    children: true,
    'monitored-alarms': true,
    allergies: true,
    trees: false,
    'burns-fuel': false,
    building: 'detached',
  },
  usual: { late: 6, lapses: 0.03 },
  habits: {
    'condensate-line-treat': { late: 30, lapses: 0.2 },
    'air-filter-media-replace': { late: 12, lapses: 0 },
    'dryer-vent-clean': { late: 20, lapses: 0 },
    donations: { late: 10, lapses: 0 },
  },
  doers: { 'cooling-service-visit': 'trade', 'heating-service-visit': 'trade' },
  without: ['air-leak-survey', 'emergency-supplies'],
  costs: {
    'cooling-service-visit': 16_500,
    'heating-service-visit': 16_500,
    'air-filter-media-replace': 4499,
  },
  story: ({ tell }) => {
    tell(330, {
      kind: 'event',
      trigger: 'overflow',
      note: 'Float tripped the upstairs unit; line blown clear',
    });
    tell(330, {
      kind: 'finding',
      asset: 'drain-upstairs',
      what: 'Slime at the trap, pan dry again',
      verdict: 'act',
    });
    tell(210, {
      kind: 'reading',
      asset: 'cooling-upstairs',
      measure: 'temperature-split',
      value: 17.5,
      unit: 'dF',
    });
    tell(60, {
      kind: 'note',
      text: 'Builder asked about the settling step at the drive; answer due before cover ends.',
      asset: 'driveway',
    });
  },
  seed: 55_011,
};
