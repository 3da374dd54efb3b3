import type { LedgerLine, SentLedgerPage } from '../../contract/schemas.ts';
import type { Home } from '../../core/house/house.ts';
import { applyCorrections } from '../../core/ledger/corrections.ts';
import { SETUP_KINDS, type EntryKind } from '../../core/ledger/entry.ts';
import { matches, type LedgerFilter } from '../../core/ledger/filter.ts';
import type { Tx } from '../db/database.ts';
import * as entries from '../stores/entryStore.ts';
import type { PageFilter, Position, SequencedEntry } from '../stores/entryStore.ts';

type PageQuery = { before?: string | undefined; limit: number; setup?: 'hidden' | undefined } & PageFilter;

/** How many pages are looked through for one that is full; past them the reader asks for more. */
const PAGES_AT_ONCE = 8;

/**
 * A page of the ledger, newest day first and on one day the newest written first; each line with every correction made to it and what it
 * says now. Days and filters go by what a line says now: rows are found as they were written, or corrected, and judged as they stand.
 */
export async function recordPage(tx: Tx, home: Home, query: PageQuery): Promise<SentLedgerPage> {
  const { before: _before, limit, setup, ...filter } = query;
  const isNarrowed = Object.values(filter).some((one) => one !== undefined);
  const withoutKinds: readonly string[] = setup === 'hidden' ? SETUP_KINDS : [];
  const moved = (await movedLines(tx, home.id)).filter(({ body }) => !withoutKinds.includes(body.kind));
  const withoutIds = moved.map(({ entry }) => entry.id);
  const lines: LedgerLine[] = [];
  let before = query.before === undefined ? null : positionIn(query.before);
  for (let pages = 0; pages < PAGES_AT_ONCE; pages += 1) {
    const wanted = { before, limit, withoutKinds, withoutIds };
    const found = await entries.loadPage(tx, home.id, wanted, filter);
    const last = found.at(-1)?.entry;
    const end = found.length < limit || !last ? null : positionOf(last);
    const [from, page] = [before, await standingLines(tx, home.id, found)];
    const between = moved.filter((line) => isWithin(line, from, end));
    const fitting = [...page, ...between]
      .sort(newestDayFirst)
      .filter((line) => !isNarrowed || isWanted(line, query));
    const taken = fitting.slice(0, limit - lines.length);
    lines.push(...taken);
    const cut = taken.length < fitting.length ? taken.at(-1) : undefined;
    if (cut) return { lines: lines.map(sent), next: cursorAt(positionOfLine(cut)) };
    if (end === null) return { lines: lines.map(sent), next: null };
    before = end;
    if (lines.length === limit) break;
  }
  return { lines: lines.map(sent), next: before === null ? null : cursorAt(before) };
}

const positionIn = (cursor: string): Position => ({
  date: cursor.slice(0, 10),
  seq: parseInt(cursor.slice(11), 10),
});
const cursorAt = ({ date, seq }: Position): string => `${date}.${seq}`;
const positionOf = ({ date, seq }: Position): Position => ({ date, seq });
const positionOfLine = ({ date, entry }: LedgerLine): Position => ({ date, seq: entry.seq });
const isNewer = (a: Position, b: Position): boolean =>
  a.date > b.date || (a.date === b.date && a.seq > b.seq);
const newestDayFirst = (a: LedgerLine, b: LedgerLine): number =>
  isNewer(positionOfLine(a), positionOfLine(b)) ? -1 : 1;
/** Whether a line comes after one position and not after another; null: from the start, to the end. */
const isWithin = (line: LedgerLine, after: Position | null, end: Position | null): boolean =>
  (after === null || isNewer(after, positionOfLine(line))) &&
  (end === null || !isNewer(end, positionOfLine(line)));

/** The lines that count for another day than the one they were written with. They are few, and are put into their places by hand. */
async function movedLines(tx: Tx, homeId: string): Promise<LedgerLine[]> {
  const redated = await entries.loadRedated(tx, homeId);
  const lines = threadLines(redated, await entries.loadThreads(tx, homeId, redated));
  return lines.filter(({ entry, date }) => entry.date !== date);
}

/** Lines as they stand. Most were never corrected: threads are read of those that were. */
async function standingLines(
  tx: Tx,
  homeId: string,
  found: readonly entries.PageLine[],
): Promise<LedgerLine[]> {
  const corrected = found.filter(({ isCorrected }) => isCorrected).map(({ entry }) => entry);
  const page = found.map(({ entry }) => entry);
  return threadLines(page, await entries.loadThreads(tx, homeId, corrected));
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
