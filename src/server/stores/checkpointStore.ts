import { eq, sql } from 'drizzle-orm';
import { checkpointSchema, type Checkpoint } from '../../core/schedule/replay/checkpoint.ts';
import type { Tx } from '../db/database.ts';
import { homeCheckpoint } from '../db/tables/index.ts';
import { mapInPortions } from '../portions.ts';
import { toEntry, type SequencedEntry } from './entryStore.ts';
import { PROJECTION_VERSION } from './projectionVersion.ts';

interface CheckpointRow extends Record<string, unknown> {
  readonly content: unknown;
  /** Lines dated after it, in sequence. */
  readonly recent: readonly (Omit<Parameters<typeof toEntry>[0], 'stampedAt'> & { stampedAt: string })[];
}

/**
 * A home's folded past with the entries dated after it, in sequence; null where none was kept, or one of another version or house, or one
 * nobody can read. Both in one statement, so that they belong together whoever writes meanwhile.
 */
export async function loadCheckpoint(
  tx: Tx,
  homeId: string,
  house: string,
): Promise<{ start: Checkpoint; recent: SequencedEntry[] } | null> {
  const { rows } = await tx.execute<CheckpointRow>(sql`
    SELECT content, (
      SELECT coalesce(json_agg(line ORDER BY line.seq), '[]') FROM (
        SELECT id, seq, date, to_char(stamped_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') AS "stampedAt",
          by_person AS "byPerson", batch, body
        FROM entry WHERE entry.home_id = ${homeId} AND date > up_to
      ) AS line
    ) AS recent
    FROM home_checkpoint
    WHERE home_id = ${homeId} AND version = ${PROJECTION_VERSION} AND house = ${house}`);
  const [row] = rows;
  if (!row) return null;
  const start = checkpointSchema.safeParse(row.content);
  if (!start.success) return null;
  const recent = await mapInPortions(row.recent, (line) =>
    toEntry({ ...line, stampedAt: new Date(line.stampedAt) }),
  );
  return { start: start.data, recent };
}

/** Keeps a home's folded past in place of the one kept before. One that could not be read back is never written: it throws. */
export async function saveCheckpoint(
  tx: Tx,
  homeId: string,
  house: string,
  checkpoint: Checkpoint,
): Promise<void> {
  const kept = {
    version: PROJECTION_VERSION,
    upTo: checkpoint.upTo,
    house,
    content: checkpointSchema.parse(checkpoint),
  };
  await tx
    .insert(homeCheckpoint)
    .values({ homeId, ...kept })
    .onConflictDoUpdate({ target: homeCheckpoint.homeId, set: kept });
}

/** What was folded is folded no more: something was written that reaches back behind it. */
export async function dropCheckpoint(tx: Tx, homeId: string): Promise<void> {
  await tx.delete(homeCheckpoint).where(eq(homeCheckpoint.homeId, homeId));
}
