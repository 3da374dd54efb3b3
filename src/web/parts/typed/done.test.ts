import { describe, expect, test } from 'vitest';
import { speechIn } from '../../../../test/support/surroundings.ts';
import { readAmounts, readDayDone } from './done.ts';

const speech = speechIn('en-US');

describe('the day on which something was done', () => {
  test.each(['2026-11-24', '2025-02-28'])('%s is a day up to now', (typed) => {
    expect(readDayDone(speech, typed, '2026-11-24')).toBe(typed);
  });

  test.each([
    ['2026-11-25', 'Nov 24'],
    ['2026-02-30', 'a real day'],
    ['', 'a real day'],
  ])('%j is refused beside its field', (typed, says) => {
    expect(readDayDone(speech, typed, '2026-11-24')).toEqual({
      field: 'date',
      text: expect.stringContaining(says),
    });
  });
});

describe('minutes and cost', () => {
  test('each may be left empty', () => {
    expect(readAmounts(speech, { minutes: '', cost: '12.50' }, 2)).toEqual({ minutes: null, cost: 1250 });
    expect(readAmounts(speech, { minutes: '40', cost: ' ' }, 2)).toEqual({ minutes: 40, cost: null });
  });

  test.each([
    [{ minutes: 'ten', cost: '' }, 'minutes', 'a whole number from 0 to 99999'],
    [{ minutes: '10', cost: '1.234' }, 'cost', 'such as 12.50'],
    [{ minutes: '10', cost: '1,234' }, 'cost', '1234 or 1.234'],
  ])('%j is refused beside the field that is wrong', (typed, field, says) => {
    const read = readAmounts(speech, typed, 2);
    expect(read).toEqual({ field, text: expect.stringContaining(says) });
  });
});
