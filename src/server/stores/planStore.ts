import { eq, sql } from 'drizzle-orm';
import { z } from 'zod';
import type { SavePlan } from '../../contract/plan.ts';
import { civilDateSchema, type CivilDate } from '../../core/calendar/civilDate.ts';
import type { Tx } from '../db/database.ts';
import { acceptedPlan } from '../db/tables/index.ts';

/** The plan a home goes by, as it was accepted. */
export interface StoredPlan {
  readonly revision: number;
  readonly seed: number;
  readonly moves: number;
  readonly seq: number;
  readonly by: string;
  readonly savedAt: string;
  /** By key of a task's time, the Monday of its week. */
  readonly weeks: Readonly<Record<string, CivilDate>>;
}

const weeksSchema = z.record(z.string(), civilDateSchema);

/** The plan a home goes by; null where none was accepted yet. */
export async function loadPlan(tx: Tx, homeId: string): Promise<StoredPlan | null> {
  const [row] = await tx.select().from(acceptedPlan).where(eq(acceptedPlan.homeId, homeId));
  if (!row) return null;
  const { revision, seed, moves, seq, savedBy, savedAt, weeks } = row;
  return {
    revision,
    seed,
    moves,
    seq,
    by: savedBy,
    savedAt: savedAt.toISOString(),
    weeks: weeksSchema.parse(weeks),
  };
}

/** Saves a plan over whatever stood; answers its revision. */
export async function savePlan(
  tx: Tx,
  homeId: string,
  { seed, moves, seq, weeks }: SavePlan,
  by: string,
  at: Date,
): Promise<number> {
  const values = { seed, moves, seq, weeks, savedBy: by, savedAt: at };
  const [row] = await tx
    .insert(acceptedPlan)
    .values({ homeId, revision: 1, ...values })
    .onConflictDoUpdate({
      target: acceptedPlan.homeId,
      set: { ...values, revision: sql`${acceptedPlan.revision} + 1` },
    })
    .returning({ revision: acceptedPlan.revision });
  if (!row) throw new Error('the plan was not saved');
  return row.revision;
}
