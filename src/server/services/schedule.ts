import type { ScheduleRow, SeriesBody, StandingBody, TodayBody } from '../../contract/schemas.ts';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import type { Home } from '../../core/house/house.ts';
import { openFindingsIn } from '../../core/ledger/findings.ts';
import { coversEnding } from '../../core/ledger/covers.ts';
import { handPositionsIn } from '../../core/ledger/handPositions.ts';
import { seriesOf } from '../../core/readings/series.ts';
import { settledHistory } from '../../core/readings/settled.ts';
import type { HouseProjection } from '../../core/schedule/project.ts';
import { toldOf } from '../../core/schedule/replay/checkpoint.ts';
import { seasonStates } from '../../core/schedule/seasonStates.ts';
import type { Tx } from '../db/database.ts';
import { dropCheckpoint } from '../stores/checkpointStore.ts';
import { loadLedger, lockLedger } from '../stores/entryStore.ts';
import { listCovers } from '../stores/documentStore.ts';
import { loadHouse } from '../stores/houseStore.ts';
import { loadWindows, saveWindows, toScheduleRow, type StoredWindow } from '../stores/windowStore.ts';
import { canonicalHash } from './chain.ts';
import {
  keepCheckpoint,
  loadHome,
  loadWholeHome,
  pastOf,
  projectLoaded,
  type LoadedHome,
} from './loadedHome.ts';

/** The rows of a home as they were written; null where one cannot be used. */
export type StoredRows = Awaited<ReturnType<typeof loadWindows>>;

/** The rows that stand on a day: those that were written where all of them are still right, else null. */
function stillRight(stored: StoredRows, today: CivilDate): ScheduleRow[] | null {
  const right = stored.flatMap((one) => (one && !isStale(one, today) ? [one.row] : []));
  return right.length === stored.length ? right : null;
}

/** The state of a home before something is written: the rows where they are still right (null: they are not), else projected. */
export const standingRows = (stored: StoredRows | null, loaded: LoadedHome): ScheduleRow[] =>
  (stored && stillRight(stored, loaded.today)) ?? projectLoaded(loaded).duties.map(toScheduleRow);

/**
 * Projects a home and writes the rows that differ from those stored; answers with every row. Duties move one another (they share dates,
 * trips, states and stock), so a home is always projected as a whole. The ledger must be locked.
 */
export async function refreshHome(
  tx: Tx,
  loaded: LoadedHome,
  stored: StoredRows,
): Promise<{ rows: ScheduleRow[]; changed: ScheduleRow[]; projection: HouseProjection }> {
  const { house, today } = loaded;
  const projection = projectLoaded(loaded);
  const rows = projection.duties.map(toScheduleRow);
  const byDuty = new Map(stored.flatMap((one) => (one ? [[one.row.dutyId, one]] : [])));
  const changed = rows.filter((row) => {
    const known = byDuty.get(row.dutyId);
    return !known || known.projectedOn > today || canonicalHash(known.row) !== canonicalHash(row);
  });
  await saveWindows(tx, house.home.id, today, changed);
  await keepCheckpoint(tx, loaded);
  return { rows, changed, projection };
}

/** Projects a home of which more has changed than its ledger; returns its rows. */
export async function reprojectHome(tx: Tx, home: Home, today: CivilDate): Promise<ScheduleRow[]> {
  await lockLedger(tx, home.id);
  const loaded = await loadWholeHome(tx, home, today);
  const { rows } = await refreshHome(tx, loaded, await loadWindows(tx, home.id));
  return rows;
}

/**
 * Projects a home anew from its ledger, whatever rows and folded past were stored; returns its rows. The past is folded again at the next write.
 * The ledger must be locked.
 */
export async function rebuildHome(tx: Tx, home: Home, today: CivilDate): Promise<ScheduleRow[]> {
  const rows = projectLoaded(await loadWholeHome(tx, home, today)).duties.map(toScheduleRow);
  await saveWindows(tx, home.id, today, rows);
  await dropCheckpoint(tx, home.id);
  return rows;
}

/**
 * The schedule of a day. Rows are the ledger's projection; where one has changed by itself since it was written (or was
 * written for a later day, by a clock since set back) the house is projected again first.
 */
export async function scheduleOn(tx: Tx, home: Home, today: CivilDate): Promise<TodayBody> {
  const standing = stillRight(await loadWindows(tx, home.id), today);
  if (standing) return { on: today, rows: standing };
  // The ledger is locked and read only then: whoever was writing an entry just now has finished.
  await lockLedger(tx, home.id);
  const { rows } = await refreshHome(tx, await loadHome(tx, home, today), await loadWindows(tx, home.id));
  return { on: today, rows: [...rows].sort((a, b) => (a.dutyId < b.dutyId ? -1 : 1)) };
}

const isStale = ({ row, projectedOn }: StoredWindow, today: CivilDate): boolean =>
  projectedOn > today || (row.changesOn !== null && row.changesOn <= today);

/** Season states, open findings, and the marks worth keeping. */
export async function standingOn(tx: Tx, home: Home, today: CivilDate): Promise<StandingBody> {
  const loaded = await loadHome(tx, home, today);
  return standingBody(tx, loaded, projectLoaded(loaded));
}

/** The same of a home projected already. */
export async function standingBody(
  tx: Tx,
  loaded: LoadedHome,
  projection: HouseProjection,
): Promise<StandingBody> {
  const { house, today, around } = loaded;
  const told = toldOf(pastOf(loaded));
  return {
    on: today,
    lines: seasonStates(house, projection, around.find),
    findings: openFindingsIn(told, house).map((one) => ({
      ...one,
      duties: [...one.duties],
      repairs: [...one.repairs],
    })),
    covers: coversEnding(await listCovers(tx, house.home.id), today),
    marks: handPositionsIn(told),
  };
}

/** Every reading over time, and what the home settled about its schools and edges. */
export async function seriesOn(tx: Tx, home: Home, today: CivilDate): Promise<SeriesBody> {
  const ledger = await loadLedger(tx, home.id);
  const series = seriesOf(await loadHouse(tx, home), ledger, today);
  return {
    on: today,
    series: series.map((one) => ({ ...one, points: [...one.points], restarts: [...one.restarts] })),
    settled: settledHistory(ledger, today),
  };
}
