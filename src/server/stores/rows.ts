import type { SQL } from 'drizzle-orm';
import type { Tx } from '../db/database.ts';

/** The first row of a statement that returns exactly one, typed by the caller who wrote its columns. */
export async function oneRow<T extends Record<string, unknown>>(tx: Tx, statement: SQL): Promise<T> {
  const { rows } = await tx.execute(statement);
  const row = rows[0] as T | undefined;
  if (!row) throw new Error('a statement that returns one row returned none');
  return row;
}

/** Leaves out the keys whose value is null, as the core's optional fields want it. */
export function withoutNulls<T extends object>(row: T): { [K in keyof T]: Exclude<T[K], null> } {
  const kept = Object.entries(row).filter(([, value]) => value !== null);
  return Object.fromEntries(kept) as { [K in keyof T]: Exclude<T[K], null> };
}

/** PostgreSQL takes 65 535 parameters a statement; no row here has more than thirty. */
const ROWS_A_STATEMENT = 1_000;

/** Writes many rows, as many at a time as one statement takes. */
export async function inPortions<T>(
  rows: readonly T[],
  write: (some: T[]) => Promise<unknown>,
): Promise<void> {
  for (let from = 0; from < rows.length; from += ROWS_A_STATEMENT)
    await write(rows.slice(from, from + ROWS_A_STATEMENT));
}
