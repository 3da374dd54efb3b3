import { describe, expect, test } from 'vitest';
import { readCost, readWhole, writeCost } from './fields.ts';

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
    expect(readWhole(text)).toBe(value);
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
    expect(readCost(text, digits)).toBe(value);
  });

  test('what is written can be read again', () => {
    for (const cost of [0, 7, 1250, 99_999]) expect(readCost(writeCost(cost, 2), 2)).toBe(cost);
  });
});
