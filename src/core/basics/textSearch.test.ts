import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { plainText, searchIn, searchScore } from './textSearch.ts';

describe('searching text', () => {
  test('every word must begin a word of the text, in any order, whatever its case and accents', () => {
    expect(searchScore('fil air', ['Change the air filter'])).not.toBeNull();
    expect(searchScore('FILTRE', ['Filtré'])).not.toBeNull();
    expect(searchScore('ilter', ['Change the air filter'])).toBeNull();
    expect(searchScore('filter gutter', ['Change the air filter'])).toBeNull();
    expect(searchScore('16 × 25', ['Return filter, 16 x 25 x 1'])).not.toBeNull();
  });

  test('an empty search answers with nothing', () => {
    expect(searchIn('  ', ['a'], (one) => [one])).toEqual([]);
  });

  test('what begins with the word comes before what only has it, and the name before the rest', () => {
    const items = [['Clean the washer filter'], ['Filter, upstairs'], ['Dryer', 'lint filter']];
    expect(searchIn('filter', items, (one) => one)).toEqual([items[1], items[0], items[2]]);
  });

  test('a text always finds itself', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        fc.pre(plainText(text) !== '');
        expect(searchScore(text, [text])).not.toBeNull();
      }),
    );
  });
});
