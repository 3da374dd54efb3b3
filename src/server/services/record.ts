import type { TotalsBody } from '../../contract/record.ts';
import type { NewEntry } from '../../contract/schemas.ts';
import { finderWith } from '../../core/catalogue/catalogue.ts';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import type { Home } from '../../core/house/house.ts';
import { standingAsOf } from '../../core/ledger/asOf.ts';
import { totalsOf, type TotalsBy } from '../../core/ledger/totals.ts';
import type { Tx } from '../db/database.ts';
import { findByIds, loadForTotals } from '../stores/entryStore.ts';
import { loadHouse } from '../stores/houseStore.ts';
import { appendEntries, type Writing } from './ledger.ts';
import { scheduleOn } from './schedule.ts';

/** Hours, money, trades and what was missed, by year and a part of it. */
export async function totalsFor(tx: Tx, home: Home, on: CivilDate, by: TotalsBy): Promise<TotalsBody> {
  const house = await loadHouse(tx, home);
  const standing = standingAsOf(await loadForTotals(tx, home.id), on);
  const { rows } = await scheduleOn(tx, home, on);
  const missed = rows.flatMap(({ dutyId, missed: some }) => some.map(({ due }) => ({ dutyId, due })));
  return { totals: totalsOf(standing, missed, house, finderWith(house.practices ?? []), by) };
}

/** Writes entries read from a table, all or none; those whose ids are already there are left as they are. */
export async function importEntries(
  tx: Tx,
  home: Home,
  sent: readonly NewEntry[],
  writing: Writing,
): Promise<{ written: number; known: number }> {
  const known = new Set(
    (
      await findByIds(
        tx,
        home.id,
        sent.map(({ id }) => id),
      )
    ).map(({ id }) => id),
  );
  const fresh = sent.filter(({ id }) => !known.has(id));
  if (fresh.length > 0) await appendEntries(tx, home, fresh, writing);
  return { written: fresh.length, known: known.size };
}
