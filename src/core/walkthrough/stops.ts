import { HOUSEHOLD_TRAITS } from '../house/traitSpec.ts';
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

const PLACES = ['basement', 'closet', 'closet-locked', 'garage', 'attic', 'indoors', 'outdoors'] as const;
export const DUCTED = ['gas-furnace', 'oil-furnace', 'heat-pump'] as const;
const isDucted = (given: Given): boolean =>
  given.isOneOf('heat', ...DUCTED) || given.choice('cool') === 'central';
const hasPlant = (given: Given): boolean => !given.isOneOf('heat', 'wood', 'electric', 'none');
const hasBoiler = (given: Given): boolean => given.isOneOf('heat', 'gas-boiler', 'oil-boiler');
const hasSmoke = (given: Given): boolean => given.choice('smoke-power') !== 'none';
const rooms = (given: Given): string[] => alarmRooms(given).map(({ code }) => code);

/** The walk, stop by stop, from who lives there to where the drains go. */
export const STOPS: readonly Stop[] = [
  {
    code: 'household',
    questions: [count('people', 0, 20), several('household', HOUSEHOLD_TRAITS)],
  },
  {
    code: 'building',
    questions: [
      choice('age', ['old', 'established', 'recent', 'new']),
      count('storeys', 1, 4),
      count('bedrooms', 0, 10),
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
      made('smoke-made', hasSmoke),
      several('co-rooms', rooms),
      made('co-made', (given) => given.chosen('co-rooms').length > 0),
      choice('co-life', ['5', '7', '10'], (given) => given.chosen('co-rooms').length > 0),
      yesNo('gas-detector'),
    ],
  },
  {
    code: 'heating',
    questions: [
      choice('heat', [
        'gas-furnace',
        'oil-furnace',
        'heat-pump',
        'gas-boiler',
        'oil-boiler',
        'electric',
        'wood',
        'none',
      ]),
      count('heat-count', 1, 4, hasPlant),
      yesNo('heat-old', hasPlant),
      choice('heat-place', PLACES, hasPlant),
      yesNo('heats-water', hasBoiler),
      choice('filter', ['panel', 'media', 'washable'], isDucted),
      choice('thickness', ['thin', 'medium', 'thick'], isDucted),
      count('positions', 1, 6, isDucted),
      yesNo('dampers', isDucted),
      yesNo('humidifier', isDucted),
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
  { code: 'ventilation', questions: [choice('ventilator', ['none', 'removable', 'sealed'])] },
  {
    code: 'fires',
    questions: [
      several('fires', ['wood', 'gas-fireplace', 'grill']),
      choice('chimney-use', ['regular', 'light'], (given) => given.has('fires', 'wood')),
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
      count('taps', 0, 6),
      choice('tap', ['ordinary', 'frost-proof'], (given) => given.count('taps') > 0),
      yesNo('irrigation'),
      yesNo('softener'),
      yesNo('hard-water'),
    ],
  },
  {
    code: 'kitchen',
    questions: [
      several('appliances', ['dishwasher', 'refrigerator', 'washing-machine', 'dryer', 'garbage-grinder']),
      choice('dryer-fuel', ['electric', 'gas'], (given) => given.has('appliances', 'dryer')),
      yesNo('vented', (given) => given.has('appliances', 'dryer')),
      choice('sink-use', ['light', 'usual', 'busy']),
    ],
  },
  { code: 'power', questions: [count('outlets', 0, 12)] },
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
];

/** The questions of a stop that earlier answers leave to be asked. */
export const questionsAt = (stop: Stop, given: Given): Question[] =>
  stop.questions.filter(({ when }) => !when || when(given));
