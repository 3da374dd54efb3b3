import { describe, expect, test } from 'vitest';
import { civil } from '../calendar/civilDate.ts';
import type { Asset, Duty } from '../house/house.ts';
import { thingStates } from './thingState.ts';

const asset = (id: string, succeeds?: string): Asset => ({
  id,
  kind: 'other',
  name: id,
  ...(succeeds && { succeeds }),
});
const duty = (id: string, of: string): Duty => ({
  id,
  asset: of,
  practice: { from: 'catalogue', code: 'x' },
});
const row = (dutyId: string, earliest: string, due: string, latest: string) => ({
  dutyId,
  occurrence: { window: { earliest: civil(earliest), due: civil(due), latest: civil(latest) } },
});
const on = civil('2026-11-27');
const states = (
  rows: ReturnType<typeof row>[],
  seasons: { asset: string; standing: 'closed' | 'open' | 'unknown' }[] = [],
) =>
  Object.fromEntries(
    thingStates({
      assets: [asset('old'), asset('new', 'old'), asset('tap')],
      duties: [duty('look', 'old'), duty('shut', 'tap')],
      rows,
      seasons,
      on,
    }),
  );

describe('the state of a thing in the drawing', () => {
  test('is overdue past its due day, open within its window, and nothing before', () => {
    expect(states([row('shut', '2026-09-01', '2026-10-01', '2026-10-15')])).toEqual({ tap: 'late' });
    expect(states([row('shut', '2026-11-01', '2026-12-01', '2026-12-15')])).toEqual({ tap: 'open' });
    expect(states([row('shut', '2026-12-01', '2026-12-20', '2026-12-31')])).toEqual({});
  });

  test('is of the unit that stands there now', () => {
    expect(states([row('look', '2026-11-01', '2026-12-01', '2026-12-15')])).toEqual({ new: 'open' });
  });

  test('is shut off where nothing is due, and overdue before that', () => {
    expect(states([], [{ asset: 'tap', standing: 'closed' }])).toEqual({ tap: 'shut' });
    expect(states([], [{ asset: 'tap', standing: 'unknown' }])).toEqual({});
    expect(
      states([row('shut', '2026-09-01', '2026-10-01', '2026-10-15')], [{ asset: 'tap', standing: 'closed' }]),
    ).toEqual({ tap: 'late' });
  });
});
