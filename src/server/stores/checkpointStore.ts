import { createHash } from 'node:crypto';
import { eq, sql } from 'drizzle-orm';
import { checkpointSchema, type Checkpoint } from '../../core/schedule/replay/checkpoint.ts';
import type { Tx } from '../db/database.ts';
import { homeCheckpoint } from '../db/tables/index.ts';
import { mapInPortions } from '../portions.ts';
import { LINE, toEntry, type Line, type SequencedEntry } from './entryStore.ts';
import { PROJECTION_VERSION } from './projectionVersion.ts';

const sealOf = (content: string): string => createHash('sha256').update(content, 'utf8').digest('hex');

interface CheckpointRow extends Record<string, unknown> {
  readonly content: string;
  readonly seal: string;
  /** Lines dated after it, in sequence. */
  readonly recent: readonly Line[];
}

/**
 * A home's folded past with the entries dated after it, in sequence; null where none was kept, or one of another version or house, or one that is
 * not as it was written. Both in one statement, so that they belong together whoever writes meanwhile.
 */
export async function loadCheckpoint(
  tx: Tx,
  homeId: string,
  house: string,
): Promise<{ start: Checkpoint; recent: SequencedEntry[] } | null> {
  const { rows } = await tx.execute<CheckpointRow>(sql`
    SELECT content, seal, (
      SELECT coalesce(json_agg(line ORDER BY line.seq), '[]') FROM (
        SELECT ${LINE} FROM entry WHERE entry.home_id = ${homeId} AND date > up_to
      ) AS line
    ) AS recent
    FROM home_checkpoint
    WHERE home_id = ${homeId} AND version = ${PROJECTION_VERSION} AND house = ${house}`);
  const [row] = rows;
  // Judged before it was sealed, it is not judged again at every tap: that would take longer than all the rest.
  if (!row || sealOf(row.content) !== row.seal) return null;
  const start = JSON.parse(row.content) as Checkpoint;
  const recent = await mapInPortions(row.recent, toEntry);
  return { start, recent };
}

/** Keeps a home's folded past in place of the one kept before. One that could not be read back is never written: it throws. */
export async function saveCheckpoint(
  tx: Tx,
  homeId: string,
  house: string,
  checkpoint: Checkpoint,
): Promise<void> {
  const content = JSON.stringify(checkpointSchema.parse(checkpoint));
  const kept = {
    version: PROJECTION_VERSION,
    upTo: checkpoint.upTo,
    house,
    content,
    seal: sealOf(content),
  };
  await tx
    .insert(homeCheckpoint)
    .values({ homeId, ...kept })
    .onConflictDoUpdate({ target: homeCheckpoint.homeId, set: kept });
}

/** The folded past is dropped: something was written that reaches back behind it. */
export async function dropCheckpoint(tx: Tx, homeId: string): Promise<void> {
  await tx.delete(homeCheckpoint).where(eq(homeCheckpoint.homeId, homeId));
}
