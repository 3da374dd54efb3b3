import { and, desc, eq } from 'drizzle-orm';
import type { RunBody } from '../../contract/runs.ts';
import { runStateSchema, type RunState } from '../../core/runs/runState.ts';
import type { Tx } from '../db/database.ts';
import { run } from '../db/tables/index.ts';
import { inPortions } from './rows.ts';

/** How many finished runs are still listed. */
const LISTED = 50;

const toRun = ({ id, revision, state, finished, begunAt, savedAt }: typeof run.$inferSelect): RunBody => ({
  id,
  revision,
  state: runStateSchema.parse(state),
  finished,
  begunAt: begunAt.toISOString(),
  savedAt: savedAt.toISOString(),
});

/** The runs of a home: open ones first, then the last finished. */
export async function loadRuns(tx: Tx, homeId: string): Promise<RunBody[]> {
  const rows = await tx
    .select()
    .from(run)
    .where(eq(run.homeId, homeId))
    .orderBy(run.finished, desc(run.savedAt))
    .limit(LISTED);
  return rows.map(toRun);
}

/** Every run of a home, in the order they were begun. */
export async function loadEveryRun(tx: Tx, homeId: string): Promise<RunBody[]> {
  const rows = await tx.select().from(run).where(eq(run.homeId, homeId)).orderBy(run.begunAt, run.id);
  return rows.map(toRun);
}

/** Keeps runs that come from a file, as far as they had come. */
export const insertRuns = (
  tx: Tx,
  homeId: string,
  runs: readonly Omit<RunBody, 'revision'>[],
): Promise<void> =>
  inPortions(runs, (some) =>
    tx.insert(run).values(
      some.map(({ begunAt, savedAt, ...one }) => ({
        ...one,
        homeId,
        revision: 1,
        begunAt: new Date(begunAt),
        savedAt: new Date(savedAt),
      })),
    ),
  );

export async function loadRun(tx: Tx, homeId: string, id: string): Promise<RunBody | null> {
  const [row] = await tx
    .select()
    .from(run)
    .where(and(eq(run.homeId, homeId), eq(run.id, id)));
  return row ? toRun(row) : null;
}

/** Saves a run over the revision it started from; null when another device was quicker, or it is over. */
export async function saveRun(
  tx: Tx,
  homeId: string,
  id: string,
  { saw, state }: { readonly saw: number; readonly state: RunState },
  now: Date,
): Promise<RunBody | null> {
  const revision = saw + 1;
  const rows =
    saw === 0
      ? await tx
          .insert(run)
          .values({ homeId, id, revision, state, begunAt: now, savedAt: now })
          .onConflictDoNothing()
          .returning()
      : await tx
          .update(run)
          .set({ revision, state, savedAt: now })
          .where(and(eq(run.homeId, homeId), eq(run.id, id), eq(run.revision, saw), eq(run.finished, false)))
          .returning();
  return rows[0] ? toRun(rows[0]) : null;
}

/** Marks a run as over; false where there is none. */
export async function finishRun(tx: Tx, homeId: string, id: string, now: Date): Promise<boolean> {
  const rows = await tx
    .update(run)
    .set({ finished: true, savedAt: now })
    .where(and(eq(run.homeId, homeId), eq(run.id, id)))
    .returning({ id: run.id });
  return rows.length > 0;
}

/** Takes away a run that is not finished; false where there is none. */
export async function dropRun(tx: Tx, homeId: string, id: string): Promise<boolean> {
  const rows = await tx
    .delete(run)
    .where(and(eq(run.homeId, homeId), eq(run.id, id), eq(run.finished, false)))
    .returning({ id: run.id });
  return rows.length > 0;
}
