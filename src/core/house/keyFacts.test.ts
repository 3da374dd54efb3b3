import { expect, test } from 'vitest';
import { keyFacts } from './keyFacts.ts';

test('the facts asked most come first, four at most; what is unknown is none', () => {
  const facts = { model: 'X', made: '2020-05-01', grade: 'pleated', thickness: 'thin', size: '16 × 25 × 1' };
  expect(keyFacts(facts)).toEqual(['size', 'thickness', 'grade', 'made']);
  expect(keyFacts({ size: null, contact: 'Ada' })).toEqual([]);
});
