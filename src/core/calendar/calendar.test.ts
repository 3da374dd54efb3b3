import fc from 'fast-check';
import { Temporal } from 'temporal-polyfill';
import { describe, expect, test } from 'vitest';
import {
  civil,
  civilDateSchema,
  civilFromDays,
  daysBetween,
  daysFromCivil,
  isCivilDate,
  toCivilDate,
  toDay,
  weekdayOf,
} from './civilDate.ts';
import { clockChangesInYear } from './clockChange.ts';
import { addSpan } from './span.ts';
import { civilDateIn, isZone, zoneChangesInYear } from './zone.ts';

const FIRST = toDay(civil('1900-01-01'));
const LAST = toDay(civil('2999-12-31'));
const day = fc.integer({ min: FIRST, max: LAST });
const plain = (dayNumber: number): Temporal.PlainDate => Temporal.PlainDate.from(toCivilDate(dayNumber));

describe('civil dates', () => {
  test('agree with a calendar library on every day, both ways and on weekdays', () => {
    fc.assert(
      fc.property(day, (number) => {
        const date = plain(number);
        expect(civilFromDays(number)).toEqual({ year: date.year, month: date.month, day: date.day });
        expect(daysFromCivil(date.year, date.month, date.day)).toBe(number);
        expect(weekdayOf(number)).toBe(date.dayOfWeek % 7);
      }),
    );
  });

  test('spans agree with it too, month ends clamped', () => {
    const span = fc.record({
      unit: fc.constantFrom('days' as const, 'weeks' as const, 'months' as const, 'years' as const),
      count: fc.integer({ min: 1, max: 90 }),
    });
    fc.assert(
      fc.property(
        fc.integer({ min: FIRST, max: toDay(civil('2899-12-31')) }),
        span,
        (number, { unit, count }) => {
          expect(toCivilDate(addSpan(number, { unit, count }))).toBe(
            plain(number)
              .add({ [unit]: count })
              .toString(),
          );
        },
      ),
    );
  });

  test('a day outside the supported years is written as the nearest day inside them', () => {
    expect([FIRST - 1, LAST + 1, -Infinity, Infinity].map(toCivilDate)).toEqual([
      '1900-01-01',
      '2999-12-31',
      '1900-01-01',
      '2999-12-31',
    ]);
    expect(() => toCivilDate(NaN)).toThrow('not a number');
  });

  test.each([
    '2026-02-29',
    '2026-13-01',
    '2026-1-1',
    '1899-12-31',
    '3000-01-01',
    '2026-04-31',
    '',
    '2026-11-24T00:00',
  ])('%j is no civil date', (text) => {
    expect(isCivilDate(text)).toBe(false);
    expect(civilDateSchema.safeParse(text).success).toBe(false);
    expect(() => civil(text)).toThrow('not a civil date');
  });

  test('distances count days and have a sign', () => {
    expect(daysBetween(civil('2026-12-31'), civil('2027-03-01'))).toBe(60);
    expect(daysBetween(civil('2027-03-01'), civil('2026-12-31'))).toBe(-60);
  });
});

describe('zones', () => {
  test('today is the home’s own', () => {
    const instant = Date.parse('2026-11-24T23:30:00Z');
    expect(civilDateIn('America/Chicago', instant)).toBe('2026-11-24');
    expect(civilDateIn('Europe/Berlin', instant)).toBe('2026-11-25');
    expect(civilDateIn('Pacific/Kiritimati', instant)).toBe('2026-11-25');
    expect(civilDateIn('Pacific/Pago_Pago', Date.parse('2026-11-24T10:00:00Z'))).toBe('2026-11-23');
  });

  test.each(['America/Nowhere', '', 'UTC+2', '../etc', 'chicago'])('%j is no zone', (zone) => {
    expect(isZone(zone)).toBe(false);
  });

  test('a change at midnight counts on the day the old offset shows at that instant', () => {
    // In São Paulo clocks went from 00:00 to 01:00 on 15 October 2017; the old offset shows 00:00 of that day.
    expect(zoneChangesInYear('America/Sao_Paulo', 2017).map(toCivilDate)).toContain('2017-10-15');
    // They went back from 00:00 on 18 February to 23:00 on the 17th: the old offset shows the 18th.
    expect(zoneChangesInYear('America/Sao_Paulo', 2017).map(toCivilDate)).toContain('2017-02-19');
  });
});

describe('clock changes', () => {
  const changes = (zone: string, hemisphere: 'north' | 'south', year: number) =>
    clockChangesInYear(zone, hemisphere, year).map(
      ({ season, day: at, conventional }) =>
        `${season} ${toCivilDate(at)}${conventional ? ' stands in' : ''}`,
    );

  test.each([
    ['America/Chicago', 'north', 2027, ['spring 2027-03-14', 'autumn 2027-11-07']],
    ['Europe/London', 'north', 2027, ['spring 2027-03-28', 'autumn 2027-10-31']],
    ['Australia/Hobart', 'south', 2027, ['autumn 2027-04-04', 'spring 2027-10-03']],
    ['Asia/Tokyo', 'north', 2027, ['spring 2027-04-04 stands in', 'autumn 2027-10-03 stands in']],
    ['Australia/Brisbane', 'south', 2028, ['autumn 2028-04-02 stands in', 'spring 2028-10-01 stands in']],
    // Only one change fell in 2016 there: a year without one in each half counts as never changing.
    ['Europe/Istanbul', 'north', 2016, ['spring 2016-04-03 stands in', 'autumn 2016-10-02 stands in']],
    // Changes around Ramadan in spring: the one nearest the equinox is meant, and the second half has none.
    ['Africa/Casablanca', 'north', 2026, ['spring 2026-04-05 stands in', 'autumn 2026-10-04 stands in']],
  ] as const)('%s (%s) in %d', (zone, hemisphere, year, expected) => {
    expect(changes(zone, hemisphere, year)).toEqual(expected);
  });
});
