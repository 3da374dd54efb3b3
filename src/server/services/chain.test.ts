import { describe, expect, test } from 'vitest';
import { civil } from '../../core/calendar/civilDate.ts';
import type { Entry } from '../../core/ledger/entry.ts';
import { canonicalHash, firstBreak, lineHash } from './chain.ts';

const entry = (id: string): Entry => ({
  id,
  date: civil('2026-11-24'),
  stampedAt: '2026-11-24T18:00:00.000Z',
  by: 'p',
  body: { kind: 'note', text: id },
});

function chainOf(count: number) {
  let prevHash = '0'.repeat(64);
  return Array.from({ length: count }, (_, index) => {
    const line = {
      seq: index + 1,
      entry: entry(`e${index}`),
      prevHash,
      hash: lineHash('h', index + 1, entry(`e${index}`), prevHash),
    };
    prevHash = line.hash;
    return line;
  });
}

describe('the chain of a ledger', () => {
  test('does not depend on the order of keys', () => {
    expect(canonicalHash({ a: 1, b: [{ c: 2, d: 3 }] })).toBe(canonicalHash({ b: [{ d: 3, c: 2 }], a: 1 }));
  });

  test('holds as it was written, in its own home only', () => {
    expect(firstBreak('h', chainOf(5))).toBeNull();
    expect(firstBreak('another', chainOf(5))).toBe(1);
    expect(firstBreak('h', [])).toBeNull();
  });

  test.each([
    [
      'a changed entry',
      (lines: ReturnType<typeof chainOf>) =>
        lines.map((line, at) => (at === 2 ? { ...line, entry: entry('forged') } : line)),
      3,
    ],
    ['a line taken out', (lines: ReturnType<typeof chainOf>) => lines.filter((_, at) => at !== 2), 3],
    [
      'two lines exchanged',
      (lines: ReturnType<typeof chainOf>) =>
        [lines[1], lines[0], ...lines.slice(2)].flatMap((line) => line ?? []),
      1,
    ],
  ])('breaks at %s', (_what, change, at) => {
    expect(firstBreak('h', change(chainOf(5)))).toBe(at);
  });
});
