import type { LedgerLine, NewEntry, SentLedgerPage } from '../../contract/schemas.ts';
import type { Written } from '../../contract/written.ts';
import { civilDateIn } from '../../core/calendar/zone.ts';
import type { Home } from '../../core/house/house.ts';
import type { EntryKind } from '../../core/ledger/entry.ts';
import { matches, type LedgerFilter } from '../../core/ledger/filter.ts';
import { applyCorrections } from '../../core/ledger/corrections.ts';
import { correctedBy } from '../../core/ledger/threads.ts';
import type { Tx } from '../db/database.ts';
import * as entries from '../stores/entryStore.ts';
import type { PageFilter, SequencedEntry } from '../stores/entryStore.ts';
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

type PageQuery = { before?: number | undefined; limit: number } & PageFilter;

/** How many pages are looked through for one that is full; past them the reader asks for more. */
const PAGES_AT_ONCE = 8;

/**
 * A page of the ledger, newest written first; each line with every correction made to it and what it says now. Filters go by what a line
 * says now: rows are found as they were written, or corrected, and judged as they stand.
 */
export async function ledgerPage(tx: Tx, home: Home, query: PageQuery): Promise<SentLedgerPage> {
  const { before: _before, limit: _limit, ...filter } = query;
  const isNarrowed = Object.values(filter).some((one) => one !== undefined);
  const lines: LedgerLine[] = [];
  let before = query.before;
  for (let pages = 0; pages < PAGES_AT_ONCE; pages += 1) {
    const found = await entries.loadPage(tx, home.id, { ...query, before });
    const page = found.map(({ entry }) => entry);
    // Most lines were never corrected: threads are read of those that were.
    const corrected = found.filter(({ isCorrected }) => isCorrected).map(({ entry }) => entry);
    const threads = await entries.loadThreads(tx, home.id, corrected);
    const all = threadLines(page, threads);
    const wanted = isNarrowed ? all.filter((line) => isWanted(line, query)) : all;
    lines.push(...wanted.slice(0, query.limit - lines.length));
    const last = lines.length === query.limit ? lines.at(-1)?.entry.seq : page.at(-1)?.seq;
    if (page.length < query.limit || last === undefined || last <= 1) {
      const cut = lines.length === query.limit && last !== undefined && last > (page.at(-1)?.seq ?? 0);
      return { lines: lines.map(sent), next: cut ? last : null };
    }
    before = last;
    if (lines.length === query.limit) break;
  }
  return { lines: lines.map(sent), next: before ?? null };
}

/** A line as it goes out: what was never corrected says what it said, once. */
function sent(line: LedgerLine): SentLedgerPage['lines'][number] {
  if (line.corrections.length === 0) return { entry: line.entry };
  const { entry, ...corrected } = line;
  return { entry, corrected };
}

const isWanted = ({ entry, date, body }: LedgerLine, { kind, ...filter }: PageQuery): boolean =>
  matches({ date, by: entry.by, body }, { ...filter, kind: kind as EntryKind | undefined } as LedgerFilter);

function threadLines(page: readonly SequencedEntry[], threads: readonly SequencedEntry[]): LedgerLine[] {
  const standing = new Map(applyCorrections(threads).map((item) => [item.entry.id, item]));
  const rootOf = new Map<string, string>();
  const corrections = new Map<string, SequencedEntry[]>();
  for (const item of threads) {
    const { body } = item;
    if (body.kind !== 'amends' && body.kind !== 'voids') continue;
    const root = rootOf.get(body.target) ?? body.target;
    rootOf.set(item.id, root);
    const known = corrections.get(root);
    if (known) known.push(item);
    else corrections.set(root, [item]);
  }
  return page.map((entry) => {
    const stands = standing.get(entry.id);
    const { date, body } = stands ?? entry;
    return {
      entry,
      corrections: corrections.get(entry.id) ?? [],
      date,
      body,
      voidedBy: stands?.voidedBy ?? null,
    };
  });
}
