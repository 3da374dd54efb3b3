import { expect, test } from 'vitest';
import { emergencyNumber } from './emergencyNumber.ts';

test.each([
  ['US', '911'],
  ['GB', '999'],
  ['AU', '000'],
  ['NZ', '111'],
  ['DE', '112'],
])('in %s it is %s', (country, number) => {
  expect(emergencyNumber(country)).toEqual({ number, isSure: true });
});

test.each([undefined, null, 'ZZ', ''])(
  'where the country says nothing (%s) it is the usual one, to be checked',
  (country) => {
    expect(emergencyNumber(country)).toEqual({ number: '112', isSure: false });
  },
);
