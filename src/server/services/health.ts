import { sql } from 'drizzle-orm';
import type { Database } from '../db/database.ts';

/** Asks the database something of its tables. Throws where it does not answer, or does not have them. */
export async function isReady(db: Database): Promise<void> {
  await db.execute(sql`SELECT 1 FROM home WHERE false`);
}
