import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { civil } from '../core/calendar/civilDate.ts';
import {
  entriesOfRows,
  rowOfEntry,
  type LedgerRow,
  type TableEntry,
  type TableHome,
} from '../core/formats/ledgerCsv.ts';
import { applyCorrections } from '../core/ledger/corrections.ts';
import { DEMO_HOMES } from '../demo/data/homes.ts';
import { demoOn } from '../../test/support/demoHouses.ts';
import { readLedgerCsv, writeLedgerCsv } from './ledgerCsv.ts';

const DAY = civil('2026-11-24');
const HOME: TableHome = {
  digits: 2,
  house: {
    assets: [
      { id: 'a', kind: 'smoke-alarm', name: 'Hall, upstairs' },
      { id: 'b', kind: 'smoke-alarm', name: 'Cellar' },
      { id: 'c', kind: 'smoke-alarm', name: 'Cellar' },
    ],
    duties: [
      { id: 'd', asset: 'a', practice: { from: 'catalogue', code: 'smoke-alarm-test' } },
      { id: 'e', asset: 'b', practice: { from: 'home', title: 'Dust "it"' } } as never,
    ],
    people: [{ id: 'p', name: 'Ann; the tall one' }],
  },
};
const ID = '018f0000-0000-7000-8000-00000000000';

const out = (entries: readonly TableEntry[], home: TableHome): string =>
  writeLedgerCsv(entries.flatMap((entry) => rowOfEntry(entry, home) ?? []));
/** Reads a table back; any problem fails the test by its words. */
function back(text: string, home: TableHome): TableEntry[] {
  const { rows, missing } = readLedgerCsv(text);
  const { entries, problems } = entriesOfRows(rows, home, DAY, () => 'made');
  expect([...missing, ...problems]).toEqual([]);
  return entries;
}

beforeAll(() => {
  for (const demo of DEMO_HOMES) demoOn(demo, DAY);
});

describe('a ledger as a table', () => {
  it.each(DEMO_HOMES.map((demo) => [demo.home.name, demo] as const))(
    'of %s: out, in and out again is the same, to the letter',
    (_name, demo) => {
      const file = demoOn(demo, DAY);
      const home = { house: file, digits: 2 };
      const standing = applyCorrections(file.entries)
        .filter(({ voidedBy }) => voidedBy === null)
        .map(({ entry, date, body }) => ({ id: entry.id, date, body }));
      const first = out(standing, home);
      expect(first.split('\r\n').length).toBeGreaterThan(100);
      expect(out(back(first, home), home)).toBe(first);
    },
  );

  it('keeps whatever someone wrote: quotes, commas, lines, and what a spreadsheet would take for a formula', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ minLength: 1, maxLength: 60 }),
          fc.constantFrom('=1+1', "'=x", '-5', 'a\r\nb', ' "q", '),
        ),
        (note) => {
          const written = note.trim();
          fc.pre(written !== '');
          const entry: TableEntry = {
            id: `${ID}1`,
            date: DAY,
            body: { kind: 'note', text: written, asset: 'a' },
          };
          expect(back(out([entry], HOME), HOME)).toEqual([entry]);
        },
      ),
    );
  });

  it('never writes a cell a spreadsheet would run', () => {
    const entry: TableEntry = { id: `${ID}1`, date: DAY, body: { kind: 'note', text: '=HYPERLINK("x")' } };
    expect(out([entry], HOME)).toContain(`"'=HYPERLINK(""x"")"`);
  });

  it('what work took comes back, each supply with its own quantity', () => {
    const supply = fc.constantFrom('filter-panel', 'alarm-cell', 'vinegar');
    const used = fc.array(fc.record({ supply, quantity: fc.integer({ min: 0, max: 400 }) }), {
      minLength: 1,
      maxLength: 4,
    });
    fc.assert(
      fc.property(used, (some) => {
        const entry: TableEntry = { id: `${ID}1`, date: DAY, body: { kind: 'done', duty: 'd', used: some } };
        expect(back(out([entry], HOME), HOME)).toEqual([entry]);
      }),
    );
  });

  it.each([
    ['filter-panel; alarm-cell', '1', 'missing'],
    ['filter-panel', '1; 2', 'invalid'],
    ['filter-panel', 'some', 'invalid'],
    ['filter-panel', '-1', 'invalid'],
  ])('supplies %s with quantities %s are not right', (supply, quantity, problem) => {
    const row = { date: '2026-11-01', kind: 'done', task: 'smoke-alarm-test', supply, quantity };
    const { problems } = entriesOfRows([row], HOME, DAY, () => `${ID}2`);
    expect(problems).toEqual([{ row: 1, column: 'quantity', problem, value: quantity }]);
  });

  it('a finding closed keeps what it was', () => {
    const body = { kind: 'findingClosed', finding: 'f', what: 'Cracked lid', minutes: 5 } as const;
    const entry: TableEntry = { id: `${ID}1`, date: DAY, body };
    expect(back(out([entry], HOME), HOME)).toEqual([entry]);
  });

  it('reads work, money and people by their names', () => {
    const text =
      'Date;Kind;Thing;Task;Who;Minutes;Cost\n2026-11-01;done;Hall, upstairs;smoke-alarm-test;Ann\\; the tall one;5;12,50\n';
    const { rows } = readLedgerCsv(
      text.replace('\\;', ';').replace('Ann; the tall one', '"Ann; the tall one"'),
    );
    const { entries, problems } = entriesOfRows(rows, HOME, DAY, () => `${ID}2`);
    expect(problems).toEqual([]);
    expect(entries).toEqual([
      {
        id: `${ID}2`,
        date: '2026-11-01',
        body: { kind: 'done', duty: 'd', who: 'p', minutes: 5, cost: 1250 },
      },
    ]);
  });

  it('tells every problem by its line and column, all at once', () => {
    const row = (more: Partial<LedgerRow>): Partial<Record<string, string>> => ({
      date: '2026-11-01',
      kind: 'note',
      note: 'x',
      ...more,
    });
    const { entries, problems } = entriesOfRows(
      [
        row({ date: '1.11.2026' }),
        row({ date: '2026-12-01' }),
        row({ kind: 'adopted' }),
        row({ kind: 'done', task: 'unheard-of' }),
        row({ kind: 'finding', thing: 'Cellar', what: 'damp' }),
        row({ kind: 'reading', thing: 'Hall, upstairs', measure: 'alarm-age', value: 'old', unit: 'years' }),
        row({ kind: 'finding', thing: 'Hall, upstairs', what: 'damp', verdict: 'bad' }),
        row({ note: '' }),
        row({}),
      ],
      HOME,
      DAY,
      () => `${ID}3`,
    );
    expect(problems.map(({ row: at, column, problem }) => `${at} ${column} ${problem}`)).toEqual([
      '1 date date',
      '2 date future',
      '3 kind kind',
      '4 task unknown',
      '5 thing several',
      '6 value number',
      '7 verdict invalid',
      '8 note missing',
    ]);
    expect(entries).toHaveLength(1);
  });

  it.each(['0x10', '1e3', '1,200', '1.200,50', '1,200.50', 'NaN', 'Infinity', '--5'])(
    'the number %s is refused by row and column: in a table it could mean two things',
    (cost) => {
      const row = { date: '2026-11-01', kind: 'bought', supply: 'filter-panel', quantity: '1', cost };
      const { problems } = entriesOfRows([{ ...row, cost: '12,40' }, row], HOME, DAY, () => `${ID}2`);
      expect(problems).toEqual([{ row: 2, column: 'cost', problem: 'number', value: cost }]);
    },
  );

  it('a number too small or too large to be written without an exponent comes back all the same', () => {
    fc.assert(
      fc.property(fc.constantFrom(1e-7, 1.5e-9, 1e21, 123_456_789), (value) => {
        const body = { kind: 'reading', asset: 'a', measure: 'm', value, unit: 'h' } as const;
        const [row] = readLedgerCsv(out([{ id: `${ID}1`, date: DAY, body }], HOME)).rows;
        expect(row?.['value']).toMatch(/^[\d.]+$/);
      }),
    );
  });

  it('a quotation mark that is never closed is told by its row, and so are cells past the last column', () => {
    const unclosed =
      'date,kind,note\n2026-11-01,note,fine\n2026-11-02,note,"never closed\n2026-11-03,note,z\n';
    expect(readLedgerCsv(unclosed).problems).toEqual([
      { row: 2, column: 'note', problem: 'quotes', value: 'never closed' },
    ]);
    expect(readLedgerCsv('date,kind,note\n2026-11-01,note,a,b,c\n').problems).toEqual([
      { row: 1, column: '4', problem: 'surplus', value: 'b' },
    ]);
  });

  it('a file without its needed columns says which', () => {
    expect(readLedgerCsv('day,what\n1,2\n').missing).toEqual(['date', 'kind']);
  });
});
