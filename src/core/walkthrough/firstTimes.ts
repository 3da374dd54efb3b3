import { countingRules } from '../practice/rule.ts';
import { toCivilDate, toDay, type CivilDate } from '../calendar/civilDate.ts';
import { addSpan, nominalDays } from '../calendar/span.ts';
import { HomeSeasons } from '../climate/homeSeasons.ts';
import type { Home } from '../house/house.ts';
import { USUAL_LEAD } from '../schedule/lead.ts';
import type { Occurrence } from '../schedule/occurrence.ts';
import type { DutyProjection } from '../schedule/project.ts';
import type { AdoptedDuty, Adoption } from './adoption.ts';
import { BASELINE_WEEKS, dayOfWeek, lastWeekOf, type BaselineItem } from './baseline.ts';

/** Work that nobody remembers being done, at the beginning of a home. */
export interface FirstTime {
  readonly item: BaselineItem;
  readonly key: string;
  /** The day it waits for, beyond the six weeks: the thaw, or a year where nothing but a guess asks for a trade. */
  readonly waits: CivilDate | null;
}

/** Tasks never done that would be due at once; those a season keeps for later are spread already. */
export function firstTimes(
  { duties }: Adoption,
  standing: readonly DutyProjection[],
  on: CivilDate,
  thaw: CivilDate | null,
): FirstTime[] {
  const byId = new Map(duties.map((one) => [one.duty.id, one]));
  return standing.flatMap(({ dutyId, occurrence }) => {
    const adopted = byId.get(dutyId);
    if (!adopted || !occurrence?.baseline || occurrence.window.due > on) return [];
    const { terms, planned } = adopted;
    const { code, companions, system, freezeGuard, minutes, lead } = planned.practice;
    const isHired = terms.doer === 'trade' && occurrence.asks === 'work';
    return [
      {
        item: {
          dutyId,
          practice: code,
          bound: companions.bound,
          system,
          consequence: planned.practice.planning?.consequence ?? 'money',
          frost: freezeGuard !== undefined,
          firstWeek: isHired ? weekOfLead((lead ?? USUAL_LEAD).days) : 1,
          lastWeek: lastWeekOf(occurrence, on),
          minutes,
        },
        key: occurrence.key,
        waits:
          thaw !== null && waitsForThaw(adopted, occurrence)
            ? thaw
            : isGuess(adopted, occurrence)
              ? toCivilDate(addSpan(toDay(on), { unit: 'years', count: 1 }))
              : null,
      },
    ];
  });
}

/** The week in which a trade called today can come. */
const weekOfLead = (days: number): number => Math.min(BASELINE_WEEKS, Math.ceil(days / 7) + 1);

/** Lines that stand in the first week whatever is put off. */
export function linesBefore(
  { duties }: Adoption,
  standing: readonly DutyProjection[],
  baseline: readonly FirstTime[],
  on: CivilDate,
): number {
  const spread = new Set(baseline.map(({ item }) => item.dutyId));
  const codeOf = new Map(duties.map(({ duty, planned }) => [duty.id, planned.practice.code]));
  const until = dayOfWeek(on, 2);
  const lines = standing
    .filter(({ dutyId, occurrence }) => occurrence && occurrence.window.due < until && !spread.has(dutyId))
    .map(({ dutyId }) => codeOf.get(dutyId));
  return new Set(lines).size;
}

/** Ladders, sealant and an hour of work outdoors wait for the thaw, where nothing is caught up and no frost or life hangs on it. */
function waitsForThaw({ planned, terms }: AdoptedDuty, { reasons }: Occurrence): boolean {
  const { planning, freezeGuard, minutes } = planned.practice;
  if (!planning?.outdoors || freezeGuard || planning.consequence === 'life-safety') return false;
  if (reasons.some(({ kind }) => kind === 'caughtUp')) return false;
  return planning.weather.length > 0 || (terms.doer !== 'trade' && minutes >= LONG_OUTDOORS);
}

/** A trade that comes every few years is not called at once because nobody knows when it last came, but to measure what nobody knows. */
function isGuess({ planned, terms }: AdoptedDuty, { reasons }: Occurrence): boolean {
  const measures = planned.practice.steps.some(({ reads }) => reads.length > 0);
  if (terms.doer !== 'trade' || measures || reasons.every(({ kind }) => kind !== 'noRecord')) return false;
  return countingRules(planned.school.rule).some(
    (rule) => rule.kind === 'interval' && nominalDays(rule.every) >= RARELY,
  );
}

/** Days from which an interval is one of years. */
const RARELY = 700;

/** Minutes that nobody stands outdoors in frost for. */
const LONG_OUTDOORS = 30;

/** The first day for work outdoors of a home that begins in frost: two weeks after the last freeze; null outside it. */
export function outdoorsFrom(home: Home, on: CivilDate): CivilDate | null {
  const run = new HomeSeasons(home).runAt('freezing', toDay(on));
  return run && run.from <= toDay(on) ? toCivilDate(run.to + 14) : null;
}
