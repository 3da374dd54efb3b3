import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { civil, isCivilDate } from '../calendar/civilDate.ts';
import { isRemembered, lastDoneDay, rememberedOptions, rememberedWork } from './lastDone.ts';

const TODAY = civil('2026-11-27');

describe('when something was last done', () => {
  test('is the middle of a remembered quarter, which is another month in the south', () => {
    expect(lastDoneDay('2025-autumn', 'north', TODAY)).toBe('2025-10-15');
    expect(lastDoneDay('2025-autumn', 'south', TODAY)).toBe('2025-04-15');
    expect(lastDoneDay('2025-winter', 'north', TODAY)).toBe('2025-01-15');
    expect(lastDoneDay('2025-winter', 'south', TODAY)).toBe('2025-07-15');
    expect(lastDoneDay('2021', 'north', TODAY)).toBe('2021-07-01');
  });

  test('is never after today, and never is no day', () => {
    expect(lastDoneDay('2026-autumn', 'north', civil('2026-10-02'))).toBe('2026-10-02');
    expect(lastDoneDay('never', 'north', TODAY)).toBeNull();
    expect(lastDoneDay('long ago', 'north', TODAY)).toBeNull();
  });

  test('is offered from this quarter back, then by years', () => {
    const options = rememberedOptions('north', TODAY);
    expect(options.slice(0, 3)).toEqual(['2026-autumn', '2026-summer', '2026-spring']);
    expect(options.at(12)).toMatch(/^\d{4}$/);
    expect(rememberedOptions('south', TODAY)[0]).toBe('2026-spring');
  });

  test('every option offered on any day is one that can be read, of a day that has come', () => {
    const day = fc
      .integer({ min: 0, max: 9_000 })
      .map((n) => civil(new Date(Date.UTC(2024, 0, 1 + n)).toISOString().slice(0, 10)));
    fc.assert(
      fc.property(day, fc.constantFrom('north' as const, 'south' as const), (today, hemisphere) => {
        const options = rememberedOptions(hemisphere, today);
        expect(new Set(options).size).toBe(options.length);
        const days = options.map((option) => lastDoneDay(option, hemisphere, today));
        for (const one of days) expect(one !== null && isCivilDate(one) && one <= today).toBe(true);
        expect([...days].sort().reverse()).toEqual(days);
        expect(options.every(isRemembered)).toBe(true);
      }),
    );
  });

  test('tells of the work it was asked of, and of nothing that is not known', () => {
    const answers = { 'last-heating': '2025-autumn', 'last-gutters': 'never', 'last-flush': null };
    const known = rememberedWork(answers, 'north', TODAY);
    expect(known.get('heating-service-visit')).toBe('2025-10-15');
    expect(known.has('gutter-clean')).toBe(false);
    expect(known.has('tank-heater-flush')).toBe(false);
  });
});
