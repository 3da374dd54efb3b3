import { describe, expect, test } from 'vitest';
import { civil } from '../../calendar/civilDate.ts';
import type { Asset, Duty } from '../house.ts';
import { nextThing } from './nextThing.ts';
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

describe('the way of the arrow keys', () => {
  const at = (x: number, y: number) => ({ x, y, width: 10, height: 10 });
  const boxes = [at(0, 0), at(20, 2), at(40, 0), at(0, 30), at(25, 30)];

  test('leads to the nearest in that direction', () => {
    expect(nextThing(boxes, 0, 'right')).toBe(1);
    expect(nextThing(boxes, 1, 'right')).toBe(2);
    expect(nextThing(boxes, 0, 'down')).toBe(3);
    expect(nextThing(boxes, 4, 'up')).toBe(1);
    expect(nextThing(boxes, 2, 'left')).toBe(1);
  });

  test('stays where there is none', () => {
    expect(nextThing(boxes, 0, 'left')).toBe(0);
    expect(nextThing(boxes, 2, 'right')).toBe(2);
    expect(nextThing([], 0, 'up')).toBe(0);
  });

  test('reaches every thing from every other', () => {
    const reached = new Set([0]);
    for (let grown = true; grown;) {
      grown = false;
      for (const from of [...reached])
        for (const direction of ['left', 'right', 'up', 'down'] as const) {
          const to = nextThing(boxes, from, direction);
          if (!reached.has(to)) grown = true;
          reached.add(to);
        }
    }
    expect([...reached].sort()).toEqual([0, 1, 2, 3, 4]);
  });
});
