import { and, asc, eq, getTableColumns, sql } from 'drizzle-orm';
import { z } from 'zod';
import { extraSchema, missedSchema, scheduleRowSchema, type ScheduleRow } from '../../contract/schemas.ts';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import { reasonSchema, sleepSchema } from '../../core/schedule/reason.ts';
import type { DutyProjection } from '../../core/schedule/project.ts';
import type { Tx } from '../db/database.ts';
import { duty, dutyWindow } from '../db/tables/index.ts';
import { inPortions } from './rows.ts';

const storedSchema = z.object({
  reasons: z.array(reasonSchema),
  missed: z.array(missedSchema),
  extras: z.array(extraSchema),
  sleep: sleepSchema.nullable(),
});

/** The projection of a duty as its row and its answer over HTTP hold it. */
export function toScheduleRow(projection: DutyProjection): ScheduleRow {
  const { dutyId, occurrence, sleep, retired, missed, extras, changesOn } = projection;
  const shown = occurrence && {
    key: occurrence.key,
    window: occurrence.window,
    baseline: occurrence.baseline,
    asks: occurrence.asks,
    bookBy: occurrence.bookBy,
    orderBy: occurrence.orderBy,
    reasons: [...occurrence.reasons],
  };
  return { dutyId, occurrence: shown, sleep, retired, missed: [...missed], extras: [...extras], changesOn };
}

/** Rows written by an older projection, or a newer one, are projected again; so it goes up whenever the projection changes. */
const ROW_VERSION = 3;

/** Writes what was projected on a day over what stood before. A row that could not be read back is never written: it throws. */
export async function saveWindows(
  tx: Tx,
  homeId: string,
  on: CivilDate,
  rows: readonly ScheduleRow[],
): Promise<void> {
  if (rows.length === 0) return;
  const values = z
    .array(scheduleRowSchema)
    .parse(rows)
    .map(({ dutyId, occurrence, sleep, retired, missed, extras, changesOn }) => ({
      homeId,
      dutyId,
      projectedOn: on,
      changesOn,
      retired,
      occurrence: occurrence?.key ?? null,
      earliest: occurrence?.window.earliest ?? null,
      due: occurrence?.window.due ?? null,
      latest: occurrence?.window.latest ?? null,
      baseline: occurrence?.baseline ?? false,
      asks: occurrence?.asks ?? null,
      bookBy: occurrence?.bookBy ?? null,
      orderBy: occurrence?.orderBy ?? null,
      version: ROW_VERSION,
      sleep,
      reasons: occurrence?.reasons ?? [],
      missed,
      extras,
    }));
  const { homeId: _home, dutyId: _duty, ...replaced } = getTableColumns(dutyWindow);
  const set = Object.fromEntries(
    Object.entries(replaced).map(([key, { name }]) => [key, sql`excluded.${sql.identifier(name)}`]),
  );
  await inPortions(values, (some) =>
    tx
      .insert(dutyWindow)
      .values(some)
      .onConflictDoUpdate({ target: [dutyWindow.homeId, dutyWindow.dutyId], set }),
  );
}

/** A stored row with the days between which it stands. */
export interface StoredWindow {
  readonly row: ScheduleRow;
  readonly projectedOn: CivilDate;
}

/**
 * Every duty of a home with its row, by duty; null where the row is missing, of another version or unreadable. The rows are a cache:
 * what cannot be used is projected anew from the ledger.
 */
export async function loadWindows(tx: Tx, homeId: string): Promise<(StoredWindow | null)[]> {
  const rows = await tx
    .select({ row: dutyWindow })
    .from(duty)
    .leftJoin(dutyWindow, and(eq(dutyWindow.homeId, duty.homeId), eq(dutyWindow.dutyId, duty.id)))
    .where(eq(duty.homeId, homeId))
    .orderBy(asc(duty.id));
  return rows.map(({ row }) => {
    const read = row && row.version === ROW_VERSION ? readRow(row) : null;
    return row && read && { row: read, projectedOn: row.projectedOn as CivilDate };
  });
}

function readRow(row: typeof dutyWindow.$inferSelect): ScheduleRow | null {
  const stored = storedSchema.safeParse(row);
  if (!stored.success) return null;
  const { reasons, missed, extras, sleep } = stored.data;
  const { occurrence: key, earliest, due, latest, baseline, retired } = row;
  // The columns are dates: PostgreSQL lets nothing else in.
  const window = { earliest: earliest as CivilDate, due: due as CivilDate, latest: latest as CivilDate };
  const by = { bookBy: row.bookBy as CivilDate | null, orderBy: row.orderBy as CivilDate | null };
  const asks = row.asks ?? 'work';
  return {
    dutyId: row.dutyId,
    occurrence: key === null ? null : { key, window, baseline, asks, ...by, reasons },
    sleep,
    retired,
    missed,
    extras,
    changesOn: row.changesOn as CivilDate | null,
  };
}
