import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { plainNumber, readPlainNumber } from './plainNumber.ts';
import { readTypedNumber } from './typedNumber.ts';

const value = (text: string): number | string => {
  const read = readTypedNumber(text);
  return read.ok ? read.value : read.error.problem;
};

describe('a number as people type it', () => {
  test.each([
    ['0,5', 0.5],
    ['12,40', 12.4],
    ['12.40', 12.4],
    ['1,200.50', 1200.5],
    ['1 200', 1200],
    ['1\u00a0200,5', 1200.5],
    ['−5', -5],
    ['-5', -5],
    ['+5', 5],
    ['½', 0.5],
    ['59 1/2', 59.5],
    ['59½', 59.5],
    ['3/16', 0.1875],
    [',5', 0.5],
    ['0,500', 0.5],
    ['1200,500', 1200.5],
    [' 7 ', 7],
    ['007', 7],
  ])('%s is %d', (text, number) => {
    expect(value(text)).toBe(number);
  });

  test.each([
    '1.200,50',
    '1e3',
    '0x10',
    'NaN',
    'Infinity',
    '',
    ' ',
    '-',
    '1,2,3',
    '1,200,300',
    '12 34',
    '5 m',
    '1/0',
    '1_000',
    '٣',
  ])('%j is none', (text) => {
    expect(value(text)).toBe('number');
  });

  test('1,200 could be two: it is refused, and told which', () => {
    const both = { problem: 'ambiguous-comma', grouped: 1200, decimal: 1.2 };
    expect(readTypedNumber('1,200')).toEqual({ ok: false, error: both });
    expect(readTypedNumber('−1,200')).toEqual({
      ok: false,
      error: { ...both, grouped: -1200, decimal: -1.2 },
    });
  });

  test('what the program writes it reads back, also from a table', () => {
    const number = fc.double({ noNaN: true, noDefaultInfinity: true, min: -1e15, max: 1e15 });
    fc.assert(
      fc.property(number, (one) => {
        const written = plainNumber(one);
        expect(readPlainNumber(written)).toBeCloseTo(one, 12);
        expect(value(written)).toBe(readPlainNumber(written));
      }),
    );
  });
});
