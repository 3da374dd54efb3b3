import { describe, expect, test } from 'vitest';
import { strengthOf } from './passwordStrength.ts';
import { accounts } from '../locales/en-US/accounts.ts';

const ABOUT = ['Rowan Alder', 'rowan.alder@example.org'];

describe('how easy a password is to guess', () => {
  test.each([
    'password12',
    'qwertyuiop',
    '1234567890',
    'iloveyou123',
    'rowanalder1',
    'aaaaaaaaaaaa',
    '2001200120',
    'p4ssw0rd!!',
  ])('%s is weak, and there are words for why', (password) => {
    const { weakness } = strengthOf(password, ABOUT);
    expect(weakness).not.toBeNull();
    expect(accounts.strength).toHaveProperty(weakness ?? '');
  });

  test.each(['a long enough password', 'seven quiet otters', 'Tr0ub4dor&3-hammock', 'jkhaweukhf'])(
    '%s is not',
    (password) => {
      expect(strengthOf(password, ABOUT).weakness).toBeNull();
    },
  );

  test('the longest that is taken is estimated too', () => {
    expect(strengthOf('x'.repeat(200), ABOUT).weakness).not.toBeNull();
  });
});
