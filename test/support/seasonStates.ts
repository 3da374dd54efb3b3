import type { CivilDate } from '../../src/core/calendar/civilDate.ts';
import type { House } from '../../src/core/house/house.ts';
import type { Entry } from '../../src/core/ledger/entry.ts';
import { project } from '../../src/core/schedule/project.ts';
import type { ProjectionInputs } from '../../src/core/schedule/replay/replayHouse.ts';
import { seasonStates, type SeasonStateLine } from '../../src/core/schedule/seasonStates.ts';

/** How every pair of a house stands on a day. */
export const standingOf = (
  house: House,
  entries: readonly Entry[],
  on: CivilDate,
  around: ProjectionInputs,
): SeasonStateLine[] => seasonStates(house, project(house, entries, on, around), around.find);
