import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { civil } from '../../../core/calendar/civilDate.ts';
import type { Household } from '../../../core/house/household.ts';
import { draftOf, householdOf } from './hoursDraft.ts';

const US = { units: 'us', currency: 'USD' } as const;
const METRIC = { units: 'metric', currency: 'JPY' } as const;
const full: Household = {
  minutes: [0, 30, 0, 0, 0, 90, 60],
  weeks: [{ from: '07-01', to: '08-31', minutes: 45 }],
  away: [{ from: civil('2026-12-21'), to: civil('2027-01-03') }],
  helper: [5, 6],
  does: { ladders: false, gas: true },
  heat: 30,
  quiet: { from: '22:00', to: '07:00' },
  hourWorth: 2500,
};

describe('the form of a household', () => {
  test('says what it was filled with', () => {
    for (const home of [US, METRIC])
      for (const household of [full, { minutes: full.minutes }, { minutes: full.minutes, helper: [] }])
        expect(householdOf(draftOf(household, home, '2026'), home)).toEqual({ household });
  });

  test('shows heat in the degrees of the home, and money in whole units', () => {
    expect(draftOf(full, US, '2026')).toMatchObject({ heat: 86, hourWorth: 25 });
    expect(draftOf(full, METRIC, '2026')).toMatchObject({ heat: 30, hourWorth: 2500 });
  });

  test('a line that was added and left empty says nothing', () => {
    const draft = draftOf({ minutes: full.minutes }, US, '2026');
    draft.away.push({ from: '', to: '' });
    draft.weeks.push({ from: '', to: '', minutes: 10 });
    expect(householdOf(draft, US)).toEqual({ household: { minutes: full.minutes } });
  });

  test.each([
    ['away', { away: [{ from: '2026-12-21', to: '2026-12-01' }] }],
    ['away', { away: [{ from: '2026-12-21', to: '' }] }],
    ['weeks', { weeks: [{ from: '2026-07-01', to: '', minutes: 5 }] }],
    ['quiet', { quietFrom: '22:00', quietTo: '' }],
    ['heat', { heat: 500 }],
    ['hourWorth', { hourWorth: -1 }],
  ] as const)('names the field that is wrong: %s', (field, wrong) => {
    const draft = { ...draftOf(full, US, '2026'), ...wrong } as unknown as ReturnType<typeof draftOf>;
    expect(householdOf(draft, US)).toEqual({ field });
  });

  test('takes any minutes a day has', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 1440 }), { minLength: 7, maxLength: 7 }), (minutes) => {
        expect(householdOf(draftOf({ minutes }, US, '2026'), US)).toEqual({ household: { minutes } });
      }),
      { seed: 1_440 },
    );
  });
});
