import { makeBody } from '../ledger/write/makeBody.ts';
import { civil, toCivilDate, toDay, type CivilDate, type DayNumber } from '../calendar/civilDate.ts';
import { addSpan } from '../calendar/span.ts';
import type { PracticeSystem } from '../practice/lists.ts';
import type { Home } from '../house/house.ts';
import type { EntryBody } from '../ledger/entry.ts';
import { projectOccurrences } from '../schedule/horizon/horizon.ts';
import { project, type DutyProjection } from '../schedule/project.ts';
import type { ProjectionInputs } from '../schedule/replay/replayHouse.ts';
import { asTrial } from '../upkeep/trial.ts';
import type { Doer } from '../practice/terms.ts';
import { adoptedHouse, type Adoption } from './adoption.ts';
import { BASELINE_WEEKS, dayOfWeek, spreadBaseline } from './baseline.ts';
import { firstTimes, outdoorsFrom, readsAge } from './firstTimes.ts';

/** The work a plan asks of a household, before anything is written. */
export interface PlanReview {
  readonly systems: readonly SystemReview[];
  readonly minutesAYear: number;
  readonly visitsAYear: number;
  /** The next twelve months, from the one it begins in. */
  readonly months: readonly MonthReview[];
  /** By duty, the week (1, 2, …) of its first date. */
  readonly weeks: ReadonlyMap<string, number>;
  /** The tasks of each of the first six weeks, a line each. */
  readonly firstWeeks: readonly (readonly FirstLine[])[];
  /** The household's own minutes in each of them. */
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
  readonly doer: Doer;
  readonly timesAYear: number;
  readonly minutesAYear: number;
  readonly first: CivilDate | null;
}

/** A month (`2026-11`): the household's own minutes, and the visits of trades. */
export interface MonthReview {
  readonly month: string;
  readonly minutes: number;
  readonly visits: number;
}

/** A line of one of the first weeks. `asks`: the work, or just to read the date. `bookBy`: the day a trade is called. */
export interface FirstLine {
  readonly practice: string;
  readonly assets: readonly string[];
  readonly doer: Doer;
  readonly asks: 'work' | 'look';
  readonly minutes: number;
  readonly bookBy: CivilDate | null;
}

/** Years whose mean stands for a year. */
const YEARS = 3;
/** A trade's jobs in one system that fall so near are one visit. */
const ONE_VISIT_DAYS = 21;

/** Works a plan out: times and minutes a year by practice and system, trades' visits by month, and the first six weeks, task by task. */
export function reviewPlan(
  home: Home,
  adoption: Adoption,
  on: CivilDate,
  around: ProjectionInputs,
  why: string,
): PlanReview {
  const { house, entries } = adoptedHouse(home, adoption, on);
  const puttingOff = spreadOf(home, adoption, project(house, entries, on, around).duties, on, why);
  const spread = [...entries, ...asTrial(puttingOff, on)];
  const firsts = project(house, spread, on, around).duties;
  const until = toCivilDate(addSpan(toDay(on), { unit: 'years', count: YEARS }));
  const days = new Map<string, DayNumber[]>();
  for (const { dutyId, occurrence } of projectOccurrences(house, spread, on, around, until))
    days.set(dutyId, [...(days.get(dutyId) ?? []), toDay(occurrence.window.due)]);
  const systems = systemsOf(adoption, (dutyId) => days.get(dutyId) ?? []);
  const visits = visitsOf(adoption, days);
  const firstWeeks = firstWeeksOf(adoption, firsts, on);
  return {
    systems,
    minutesAYear: systems.reduce((sum, { minutesAYear }) => sum + minutesAYear, 0),
    visitsAYear: visits.length / YEARS,
    months: monthsOf(adoption, days, visits, on),
    weeks: weeksOf(firsts, on),
    firstWeeks,
    weekMinutes: firstWeeks.map((lines) =>
      lines.reduce((sum, { minutes, doer }) => sum + (doer === 'trade' ? 0 : minutes), 0),
    ),
    puttingOff,
  };
}

/** Work never done, spread over the first six weeks, or put off to when it makes sense. */
function spreadOf(
  home: Home,
  adoption: Adoption,
  standing: readonly DutyProjection[],
  on: CivilDate,
  why: string,
): PlanReview['puttingOff'] {
  const baseline = firstTimes(adoption, standing, on, outdoorsFrom(home, on));
  const wished = spreadBaseline(
    baseline.flatMap(({ item, waits }) => (waits === null ? [item] : [])),
    budgetOf(adoption),
  );
  return baseline.flatMap(({ item: { dutyId }, key, waits }) => {
    const to = waits ?? dayOfWeek(on, wished.get(dutyId) ?? 1);
    // Whoever takes the plan on has been shown when each task comes.
    return to <= on
      ? []
      : [makeBody('putOff', { duty: dutyId, occurrence: key, to, why, acknowledged: true })];
  });
}

/** The minutes a household gives to a week; where it has not said, any. */
function budgetOf({ traits }: Adoption): number {
  const said = traits.find(({ trait }) => trait === 'hours-a-week')?.value;
  return typeof said === 'number' && said > 0 ? said * 60 : Infinity;
}

/** The week of each duty's first date, counted from the day the home begins. */
const weekOf = (due: CivilDate, on: CivilDate): number =>
  Math.max(1, Math.floor((toDay(due) - toDay(on)) / 7) + 1);

const weeksOf = (firsts: readonly DutyProjection[], on: CivilDate): ReadonlyMap<string, number> =>
  new Map(
    firsts.flatMap(({ dutyId, occurrence }): [string, number][] =>
      occurrence ? [[dutyId, weekOf(occurrence.window.due, on)]] : [],
    ),
  );

/** The lines of each of the first six weeks: like tasks are one, lives and frost first. */
function firstWeeksOf(
  { duties }: Adoption,
  firsts: readonly DutyProjection[],
  on: CivilDate,
): readonly (readonly FirstLine[])[] {
  const byId = new Map(duties.map((one) => [one.duty.id, one]));
  const weeks = Array.from({ length: BASELINE_WEEKS }, () => new Map<string, FirstLine>());
  for (const { dutyId, occurrence } of firsts) {
    const own = byId.get(dutyId);
    const week = own && occurrence ? weeks[weekOf(occurrence.window.due, on) - 1] : undefined;
    if (!own || !occurrence || !week) continue;
    const { practice } = own.planned;
    const known = week.get(practice.code);
    const isRead = readsAge(occurrence);
    week.set(practice.code, {
      practice: practice.code,
      assets: [...(known?.assets ?? []), own.duty.asset],
      doer: isRead ? 'self' : own.terms.doer,
      asks: isRead ? 'look' : 'work',
      minutes: (known?.minutes ?? 0) + (isRead ? LOOK_MINUTES : practice.minutes),
      bookBy: occurrence.bookBy,
    });
  }
  return weeks.map((week) => [...week.values()]);
}

/** Minutes to read a date off a label. */
const LOOK_MINUTES = 2;

function systemsOf({ duties }: Adoption, daysOf: (dutyId: string) => readonly DayNumber[]): SystemReview[] {
  const bySystem = new Map<PracticeSystem, Map<string, PracticeReview>>();
  for (const { duty, terms, planned } of duties) {
    const { practice, school, because } = planned;
    const own = bySystem.get(practice.system) ?? new Map<string, PracticeReview>();
    const known = own.get(practice.code);
    const days = daysOf(duty.id);
    const times = days.length / YEARS;
    const [first] = days;
    const day = first === undefined ? null : toCivilDate(first);
    own.set(practice.code, {
      practice: practice.code,
      school: school.code,
      because,
      assets: [...(known?.assets ?? []), duty.asset],
      doer: terms.doer,
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

/** The days on which a trade comes: what falls within three weeks in one system is one visit. */
function visitsOf({ duties }: Adoption, days: ReadonlyMap<string, DayNumber[]>): DayNumber[] {
  const bySystem = new Map<PracticeSystem, DayNumber[]>();
  for (const { duty, terms, planned } of duties) {
    if (terms.doer !== 'trade') continue;
    const { system } = planned.practice;
    bySystem.set(system, [...(bySystem.get(system) ?? []), ...(days.get(duty.id) ?? [])]);
  }
  return [...bySystem.values()].flatMap((some) => {
    let began = -Infinity;
    return [...some]
      .sort((a, b) => a - b)
      .filter((day) => {
        if (day - began <= ONE_VISIT_DAYS) return false;
        began = day;
        return true;
      });
  });
}

/** The household's own minutes and the trades' visits of the next twelve months. */
function monthsOf(
  { duties }: Adoption,
  days: ReadonlyMap<string, readonly DayNumber[]>,
  visits: readonly DayNumber[],
  on: CivilDate,
): MonthReview[] {
  const monthOf = (day: DayNumber): string => toCivilDate(day).slice(0, 7);
  const first = toDay(civil(`${on.slice(0, 7)}-01`));
  const months = Array.from({ length: 12 }, (_, count) => monthOf(addSpan(first, { unit: 'months', count })));
  const own = duties.filter(({ terms }) => terms.doer !== 'trade');
  return months.map((one) => ({
    month: one,
    minutes: own.reduce(
      (sum, { duty, planned }) =>
        sum +
        planned.practice.minutes * (days.get(duty.id) ?? []).filter((day) => monthOf(day) === one).length,
      0,
    ),
    visits: visits.filter((day) => monthOf(day) === one).length,
  }));
}
