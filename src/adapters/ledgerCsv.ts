import Papa from 'papaparse';
import { LEDGER_COLUMNS, type LedgerRow, type RowProblem } from '../core/formats/ledgerCsv.ts';

/** A table of a ledger as it was read: its rows, or which of its columns is not known here. */
export interface LedgerTable {
  readonly rows: readonly Partial<Record<string, string>>[];
  /** Columns that are missing, though no table can do without them. */
  readonly missing: readonly string[];
  /** Rows that cannot be taken apart: a quote that is never closed, more cells than there are columns. */
  readonly problems: readonly RowProblem[];
}

/** Columns without which no row means anything. */
const NEEDED = ['date', 'kind'] as const;

/** A cell a spreadsheet would take for a formula stands behind an apostrophe; one that has some already gets one more. */
const guarded = (cell: string): string =>
  /^'*[=+\-@\t\r]/.test(cell) && !NUMBER.test(cell) ? `'${cell}` : cell;
const unguarded = (cell: string): string => (/^'+[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell);
const NUMBER = /^-?\d+(\.\d+)?$/;

/** Rows as CSV (RFC 4180): a head, lines ending in CR LF, quotes where they are needed. */
export const writeLedgerCsv = (rows: readonly LedgerRow[]): string => {
  const data = rows.map((row) => LEDGER_COLUMNS.map((column) => guarded(row[column])));
  return `${Papa.unparse({ fields: [...LEDGER_COLUMNS], data })}\r\n`;
};

/** Reads CSV with a head; comma, semicolon or tab, whatever it uses. */
export function readLedgerCsv(text: string): LedgerTable {
  const { data, meta, errors } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (head) => head.trim().toLowerCase(),
    transform: unguarded,
  });
  const columns = meta.fields ?? [];
  return {
    rows: data,
    missing: NEEDED.filter((column) => !columns.includes(column)),
    problems: errors.flatMap(({ type, code, row = 0 }): RowProblem[] => {
      if (code === 'TooManyFields') {
        const [first = ''] = (data[row] as { __parsed_extra?: string[] }).__parsed_extra ?? [];
        return [{ row: row + 1, column: String(columns.length + 1), problem: 'surplus', value: first }];
      }
      if (type !== 'Quotes') return [];
      // Here the parser counts the head as a row. A quote swallows all that comes after it: it stands in what the row has last.
      const cells = data[row - 1] ?? {};
      const column = Object.keys(cells).at(-1) ?? '';
      return [{ row, column, problem: 'quotes', value: beginning(cells[column] ?? '') }];
    }),
  };
}

/** Enough of a cell to find it by. */
const beginning = (cell: string): string => cell.split('\n', 1)[0]?.slice(0, 40) ?? '';
