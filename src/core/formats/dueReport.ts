import type { CivilDate } from '../calendar/civilDate.ts';
import { currentUnit, type House } from '../house/house.ts';
import type { Entry } from '../ledger/entry.ts';
import type { Reason, Sleep } from '../schedule/reason.ts';
import type { Proposal } from '../schedule/learning.ts';
import { project } from '../schedule/project.ts';
import type { Extra, Missed } from '../schedule/replay/dutyState.ts';
import type { ProjectionInputs } from '../schedule/replay/replayHouse.ts';
import { standingOn, type Standing } from '../schedule/window.ts';

/** The due occurrence of one duty on a day; the dates are null where nothing is. Documented for users in docs/house-file.md. */
export interface DueItem {
  readonly duty: string;
  /** The unit that now stands in the duty's place, through every replacement. */
  readonly asset: string;
  readonly practice: string;
  readonly occurrence: string | null;
  readonly earliest: CivilDate | null;
  readonly due: CivilDate | null;
  readonly latest: CivilDate | null;
  readonly standing: Standing | null;
  /** A look only; what it finds may call for the work. */
  readonly asks: 'work' | 'look' | null;
  readonly bookBy: CivilDate | null;
  readonly orderBy: CivilDate | null;
  /** Why nothing is due, where nothing is. */
  readonly sleep: Sleep | null;
  readonly baseline: boolean;
  readonly retired: boolean;
  readonly reasons: readonly Reason[];
  readonly missed: readonly Missed[];
  readonly extras: readonly Extra[];
  /** The interval that graded looks suggest; never taken over by itself. */
  readonly proposal: Proposal | null;
  readonly changesOn: CivilDate | null;
}

/** Every duty of a house on a day, in the order the house lists them. Entries dated after the day are left out. */
export function dueReport(
  house: House,
  entries: readonly Entry[],
  on: CivilDate,
  around: ProjectionInputs,
): DueItem[] {
  const byId = new Map(house.duties.map((duty) => [duty.id, duty]));
  return project(house, entries, on, around).duties.flatMap((projection): DueItem[] => {
    const duty = byId.get(projection.dutyId);
    if (!duty) return [];
    const { occurrence, sleep, retired, missed, extras, proposal, changesOn } = projection;
    return [
      {
        duty: duty.id,
        asset: currentUnit(house.assets, duty.asset)?.id ?? duty.asset,
        practice: duty.practice.from === 'catalogue' ? duty.practice.code : duty.practice.title,
        occurrence: occurrence?.key ?? null,
        earliest: occurrence?.window.earliest ?? null,
        due: occurrence?.window.due ?? null,
        latest: occurrence?.window.latest ?? null,
        standing: occurrence ? standingOn(occurrence.window, on) : null,
        asks: occurrence?.asks ?? null,
        bookBy: occurrence?.bookBy ?? null,
        orderBy: occurrence?.orderBy ?? null,
        sleep,
        baseline: occurrence?.baseline ?? false,
        retired,
        reasons: occurrence?.reasons ?? [],
        missed,
        extras,
        proposal,
        changesOn,
      },
    ];
  });
}
