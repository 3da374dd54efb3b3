import { findPractice } from '../../core/catalogue/catalogue.ts';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import type { Practice } from '../../core/practice/practice.ts';
import type { Home } from '../../core/house/house.ts';
import type { Tx } from '../db/database.ts';
import { hidePractices, loadHouse, savePractices } from '../stores/houseStore.ts';
import { Failure } from './failure.ts';
import { reprojectHome } from './schedule.ts';

/** Adds a practice to those of a home, or changes one of its own; the catalogue's keep their codes. */
export async function savePractice(
  tx: Tx,
  home: Home,
  code: string,
  practice: Practice,
  today: CivilDate,
): Promise<void> {
  if (practice.code !== code) throw new Failure('code-differs', 'practice.code');
  if (findPractice(code)) throw new Failure('id-taken', 'practice.code');
  await savePractices(tx, home.id, [practice]);
  await reprojectHome(tx, home, today);
}

/** Hides a practice of the catalogue or the home's own, or shows it again. What is kept already is kept on. */
export async function hidePractice(tx: Tx, home: Home, code: string, hidden: boolean): Promise<void> {
  const { practices = [] } = await loadHouse(tx, home);
  if (!findPractice(code) && !practices.some((practice) => practice.code === code))
    throw new Failure('not-found', 'code');
  await hidePractices(tx, home.id, [code], hidden);
}
