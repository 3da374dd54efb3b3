import type { ScheduleRow, TodayBody } from '../../contract/schemas.ts';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import type { Duty, Home } from '../../core/house/house.ts';
import type { Entry } from '../../core/ledger/entry.ts';
import { project } from '../../core/schedule/project.ts';
import type { Tx } from '../db/database.ts';
import { loadForDuties, lockLedger } from '../stores/entryStore.ts';
import { loadDuties } from '../stores/houseStore.ts';
import { loadWindows, saveWindows, toScheduleRow, type StoredWindow } from '../stores/windowStore.ts';

/** Projects some duties from the entries that concern them and writes their rows. */
export async function refreshDuties(
  tx: Tx,
  home: Home,
  duties: readonly Duty[],
  entries: readonly Entry[],
  today: CivilDate,
): Promise<ScheduleRow[]> {
  const house = { home, spaces: [], assets: [], duties };
  const rows = project(house, entries, today).duties.map(toScheduleRow);
  await saveWindows(tx, home.id, today, rows);
  return rows;
}

/** Projects duties, named by id, anew from the ledger. */
export async function refreshByIds(
  tx: Tx,
  home: Home,
  dutyIds: readonly string[],
  today: CivilDate,
): Promise<ScheduleRow[]> {
  if (dutyIds.length === 0) return [];
  const duties = (await loadDuties(tx, home.id)).filter(({ id }) => dutyIds.includes(id));
  return refreshDuties(tx, home, duties, await loadForDuties(tx, home.id, dutyIds), today);
}

/** Projects a whole home anew; returns its rows. */
export async function rebuildHome(tx: Tx, home: Home, today: CivilDate): Promise<ScheduleRow[]> {
  await lockLedger(tx, home.id);
  const duties = await loadDuties(tx, home.id);
  return refreshByIds(
    tx,
    home,
    duties.map(({ id }) => id),
    today,
  );
}

/**
 * What stands on a day. Rows are the ledger's projection; one whose answer has changed by itself since it was written
 * (or that was written for a later day, by a clock since set back) is projected again first.
 */
export async function scheduleOn(tx: Tx, home: Home, today: CivilDate): Promise<TodayBody> {
  const stored = await loadWindows(tx, home.id);
  if (!stored.some((one) => isStale(one, today))) return { on: today, rows: stored.map(({ row }) => row) };
  // Whoever is writing an entry just now projects from more than can be seen here; their rows must not be overwritten.
  await lockLedger(tx, home.id);
  const current = await loadWindows(tx, home.id);
  const stale = current.filter((one) => isStale(one, today));
  const fresh = await refreshByIds(
    tx,
    home,
    stale.map(({ row }) => row.dutyId),
    today,
  );
  const byDuty = new Map(fresh.map((row) => [row.dutyId, row]));
  return { on: today, rows: current.map(({ row }) => byDuty.get(row.dutyId) ?? row) };
}

const isStale = ({ row, projectedOn }: StoredWindow, today: CivilDate): boolean =>
  projectedOn > today || (row.changesOn !== null && row.changesOn <= today);
