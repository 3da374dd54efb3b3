import { describe, expect, test } from 'vitest';
import type { Rule } from './rule.ts';
import { standingOn } from './window.ts';
import { civil } from '../calendar/civilDate.ts';
import { done, due, on, oneDuty, outstanding } from '../../../test/support/oneDuty.ts';

const everyMonths = (count: number, floorDays?: number): Rule => ({
  kind: 'interval',
  every: { unit: 'months', count },
  ...(floorDays !== undefined && { floorDays }),
});
const bothClocks: Rule = { kind: 'clockChange', on: 'both' };
const aprilAndOctober: Rule = { kind: 'dates', monthDays: ['04-15', '10-15'] };

describe('the worked examples of due dates', () => {
  test('1: every 3 months, done 31 August, is due 30 November', () => {
    const duty = oneDuty(everyMonths(3));
    done(duty, '2026-08-31');
    expect(due(duty, '2026-11-24')).toBe('2026-11-30');
  });

  test.each([
    ['2027-01-31', '2027-02-28'],
    ['2028-01-31', '2028-02-29'],
  ])('2: every month, done %s, is due %s', (last, expected) => {
    const duty = oneDuty(everyMonths(1));
    done(duty, last);
    expect(due(duty, last)).toBe(expected);
  });

  test('3: two shedding dogs at 0.67 make three months 61 days', () => {
    const duty = oneDuty(everyMonths(3), { factors: [0.67] });
    done(duty, '2026-09-02');
    expect(due(duty, '2026-11-24')).toBe('2026-11-02');
  });

  test('4: a smoker at 0.5 as well makes it 31 days', () => {
    const duty = oneDuty(everyMonths(3), { factors: [0.67, 0.5] });
    done(duty, '2026-09-02');
    expect(due(duty, '2026-11-24')).toBe('2026-10-03');
  });

  test('5: building dust as well is held at 0.25 and floored at 30 days', () => {
    const duty = oneDuty(everyMonths(3, 30), { factors: [0.67, 0.5, 0.33] });
    done(duty, '2026-09-02');
    const { window, reasons } = outstanding(duty, '2026-11-24');
    expect(window.due).toBe('2026-10-02');
    expect(reasons).toContainEqual(expect.objectContaining({ kind: 'factors', held: 0.25, days: 23 }));
    expect(reasons).toContainEqual({ kind: 'floor', floorDays: 30, due: '2026-10-02' });
  });

  test('5a: a product below 1 is never later than the plain date', () => {
    const duty = oneDuty(everyMonths(1), { factors: [0.95] });
    done(duty, '2027-01-31');
    expect(due(duty, '2027-02-01')).toBe('2027-02-28');
  });

  test('6: both clock changes in Chicago, spring done, is due at the autumn change', () => {
    const duty = oneDuty(bothClocks);
    done(duty, '2027-03-10');
    expect(due(duty, '2027-03-20')).toBe('2027-11-07');
  });

  test('7: done before the window opens is an extra and the spring change stays outstanding', () => {
    const duty = oneDuty(bothClocks);
    const entryId = done(duty, '2027-02-01');
    expect(due(duty, '2027-02-02')).toBe('2027-03-14');
    expect(on(duty, '2027-02-02').extras).toEqual([{ entryId, on: '2027-02-01' }]);
  });

  test('8: in Tokyo, where clocks never change, the first Sunday of April stands in', () => {
    const duty = oneDuty(bothClocks, { zone: 'Asia/Tokyo' });
    expect(due(duty, '2027-01-15')).toBe('2027-04-04');
  });

  test('9: in Hobart the autumn change is in April, and spring follows in October', () => {
    const duty = oneDuty(bothClocks, { zone: 'Australia/Hobart', hemisphere: 'south' });
    done(duty, '2027-04-05');
    const occurrence = outstanding(duty, '2027-04-06');
    expect(occurrence.window.due).toBe('2027-10-03');
    expect(occurrence.reasons[0]).toMatchObject({
      kind: 'clockChange',
      season: 'spring',
      conventional: false,
    });
  });

  test('10: a listed date never done stays outstanding and lapses', () => {
    const duty = oneDuty(aprilAndOctober, { adopted: '2026-09-01' });
    const { window } = outstanding(duty, '2027-03-20');
    expect(window.due).toBe('2026-10-15');
    expect(standingOn(window, civil('2027-03-20'))).toBe('lapsed');
    expect(on(duty, '2027-03-20').changesOn).toBe('2027-03-25');
  });

  test('11: it is missed on the day the next window opens', () => {
    const duty = oneDuty(aprilAndOctober, { adopted: '2026-09-01' });
    const projection = on(duty, '2027-03-25');
    expect(projection.occurrence?.window.due).toBe('2027-04-15');
    expect(projection.missed).toEqual([{ key: 'd:2026-10-15', due: '2026-10-15', closedOn: '2027-03-25' }]);
  });
});
