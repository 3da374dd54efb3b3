import { describe, expect, test } from 'vitest';
import { civil } from '../../../core/calendar/civilDate.ts';
import { drawSeries } from './readingChart.ts';

describe('the axis of a measurement', () => {
  const drawn = (values: readonly number[], measure = 'tap-temperature', unit = 'F') =>
    drawSeries(
      {
        asset: '01890000-0000-7000-8000-000000000001',
        measure,
        part: null,
        restarts: [],
        points: values.map((value, at) => ({
          entryId: '01890000-0000-7000-8000-000000000002',
          date: civil(`2026-0${at + 1}-01`),
          value,
          unit,
          verdict: null,
          school: null,
        })),
      },
      [],
      civil('2026-11-27'),
      'us',
    );

  test.each([[[118, 121, 124]], [[3, 90, 260]], [[0.2, 0.9]], [[7]]])(
    'of %j ends on round numbers with all inside',
    (values) => {
      const { low, high } = drawn(values, 'anything');
      expect(low).toBeLessThanOrEqual(Math.min(...values));
      expect(high).toBeGreaterThan(Math.max(...values));
      const step =
        (high - low) / Math.round((high - low) / (10 ** Math.floor(Math.log10((high - low) / 2)) / 2));
      expect(Math.abs(low / step - Math.round(low / step))).toBeLessThan(0.01);
    },
  );

  test('never goes below nothing where no value does', () => {
    expect(drawn([0.1, 0.4], 'anything').low).toBe(0);
    expect(drawn([-12, 30], 'anything').low).toBeLessThanOrEqual(-12);
  });
});
