import { makeBody } from '../ledger/write/makeBody.ts';
import { toCivilDate, toDay, type CivilDate, type DayNumber } from '../calendar/civilDate.ts';
import { addSpan, nominalDays } from '../calendar/span.ts';
import { countingRules } from '../practice/rule.ts';
import type { PracticeSystem } from '../practice/lists.ts';
import type { Home } from '../house/house.ts';
import type { EntryBody } from '../ledger/entry.ts';
import { projectOccurrences } from '../schedule/horizon/horizon.ts';
import { project, type DutyProjection } from '../schedule/project.ts';
import type { ProjectionInputs } from '../schedule/replay/replayHouse.ts';
import { asTrial } from '../upkeep/trial.ts';
import { HomeSeasons } from '../climate/homeSeasons.ts';
import type { Occurrence } from '../schedule/occurrence.ts';
import { USUAL_LEAD } from '../schedule/lead.ts';
import { adoptedHouse, type AdoptedDuty, type Adoption } from './adoption.ts';
import { BASELINE_WEEKS, dayOfWeek, lastWeekOf, spreadBaseline, type BaselineItem } from './baseline.ts';

/** The work a plan asks of a household, before anything is written. */
export interface PlanReview {
  readonly systems: readonly SystemReview[];
  readonly minutesAYear: number;
  readonly visitsAYear: number;
  /** By duty, the week (1 to 6) in which what was never done is first to be done. */
  readonly weeks: ReadonlyMap<string, number>;
  /** Minutes of each of the six weeks. */
  readonly weekMinutes: readonly number[];
  /** The entries that spread it: those of the first week stay where they are. */
  readonly puttingOff: readonly Extract<EntryBody, { kind: 'putOff' }>[];
}

export interface SystemReview {
  readonly system: PracticeSystem;
  readonly practices: readonly PracticeReview[];
  readonly minutesAYear: number;
}

/** One practice of the plan, on however many things. */
export interface PracticeReview {
  readonly practice: string;
  readonly school: string;
  readonly because: 'default' | 'fits';
  readonly assets: readonly string[];
  readonly timesAYear: number;
  readonly minutesAYear: number;
  readonly first: CivilDate | null;
}

/** Years whose mean stands for a year. */
const YEARS = 3;
/** A trade's jobs in one system that fall so near are one visit. */
const ONE_VISIT_DAYS = 21;

/** Works a plan out: times and minutes a year by practice and system, trades' visits, and the baseline over six weeks. */
export function reviewPlan(
  home: Home,
  adoption: Adoption,
  on: CivilDate,
  around: ProjectionInputs,
  why: string,
): PlanReview {
  const { house, entries } = adoptedHouse(home, adoption, on);
  const until = toCivilDate(addSpan(toDay(on), { unit: 'years', count: YEARS }));
  const days = new Map<string, DayNumber[]>();
  for (const { dutyId, occurrence } of projectOccurrences(house, entries, on, around, until))
    days.set(dutyId, [...(days.get(dutyId) ?? []), toDay(occurrence.window.due)]);
  const timesOf = (dutyId: string): number =>
    (days.get(dutyId) ?? []).filter((day) => day > toDay(on)).length / YEARS;
  const systems = systemsOf(adoption, timesOf, (dutyId) => days.get(dutyId)?.[0] ?? null);
  const standing = project(house, entries, on, around).duties;
  const baseline = baselineOf(adoption, standing, on, outdoorsFrom(home, on));
  const wished = spreadBaseline(
    baseline.flatMap(({ item, waits }) => (waits === null ? [item] : [])),
    linesBefore(adoption, standing, baseline, on),
  );
  const puttingOff = baseline.flatMap(({ item: { dutyId }, key, waits }) => {
    const to = waits ?? dayOfWeek(on, wished.get(dutyId) ?? 1);
    return to <= on ? [] : [makeBody('putOff', { duty: dutyId, occurrence: key, to, why })];
  });
  const weeks = weeksOf(
    baseline,
    project(house, [...entries, ...asTrial(puttingOff, on)], on, around).duties,
    on,
  );
  return {
    systems,
    minutesAYear: systems.reduce((sum, { minutesAYear }) => sum + minutesAYear, 0),
    visitsAYear: visitsOf(adoption, days, toDay(on)) / YEARS,
    weeks,
    weekMinutes: [1, 2, 3, 4, 5, 6].map((week) =>
      baseline.reduce((sum, { item }) => sum + (weeks.get(item.dutyId) === week ? item.minutes : 0), 0),
    ),
    puttingOff,
  };
}

function systemsOf(
  { duties }: Adoption,
  timesOf: (dutyId: string) => number,
  firstOf: (dutyId: string) => DayNumber | null,
): SystemReview[] {
  const bySystem = new Map<PracticeSystem, Map<string, PracticeReview>>();
  for (const { duty, planned } of duties) {
    const { practice, school, because } = planned;
    const own = bySystem.get(practice.system) ?? new Map<string, PracticeReview>();
    const known = own.get(practice.code);
    const times = timesOf(duty.id);
    const first = firstOf(duty.id);
    const day = first === null ? null : toCivilDate(first);
    own.set(practice.code, {
      practice: practice.code,
      school: school.code,
      because,
      assets: [...(known?.assets ?? []), duty.asset],
      timesAYear: Math.max(known?.timesAYear ?? 0, times),
      minutesAYear: (known?.minutesAYear ?? 0) + times * practice.minutes,
      first: known?.first && (day === null || known.first < day) ? known.first : day,
    });
    bySystem.set(practice.system, own);
  }
  return [...bySystem].map(([system, practices]) => ({
    system,
    practices: [...practices.values()],
    minutesAYear: [...practices.values()].reduce((sum, { minutesAYear }) => sum + minutesAYear, 0),
  }));
}

/** How often a trade comes: what falls within three weeks in one system is one visit. */
function visitsOf({ duties }: Adoption, days: ReadonlyMap<string, DayNumber[]>, today: DayNumber): number {
  const bySystem = new Map<PracticeSystem, DayNumber[]>();
  for (const { duty, terms, planned } of duties) {
    if (terms.doer !== 'trade') continue;
    const { system } = planned.practice;
    const own = (days.get(duty.id) ?? []).filter((day) => day > today);
    bySystem.set(system, [...(bySystem.get(system) ?? []), ...own]);
  }
  let visits = 0;
  for (const some of bySystem.values()) {
    let began = -Infinity;
    for (const day of [...some].sort((a, b) => a - b)) {
      if (day - began <= ONE_VISIT_DAYS) continue;
      began = day;
      visits += 1;
    }
  }
  return visits;
}

/** The weeks things really fall into: what is handy to do on an earlier trip goes along on that. */
function weeksOf(
  baseline: readonly { readonly item: BaselineItem }[],
  spread: readonly DutyProjection[],
  on: CivilDate,
): ReadonlyMap<string, number> {
  const own = new Set(baseline.map(({ item }) => item.dutyId));
  return new Map(
    spread.flatMap(({ dutyId, occurrence }): [string, number][] =>
      own.has(dutyId) && occurrence
        ? [[dutyId, Math.floor((toDay(occurrence.window.due) - toDay(on)) / 7) + 1]]
        : [],
    ),
  );
}

interface FirstTime {
  readonly item: BaselineItem;
  readonly key: string;
  /** The day it waits for, beyond the six weeks: the thaw, or a year where nothing but a guess asks for a trade. */
  readonly waits: CivilDate | null;
}

/** Tasks never done that would be due at once; those a season keeps for later are spread already. */
function baselineOf(
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
function linesBefore(
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
function outdoorsFrom(home: Home, on: CivilDate): CivilDate | null {
  const run = new HomeSeasons(home).runAt('freezing', toDay(on));
  return run && run.from <= toDay(on) ? toCivilDate(run.to + 14) : null;
}
