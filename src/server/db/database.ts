import { sql, type SQL } from 'drizzle-orm';
import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { Pool } from 'pg';

export type Database = NodePgDatabase;
/** A transaction; everything the stores do happens in one. */
export type Tx = Parameters<Parameters<Database['transaction']>[0]>[0];

/** Nothing may hold a connection for ever: not a statement, not a wait for another's lock, not a transaction nobody goes on with. */
const TIMEOUTS_MS = {
  statement_timeout: 30_000,
  lock_timeout: 15_000,
  idle_in_transaction_session_timeout: 60_000,
} as const;

/** Opens a pool as the app role. `onLost` hears of connections lost, used or idle; whoever waits on one is told besides. */
export function openDatabase(url: string, onLost: (error: Error) => void): { db: Database; pool: Pool } {
  const pool = new Pool({ connectionString: url, max: 10, connectionTimeoutMillis: 5_000, ...TIMEOUTS_MS });
  pool.on('error', onLost);
  // A connection in use reports its loss itself, and unheard that would end the process.
  pool.on('connect', (client) => client.on('error', onLost));
  return { db: drizzle(pool), pool };
}

/** Runs work in one transaction that sees what the person may see; null sees no home at all. */
export const asPerson = <T>(
  db: Database,
  personId: string | null,
  work: (tx: Tx) => Promise<T>,
): Promise<T> => inTransaction(db, work, sql`SELECT ${setPerson(personId)}`);

/** The same with a home's ledger locked for it, in the one statement that it begins with. */
export const asWriter = <T>(
  db: Database,
  personId: string,
  homeId: string,
  work: (tx: Tx) => Promise<T>,
): Promise<T> => inTransaction(db, work, sql`SELECT ${setPerson(personId)}, ${lockOf(homeId)}`);

/** Makes every other writer of a home's ledger wait until this transaction ends. */
export const lockOf = (homeId: string): SQL => sql`pg_advisory_xact_lock(hashtextextended(${homeId}, 0))`;

const setPerson = (personId: string | null): SQL => sql`set_config('salt.person', ${personId ?? ''}, true)`;

const inTransaction = <T>(db: Database, work: (tx: Tx) => Promise<T>, first: SQL): Promise<T> =>
  db.transaction(async (tx) => {
    await tx.execute(first);
    return work(tx);
  });
