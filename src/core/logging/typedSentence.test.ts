import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { civil } from '../calendar/civilDate.ts';
import { datePhraseIn } from './datePhrase.ts';
import { readSentence } from './typedSentence.ts';

// A Friday.
const today = civil('2026-11-27');
const us = { today, order: 'month-first', digits: 2 } as const;
const gb = { ...us, order: 'day-first' } as const;

describe('a typed sentence', () => {
  test('day, cost and what is left to search with', () => {
    expect(readSentence('filter 3 weeks ago 12.40', us)).toEqual({
      search: 'filter',
      date: civil('2026-11-06'),
      cost: 1240,
    });
    expect(readSentence('gutters yesterday $150', us)).toEqual({
      search: 'gutters',
      date: civil('2026-11-26'),
      cost: 15_000,
    });
  });

  test.each([
    ['£85', 8_500],
    ['85 pounds', 8_500],
    ['12,40', 1_240],
    ['1,200.50', 120_050],
    ['150', 15_000],
    ['40 dollars', 4_000],
  ])('%s is money', (text, cost) => {
    expect(readSentence(`boiler ${text}`, gb)).toEqual({ search: 'boiler', date: null, cost });
  });

  test('a size and a small number are no money', () => {
    expect(readSentence('filter 16 × 25 × 1', us).cost).toBeNull();
    expect(readSentence('filter 16x25x1', us).cost).toBeNull();
    expect(readSentence('radiator 2', us)).toEqual({ search: 'radiator 2', date: null, cost: null });
    expect(readSentence('return filter 20 x 25 x 1 14.99', us)).toMatchObject({
      search: 'return filter 20 x 25 x 1',
      cost: 1499,
    });
  });

  test('the last amount is the cost', () => {
    expect(readSentence('2.50 washers and tap 18.00', us)).toMatchObject({
      search: '2.50 washers and tap',
      cost: 1800,
    });
  });

  test('where money has no cents a whole number is enough', () => {
    expect(readSentence('filter ¥1200', { ...us, digits: 0 }).cost).toBe(1200);
  });

  test('any text is read, and words without a number are searched as they stand', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const { search, cost } = readSentence(text, us);
        expect(search.length).toBeLessThanOrEqual(text.length);
        if (!/\d/.test(text)) expect(cost).toBeNull();
      }),
    );
  });
});

describe('days in words', () => {
  test.each([
    ['today', '2026-11-27'],
    ['yesterday', '2026-11-26'],
    ['the day before yesterday', '2026-11-25'],
    ['two days ago', '2026-11-25'],
    ['a week ago', '2026-11-20'],
    ['a fortnight ago', '2026-11-13'],
    ['a month ago', '2026-10-27'],
    ['2 years ago', '2024-11-27'],
    ['last week', '2026-11-20'],
    ['last monday', '2026-11-23'],
    ['on friday', '2026-11-20'],
    ['sat', '2026-11-21'],
    ['nov 6', '2026-11-06'],
    ['6 november', '2026-11-06'],
    ['the 6th of november', '2026-11-06'],
    ['december 24', '2025-12-24'],
    ['Mar 3, 2025', '2025-03-03'],
    ['2026-10-01', '2026-10-01'],
  ])('%s', (text, date) => {
    expect(datePhraseIn(`filter ${text} done`, today, 'month-first')?.date).toBe(date);
  });

  test('a date in figures is read in the order of the wording', () => {
    expect(datePhraseIn('4/6', today, 'month-first')?.date).toBe('2026-04-06');
    expect(datePhraseIn('4/6', today, 'day-first')?.date).toBe('2026-06-04');
    expect(datePhraseIn('31/12/25', today, 'day-first')?.date).toBe('2025-12-31');
  });

  test('no such day, a day to come and a word that only begins so are no dates', () => {
    expect(datePhraseIn('feb 30', today, 'month-first')).toBeNull();
    expect(datePhraseIn('2026-12-24', today, 'month-first')).toBeNull();
    expect(datePhraseIn('sunscreen and marble', today, 'month-first')).toBeNull();
    expect(datePhraseIn('in the month of may', today, 'month-first')).toBeNull();
  });

  test('a month ago from its last day is the last of the shorter month', () => {
    expect(datePhraseIn('a month ago', civil('2026-03-31'), 'month-first')?.date).toBe('2026-02-28');
  });
});
