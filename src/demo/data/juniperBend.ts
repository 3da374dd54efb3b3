import type { DemoHome } from '../demoHome.ts';
import { house, shut, thing } from './things.ts';

/** A cold-winter house with everything: furnace, cooling, humidifier, ventilator, softener, an aerobic plant. */
export const juniperBend: DemoHome = {
  home: {
    id: 'juniper-bend',
    name: '14 Juniper Bend',
    zone: 'America/Chicago',
    hemisphere: 'north',
    units: 'us',
    vocabulary: 'en-US',
    currency: 'USD',
    climate: { station: 'cold-plains' },
  },
  people: [
    { id: 'ines', name: 'Ines' },
    { id: 'marek', name: 'Marek' },
  ],
  spaces: [
    { id: 'basement', name: 'Basement', use: 'plant', storey: -1 },
    { id: 'hall', name: 'Hall', use: 'hall', storey: 0 },
    { id: 'kitchen', name: 'Kitchen', use: 'kitchen', storey: 0 },
    { id: 'living', name: 'Living room', use: 'living', storey: 0 },
    { id: 'laundry', name: 'Laundry', use: 'utility', storey: 0 },
    { id: 'landing', name: 'Landing', use: 'hall', storey: 1 },
    { id: 'front-bedroom', name: 'Front bedroom', use: 'bedroom', storey: 1 },
    { id: 'bedroom', name: 'Back bedroom', use: 'bedroom', storey: 1 },
    { id: 'bath', name: 'Bathroom', use: 'bathroom', storey: 1 },
    { id: 'outside', name: 'Outside', use: 'outdoors' },
  ],
  assets: (year) => [
    house({
      'emergency-number': '911',
      'gas-emergency': '555-0142, any hour',
      trades: 'Heating 555-0163, plumbing 555-0124',
      'water-supplier': 'Harrow Flats Water, 555-0118',
      'power-supplier': '555-0177',
      'meeting-place': 'The mailbox across the road',
    }),
    thing(
      'furnace',
      'furnace',
      'Furnace',
      'basement',
      {
        fuel: 'gas',
        old: false,
        burner: 'sealed',
        ...shut('Red switch at the top of the basement stair', 'switch'),
      },
      { installed: `${year - 8}-10-03` },
    ),
    thing(
      'filter',
      'filter-position',
      'Return filter',
      'basement',
      {
        thicknessMm: 25.4,
        filter: 'panel',
        thickness: 'thin',
        positions: 1,
        size: '16 × 25 × 1 in',
        direction: 'right',
      },
      { partOf: 'furnace' },
    ),
    thing(
      'humidifier',
      'humidifier',
      'Humidifier',
      'basement',
      {
        size: '10 × 13 in pad',
        marks: '3 at 20 °F, 2 at 0 °F',
        ...shut('Saddle valve on the cold pipe above it', 'knob'),
      },
      { partOf: 'furnace' },
    ),
    thing('cooling', 'cooling', 'Air conditioner', 'outside', { tons: 3, made: String(year - 8) }),
    thing('drain', 'condensate-drain', 'Condensate drain', 'basement', {
      tons: 3,
      place: 'basement',
      'has-clogged': false,
      'line-ends': 'Floor drain by the furnace',
    }),
    thing('thermostat', 'thermostat', 'Thermostat', 'hall', {
      power: 'battery',
      cells: 2,
      'sets-itself': null,
    }),
    thing('ventilator', 'ventilator', 'Ventilator', 'basement', {
      core: 'removable',
      filters: 2,
      grilles: 9,
    }),
    thing('alarm-hall', 'smoke-alarm', 'Hall', 'hall', {
      power: 'battery',
      cell: '9V',
      cells: 1,
      made: `${year - 11}-03`,
    }),
    thing('alarm-landing', 'smoke-alarm', 'Landing', 'landing', {
      power: 'battery',
      cell: '9V',
      cells: 1,
      made: String(year - 5),
    }),
    thing('alarm-bedroom', 'smoke-alarm', 'Back bedroom', 'bedroom', {
      power: 'battery',
      cell: '9V',
      cells: 1,
      made: String(year - 3),
    }),
    thing('alarm-basement', 'smoke-alarm', 'Basement', 'basement', {
      power: 'battery',
      cell: '9V',
      cells: 1,
      made: null,
    }),
    thing('co-basement', 'co-alarm', 'CO alarm by the furnace', 'basement', {
      made: `${year - 3}-09`,
      life: 7,
    }),
    thing('panel', 'panel', 'Breaker panel', 'basement', {
      ...shut('Gray door on the east wall', 'switch', 'Top two breakers off together; stand on the dry mat'),
    }),
    thing('gfci-kitchen', 'protected-outlet', 'Counter outlet', 'kitchen', {
      feeds: 'Both counter outlets',
      label: 'monthly',
    }),
    thing('gfci-laundry', 'protected-outlet', 'Laundry outlet', 'laundry', {
      feeds: 'Laundry and the sump',
      label: 'monthly',
    }),
    thing(
      'water-main',
      'water-main',
      'Main shutoff',
      'basement',
      shut('Where the pipe comes in, under the hall', 'lever', 'Quarter turn; the red handle is stiff'),
    ),
    thing(
      'gas-main',
      'gas-supply',
      'Gas meter',
      'outside',
      shut('North side, behind the lilac', 'key', 'Wrench hangs on the meter; quarter turn across the pipe'),
    ),
    thing('hose-bib', 'outside-tap', 'Back faucet', 'outside', {
      tap: 'ordinary',
      side: 'south',
      ...shut('Basement ceiling behind the ducts', 'knob'),
    }),
    thing('irrigation', 'irrigation', 'Lawn irrigation', 'outside', {
      ...shut('Beside the main shutoff, blue handle', 'lever'),
    }),
    thing('softener', 'softener', 'Softener', 'basement', { salt: 'pellets', hardness: 18 }),
    thing('heater', 'water-heater', 'Water heater', 'basement', {
      heater: 'tank',
      fuel: 'gas',
      burner: 'open',
      place: 'basement',
      made: String(year - 13),
    }),
    thing(
      'heater-new',
      'water-heater',
      'Water heater',
      'basement',
      {
        heater: 'tank',
        fuel: 'gas',
        burner: 'open',
        place: 'basement',
        litres: 190,
        made: `${year - 1}-01`,
        ...shut('Cold valve on top of the tank', 'lever', 'Then the gas knob on the pipe, quarter turn'),
      },
      { succeeds: 'heater' },
    ),
    thing('sink', 'sink', 'Kitchen sink', 'kitchen', { use: 'usual' }),
    thing('gutters', 'gutter-run', 'Gutters', 'outside', { guards: false }),
    thing('roof', 'roof', 'Roof', 'outside', { covering: 'shingle', old: false }),
    thing('chimney', 'chimney', 'Fireplace chimney', 'living', { use: 'regular' }),
    thing('foundation', 'foundation', 'Foundation', 'basement', {
      foundation: 'basement',
      cracks: 'hairline',
    }),
    thing('dryer', 'dryer', 'Dryer', 'laundry', { fuel: 'gas', vented: true }),
    thing('dishwasher', 'dishwasher', 'Dishwasher', 'kitchen'),
    thing('plant', 'treatment-plant', 'Treatment plant', 'outside', {
      measured: true,
      chlorinator: true,
      'upflow-filter': false,
      contract: null,
      depthMm: 1524,
      'litres-a-day': 1703,
    }),
    thing(
      'clean-out',
      'clean-out',
      'Sewer clean-out',
      'outside',
      shut('White cap by the back steps', 'plug'),
    ),
    thing('steps', 'other', 'Front steps', 'outside'),
    thing('door', 'other', 'Front door', 'hall'),
  ],
  traits: {
    'does-ladders': true,
    'does-gas': true,
    'does-mains': true,
    'does-sewage': true,
    'hours-a-week': 4,
    country: 'US',
    people: 4,
    'shedding-pets': true,
    'hard-water': true,
    trees: true,
    'burns-fuel': true,
    'on-site-sewage': true,
    children: false,
    smoker: false,
    built: 1974,
    building: 'detached',
  },
  usual: { late: 9, lapses: 0.06 },
  habits: {
    'dryer-vent-clean': 'never',
    'gfci-test': 'never',
    'humidity-read-and-adjust': 'never',
    'roof-storm-look': 'never',
    'gutter-clean': { late: 24, lapses: 0.15 },
    'air-filter-panel-replace': { late: 34, lapses: 0 },
    'smoke-alarm-test': { late: 4, lapses: 0 },
    'smoke-alarm-test@alarm-basement': { late: 4, lapses: 0, until: 36 },
    'smoke-alarm-battery-swap': { late: 9, lapses: 0 },
    'smoke-alarm-battery-swap@alarm-basement': { late: 9, lapses: 0, until: 60 },
    'co-alarm-test-and-battery': { late: 4, lapses: 0.02 },
    'smoke-alarm-age-replace': { late: 0, lapses: 0, until: 900 },
    'irrigation-reopen': { late: 5, lapses: 0, until: 400 },
    'irrigation-winterise': { late: 3, lapses: 0 },
    'aerobic-quick-look': { late: 3, lapses: 0.1 },
    donations: 'never',
  },
  schools: {
    'air-filter-panel-replace': 'three-months',
    'gfci-test': 'monthly-label',
    'smoke-alarm-battery-swap': 'with-the-clocks',
  },
  doers: {
    'irrigation-winterise': 'trade',
    'irrigation-reopen': 'trade',
    'chimney-inspect-and-sweep': 'trade',
  },
  without: ['smoke-alarm-sensor-challenge', 'dishwasher-yearly-care', 'ceiling-stain-watch'],
  costs: {
    'air-filter-panel-replace': 1299,
    'cooling-service-visit': 14_500,
    'chimney-inspect-and-sweep': 21_000,
    'smoke-alarm-battery-swap': 310,
    'irrigation-winterise': 9500,
    'irrigation-reopen': 9500,
    'softener-salt-top-up': 899,
  },
  own: [
    {
      title: 'Oil the front door',
      units: ['door'],
      rule: { kind: 'dates', monthDays: ['04-15', '10-15'] },
      habit: { late: 30, lapses: 0.2 },
      minutes: 30,
    },
    {
      title: 'Reseal the steps',
      units: ['steps'],
      rule: { kind: 'dates', monthDays: ['11-15'], cycle: { years: 2, baseYear: 2026 } },
      habit: 'never',
      minutes: 120,
    },
  ],
  papers: [
    {
      thing: 'Treatment plant',
      kind: 'warranty',
      title: 'Service contract',
      endsIn: 33,
      text: 'Service contract: three visits a year, each with a report.\nIncluded: looks, measuring, cleaning of the air filter, settings.\nNot included: parts, pumping out.\n',
    },
    {
      thing: 'Treatment plant',
      kind: 'report',
      title: 'Report of the last visit',
      endsIn: null,
      text: 'Blower 9 minutes in each half hour. Sludge and scum below their limits. Chlorine tablets in the stream. Nothing to put right.\n',
    },
    {
      thing: 'Furnace',
      kind: 'receipt',
      title: 'Receipt of the tune-up',
      endsIn: null,
      text: 'Tune-up of the gas furnace, combustion measured. Paid in full.\n',
    },
  ],
  run: { round: 'quarterly', daysAgo: 2, done: 2, minutes: 6 },
  story: ({ tell, lastDone }) => {
    tell(402, {
      kind: 'replaced',
      asset: 'heater',
      successor: 'heater-new',
      note: 'The old tank wept at the seam',
    });
    tell(402, {
      kind: 'note',
      text: 'New water heater fitted; papers in the blue folder.',
      asset: 'heater-new',
    });
    const crack = tell(430, {
      kind: 'finding',
      asset: 'foundation',
      what: 'Hairline crack at the north corner, 0.4 mm, pencil line dated',
      verdict: 'watch',
    });
    tell(429, { kind: 'amends', target: crack, change: { note: 'Starts a hand below the sill' } });
    tell(5, { kind: 'reading', asset: 'filter', measure: 'filter-grade', value: 0.75, unit: 'grade' });
    tell(300, {
      kind: 'event',
      trigger: 'power-cut',
      note: 'Four hours; the plant alarm rang, air back at once',
    });
    tell(6, {
      kind: 'finding',
      asset: 'foundation',
      what: 'Damp patch at the foot of the wall',
      place: 'North corner, behind the shelves',
      verdict: 'act',
      days: 14,
    });
    tell(120, { kind: 'bought', supply: 'filter-panel', quantity: 4, cost: 5196 });
    tell(60, { kind: 'bought', supply: 'alarm-cell', quantity: 2, cost: 620 });
    const gutter = lastDone('gutter-clean', 20);
    if (gutter)
      tell(gutter.daysAgo - 2, {
        kind: 'amends',
        target: gutter.id,
        change: { minutes: 140 },
        why: 'The back run took a second day',
      });
    const dishes = lastDone('co-alarm-test-and-battery', 200);
    if (dishes) {
      const wrong = tell(dishes.daysAgo - 1, { kind: 'note', text: 'CO alarm tested twice' });
      tell(dishes.daysAgo - 2, { kind: 'voids', target: wrong, why: 'Was the smoke alarm' });
    }
  },
  seed: 20_417,
};
