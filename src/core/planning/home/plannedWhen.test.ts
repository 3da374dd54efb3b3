import { expect, test } from 'vitest';
import { civil } from '../../calendar/civilDate.ts';
import { plannedWhen } from './plannedWhen.ts';

const ON = civil('2026-11-27');

test.each([
  [['2026-11-23'], '2026-11-01', 'now'],
  [['2026-11-29'], '2026-11-01', 'now'],
  [['2026-11-30'], '2026-11-01', 'later'],
  [['2027-03-01', '2026-11-16'], '2026-11-01', 'now'],
  // The week that was for the time before this one does not count.
  [['2026-11-16', '2027-03-01'], '2026-11-25', 'later'],
  [['2026-11-16'], '2026-11-25', null],
  [[], '2026-11-01', null],
] as const)('weeks of %j, possible from %s: %s', (days, earliest, when) => {
  expect(plannedWhen(days.map(civil), civil(earliest), ON)).toBe(when);
});
