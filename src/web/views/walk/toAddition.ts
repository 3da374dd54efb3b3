import { v7 as uuid } from 'uuid';
import type { Addition } from '../../../contract/schemas.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import type { EntryBody } from '../../../core/ledger/entry.ts';
import type { Adoption } from '../../../core/walkthrough/adoption.ts';
import type { PlanReview } from '../../../core/walkthrough/planReview.ts';

/** The request that takes a plan on: its rooms and things, its duties, what it tells of the house, and the spread of the baseline. */
export function toAddition(adoption: Adoption, review: PlanReview, on: CivilDate): Addition {
  const duties = new Map<string, Addition['duties'][number]>();
  for (const { duty, terms, entry } of adoption.duties) {
    const key = JSON.stringify([duty.practice, terms]);
    const known = duties.get(key) ?? { practice: duty.practice, terms, units: [] };
    known.units.push({ asset: duty.asset, duty: duty.id, entry });
    duties.set(key, known);
  }
  const told: EntryBody[] = [...adoption.traits, ...review.puttingOff];
  return {
    batch: uuid(),
    on,
    spaces: [...adoption.spaces],
    assets: [...adoption.assets],
    duties: [...duties.values()],
    entries: [
      ...told.map((body) => ({ id: uuid(), date: on, body })),
      ...adoption.done.map(({ date, body }) => ({ id: uuid(), date, body })),
    ],
    finishesWalk: true,
  };
}
