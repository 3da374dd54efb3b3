import type { CivilDate } from '../calendar/civilDate.ts';
import { applyCorrections } from '../ledger/corrections.ts';
import type { Entry } from '../ledger/entry.ts';
import { windowTermsOf, type House } from '../house/house.ts';
import { historiesOf } from './history.ts';
import { projectDuty, type DutyProjection } from './projectDuty.ts';

/** What stands for every duty of a house on a day. */
export interface HouseProjection {
  readonly on: CivilDate;
  readonly duties: readonly DutyProjection[];
  /** The first later day on which any of the answers changes by itself. */
  readonly changesOn: CivilDate | null;
}

/**
 * The schedule of a house: a pure function of its facts, its ledger (in sequence order) and the day. Entries dated
 * after the day are left out. A duty without an adoption in the ledger has no schedule and is not listed.
 */
export function project(house: House, entries: readonly Entry[], today: CivilDate): HouseProjection {
  const histories = historiesOf(applyCorrections(entries), today);
  const duties: DutyProjection[] = [];
  for (const duty of house.duties) {
    const history = histories.get(duty.id);
    if (history) duties.push(projectDuty(duty.id, history, windowTermsOf(duty.practice), house.home, today));
  }
  return { on: today, duties, changesOn: earliestOf(duties.map(({ changesOn }) => changesOn)) };
}

function earliestOf(dates: readonly (CivilDate | null)[]): CivilDate | null {
  return dates.reduce(
    (least, date) => (date !== null && (least === null || date < least) ? date : least),
    null,
  );
}
