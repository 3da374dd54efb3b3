import type { Practice } from '../practice.ts';

const monthly = { kind: 'interval', every: { unit: 'months', count: 1 } } as const;
const yearly = { kind: 'interval', every: { unit: 'years', count: 1 } } as const;
const withClocks = { kind: 'clockChange', on: 'both' } as const;

/** Smoke and carbon monoxide alarms. */
export const alarms: readonly Practice[] = [
  {
    code: 'smoke-alarm-test',
    appliesTo: ['smoke-alarm'],
    lifeSafety: true,
    minutes: 3,
    doer: 'helper',
    schools: [
      { code: 'every-month', rule: monthly },
      { code: 'with-the-clocks', rule: withClocks },
      { code: 'every-year', rule: yearly },
    ],
    defaultSchool: 'every-month',
    factors: [],
  },
  {
    code: 'smoke-alarm-battery-swap',
    appliesTo: ['smoke-alarm'],
    lifeSafety: true,
    minutes: 5,
    doer: 'helper',
    schools: [
      { code: 'with-the-clocks', rule: withClocks },
      { code: 'autumn-clock', rule: { kind: 'clockChange', on: 'autumn' } },
    ],
    defaultSchool: 'with-the-clocks',
    factors: [],
  },
  {
    code: 'co-alarm-test-and-battery',
    appliesTo: ['co-alarm'],
    lifeSafety: true,
    minutes: 3,
    doer: 'self',
    schools: [
      { code: 'every-month', rule: monthly },
      { code: 'with-the-clocks', rule: withClocks },
      { code: 'every-year', rule: yearly },
    ],
    defaultSchool: 'every-month',
    factors: [],
  },
];
