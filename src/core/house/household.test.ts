import { describe, expect, test } from 'vitest';
import { civil, toDay } from '../calendar/civilDate.ts';
import {
  hasHelper,
  householdSchema,
  isAway,
  isQuiet,
  minutesOf,
  usualHousehold,
  type Household,
} from './household.ts';

const day = (date: string): number => toDay(civil(date));
/** Monday, 30 November 2026, to the Sunday after. */
const WEEK = Array.from({ length: 7 }, (_, index) => day('2026-11-30') + index);
const household: Household = {
  minutes: [0, 0, 30, 0, 0, 60, 30],
  weeks: [{ from: '12-20', to: '01-06', minutes: 40 }],
  away: [{ from: civil('2027-02-06'), to: civil('2027-02-07') }],
  helper: [5],
};

describe('a household', () => {
  test('gives a week the minutes of its days; of today’s week those that are left', () => {
    expect(minutesOf(household, WEEK)).toBe(120);
    expect(minutesOf(household, WEEK.slice(6))).toBe(30);
    expect(minutesOf(usualHousehold(3), WEEK)).toBe(180);
  });

  test('gives other minutes in a part of the year, also over the new year, spread as its week is', () => {
    const januaryWeek = WEEK.map((one) => one + 35);
    expect(minutesOf(household, januaryWeek.slice(0, 3))).toBeCloseTo(10);
    expect(minutesOf(household, [day('2026-12-26')])).toBeCloseTo(20);
    expect(minutesOf({ ...household, minutes: [0, 0, 0, 0, 0, 0, 0] }, [day('2026-12-26')])).toBeCloseTo(
      40 / 7,
    );
  });

  test('is away from the first to the last of its days, and gives them nothing', () => {
    expect(
      [day('2027-02-05'), day('2027-02-06'), day('2027-02-07')].map((one) => isAway(household, one)),
    ).toEqual([false, true, true]);
    expect(minutesOf(household, [day('2027-02-06')])).toBe(0);
  });

  test('has a helper on the days it names, and on any day where it names none', () => {
    expect(hasHelper(household, day('2026-12-05'))).toBe(true);
    expect(hasHelper(household, day('2026-12-06'))).toBe(false);
    expect(hasHelper(usualHousehold(3), day('2026-12-06'))).toBe(true);
  });

  test('is quiet within its hours, also over midnight', () => {
    const night = { ...household, quiet: { from: '22:00', to: '07:00' } };
    expect(['21:59', '22:00', '03:00', '07:00'].map((time) => isQuiet(night, time))).toEqual([
      false,
      true,
      true,
      false,
    ]);
    const noon = { ...household, quiet: { from: '12:00', to: '14:00' } };
    expect([isQuiet(noon, '13:00'), isQuiet(noon, '14:00'), isQuiet(household, '03:00')]).toEqual([
      true,
      false,
      false,
    ]);
  });

  test.each([
    [{ minutes: [60] }, 'minutes'],
    [{ ...household, quiet: { from: '25:00', to: '07:00' } }, 'quiet.from'],
    [{ ...household, weeks: [{ from: '13-01', to: '12-01', minutes: 3 }] }, 'weeks.0.from'],
    [{ ...household, heat: 5 }, 'heat'],
  ])('is refused by its field where it cannot be: %j', (value, path) => {
    expect(householdSchema.safeParse(value).error?.issues[0]?.path.join('.')).toBe(path);
  });
});
