import { sql } from 'drizzle-orm';
import type { Tx } from '../db/database.ts';

/** A photo or paper whose bytes have another hash than when they were written. */
export interface UnlikeFile extends Record<string, unknown> {
  readonly what: 'photo' | 'paper';
  readonly id: string;
}

/** The photos and papers of a home that are not as they were written: hashed where they are, as they may be large. */
export async function unlikeFiles(tx: Tx, homeId: string): Promise<UnlikeFile[]> {
  const { rows } = await tx.execute<UnlikeFile>(sql`
    SELECT 'photo' AS what, id FROM photo WHERE home_id = ${homeId} AND encode(sha256(jpeg), 'hex') <> sha256
    UNION ALL
    SELECT 'paper', id FROM document WHERE home_id = ${homeId} AND encode(sha256(file), 'hex') <> file_sha256
    ORDER BY 1, 2`);
  return rows;
}
