import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { civil, toCivilDate, toDay } from '../calendar/civilDate.ts';
import { daysToGrey, projected } from './projections.ts';
import { lineThrough, reaches } from './trend.ts';

const on = (date: string, value: number) => ({ date: civil(date), value });
const FIT = { points: 3, days: 180, error: 0.02 };

describe('a trend', () => {
  it('needs three readings and half a year', () => {
    const two = [on('2025-01-01', 1), on('2026-01-01', 2)];
    expect(lineThrough(two, FIT)).toBeNull();
    expect(lineThrough([...two.slice(0, 1), on('2025-02-01', 1.1), on('2025-06-29', 1.2)], FIT)).toBeNull();
    expect(lineThrough([...two, on('2025-06-01', 1.4)], FIT)?.perDay).toBeCloseTo(1 / 365, 3);
  });

  it('its range holds the slope, and is no narrower than one reading is exact', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.02, max: 0.02, noNaN: true }),
        fc.array(fc.double({ min: -0.1, max: 0.1, noNaN: true }), { minLength: 3, maxLength: 12 }),
        (slope, off) => {
          const points = off.map((error, place) => ({
            date: toCivilDate(20_000 + place * 120),
            value: 1 + slope * place * 120 + error,
          }));
          const line = lineThrough(points, FIT);
          if (!line) throw new Error('no line');
          expect(line.least).toBeLessThan(line.perDay);
          expect(line.most).toBeGreaterThan(line.perDay);
          const steady = points.map(({ date }, place) => ({ date, value: 1 + slope * place * 120 }));
          expect(lineThrough(steady, FIT)?.perDay).toBeCloseTo(slope, 9);
        },
      ),
    );
  });

  it('a steeper line reaches its limit first, and a flat one never', () => {
    const line = lineThrough([on('2025-01-01', 4), on('2025-07-01', 6), on('2026-01-01', 8)], {
      ...FIT,
      error: 0.5,
    });
    if (!line) throw new Error('no line');
    const { expected, earliest, latest } = reaches(line, 12, civil('2026-01-02'));
    expect([earliest, expected, latest]).toEqual([earliest, expected, latest].sort());
    expect(expected?.slice(0, 4)).toBe('2027');
    const flat = lineThrough([on('2025-01-01', 1), on('2025-07-01', 1), on('2026-01-01', 1)], FIT);
    expect(flat && reaches(flat, 3, civil('2026-01-02')).expected).toBeNull();
  });
});

describe('what is carried forward', () => {
  it('sludge from the last pump-out to the next', () => {
    const looks = [on('2024-06-01', 11), on('2025-09-01', 3), on('2026-03-01', 6)];
    const forward = projected('sludge-depth', looks, [civil('2025-03-01')], civil('2026-03-02'));
    expect(forward?.points.map(({ value }) => value)).toEqual([0, 3, 6]);
    expect(
      Math.abs(toDay(forward?.reaches.expected ?? civil('1900-01-01')) - toDay(civil('2027-03-01'))),
    ).toBeLessThan(5);
    expect(projected('sludge-depth', looks, [civil('2026-03-02')], civil('2026-03-02'))).toBeNull();
  });

  it('nothing for a measure without a projection', () => {
    expect(
      projected('tap-temperature', [on('2025-01-01', 120), on('2026-01-01', 125)], [], civil('2026-01-02')),
    ).toBeNull();
  });

  it('days to grey from every look between two changes', () => {
    const looks = [on('2026-01-31', 0.5), on('2026-03-02', 0.5)];
    expect(daysToGrey(looks, [civil('2026-01-01'), civil('2026-02-10')])).toEqual({
      days: 50,
      least: 40,
      most: 60,
    });
    expect(daysToGrey(looks, [])).toBeNull();
  });
});
