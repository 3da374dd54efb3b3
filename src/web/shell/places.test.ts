import { describe, expect, test } from 'vitest';
import { PLACES, pageInAnotherHome, placeOf } from './places.ts';

describe('places', () => {
  test('there are five, and no page is in two of them', () => {
    expect(PLACES).toHaveLength(5);
    const pages = PLACES.flatMap(({ pages, inner }) => [...pages, ...Object.keys(inner)]);
    expect(new Set(pages).size).toBe(pages.length);
  });

  test('a page knows its place; an act is in none', () => {
    expect(placeOf('almanac')?.name).toBe('plan');
    expect(placeOf('thing')?.name).toBe('house');
    expect(placeOf('note')).toBeNull();
    expect(placeOf(undefined)).toBeNull();
  });

  test('another home shows the same page; a page about one thing leads to the one it is reached from', () => {
    expect(pageInAnotherHome('ledger')).toBe('ledger');
    expect(pageInAnotherHome('sheet')).toBe('sheet');
    expect(pageInAnotherHome('trouble')).toBe('trouble');
    expect(pageInAnotherHome('thing')).toBe('house');
    expect(pageInAnotherHome('run')).toBe('runs');
    expect(pageInAnotherHome('homes')).toBe('today');
  });
});
