import { DOES_TRAITS, HOUSEHOLD_TRAITS } from '../house/traitSpec.ts';
import type { Given } from './given.ts';
import type { Question, Stop } from './question.ts';
import { alarmRooms } from './rooms.ts';

type When = Question['when'];
const asked = (when: When): Pick<Question, 'when'> => (when ? { when } : {});
const choice = (code: string, options: readonly string[], when?: When): Question => ({
  kind: 'choice',
  code,
  options,
  ...asked(when),
});
const several = (
  code: string,
  options: readonly string[] | ((given: Given) => readonly string[]),
  when?: When,
): Question => ({ kind: 'several', code, options, ...asked(when) });
const yesNo = (code: string, when?: When): Question => ({ kind: 'yesNo', code, ...asked(when) });
const count = (code: string, min: number, max: number, when?: When): Question => ({
  kind: 'count',
  code,
  min,
  max,
  ...asked(when),
});
const made = (code: string, when?: When): Question => ({ kind: 'made', code, ...asked(when) });
const text = (code: string, max: number, when?: When): Question => ({
  kind: 'text',
  code,
  max,
  ...asked(when),
});
const lastDone = (code: string, when?: When): Question => ({ kind: 'lastDone', code, ...asked(when) });

const HEATS = ['gas-furnace', 'oil-furnace', 'heat-pump', 'gas-boiler', 'oil-boiler'] as const;
const PLACES = ['basement', 'closet', 'closet-locked', 'garage', 'attic', 'indoors', 'outdoors'] as const;
export const DUCTED = ['gas-furnace', 'oil-furnace', 'heat-pump'] as const;
const isDucted = (given: Given): boolean =>
  given.isOneOf('heat', ...DUCTED) || given.choice('cool') === 'central';
const hasPlant = (given: Given): boolean => !given.isOneOf('heat', 'wood', 'electric', 'none');
const hasBoiler = (given: Given): boolean => given.isOneOf('heat', 'gas-boiler', 'oil-boiler');
const hasSmoke = (given: Given): boolean => given.choice('smoke-power') !== 'none';
const burnsWood = (given: Given): boolean =>
  given.has('fires', 'wood') || given.has('fires', 'stove') || given.choice('heat') === 'wood';
const hasHeater = (given: Given): boolean => given.isOneOf('heater', 'tank', 'tankless');
const rooms = (given: Given): string[] => alarmRooms(given).map(({ code }) => code);

/** The walk, stop by stop, from who lives there to where the drains go. */
export const STOPS: readonly Stop[] = [
  {
    code: 'household',
    questions: [
      count('people', 0, 20),
      several('household', HOUSEHOLD_TRAITS),
      several('does', DOES_TRAITS),
      count('hours-a-week', 0, 40),
      { kind: 'country', code: 'country' },
    ],
  },
  {
    code: 'building',
    questions: [
      choice('age', ['old', 'established', 'recent', 'new']),
      count('storeys', 1, 4),
      count('bedrooms', 0, 10),
      count('bathrooms', 0, 8),
      choice('below', ['basement', 'crawl-space', 'slab', 'piers']),
      choice('walls', ['frame', 'masonry']),
      several('parts', ['attic', 'garage', 'walk-up-basement', 'timber-floors', 'tight-house', 'light-use']),
      yesNo('builder-cover', (given) => given.choice('age') === 'new'),
    ],
  },
  {
    code: 'alarms',
    questions: [
      choice('smoke-power', ['battery', 'sealed', 'wired', 'monitored', 'none']),
      several('smoke-rooms', rooms, hasSmoke),
      choice('sensing', ['smoke-light', 'smoke-ionisation', 'smoke-both', 'smoke-heat'], hasSmoke),
      yesNo('senses-co', hasSmoke),
      made('smoke-made', hasSmoke),
      choice('smoke-life', ['7', '8', '10'], hasSmoke),
      made('smoke-ends', hasSmoke),
      choice('alarm-cell', ['9V', 'AA', 'AAA'], (given) => given.isOneOf('smoke-power', 'battery', 'wired')),
      several('co-rooms', rooms),
      made('co-made', (given) => given.chosen('co-rooms').length > 0),
      choice('co-life', ['5', '7', '10'], (given) => given.chosen('co-rooms').length > 0),
      made('co-ends', (given) => given.chosen('co-rooms').length > 0),
      yesNo('gas-detector'),
      count('extinguishers', 0, 6),
    ],
  },
  {
    code: 'heating',
    questions: [
      choice('heat', [...HEATS, 'electric', 'wood', 'none']),
      count('heat-count', 1, 4, hasPlant),
      several('heat-also', (given) => HEATS.filter((heat) => heat !== given.choice('heat'))),
      yesNo('heat-old', hasPlant),
      choice('heat-place', PLACES, hasPlant),
      yesNo('heats-water', hasBoiler),
      choice('filter', ['panel', 'media', 'washable'], isDucted),
      choice('thickness', ['thin', 'medium', 'thick'], isDucted),
      choice('grade', ['simple', 'pleated', 'fine'], isDucted),
      count('positions', 1, 6, isDucted),
      text('filter-size', 40, isDucted),
      yesNo('dampers', isDucted),
      yesNo('humidifier', isDucted),
      text('pad-size', 40, (given) => isDucted(given) && given.yes('humidifier')),
      choice('thermostat', ['battery', 'wired', 'none']),
      yesNo('sets-itself', (given) => !given.isOneOf('thermostat', 'none')),
    ],
  },
  {
    code: 'cooling',
    questions: [
      choice('cool', ['central', 'evaporative', 'none']),
      count('cool-count', 1, 4, (given) => given.choice('cool') === 'central'),
      count('tons', 1, 10, (given) => given.choice('cool') === 'central'),
      count('drains', 0, 6, (given) => given.choice('cool') === 'central'),
      choice('drain-place', PLACES, (given) => given.choice('cool') === 'central'),
      yesNo('has-clogged', (given) => given.choice('cool') === 'central'),
      yesNo('long-running-hours', isDucted),
    ],
  },
  {
    code: 'ventilation',
    questions: [
      choice('ventilator', ['none', 'removable', 'sealed']),
      count('ventilators', 1, 4, (given) => given.isOneOf('ventilator', 'removable', 'sealed')),
      count('bath-fans', 0, 8),
    ],
  },
  {
    code: 'fires',
    questions: [
      several('fires', ['wood', 'stove', 'gas-fireplace', 'grill']),
      choice('chimney-use', ['regular', 'light'], burnsWood),
    ],
  },
  {
    code: 'water',
    questions: [
      choice('heater', ['tank', 'tankless', 'none']),
      choice('heater-fuel', ['gas', 'electric', 'oil'], (given) => given.choice('heater') !== 'none'),
      choice(
        'burner',
        ['open', 'sealed'],
        (given) => given.choice('heater') === 'tank' && given.isOneOf('heater-fuel', 'gas', 'oil'),
      ),
      choice('heater-place', PLACES, (given) => given.choice('heater') === 'tank'),
      yesNo('heater-old', hasHeater),
      count('heaters', 1, 4, hasHeater),
      choice('heater-also', ['none', 'tank', 'tankless'], hasHeater),
      count('taps', 0, 6),
      choice('tap', ['ordinary', 'frost-proof', 'mixed'], (given) => given.count('taps') > 0),
      count('taps-frost-proof', 0, 6, (given) => given.choice('tap') === 'mixed'),
      yesNo('irrigation'),
      yesNo('preventer', (given) => given.yes('irrigation')),
      yesNo('softener'),
      several('water-parts', ['sump', 'water-tank', 'loft-tank', 'water-filter', 'pool']),
      text('cartridge', 40, (given) => given.has('water-parts', 'water-filter')),
      yesNo('hard-water'),
    ],
  },
  {
    code: 'kitchen',
    questions: [
      several('appliances', [
        'dishwasher',
        'refrigerator',
        'washing-machine',
        'dryer',
        'garbage-grinder',
        'range-hood',
      ]),
      choice('dryer-fuel', ['electric', 'gas'], (given) => given.has('appliances', 'dryer')),
      yesNo('vented', (given) => given.has('appliances', 'dryer')),
      choice('sink-use', ['light', 'usual', 'busy']),
    ],
  },
  { code: 'power', questions: [count('outlets', 0, 12), yesNo('generator')] },
  {
    code: 'roof',
    questions: [
      choice('covering', ['shingle', 'metal', 'tile', 'slate', 'flat']),
      yesNo('roof-old'),
      yesNo('gutters'),
      choice('trees', ['few', 'some', 'many', 'pines']),
    ],
  },
  {
    code: 'ground',
    questions: [
      several('ground', [
        'lawn',
        'garden',
        'gully',
        'yard-outlet',
        'stairwell-drain',
        'new-concrete',
        'air-bricks',
        'underbelly',
        'deck',
        'dusty-place',
        'building-dust',
      ]),
      choice('cracks', ['none', 'hairline', 'wide'], (given) => !given.isOneOf('below', 'piers')),
    ],
  },
  {
    code: 'openings',
    questions: [
      choice('extra-layer', ['none', 'film', 'storm', 'insert']),
      several('openings', ['door', 'garage-door']),
      count('garage-doors', 1, 4, (given) => given.has('openings', 'garage-door')),
      yesNo('opener', (given) => given.has('openings', 'garage-door')),
    ],
  },
  {
    code: 'drains',
    questions: [
      choice('sewage', ['mains', 'septic', 'aerobic']),
      yesNo('measured', (given) => given.isOneOf('sewage', 'septic', 'aerobic')),
      yesNo('chlorinator', (given) => given.choice('sewage') === 'aerobic'),
      yesNo('upflow-filter', (given) => given.choice('sewage') === 'aerobic'),
      yesNo('contract', (given) => given.choice('sewage') === 'aerobic'),
    ],
  },
  {
    code: 'last-done',
    questions: [
      lastDone('last-heating', hasPlant),
      lastDone('last-cooling', (given) => given.choice('cool') === 'central'),
      lastDone('last-filters', isDucted),
      lastDone('last-batteries', hasSmoke),
      lastDone('last-chimney', burnsWood),
      lastDone('last-gutters', (given) => given.yes('gutters')),
      lastDone('last-flush', hasHeater),
      lastDone('last-dryer-vent', (given) => given.has('appliances', 'dryer') && given.yes('vented')),
      lastDone('last-pump-out', (given) => given.isOneOf('sewage', 'septic', 'aerobic')),
    ],
  },
];

/** The questions of a stop that earlier answers leave to be asked. */
export const questionsAt = (stop: Stop, given: Given): Question[] =>
  stop.questions.filter(({ when }) => !when || when(given));
