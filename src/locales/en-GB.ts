import type { Messages } from './en-US.ts';

type Partly<T> = { [K in keyof T]?: T[K] extends string ? string : Partly<T[K]> };

/** Where British wording differs from American. */
export const enGB: Partly<Messages> = {
  rule: {
    clockChange: { autumn: 'at the autumn clock change' },
  },
  reason: {
    clockChange: { autumn: 'Clocks change in {zone} on {due}, the autumn change.' },
    clockConventional: {
      autumn: 'Clocks do not change twice a year in {zone}; the first Sunday stands in for autumn: {due}.',
    },
  },
  gist: { clock: { autumn: 'with the autumn clock change' } },
  assetKind: {
    'air-handler': 'Warm-air heater or air handler',
    dryer: 'Tumble dryer',
    'protected-outlet': 'RCD socket',
  },
  practice: {
    'air-filter-panel-replace': {
      school: { 'every-month': { when: 'A thin glass-fibre filter, or a house full of dust.' } },
    },
    'smoke-alarm-battery-swap': { school: { 'autumn-clock': { name: 'At the autumn clock change' } } },
    'dryer-vent-clean': {
      title: 'Clean the tumble dryer duct',
      why: 'Fluff in the duct slows drying and can catch fire.',
    },
    'gfci-test': {
      title: 'Test the RCD socket',
      why: 'Its switch can wear out while the socket still gives power.',
    },
  },
  shell: { theme: 'Colours' },
  add: { clockOn: { autumn: 'autumn' } },
};
