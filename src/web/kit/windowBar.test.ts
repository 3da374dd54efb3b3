import { expect, test } from 'vitest';
import { civil } from '../../core/calendar/civilDate.ts';
import { barMarks } from './windowBar.ts';

const today = civil('2026-11-27');
const window = (earliest: string, due: string, latest: string) => ({
  earliest: civil(earliest),
  due: civil(due),
  latest: civil(latest),
});

test('today is the middle, eight weeks on the end', () => {
  expect(barMarks(window('2026-11-27', '2026-12-25', '2027-01-22'), today)).toEqual({
    from: 0.5,
    due: 0.75,
    to: 1,
    dueShown: true,
    cutBefore: false,
    cutAfter: false,
  });
});

test('a window long past is cut at the edge, and says so', () => {
  expect(barMarks(window('2025-02-01', '2025-03-01', '2025-03-08'), today)).toEqual({
    from: 0,
    due: 0,
    to: 0,
    dueShown: false,
    cutBefore: true,
    cutAfter: false,
  });
});

test('what reaches beyond the end is cut there', () => {
  const marks = barMarks(window('2026-11-01', '2026-12-01', '2027-06-01'), today);
  expect([marks.to, marks.cutAfter]).toEqual([1, true]);
});
