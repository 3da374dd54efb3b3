import { sql } from 'drizzle-orm';
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
export function asPerson<T>(db: Database, personId: string | null, work: (tx: Tx) => Promise<T>): Promise<T> {
  return db.transaction(async (tx) => {
    await tx.execute(sql`SELECT set_config('salt.person', ${personId ?? ''}, true)`);
    return work(tx);
  });
}
