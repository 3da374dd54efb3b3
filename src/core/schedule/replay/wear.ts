import { z } from 'zod';
import { civilDateSchema, toCivilDate } from '../../calendar/civilDate.ts';
import type { DutyEvent } from '../rules/dutyEvent.ts';

/** The measure that grades wear. */
export const WEAR_GRADE = 'filter-grade';

/** How worn a thing was seen to be, so many days after it was new; with the place of the look among all that happened. */
const gradeSeenSchema = z.strictObject({
  on: civilDateSchema,
  grade: z.number(),
  days: z.int(),
  order: z.int(),
});

/** Since when a thing is as new, and how worn it was seen to be since the beginning. */
export const wearSchema = z.strictObject({ newOn: z.int().nullable(), seen: z.array(gradeSeenSchema) });
export type Wear = z.infer<typeof wearSchema>;

export const NO_WEAR: Wear = { newOn: null, seen: [] };

/** The wear of a thing as known after more has happened, in order. */
export function wornAfter(
  before: Wear,
  events: readonly { readonly order: number; readonly event: DutyEvent }[],
): Wear {
  let { newOn } = before;
  const seen = [...before.seen];
  for (const { event, order } of events) {
    if (event.kind === 'completion' && event.how === 'done') newOn = event.day;
    if (event.kind === 'renewal' && event.how === 'replaced') newOn = event.day;
    if (event.kind !== 'look' || event.measure !== WEAR_GRADE || newOn === null || event.day <= newOn)
      continue;
    const grade = Math.max(0, event.value);
    seen.push({ on: toCivilDate(event.day), grade, days: event.day - newOn, order });
  }
  return { newOn, seen };
}
