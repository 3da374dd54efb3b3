import type { Practice } from '../practice.ts';

/** Household appliances and protective outlets. */
export const appliances: readonly Practice[] = [
  {
    code: 'dryer-vent-clean',
    appliesTo: ['dryer'],
    lifeSafety: false,
    minutes: 45,
    doer: 'self',
    schools: [
      { code: 'every-year', rule: { kind: 'interval', every: { unit: 'years', count: 1 }, floorDays: 90 } },
      { code: 'half-yearly', rule: { kind: 'interval', every: { unit: 'months', count: 6 }, floorDays: 60 } },
    ],
    defaultSchool: 'every-year',
    factors: [
      { code: 'many-loads', value: 0.5 },
      { code: 'long-duct', value: 0.67 },
    ],
  },
  {
    code: 'gfci-test',
    appliesTo: ['protected-outlet'],
    lifeSafety: true,
    minutes: 2,
    doer: 'self',
    schools: [
      { code: 'every-month', rule: { kind: 'interval', every: { unit: 'months', count: 1 } } },
      { code: 'every-year', rule: { kind: 'interval', every: { unit: 'years', count: 1 } } },
    ],
    defaultSchool: 'every-month',
    factors: [],
  },
];
