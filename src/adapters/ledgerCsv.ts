import Papa from 'papaparse';
import { LEDGER_COLUMNS, type LedgerRow } from '../core/formats/ledgerCsv.ts';

/** A table of a ledger as it was read: its rows, or which of its columns is not known here. */
export interface LedgerTable {
  readonly rows: readonly Partial<Record<string, string>>[];
  /** Columns that are missing, though no table can do without them; or what cannot be parsed. */
  readonly missing: readonly string[];
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
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (head) => head.trim().toLowerCase(),
    transform: unguarded,
  });
  return { rows: data, missing: NEEDED.filter((column) => !(meta.fields ?? []).includes(column)) };
}
