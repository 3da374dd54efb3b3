import { describe, expect, test } from 'vitest';
import type { EntryBody } from '../ledger/entry.ts';
import { judgedParts } from './judgedAgain.ts';

type ReadingBody = Extract<EntryBody, { kind: 'reading' }>;
const ASSET = '01890000-0000-7000-8000-000000000001';
const read = (over: Partial<ReadingBody>): ReadingBody => ({
  kind: 'reading',
  asset: ASSET,
  measure: 'tap-temperature',
  value: 131,
  unit: 'F',
  ...over,
});

describe('a measurement of the record on its bands', () => {
  test('with all that was put in is judged again', () => {
    const shown = judgedParts(
      read({
        given: { tap: { value: 131, unit: 'F' }, 'ran-a-minute': true },
        judged: { reading: 'tap-temperature', school: 'tap-120', verdict: 'act' },
      }),
    );
    expect(shown?.parts.map(({ verdict, because }) => [verdict, because.figure?.value])).toEqual([
      ['act', 131],
    ]);
    expect(shown?.parts[0]?.scale?.cuts.length).toBeGreaterThan(2);
  });

  test('with its value alone stands on the usual band, in the unit of the band', () => {
    const shown = judgedParts(read({ value: 55, unit: 'C' }));
    expect(shown?.parts.map(({ because }) => Math.round(because.figure?.value ?? 0))).toEqual([131]);
    expect(shown?.parts[0]?.verdict).toBe('act');
  });

  test('keeps the verdict that was written, whatever the bands say now', () => {
    expect(
      judgedParts(read({ judged: { reading: 'tap-temperature', school: 'tap-120', verdict: 'watch' } }))
        ?.parts[0]?.verdict,
    ).toBe('watch');
  });

  test('of a measure nobody bands has none', () => {
    expect(judgedParts(read({ measure: 'anything', unit: 'anything' }))).toBeNull();
  });
});
