import type { AssetKind } from '../assetKind.ts';
import type { FactSpec } from '../factSpec.ts';

const choice = (code: string, ...options: (string | number)[]): FactSpec => ({
  code,
  kind: 'choice',
  options,
});
const yesNo = (code: string): FactSpec => ({ code, kind: 'yesNo' });
const number = (code: string, min: number, max: number, unit: '' | 'mm' | 'l' = ''): FactSpec => ({
  code,
  kind: 'number',
  unit,
  min,
  max,
});
const text = (code: string): FactSpec => ({ code, kind: 'text' });
const date = (code: string): FactSpec => ({ code, kind: 'date' });

/** Where it is shut and how: what the emergency sheet tells of a thing. */
const shutoff: readonly FactSpec[] = [
  text('shutoff-place'),
  choice('shutoff', 'lever', 'knob', 'switch', 'key', 'plug'),
  text('shutoff-how'),
];
const label: readonly FactSpec[] = [text('model'), date('made')];
const fuel = choice('fuel', 'gas', 'oil', 'electric', 'heat-pump', 'wood');
const side = choice('side', 'north', 'east', 'south', 'west');
const plant = choice(
  'place',
  'basement',
  'closet',
  'closet-locked',
  'garage',
  'attic',
  'indoors',
  'outdoors',
);
const alarm: readonly FactSpec[] = [
  choice('power', 'battery', 'sealed', 'wired', 'monitored', 'plug-in'),
  date('made'),
  choice('life', 5, 7, 10),
  choice('cell', '9V', 'AA', 'AAA', 'CR123A', 'none'),
  number('cells', 1, 12),
  yesNo('interlinked'),
];

/** What is worth noting once of each kind of asset. */
export const KIND_FACTS: Partial<Record<AssetKind, readonly FactSpec[]>> = {
  house: [
    text('emergency-number'),
    text('gas-emergency'),
    text('water-supplier'),
    text('power-supplier'),
    text('alarm-monitor'),
    text('meeting-place'),
  ],
  'air-handler': [fuel, plant, choice('direction', 'up', 'down', 'sideways'), ...label, ...shutoff],
  furnace: [
    fuel,
    yesNo('old'),
    choice('burner', 'open', 'sealed'),
    plant,
    choice('direction', 'up', 'down', 'sideways'),
    ...label,
    ...shutoff,
  ],
  'filter-position': [
    choice('filter', 'panel', 'media', 'washable'),
    choice('thickness', 'thin', 'medium', 'thick'),
    number('positions', 1, 12),
    text('size'),
    number('thicknessMm', 5, 300, 'mm'),
    choice('direction', 'up', 'down', 'left', 'right', 'away'),
  ],
  'duct-system': [
    choice('dampers', 'manual', 'motorised', 'none'),
    number('bare-feet', 1, 500),
    text('marks'),
  ],
  cooling: [number('tons', 0.5, 20), plant, ...label, ...shutoff],
  'condensate-drain': [
    plant,
    number('tons', 0.5, 20),
    yesNo('has-clogged'),
    text('line-ends'),
    yesNo('float-switch'),
  ],
  boiler: [fuel, yesNo('heats-water'), yesNo('old'), ...label, ...shutoff],
  radiators: [number('count', 1, 60)],
  thermostat: [choice('power', 'battery', 'wired'), number('cells', 1, 6), yesNo('sets-itself')],
  humidifier: [text('size'), text('marks'), ...label, ...shutoff],
  ventilator: [
    choice('core', 'removable', 'sealed'),
    number('filters', 1, 6),
    text('size'),
    number('grilles', 1, 40),
    ...label,
    ...shutoff,
  ],
  'smoke-alarm': [...alarm, choice('sensing', 'light', 'ionisation', 'both', 'heat'), yesNo('senses-co')],
  'co-alarm': alarm,
  'gas-detector': alarm,
  panel: [...shutoff, text('breaker-map')],
  'protected-outlet': [text('feeds'), choice('label', 'monthly', 'none')],
  plumbing: [number('bare-feet', 1, 500)],
  'water-main': shutoff,
  fixture: shutoff,
  'gas-supply': shutoff,
  'clean-out': shutoff,
  'outside-tap': [choice('tap', 'ordinary', 'frost-proof'), side, ...shutoff],
  irrigation: [text('relief-caps'), ...shutoff],
  softener: [choice('salt', 'pellets', 'crystals', 'block'), number('hardness', 0, 1_000), ...shutoff],
  'water-heater': [
    choice('heater', 'tank', 'tankless'),
    fuel,
    choice('burner', 'open', 'sealed'),
    plant,
    yesNo('old'),
    number('litres', 10, 1_000, 'l'),
    ...label,
    ...shutoff,
  ],
  sink: [choice('use', 'light', 'usual', 'busy'), text('trap'), ...shutoff],
  'overflow-pipe': [text('line-ends')],
  'evaporative-cooler': [...label, ...shutoff],
  'gutter-run': [side, number('lengthMm', 500, 200_000, 'mm'), yesNo('guards')],
  roof: [
    choice('covering', 'shingle', 'metal', 'tile', 'slate', 'flat', 'thatch'),
    yesNo('old'),
    choice('shelter', 'sheltered', 'open'),
    number('coating-life', 1, 30),
    number('coats-gallons', 1, 500),
    number('spare-tiles', 0, 500),
  ],
  attic: [number('bay-rolls', 1, 200)],
  foundation: [
    choice('foundation', 'basement', 'crawl-space', 'slab', 'piers'),
    choice('cracks', 'none', 'hairline', 'wide'),
  ],
  concrete: [date('made')],
  'air-bricks': [number('count', 1, 60), side],
  walls: [number('outer-plates', 1, 100)],
  door: [side, text('strip'), number('strip-feet', 1, 100)],
  window: [
    side,
    choice('extra-layer', 'none', 'film', 'storm', 'insert'),
    number('windows', 1, 100),
    text('size'),
  ],
  chimney: [choice('use', 'regular', 'light'), ...label],
  'gas-fireplace': [...label, ...shutoff],
  grill: [choice('fuel', 'gas', 'charcoal'), ...shutoff],
  dishwasher: [...label, ...shutoff],
  refrigerator: label,
  dryer: [choice('fuel', 'gas', 'electric'), yesNo('vented'), text('duct'), ...label, ...shutoff],
  'washing-machine': [text('filter-place'), ...label, ...shutoff],
  'treatment-plant': [
    yesNo('measured'),
    yesNo('upflow-filter'),
    yesNo('chlorinator'),
    yesNo('contract'),
    choice('contract-years', 1, 2),
    number('depthMm', 500, 5_000, 'mm'),
    number('litres-a-day', 200, 20_000, 'l'),
    ...shutoff,
  ],
  'septic-tank': [yesNo('measured'), number('litres', 500, 40_000, 'l'), date('last-pumped')],
  lawn: [number('square-metres', 1, 100_000)],
  'garage-door': [side],
};
