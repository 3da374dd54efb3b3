import type { NewEntry } from '../../contract/schemas.ts';
import type { Written } from '../../contract/written.ts';
import { civilDateIn } from '../../core/calendar/zone.ts';
import type { Home } from '../../core/house/house.ts';
import { correctedBy } from '../../core/ledger/threads.ts';
import type { Tx } from '../db/database.ts';
import * as entries from '../stores/entryStore.ts';
import type { SequencedEntry } from '../stores/entryStore.ts';
import { lineHash, sentHash } from './chain.ts';
import { checkNewEntry, loadCheckContext, type CheckContext } from './checkNewEntry.ts';
import { Failure } from './failure.ts';
import { mapInPortions } from '../portions.ts';
import { loadHome, reachingBack } from './loadedHome.ts';
import { refreshHome, standingBody } from './schedule.ts';

/** Who writes, and when by the server's clock (milliseconds since 1970 UTC). */
export interface Writing {
  readonly by: string;
  readonly now: number;
}

/** An entry ready to be written; imports keep the stamp and author they came with. */
export interface Draft extends NewEntry {
  readonly by: string;
  readonly stampedAt: string;
}

/**
 * Appends entries in their order. An id sent before with the same content is the same entry again; with other content
 * it is a conflict. Answers with the entries as they stand and every schedule row they changed. The ledger must be locked.
 */
export async function appendEntries(
  tx: Tx,
  home: Home,
  sent: readonly NewEntry[],
  writing: Writing,
): Promise<Written> {
  const today = civilDateIn(home.zone, writing.now);
  const known = await knownEntries(tx, home.id, sent);
  const fresh = sent.filter(({ id }) => !known.has(id));
  const stampedAt = new Date(writing.now).toISOString();
  const drafts = fresh.map((item): Draft => ({ ...item, by: writing.by, stampedAt }));
  // The entries that serve to judge the new ones serve to project from them and the known ones.
  const loaded = await reachingBack(tx, await loadHome(tx, home, today), drafts);
  const context = await loadCheckContext(tx, loaded);
  const placeOf = new Map(sent.map(({ id }, index) => [id, index]));
  await mapInPortions(drafts, (draft) => {
    checkNewEntry(context, draft, `entries[${placeOf.get(draft.id)}]`);
  });
  const written = await writeDrafts(tx, home.id, drafts, context.dutyOfEntry);
  const touched = new Set([
    ...written.map(context.dutyOfEntry),
    ...[...known.values()].map(({ dutyId }) => dutyId),
  ]);
  const refreshed = await refreshHome(tx, context.home, context.stored);
  const changed = new Set(refreshed.changed);
  const rows = refreshed.rows.filter((row) => changed.has(row) || touched.has(row.dutyId));
  const all = new Map(written.map((item) => [item.id, item]));
  for (const row of known.values()) all.set(row.id, entries.rowToEntry(row));
  const standing = await standingBody(tx, context.home, refreshed.projection);
  return { entries: sent.flatMap(({ id }) => all.get(id) ?? []), rows, standing };
}

async function knownEntries(
  tx: Tx,
  homeId: string,
  sent: readonly NewEntry[],
): Promise<Map<string, entries.StoredRow>> {
  const rows = await entries.findByIds(
    tx,
    homeId,
    sent.map(({ id }) => id),
  );
  const byId = new Map(rows.map((row) => [row.id, row]));
  const seen = new Set<string>();
  sent.forEach((item, index) => {
    const row = byId.get(item.id);
    const differs = row !== undefined && row.sentHash !== sentHash(item);
    if (differs || seen.has(item.id)) throw new Failure('id-taken', `entries[${index}].id`);
    seen.add(item.id);
  });
  return byId;
}

/** Numbers, seals and writes entries that have been checked. The ledger must be locked. */
export async function writeDrafts(
  tx: Tx,
  homeId: string,
  drafts: readonly Draft[],
  dutyOfEntry: CheckContext['dutyOfEntry'],
): Promise<SequencedEntry[]> {
  let { seq, hash: prevHash } = await entries.lastLine(tx, homeId);
  const written: SequencedEntry[] = [];
  const rows = await mapInPortions(drafts, ({ saw: _saw, ...entry }): entries.NewRow => {
    seq += 1;
    const before = prevHash;
    prevHash = lineHash(homeId, seq, entry, before);
    written.push({ ...entry, seq });
    return {
      homeId,
      id: entry.id,
      seq,
      date: entry.date,
      stampedAt: new Date(entry.stampedAt),
      byPerson: entry.by,
      batch: entry.batch,
      kind: entry.body.kind,
      body: entry.body,
      dutyId: dutyOfEntry(entry),
      targetId: correctedBy(entry),
      sentHash: sentHash(entry),
      prevHash: before,
      hash: prevHash,
    };
  });
  await entries.insertEntries(tx, rows, mustBeSealed);
  return written;
}

/** The stored line must equal the sealed one: else the chain would be broken from the start. */
function mustBeSealed(rows: readonly entries.StoredLine[]): void {
  for (const row of rows)
    if (lineHash(row.homeId, row.seq, entries.entryAsStored(row), row.prevHash) !== row.hash)
      throw new Error(`line ${row.seq} was stored other than it was written`);
}
