import { and, asc, desc, eq, inArray, sql, type SQL } from 'drizzle-orm';
import { civil, type CivilDate } from '../../core/calendar/civilDate.ts';
import { entryBodySchema, entrySchema, type Entry } from '../../core/ledger/entry.ts';
import { lockOf, type Tx } from '../db/database.ts';
import { entry } from '../db/tables/index.ts';
import { mapInPortions } from '../portions.ts';
import { inPortions } from './rows.ts';

/** An entry with its number in the home's ledger, counted from 1. */
export type SequencedEntry = Entry & { readonly seq: number };

export type StoredRow = typeof entry.$inferSelect;
export type NewRow = typeof entry.$inferInsert;

/** A line as the core reads it, its number with it; its hashes are only read where the chain is. */
export interface Line {
  readonly id: string;
  readonly seq: number;
  readonly date: CivilDate;
  readonly stampedAt: string;
  readonly by: string;
  readonly batch: string | null;
  readonly body: unknown;
}

/** The columns of a line as they are sent: none of them is mapped one by one, which takes longer than to read them. */
export const LINE = sql`id, seq, date::text AS date, to_char(stamped_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"') AS "stampedAt",
  by_person AS by, batch, body`;

/** Reads a line back into the core's words; stored JSON is parsed, so that what an older version wrote is noticed. */
export function toEntry({ seq, batch, ...line }: Line): SequencedEntry {
  const { id, date, stampedAt, by, body } = line;
  return { ...entrySchema.parse({ id, date, stampedAt, by, ...(batch !== null && { batch }), body }), seq };
}

/** The same of a whole row. */
export const rowToEntry = ({ id, seq, date, stampedAt, byPerson, batch, body }: StoredRow): SequencedEntry =>
  toEntry({ id, seq, date: civil(date), stampedAt: stampedAt.toISOString(), by: byPerson, batch, body });

/** Makes every other writer of this home's ledger wait until this transaction ends. */
export async function lockLedger(tx: Tx, homeId: string): Promise<void> {
  await tx.execute(sql`SELECT ${lockOf(homeId)}`);
}

/** The number and hash of the last line; number 0 for an empty ledger. */
export async function lastLine(tx: Tx, homeId: string): Promise<{ seq: number; hash: string }> {
  const [row] = await tx
    .select({ seq: entry.seq, hash: entry.hash })
    .from(entry)
    .where(eq(entry.homeId, homeId))
    .orderBy(desc(entry.seq))
    .limit(1);
  return row ?? { seq: 0, hash: '0'.repeat(64) };
}

export async function findByIds(tx: Tx, homeId: string, ids: readonly string[]): Promise<StoredRow[]> {
  if (ids.length === 0) return [];
  return tx
    .select()
    .from(entry)
    .where(and(eq(entry.homeId, homeId), inArray(entry.id, [...ids])));
}

/** Writes lines and hands back each as it was stored. */
export async function insertEntries(
  tx: Tx,
  rows: readonly NewRow[],
  stored: (lines: readonly StoredLine[]) => void,
): Promise<void> {
  await inPortions(rows, async (some) => {
    // One parameter for all of them: a parameter for every column of every row costs most of the time.
    const written = await tx.execute<StoredLine>(sql`
      INSERT INTO entry (home_id, id, seq, date, stamped_at, by_person, batch, kind, body, duty_id, target_id, sent_hash, prev_hash, hash)
      SELECT "homeId", id, seq, date, "stampedAt", "byPerson", batch, kind, body, "dutyId", "targetId", "sentHash", "prevHash", hash
      FROM jsonb_to_recordset(${JSON.stringify(some)}::jsonb) AS row ("homeId" uuid, id uuid, seq integer, date date, "stampedAt" timestamptz,
        "byPerson" uuid, batch uuid, kind text, body jsonb, "dutyId" uuid, "targetId" uuid, "sentHash" text, "prevHash" text, hash text)
      ORDER BY seq
      RETURNING home_id AS "homeId", id, seq, date::text AS date, stamped_at AS "stampedAt", by_person AS "byPerson", batch, body,
        prev_hash AS "prevHash", hash`);
    stored(written.rows);
  });
}

/** A line as it was stored, as far as it is sealed. */
export interface StoredLine extends Record<string, unknown> {
  readonly homeId: string;
  readonly id: string;
  readonly seq: number;
  readonly date: string;
  readonly stampedAt: Date | string;
  readonly byPerson: string;
  readonly batch: string | null;
  readonly body: unknown;
  readonly prevHash: string;
  readonly hash: string;
}

/** The entry in a stored line, as it was sealed; not judged. */
export function entryAsStored({
  id,
  date,
  stampedAt,
  byPerson,
  batch,
  body,
}: Pick<StoredLine, 'id' | 'date' | 'stampedAt' | 'byPerson' | 'batch' | 'body'>): unknown {
  const stamped = new Date(stampedAt).toISOString();
  return { id, date, stampedAt: stamped, by: byPerson, ...(batch !== null && { batch }), body };
}

const inSequence = async (tx: Tx, where: SQL | undefined): Promise<SequencedEntry[]> => {
  const { rows } = await tx.execute<Line & Record<string, unknown>>(
    sql`SELECT ${LINE} FROM entry WHERE ${where} ORDER BY seq`,
  );
  return mapInPortions(rows, toEntry);
};

/** The whole ledger in sequence. */
export const loadLedger = (tx: Tx, homeId: string): Promise<SequencedEntry[]> =>
  inSequence(tx, eq(entry.homeId, homeId));

/** The rows of the whole ledger as stored, hashes and all, in sequence. */
export const loadChain = (tx: Tx, homeId: string): Promise<StoredRow[]> =>
  tx.select().from(entry).where(eq(entry.homeId, homeId)).orderBy(asc(entry.seq));

/** The threads that some entries belong to: themselves, what they go back to, and every correction of those, in sequence. */
export async function loadThreads(
  tx: Tx,
  homeId: string,
  known: readonly SequencedEntry[],
): Promise<SequencedEntry[]> {
  if (known.length === 0) return [];
  const wanted = sql.param(known.map(({ id }) => id));
  const { rows } = await tx.execute<{ id: string }>(sql`
    WITH RECURSIVE up AS (
      SELECT id, target_id FROM entry WHERE home_id = ${homeId} AND id = ANY(${wanted}::uuid[])
      UNION SELECT e.id, e.target_id FROM entry e JOIN up ON e.home_id = ${homeId} AND e.id = up.target_id
    ), down AS (
      SELECT id FROM up WHERE target_id IS NULL
      UNION SELECT e.id FROM entry e JOIN down ON e.home_id = ${homeId} AND e.target_id = down.id
    ) SELECT id FROM down`);
  // Most lines were never corrected: only what is not at hand is read.
  const atHand = new Set(known.map(({ id }) => id));
  const others = rows.map(({ id }) => id).filter((id) => !atHand.has(id));
  const more =
    others.length === 0 ? [] : await inSequence(tx, and(eq(entry.homeId, homeId), inArray(entry.id, others)));
  return [...known, ...more].sort((a, b) => a.seq - b.seq);
}

/** Filters of a page as the rows were written; corrections may have moved a line in or out, so these are let through. */
export interface PageFilter {
  readonly kind?: string | undefined;
  readonly text?: string | undefined;
  readonly named?: readonly string[] | undefined;
  readonly assets?: readonly string[] | undefined;
  readonly duties?: readonly string[] | undefined;
  readonly person?: string | undefined;
  readonly verdict?: string | undefined;
  readonly from?: string | undefined;
  readonly to?: string | undefined;
  readonly leastCost?: number | undefined;
}

const anyOf = (column: SQL, ids: readonly string[]): SQL =>
  sql`${column} IN (${sql.join(
    ids.map((id) => sql`${id}`),
    sql`, `,
  )})`;
const saidAsset = sql`(${entry.body} ->> 'asset')`;
const saidDuty = sql`${entry.dutyId}::text`;

/** Whether an entry is about one of some things or duties. */
const isAbout = (ids: readonly string[]): SQL =>
  ids.length === 0 ? sql`false` : sql`(${anyOf(saidAsset, ids)} OR ${anyOf(saidDuty, ids)})`;

function wantedAsWritten(filter: PageFilter): SQL | undefined {
  const { kind, text, assets, duties, person, verdict, from, to, leastCost } = filter;
  return and(
    kind === undefined ? undefined : sql`${entry.kind} = ${kind}`,
    text === undefined || text === ''
      ? undefined
      : sql`(${entry.body}::text ILIKE ${`%${text.replaceAll(/[\\%_]/g, '\\$&')}%`} OR ${isAbout(filter.named ?? [])})`,
    assets === undefined && duties === undefined
      ? undefined
      : isAbout([...(assets ?? []), ...(duties ?? [])]),
    person === undefined
      ? undefined
      : sql`(${entry.byPerson} = ${person} OR ${entry.body} ->> 'who' = ${person})`,
    verdict === undefined
      ? undefined
      : sql`(${entry.body} ->> 'verdict' = ${verdict} OR ${entry.body} #>> '{judged,verdict}' = ${verdict})`,
    from === undefined ? undefined : sql`${entry.date} >= ${from}`,
    to === undefined ? undefined : sql`${entry.date} <= ${to}`,
    leastCost === undefined ? undefined : sql`(${entry.body} ->> 'cost')::numeric >= ${leastCost}`,
  );
}

/** Where a line stands in the record: the day it counts for, and on one day its number. */
export interface Position {
  readonly date: string;
  readonly seq: number;
}

/** Which part of the record is wanted: after a position, newest day first, without some kinds and some lines. */
export interface PageWanted {
  readonly before: Position | null;
  readonly limit: number;
  readonly withoutKinds: readonly string[];
  readonly withoutIds: readonly string[];
}

/** A page of entries that are not corrections, newest day first as written: those that fit as written, and any that were corrected. */
export async function loadPage(
  tx: Tx,
  homeId: string,
  { before, limit, withoutKinds, withoutIds }: PageWanted,
  filter: PageFilter,
): Promise<PageLine[]> {
  const fits = wantedAsWritten(filter);
  const corrected = sql`EXISTS (SELECT 1 FROM entry c WHERE c.home_id = entry.home_id AND c.target_id = entry.id)`;
  const where = and(
    sql`home_id = ${homeId} AND target_id IS NULL`,
    before === null ? undefined : sql`(date, seq) < (${before.date}, ${before.seq})`,
    withoutKinds.length === 0 ? undefined : sql`kind <> ALL(${sql.param(withoutKinds)}::text[])`,
    withoutIds.length === 0 ? undefined : sql`id <> ALL(${sql.param(withoutIds)}::uuid[])`,
    fits === undefined ? undefined : sql`(${fits} OR ${corrected})`,
  );
  const { rows } = await tx.execute<PageRow>(
    sql`SELECT ${LINE}, ${corrected} AS corrected FROM entry WHERE ${where} ORDER BY entry.date DESC, seq DESC LIMIT ${limit}`,
  );
  return rows.map((row) => ({ entry: entryOfPage(row), isCorrected: row.corrected }));
}

/** The entries that an amendment ever gave another day, in sequence. */
export const loadRedated = (tx: Tx, homeId: string): Promise<SequencedEntry[]> =>
  inSequence(
    tx,
    sql`home_id = ${homeId} AND id IN (
      SELECT target_id FROM entry WHERE home_id = ${homeId} AND kind = 'amends' AND jsonb_exists(body -> 'change', 'date'))`,
  );

/** Written out field by field: a page reads many, and the rest of a spread object costs more than reading its body does. */
function entryOfPage({ id, seq, date, stampedAt, by, batch, body: stored }: PageRow): SequencedEntry {
  const body = entryBodySchema.parse(stored);
  return batch === null
    ? { id, seq, date, stampedAt, by, body }
    : { id, seq, date, stampedAt, by, batch, body };
}

type PageRow = Line & { readonly corrected: boolean } & Record<string, unknown>;

/** A line of a page, and whether anything was ever corrected on it. */
export interface PageLine {
  readonly entry: SequencedEntry;
  readonly isCorrected: boolean;
}

/** The entries that say how duties are kept: adoptions, terms, what was given up or taken out, and every correction, in sequence. */
export const loadForTerms = (tx: Tx, homeId: string): Promise<SequencedEntry[]> =>
  inSequence(
    tx,
    and(
      eq(entry.homeId, homeId),
      inArray(entry.kind, [
        'adopted',
        'terms',
        'retired',
        'removed',
        'replaced',
        'trait',
        'fact',
        'amends',
        'voids',
      ]),
    ),
  );

/** The entries that totals are made of: work, closings and purchases, and every correction, in sequence. */
export const loadForTotals = (tx: Tx, homeId: string): Promise<SequencedEntry[]> =>
  inSequence(
    tx,
    and(
      eq(entry.homeId, homeId),
      inArray(entry.kind, ['done', 'findingClosed', 'bought', 'amends', 'voids']),
    ),
  );
