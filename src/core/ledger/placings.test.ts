import { describe, expect, test } from 'vitest';
import { civil } from '../calendar/civilDate.ts';
import { standingAsOf } from './asOf.ts';
import type { Entry, EntryBody } from './entry.ts';
import { placingsIn } from './placings.ts';

const placed = (number: number, day: string, from?: string): EntryBody => ({
  kind: 'placed',
  duty: 'a',
  number,
  day: civil(day),
  ...(from !== undefined && { from: civil(from) }),
});
const DONE: EntryBody = { kind: 'done', duty: 'a' };

/** The number and day of each placing of some entries, all of one day unless a pair says another. */
function after(...bodies: (EntryBody | readonly [string, EntryBody])[]): [number | null, string][] {
  const entries = bodies.map((one, index): Entry => {
    const [date, body] = 'kind' in one ? ['2026-11-27', one] : one;
    return { id: `e${index}`, date: civil(date), stampedAt: '2026-11-27T10:00:00.000Z', by: 'p', body };
  });
  return placingsIn(standingAsOf(entries, civil('2026-12-31'))).map(({ number, day }) => [number, day]);
}

describe('what is placed by hand', () => {
  test('is where it was put last; leaving it to the planner takes it out', () => {
    expect(after(placed(1, '2026-12-07'), placed(2, '2027-03-01'), placed(1, '2026-12-14'))).toEqual([
      [2, '2027-03-01'],
      [1, '2026-12-14'],
    ]);
    expect(after(placed(1, '2026-12-07'), { kind: 'unplaced', duty: 'a', day: civil('2026-12-09') })).toEqual(
      [],
    );
  });

  test('has no number once the task was done, and is moved on by the day it was put on', () => {
    expect(after(placed(1, '2026-12-07'), placed(2, '2027-03-01'), DONE)).toEqual([
      [null, '2026-12-07'],
      [null, '2027-03-01'],
    ]);
    expect(after(placed(2, '2027-03-01'), DONE, placed(1, '2027-03-08', '2027-03-03'))).toEqual([
      [1, '2027-03-08'],
    ]);
  });

  test('counts by the order of writing: work logged later for an earlier day came after the placing', () => {
    expect(after(placed(1, '2026-12-07'), ['2026-11-20', DONE])).toEqual([[null, '2026-12-07']]);
  });

  test('a deleted entry never was: the work, or the placing itself', () => {
    const voids = (target: string): EntryBody => ({ kind: 'voids', target, why: 'wrong' });
    expect(after(placed(1, '2026-12-07'), DONE, voids('e1'))).toEqual([[1, '2026-12-07']]);
    expect(after(placed(1, '2026-12-07'), placed(1, '2026-12-14'), voids('e1'))).toEqual([[1, '2026-12-07']]);
  });
});
