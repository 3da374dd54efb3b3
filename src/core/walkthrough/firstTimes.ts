import { countingRules } from '../practice/rule.ts';
import { civil, toCivilDate, toDay, type CivilDate } from '../calendar/civilDate.ts';
import { addSpan, nominalDays } from '../calendar/span.ts';
import { figuresOf } from '../climate/climate.ts';
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
  /** The day it waits for, beyond the six weeks: its season, the thaw, or a year where nothing but a guess asks for a trade. */
  readonly waits: CivilDate | null;
}

/** Tasks that would be due in the first week, never done, long ago or just now; those a season keeps for later are spread already. */
export function firstTimes(
  { duties }: Adoption,
  standing: readonly DutyProjection[],
  on: CivilDate,
  thaw: CivilDate | null,
): FirstTime[] {
  const byId = new Map(duties.map((one) => [one.duty.id, one]));
  const until = dayOfWeek(on, 2);
  return standing.flatMap(({ dutyId, occurrence }) => {
    const adopted = byId.get(dutyId);
    if (!adopted || !occurrence || occurrence.window.due >= until) return [];
    const { terms, planned } = adopted;
    const { code, companions, system, freezeGuard, minutes, lead } = planned.practice;
    const isHired = terms.doer === 'trade' && !readsAge(occurrence);
    const waits = waitsFor(adopted, occurrence, on, thaw);
    // A season that comes within the six weeks takes its place among the rest.
    const soonest = waits === null ? 1 : Math.ceil((toDay(waits) - toDay(on)) / 7) + 1;
    return [
      {
        item: {
          dutyId,
          practice: code,
          bound: companions.bound,
          system,
          consequence: planned.practice.planning?.consequence ?? 'money',
          lifeSafety: planned.practice.lifeSafety,
          frost: freezeGuard !== undefined,
          firstWeek: Math.max(soonest, isHired ? weekOfLead((lead ?? USUAL_LEAD).days) : 1),
          lastWeek: lastWeekOf(occurrence, on),
          // A trade's time is not the household's.
          minutes: isHired ? 0 : minutes,
        },
        key: occurrence.key,
        waits: soonest > BASELINE_WEEKS ? waits : null,
      },
    ];
  });
}

/** Where nobody knows how old a thing is, its date is read first, by whoever lives there. */
export const readsAge = ({ reasons }: Occurrence): boolean =>
  reasons.some(({ kind }) => kind === 'ageUnknown');

/** The day a task waits for instead of coming within the six weeks; null where it does not. */
function waitsFor(
  adopted: AdoptedDuty,
  occurrence: Occurrence,
  on: CivilDate,
  thaw: CivilDate | null,
): CivilDate | null {
  const later = nextSeason(adopted, occurrence, on) ?? openedLongAgo(adopted, occurrence, on);
  if (thaw !== null && waitsForThaw(adopted)) return later !== null && later > thaw ? later : thaw;
  if (later !== null) return later;
  return isGuess(adopted, occurrence) ? yearAfter(on) : null;
}

const yearAfter = (day: CivilDate): CivilDate =>
  toCivilDate(addSpan(toDay(day), { unit: 'years', count: 1 }));

/**
 * Seasonal work that nobody remembers waits for its season, unless lives hang on it: the years between say only how long at most, and what is
 * caught up from a season more than half a year ago comes with the next, as does what has but two weeks left, except before frost.
 */
function nextSeason(
  { planned }: AdoptedDuty,
  { reasons, window }: Occurrence,
  on: CivilDate,
): CivilDate | null {
  const { planning, freezeGuard } = planned.practice;
  if (planning?.consequence === 'life-safety') return null;
  const next = reasons
    .flatMap((reason) => (reason.kind === 'lesser' && LISTED.has(reason.rule) ? [reason.due] : []))
    .sort()[0];
  const caught = reasons.find((reason) => reason.kind === 'caughtUp');
  if (caught) {
    const isLate = toDay(on) - toDay(civil(caught.listed)) > HALF_A_YEAR;
    const isShort = !freezeGuard && toDay(window.latest) - toDay(on) < TWO_WEEKS;
    return isLate || isShort ? (next ?? yearAfter(civil(caught.listed))) : null;
  }
  return reasons.some(({ kind }) => kind === 'noRecord') ? (next ?? null) : null;
}

const TWO_WEEKS = 14;
const HALF_A_YEAR = 182;
const LISTED: ReadonlySet<string> = new Set(['season', 'clockChange', 'dates']);

/** Work of opening in spring has long been done in summer, whoever did it: it is due again a year after its date. */
function openedLongAgo({ planned }: AdoptedDuty, { reasons }: Occurrence, on: CivilDate): CivilDate | null {
  const isSpring = countingRules(planned.school.rule).some(
    (rule) => rule.kind === 'season' && (rule.anchor === 'lastFreeze' || rule.anchor === 'coolingStart'),
  );
  if (planned.practice.pair?.half !== 'opens' || !isSpring) return null;
  const caught = reasons.find((reason) => reason.kind === 'caughtUp');
  if (!caught || toDay(on) - toDay(civil(caught.listed)) <= OPENED_BY) return null;
  return yearAfter(civil(caught.listed));
}

/** Days after which everybody who waters, swims or cools has opened what was shut. */
const OPENED_BY = 45;

/** The week in which a trade called today can come. */
const weekOfLead = (days: number): number => Math.min(BASELINE_WEEKS, Math.ceil(days / 7) + 1);

/** Ladders, sealant and half an hour of the household's own work outdoors wait for the thaw, where no frost or life hangs on it. */
function waitsForThaw({ planned, terms }: AdoptedDuty): boolean {
  const { planning, freezeGuard, minutes } = planned.practice;
  if (terms.doer === 'trade' || !planning?.outdoors || freezeGuard) return false;
  if (planning.consequence === 'life-safety') return false;
  return planning.weather.length > 0 || minutes >= LONG_OUTDOORS;
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

/** Mean daily high, °C, under which nobody stands on a ladder or works outdoors for long. */
const TOO_COLD = 5;

/**
 * The first day for work outdoors of a home that begins in frost, the first of the month whose mean daily high is warm enough again; null where
 * neither this month nor the next is too cold, and where nothing is known of the climate.
 */
export function outdoorsFrom(home: Home, on: CivilDate): CivilDate | null {
  const high = figuresOf(home)?.high;
  if (!high) return null;
  const first = toDay(civil(`${on.slice(0, 7)}-01`));
  const months = Array.from({ length: 12 }, (_, count) =>
    toCivilDate(addSpan(first, { unit: 'months', count })),
  );
  const isCold = (month: CivilDate): boolean => (high[Number(month.slice(5, 7)) - 1] ?? Infinity) < TOO_COLD;
  const begins = months.slice(0, 2).findIndex(isCold);
  if (begins < 0) return null;
  return months.slice(begins).find((month) => !isCold(month)) ?? null;
}
