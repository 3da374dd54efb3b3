import type { FactValue } from '../basics/factValue.ts';
import { DOES_TRAITS, HOUSEHOLD_TRAITS } from '../house/traitSpec.ts';
import type { Given } from './given.ts';

const BURNERS = ['gas-furnace', 'oil-furnace', 'gas-boiler', 'oil-boiler'] as const;

/** The traits of the house and its people from the answers. A "no" is told as such. */
export function traitsOf(given: Given): ReadonlyMap<string, FactValue> {
  const sewage = given.choice('sewage');
  const trees = given.choice('trees');
  const fresh = given.choice('age') === 'new';
  const burns =
    given.isOneOf('heat', ...BURNERS, 'wood') ||
    given.chosen('heat-also').some((heat) => BURNERS.some((burner) => burner === heat)) ||
    (given.choice('heater') !== 'none' && given.isOneOf('heater-fuel', 'gas', 'oil')) ||
    given.chosen('fires').some((fire) => fire !== 'grill') ||
    (given.has('appliances', 'dryer') && given.choice('dryer-fuel') === 'gas') ||
    given.has('parts', 'garage');
  return new Map<string, FactValue>([
    ['people', given.count('people')],
    ...HOUSEHOLD_TRAITS.map((code): [string, FactValue] => [code, given.has('household', code)]),
    ...DOES_TRAITS.map((code): [string, FactValue] => [code, given.has('does', code)]),
    ['hours-a-week', given.count('hours-a-week')],
    ['country', given.choice('country')],
    ['new-house', fresh],
    ['new-plant', fresh],
    ['builder-cover', given.yes('builder-cover')],
    ['manufactured', given.has('ground', 'underbelly')],
    ['masonry', given.choice('walls') === 'masonry'],
    ['timber-floors', given.has('parts', 'timber-floors')],
    ['tight-house', given.has('parts', 'tight-house')],
    ['walk-up-basement', given.has('parts', 'walk-up-basement')],
    ['light-use', given.has('parts', 'light-use')],
    ['burns-fuel', burns],
    ['monitored-alarms', given.choice('smoke-power') === 'monitored'],
    ['on-site-sewage', sewage === 'septic' || sewage === 'aerobic'],
    ['garbage-grinder', given.has('appliances', 'garbage-grinder')],
    ['hard-water', given.yes('hard-water')],
    ['long-running-hours', given.yes('long-running-hours')],
    ['trees', trees === null ? null : trees === 'many' || trees === 'pines'],
    ['few-trees', trees === null ? null : trees === 'few'],
    ['pine-needles', trees === null ? null : trees === 'pines'],
    ['dusty-place', given.has('ground', 'dusty-place')],
    ['building-dust', given.has('ground', 'building-dust')],
  ]);
}
