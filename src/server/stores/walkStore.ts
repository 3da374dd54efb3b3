import { and, eq } from 'drizzle-orm';
import type { WalkBody } from '../../contract/schemas.ts';
import { NEW_WALK, walkStateSchema, type WalkState } from '../../core/walkthrough/walkState.ts';
import type { Tx } from '../db/database.ts';
import { walk } from '../db/tables/index.ts';

/** The walk through a home as far as it has come; one that was never begun is at its beginning. */
export async function loadWalk(tx: Tx, homeId: string): Promise<WalkBody> {
  const [row] = await tx.select().from(walk).where(eq(walk.homeId, homeId));
  if (!row) return { revision: 0, state: NEW_WALK, finished: false };
  const { revision, state, finished } = row;
  return { revision, state: walkStateSchema.parse(state), finished };
}

/** Saves a walk over the revision it started from; null when another device was quicker, or it is over. */
export async function saveWalk(
  tx: Tx,
  homeId: string,
  saw: number,
  state: WalkState,
  now: Date,
): Promise<WalkBody | null> {
  const revision = saw + 1;
  const saved =
    saw === 0
      ? await tx
          .insert(walk)
          .values({ homeId, revision, state, savedAt: now })
          .onConflictDoNothing()
          .returning({ revision: walk.revision })
      : await tx
          .update(walk)
          .set({ revision, state, savedAt: now })
          .where(and(eq(walk.homeId, homeId), eq(walk.revision, saw), eq(walk.finished, false)))
          .returning({ revision: walk.revision });
  return saved.length > 0 ? { revision, state, finished: false } : null;
}

export async function finishWalk(tx: Tx, homeId: string): Promise<void> {
  await tx.update(walk).set({ finished: true }).where(eq(walk.homeId, homeId));
}

/** Keeps a walk that comes from a file, as far as it had come. */
export async function insertWalk(
  tx: Tx,
  homeId: string,
  kept: { readonly state: WalkState; readonly finished: boolean },
  now: Date,
): Promise<void> {
  await tx.insert(walk).values({ ...kept, homeId, revision: 1, savedAt: now });
}
