import type { RunBody } from '../../contract/runs.ts';
import type { NewEntry } from '../../contract/schemas.ts';
import type { Written } from '../../contract/written.ts';
import type { Home } from '../../core/house/house.ts';
import type { RunState } from '../../core/runs/runState.ts';
import type { Tx } from '../db/database.ts';
import { findByIds } from '../stores/entryStore.ts';
import * as runs from '../stores/runStore.ts';
import { canonicalHash } from './chain.ts';
import { Failure } from './failure.ts';
import { appendEntries, type Writing } from './ledger.ts';

export const runsOf = (tx: Tx, home: Home): Promise<RunBody[]> => runs.loadRuns(tx, home.id);

export async function runOf(tx: Tx, home: Home, id: string): Promise<RunBody> {
  const found = await runs.loadRun(tx, home.id, id);
  if (!found) throw new Failure('not-found', 'runId');
  return found;
}

/** Saves a run. Sent twice, it is saved once; when another device has gone on meanwhile, it is a conflict. */
export async function saveRun(
  tx: Tx,
  home: Home,
  id: string,
  saving: { readonly saw: number; readonly state: RunState },
  now: number,
): Promise<RunBody> {
  const saved = await runs.saveRun(tx, home.id, id, saving, new Date(now));
  if (saved) return saved;
  const known = await runOf(tx, home, id);
  if (known.finished) throw new Failure('run-over');
  if (known.revision === saving.saw + 1 && canonicalHash(known.state) === canonicalHash(saving.state))
    return known;
  throw new Failure('seen-changed', 'saw');
}

/** Writes everything a run leaves and marks it as over, both or neither. Sent twice, it is written once. */
export async function finishRun(
  tx: Tx,
  home: Home,
  { run, entries }: { readonly run: string; readonly entries: readonly NewEntry[] },
  writing: Writing,
): Promise<Written> {
  const known = await runOf(tx, home, run);
  const ids = entries.map(({ id }) => id);
  // Another device has finished it with entries of its own: these would say everything twice.
  if (known.finished && (await findByIds(tx, home.id, ids)).length < ids.length)
    throw new Failure('run-over');
  const written = await appendEntries(tx, home, entries, writing);
  await runs.finishRun(tx, home.id, run, new Date(writing.now));
  return written;
}

export async function dropRun(tx: Tx, home: Home, id: string): Promise<void> {
  if (!(await runs.dropRun(tx, home.id, id))) throw new Failure('not-found', 'runId');
}
