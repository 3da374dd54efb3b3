import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { civil } from '../calendar/civilDate.ts';
import { applyCorrections } from './corrections.ts';
import type { Entry, EntryBody } from './entry.ts';
import { Threads } from './threads.ts';

const line = (id: number, body: EntryBody): Entry => ({
  id: `e${id}`,
  date: civil('2026-11-01'),
  stampedAt: '2026-11-01T12:00:00.000Z',
  by: 'p',
  body,
});

/** Notes and corrections of anything further up, struck out or not: what an old file may hold. */
const someLedger = fc
  .array(fc.tuple(fc.constantFrom('note', 'voids', 'amends'), fc.nat()), { minLength: 1, maxLength: 40 })
  .map((lines) =>
    lines.map(([kind, at], index): Entry => {
      if (kind === 'note' || index === 0) return line(index, { kind: 'note', text: 'x' });
      const target = `e${at % index}`;
      return line(
        index,
        kind === 'voids' ? { kind: 'voids', target } : { kind: 'amends', target, change: { text: 'y' } },
      );
    }),
  );

describe('threads of a ledger', () => {
  test('tell of every entry whether it stands, however much was read and however much was added since', () => {
    fc.assert(
      fc.property(someLedger, fc.nat(), (ledger, at) => {
        const read = at % (ledger.length + 1);
        const threads = new Threads(ledger.slice(0, read));
        ledger.slice(read).forEach((entry) => {
          threads.add(entry);
        });
        const struck = applyCorrections(ledger).filter(({ voidedBy }) => voidedBy !== null);
        expect(ledger.filter(({ id }) => threads.isVoided(id)).map(({ id }) => id)).toEqual(
          struck.map(({ entry }) => entry.id),
        );
      }),
    );
  });

  test('a correction belongs to what it goes back to, also before it is added', () => {
    const note = line(0, { kind: 'note', text: 'x' });
    const void1 = line(1, { kind: 'voids', target: 'e0' });
    const void2 = line(2, { kind: 'voids', target: 'e1' });
    const threads = new Threads([note, void1]);
    expect(threads.rootOf(void2)).toBe(note);
    expect(threads.correctionsOf(void2)).toEqual({ count: 1, last: void1 });
    threads.add(void2);
    expect(threads.correctionsOf(note)).toEqual({ count: 2, last: void2 });
    expect(threads.isVoided('e0')).toBe(false);
  });

  test('a line of twenty thousand corrections of one another is no deeper than one', () => {
    const ledger = [
      line(0, { kind: 'note', text: 'x' }),
      ...Array.from({ length: 20_000 }, (_, index) =>
        line(index + 1, { kind: 'voids', target: `e${index}` }),
      ),
    ];
    const threads = new Threads(ledger);
    expect(threads.rootOf(ledger[20_000] as Entry)).toBe(ledger[0]);
    expect(threads.isVoided('e19999')).toBe(true);
    expect(threads.isVoided('e0')).toBe(false);
  });
});
