import type { Practice } from '../practice.ts';

/** Air filters and air handling. */
export const airHandling: readonly Practice[] = [
  {
    code: 'air-filter-panel-replace',
    appliesTo: ['filter-position', 'air-handler'],
    lifeSafety: false,
    minutes: 10,
    doer: 'self',
    schools: [
      {
        code: 'three-months',
        rule: { kind: 'interval', every: { unit: 'months', count: 3 }, floorDays: 30 },
      },
      { code: 'every-month', rule: { kind: 'interval', every: { unit: 'months', count: 1 }, floorDays: 14 } },
      {
        code: 'thick-half-yearly',
        rule: { kind: 'interval', every: { unit: 'months', count: 6 }, floorDays: 60 },
      },
    ],
    defaultSchool: 'three-months',
    factors: [
      { code: 'shedding-pets', value: 0.67 },
      { code: 'smoker', value: 0.5 },
      { code: 'allergies', value: 0.67 },
      { code: 'building-dust', value: 0.33 },
      { code: 'seldom-runs', value: 1.3 },
    ],
  },
];
