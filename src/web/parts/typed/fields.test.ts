import { describe, expect, test } from 'vitest';
import { isFault, readCost, readNumber, readWhole, writeCost } from './fields.ts';

describe('figures as people type them', () => {
  test.each([
    ['', null],
    [' 12 ', 12],
    ['0', 0],
    ['-3', 'wrong'],
    ['1.5', 'wrong'],
    ['ten', 'wrong'],
    ['1234567', 'wrong'],
  ])('%j minutes are %j', (text, value) => {
    const read = readWhole(text);
    expect(isFault(read) ? 'wrong' : read).toBe(value);
  });

  test.each([
    ['', 2, null],
    ['12', 2, 1200],
    ['12.5', 2, 1250],
    ['12,50', 2, 1250],
    ['0.07', 2, 7],
    ['1.234', 2, 'wrong'],
    ['-1', 2, 'wrong'],
    ['1200', 0, 1200],
    ['12.5', 0, 'wrong'],
    ['1.234', 3, 1234],
  ])('%j with %d digits costs %j', (text, digits, value) => {
    const read = readCost(text, digits);
    expect(isFault(read) ? 'wrong' : read).toBe(value);
  });

  test('what could be two numbers is refused everywhere, and told which they are', () => {
    const fault = { problem: 'ambiguous-comma', options: '1200 or 1.2' };
    expect(readNumber('1,200')).toEqual({ ok: false, fault });
    expect([readWhole('1,200'), readCost('1,200', 2)]).toEqual([fault, fault]);
    expect([readWhole('1 200'), readCost('1,200.50', 2), readCost('1 200', 2)]).toEqual([
      1200, 120_050, 120_000,
    ]);
  });

  test('what is written can be read again', () => {
    for (const cost of [0, 7, 1250, 99_999]) expect(readCost(writeCost(cost, 2), 2)).toBe(cost);
  });
});
