import type { Messages } from './en-US.ts';
import { listsGB } from './lists.en-GB.ts';

type Partly<T> = { [K in keyof T]?: T[K] extends string ? string : Partly<T[K]> };

/** Where British wording differs from American. */
export const enGB: Partly<Messages> = {
  rule: {
    clockChange: { autumn: 'at the autumn clock change' },
  },
  reason: {
    clockChange: { autumn: 'Clocks change in {zone} on {due}, the autumn change.' },
    clockConventional: {
      autumn: 'Clocks do not change in {zone}. The first Sunday of the season is used for autumn: {due}.',
    },
  },
  shortReason: { clock: { autumn: 'with the autumn clock change' } },
  ...listsGB,
  shell: { themes: { device: 'Colours as the device', light: 'Light colours', dark: 'Dark colours' } },
  log: { grade: { light: 'Light grey', gray: 'Grey or darker' } },
  add: { clockOn: { autumn: 'autumn' } },
  fact: {
    'relief-caps': 'Where the drain-off caps are',
    tap: 'Kind of tap',
    'outer-plates': 'Sockets on outside walls',
    'square-metres': 'Square metres',
  },
  factOption: {
    shutoff: { key: 'a key or spanner' },
    place: { attic: 'the loft' },
    dampers: { motorised: 'motorised' },
    power: { 'plug-in': 'a socket' },
    sensing: { ionisation: 'ionisation' },
    covering: { shingle: 'felt shingles' },
    foundation: { 'crawl-space': 'an underfloor void' },
    thickness: { thin: 'about 25 mm', medium: '50 mm', thick: '100 mm and more' },
  },
  factUnit: { l: 'litres' },
  shutoffHow: { plug: 'Anticlockwise, with care: what is behind it may come out.' },
  storey: { up: 'Storey {n}' },
  spaceUse: { attic: 'loft', 'crawl-space': 'underfloor void' },
  traitOption: { building: { apartment: 'a flat', manufactured: 'a park home' } },
  coverage: { rules: { 'co-sleeping': 'within 4.6 m of where people sleep' } },
  walk: {
    kinds: { manufactured: 'A park home', apartment: 'A flat' },
    kindHint: {
      family: 'Two floors, warm air or a boiler, perhaps a cellar or a garage',
      'new-build': 'Heat pump in the loft, airtight, still under builder’s warranty',
    },
    q: {
      outlets: 'Sockets with a test button',
      'bath-fans': 'Bathroom fans',
      taps: 'Outside taps',
    },
    quarter: { autumn: 'Autumn' },
    hint: {
      'filter-size': 'As printed on its frame, such as 400 × 625 × 25. Leave it empty if you don’t know.',
    },
    o: {
      'smoke-light': 'light (optical)',
      'smoke-ionisation': 'ionisation',
      'loft-tank': 'a tank in the loft',
      'range-hood': 'cooker hood',
      deck: 'decking',
      'crawl-space': 'underfloor void',
      attic: 'loft',
      'walk-up-basement': 'area steps to a basement',
      'gas-furnace': 'a gas warm-air heater',
      'oil-furnace': 'an oil warm-air heater',
      thin: 'about 25 mm',
      medium: '50 mm',
      thick: '100 mm',
      grill: 'gas barbecue',
      dryer: 'tumble dryer',
      'garbage-grinder': 'waste disposer',
      shingle: 'felt shingles',
      gully: 'gully',
      'stairwell-drain': 'drain at the area steps',
    },
    room: { attic: 'Loft', 'crawl-space': 'Underfloor void' },
  },
};
