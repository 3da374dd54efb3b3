import { sql } from 'drizzle-orm';
import type { Database } from '../db/database.ts';
import { oneRow } from './rows.ts';

/** How often a key was tried in its present window, and when that window ends. */
export interface Attempts {
  readonly count: number;
  readonly resetsAt: Date;
}

/** Counts one more try; a window that has run out begins anew. One statement, so that tries at once are all counted. */
export async function countAttempt(db: Database, key: string, windowMs: number): Promise<Attempts> {
  const row = await db.transaction(async (tx) => {
    const counted = await oneRow<{ count: number; resets_at: Date | string }>(
      tx,
      sql`INSERT INTO attempt (key, count, resets_at) VALUES (${key}, 1, now() + ${windowMs} * interval '1 millisecond')
        ON CONFLICT (key) DO UPDATE SET
          count = CASE WHEN attempt.resets_at <= now() THEN 1 ELSE attempt.count + 1 END,
          resets_at = CASE WHEN attempt.resets_at <= now() THEN excluded.resets_at ELSE attempt.resets_at END
        RETURNING count, resets_at`,
    );
    // Tries are rare, so what nobody counts any more goes with them; what somebody else is counting is left alone.
    await tx.execute(sql`DELETE FROM attempt WHERE key IN (
      SELECT key FROM attempt WHERE resets_at <= now() FOR UPDATE SKIP LOCKED)`);
    return counted;
  });
  return { count: row.count, resetsAt: new Date(row.resets_at) };
}

/** Takes one try back: it succeeded. */
export async function uncountAttempt(db: Database, key: string): Promise<void> {
  await db.execute(sql`UPDATE attempt SET count = greatest(count - 1, 0) WHERE key = ${key}`);
}

/** Forgets a key. */
export async function forgetAttempts(db: Database, key: string): Promise<void> {
  await db.execute(sql`DELETE FROM attempt WHERE key = ${key}`);
}
