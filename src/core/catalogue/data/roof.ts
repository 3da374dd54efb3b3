import type { Practice } from '../practice.ts';

/** Roof and rainwater. */
export const roof: readonly Practice[] = [
  {
    code: 'gutter-clean',
    appliesTo: ['gutter-run'],
    lifeSafety: false,
    minutes: 90,
    doer: 'helper',
    schools: [
      { code: 'half-yearly', rule: { kind: 'interval', every: { unit: 'months', count: 6 }, floorDays: 60 } },
      { code: 'every-year', rule: { kind: 'interval', every: { unit: 'years', count: 1 }, floorDays: 90 } },
    ],
    defaultSchool: 'half-yearly',
    factors: [{ code: 'trees-overhead', value: 0.5 }],
  },
];
