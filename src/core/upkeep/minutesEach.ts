import type { CivilDate } from '../calendar/civilDate.ts';
import type { House } from '../house/house.ts';
import { standingAsOf } from '../ledger/asOf.ts';
import type { FindPractice } from '../house/timingOf.ts';
import type { Entry } from '../ledger/entry.ts';
import { median } from './median.ts';

/** Minutes one time of a duty takes, and who says so. */
export interface MinutesEach {
  readonly minutes: number;
  readonly minutesFrom: 'record' | 'practice';
}

/** So many logged times are believed before the practice's own figure. */
const BELIEVED = 3;

/** Minutes of each duty: the median of what this home has logged, else what the practice says. One that nobody tells is left out. */
export function minutesEach(
  house: House,
  entries: readonly Entry[],
  on: CivilDate,
  find: FindPractice,
): ReadonlyMap<string, MinutesEach> {
  const logged = new Map<string, number[]>();
  for (const { body } of standingAsOf(entries, on))
    if (body.kind === 'done' && body.minutes !== undefined)
      logged.set(body.duty, [...(logged.get(body.duty) ?? []), body.minutes]);
  return new Map(
    house.duties.flatMap(({ id, practice }): [string, MinutesEach][] => {
      const own = logged.get(id) ?? [];
      if (own.length >= BELIEVED) return [[id, { minutes: median(own), minutesFrom: 'record' }]];
      const known = practice.from === 'catalogue' ? find(practice.code) : undefined;
      return known ? [[id, { minutes: known.minutes, minutesFrom: 'practice' }]] : [];
    }),
  );
}
