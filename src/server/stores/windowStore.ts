import { getTableColumns, sql } from 'drizzle-orm';
import { z } from 'zod';
import { extraSchema, missedSchema, scheduleRowSchema, type ScheduleRow } from '../../contract/schemas.ts';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import { reasonSchema, sleepSchema } from '../../core/schedule/reason.ts';
import type { DutyProjection } from '../../core/schedule/project.ts';
import type { Tx } from '../db/database.ts';
import { dutyWindow } from '../db/tables/index.ts';
import { PROJECTION_VERSION } from './projectionVersion.ts';
import { oneRow } from './rows.ts';

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

/** Writes what was projected on a day over what stood before. A row that could not be read back is never written: it throws. */
export async function saveWindows(
  tx: Tx,
  homeId: string,
  on: CivilDate,
  rows: readonly ScheduleRow[],
): Promise<void> {
  if (rows.length === 0) return;
  const judged = z.array(scheduleRowSchema).parse(rows);
  // One parameter for all of them: a parameter for every column of every row costs most of the time.
  const values = JSON.stringify(
    judged.map(({ dutyId, occurrence, sleep, retired, missed, extras, changesOn }) => ({
      home_id: homeId,
      duty_id: dutyId,
      projected_on: on,
      changes_on: changesOn,
      retired,
      occurrence: occurrence?.key ?? null,
      ...(occurrence?.window ?? {}),
      baseline: occurrence?.baseline ?? false,
      asks: occurrence?.asks ?? null,
      book_by: occurrence?.bookBy ?? null,
      order_by: occurrence?.orderBy ?? null,
      version: PROJECTION_VERSION,
      sleep,
      reasons: occurrence?.reasons ?? [],
      missed,
      extras,
    })),
  );
  await tx.execute(sql`
    INSERT INTO duty_window SELECT * FROM jsonb_populate_recordset(NULL::duty_window, ${values}::jsonb)
    ON CONFLICT (home_id, duty_id) DO UPDATE SET ${REPLACED}`);
}

const { homeId: _home, dutyId: _duty, ...replaced } = getTableColumns(dutyWindow);
/** Every column but the key, as the new row has it. */
const REPLACED = sql.join(
  Object.values(replaced).map(({ name }) => sql`${sql.identifier(name)} = excluded.${sql.identifier(name)}`),
  sql`, `,
);

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
  const { windows } = await oneRow<{ windows: readonly WindowRow[] }>(
    tx,
    sql`SELECT coalesce(json_agg(json_build_object(
        'dutyId', d.id, 'version', w.version, 'projectedOn', w.projected_on, 'changesOn', w.changes_on, 'retired', w.retired,
        'key', w.occurrence, 'window', json_build_object('earliest', w.earliest, 'due', w.due, 'latest', w.latest),
        'baseline', w.baseline, 'asks', coalesce(w.asks, 'work'), 'bookBy', w.book_by, 'orderBy', w.order_by, 'sleep', w.sleep,
        'reasons', w.reasons, 'missed', w.missed, 'extras', w.extras) ORDER BY d.id), '[]') AS windows
      FROM duty d LEFT JOIN duty_window w ON w.home_id = d.home_id AND w.duty_id = d.id
      WHERE d.home_id = ${homeId}`,
  );
  return windows.map((stored) => {
    const row = stored.version === PROJECTION_VERSION ? readRow(stored) : null;
    return row && { row, projectedOn: stored.projectedOn };
  });
}

/** A row as it is stored; that of a duty without one holds nothing but the duty. What is JSON in it has not been judged. */
interface WindowRow extends Omit<ScheduleRow, 'occurrence'>, Omit<Occurrence, 'key'> {
  readonly version: number | null;
  readonly projectedOn: CivilDate;
  readonly key: string | null;
}
type Occurrence = NonNullable<ScheduleRow['occurrence']>;

function readRow(row: WindowRow): ScheduleRow | null {
  const stored = storedSchema.safeParse(row);
  if (!stored.success) return null;
  const { reasons, missed, extras, sleep } = stored.data;
  const { dutyId, key, window, baseline, asks, bookBy, orderBy, retired, changesOn } = row;
  const occurrence = key === null ? null : { key, window, baseline, asks, bookBy, orderBy, reasons };
  return { dutyId, occurrence, sleep, retired, missed, extras, changesOn };
}
