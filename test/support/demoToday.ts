import { findPractice } from '../../src/core/catalogue/catalogue.ts';
import { civil, type CivilDate } from '../../src/core/calendar/civilDate.ts';
import { project } from '../../src/core/schedule/project.ts';
import type { HouseBody, ScheduleRow } from '../../src/contract/schemas.ts';
import { DEMO_HOMES } from '../../src/demo/data/homes.ts';
import { demoHouse } from '../../src/demo/history.ts';
import { sectionsOf, type Line, type Section } from '../../src/web/parts/task/lines.ts';
import { around } from './surroundings.ts';

export interface DemoToday {
  readonly house: HouseBody;
  readonly rows: readonly ScheduleRow[];
  readonly sections: Readonly<Record<Section, readonly Line[]>>;
}

/** The first demo home on a day, as Today gets it from the server. */
export function demoToday(today: CivilDate = civil('2026-11-24')): DemoToday {
  const [demo] = DEMO_HOMES;
  if (!demo) throw new Error('there is no demo home');
  const file = demoHouse(demo, today);
  const house: HouseBody = { ...file, role: 'owner' };
  const rows: ScheduleRow[] = project(file, file.entries, today, around(file, today)).duties.map(
    ({ satisfied: _, proposal: _proposal, occurrence, ...row }) => ({
      ...row,
      occurrence: occurrence && {
        key: occurrence.key,
        window: occurrence.window,
        baseline: occurrence.baseline,
        asks: occurrence.asks,
        bookBy: occurrence.bookBy,
        orderBy: occurrence.orderBy,
        reasons: [...occurrence.reasons],
      },
      missed: [...row.missed],
      extras: [...row.extras],
    }),
  );
  return { house, rows, sections: sectionsOf(house, rows, today, findPractice) };
}
