import { toDay, type DayNumber } from '../../calendar/civilDate.ts';
import type { HomeSeasons } from '../../climate/homeSeasons.ts';
import { hasHelper, isAway, minutesOf, minutesOn, type Household } from '../../house/household.ts';
import { SET_UP_MINUTES, type Consequence } from '../../practice/planning.ts';
import { setUpSchema } from '../../practice/lists.ts';
import type { PlanTask, Problem } from '../problem.ts';
import { HOME_RULES, type HomeRule } from './homeRules.ts';
import type { HomeTask } from './homeTask.ts';
import type { WeekWeather } from './weekWeather.ts';
import type { Weeks } from './weeks.ts';

/** Cost of each week past the latest, in minutes. Usual values. */
export const LATE_COSTS: Readonly<Record<Consequence, number>> = {
  'life-safety': 600,
  'water-and-frost': 120,
  'costly-wear': 60,
  money: 30,
  comfort: 10,
};
/** Cost of each week a trade is called in. */
const VISIT = 120;
/** Weeks past its latest that a task may still be put in. */
const GRACE = 4;
/** Weeks over which first-time work is spread, past the first of them. */
export const SPREAD = 5;

/** A home's year as a planning problem, and the weeks each rule closes to each task. */
export interface HomeProblem {
  readonly problem: Problem;
  readonly closed: readonly ClosedWeek[];
}

/** A week that is closed to a task, and by which rule. */
export interface ClosedWeek {
  readonly task: string;
  readonly week: number;
  readonly rule: HomeRule;
}

/** The inputs of a home's plan. */
export interface HomeFrame {
  readonly weeks: Weeks;
  readonly weather: WeekWeather;
  readonly seasons: HomeSeasons;
  readonly household: Household;
}

/** Makes the planning problem of a home's tasks. Source of windows, orders and limits: docs/planning.md. */
export function homeProblem(tasks: readonly HomeTask[], frame: HomeFrame): HomeProblem {
  const { weeks, household } = frame;
  const planned = tasks.flatMap((task) => {
    const window = windowOf(task, frame);
    return window ? [{ task, ...window }] : [];
  });
  const visits = [...new Set(planned.flatMap(({ task }) => (task.doer === 'trade' ? [task.system] : [])))];
  const closed = planned.flatMap((one) => closedWeeks(one, frame));
  return {
    problem: {
      weeks: weeks.count,
      budget: range(0, weeks.count - 1).map((week) => minutesOf(household, weeks.days(week))),
      setups: setUpSchema.options.map((id) => ({ id, minutes: SET_UP_MINUTES[id] })),
      visits: visits.map((id) => ({ id, cost: VISIT })),
      tasks: planned.map(({ task, first, last, latest, due }) =>
        toPlanTask(task, { weeks: [first, last], latest, due }, suppliedFrom(task, weeks)),
      ),
      before: [...apart(planned, weeks.today), ...ordered(planned)],
      blocked: closed.map(({ task, week }) => ({ task, weeks: [week, week] as [number, number] })),
    },
    closed,
  };
}

const range = (first: number, last: number): number[] =>
  Array.from({ length: Math.max(0, last - first + 1) }, (_, index) => first + index);

interface WindowOfWeeks {
  readonly first: number;
  readonly last: number;
  readonly latest: number;
  readonly due: number;
}

/**
 * The weeks a task may be put in: from its earliest day to four past its latest, while it is worth doing, closings before their freeze.
 * Null where that lies past the horizon.
 */
function windowOf(task: HomeTask, frame: HomeFrame): WindowOfWeeks | null {
  const { weeks, seasons } = frame;
  const end = weeks.count - 1;
  const open = Math.max(0, weeks.of(toDay(task.earliest)));
  if (open > end) return null;
  const worth = task.worthUntil === null ? Infinity : weeks.of(toDay(task.worthUntil));
  const from = Math.max(weeks.today, toDay(task.earliest));
  const freeze = task.closes ? seasons.freezeOnOrAfter(from, 10) : null;
  const limit = Math.min(end, worth, freeze === null ? Infinity : weeks.of(freeze) - 1);
  // Too late to ask a trade in time, it is asked to come at once.
  const asked = weeks.of(weeks.today + task.leadDays);
  const first = asked <= limit ? Math.max(open, asked) : open;
  if (task.baseline) return firstTimeWindow(task, { first, limit }, frame);
  const latest = weeks.of(toDay(task.latest));
  const last = Math.max(first, Math.min(limit, Math.max(latest, first) + GRACE));
  return { first, last, latest, due: weeks.of(toDay(task.due)) };
}

/**
 * First-time work is spread over six weeks: the first ones its weather usually allows, for a trade too. Safety and what frost harms come in
 * the first week, or in the one their supplies can be there.
 */
function firstTimeWindow(
  task: HomeTask,
  { first, limit }: { readonly first: number; readonly limit: number },
  { weeks, weather }: HomeFrame,
): WindowOfWeeks {
  const urgent = task.consequence === 'life-safety' || task.frost;
  const allowed = range(first, limit).find((week) => weather.daysAllow(weeks.days(week), task.weather));
  const from = urgent ? first : (allowed ?? first);
  const latest = Math.min(
    weeks.count - 1,
    urgent ? Math.max(first, suppliedFrom(task, weeks)) : from + SPREAD,
  );
  return { first: from, last: Math.max(from, Math.min(limit, latest)), latest, due: latest };
}

/** The first week its supplies are there; the last one of the plan where none would do. */
const suppliedFrom = ({ suppliesFrom }: HomeTask, weeks: Weeks): number =>
  suppliesFrom === null ? 0 : Math.min(weeks.of(toDay(suppliesFrom)), weeks.count - 1);

function toPlanTask(
  { key, minutes, consequence, setUps, doer, system }: HomeTask,
  window: Pick<PlanTask, 'weeks' | 'latest' | 'due'>,
  supplied: number,
): PlanTask {
  const isHired = doer === 'trade';
  return {
    id: key,
    ...window,
    minutes,
    late: LATE_COSTS[consequence],
    // A trade brings its own ladder.
    setups: isHired ? [] : [...setUps],
    ...(isHired ? { visit: system } : supplied > 0 && { supplied }),
  };
}

interface Planned extends WindowOfWeeks {
  readonly task: HomeTask;
}

/**
 * Two occurrences of one task stay half their distance apart, and a week unless they are closer than that. One that is overdue is done today
 * at the earliest. Never so far that no week is left.
 */
function apart(planned: readonly Planned[], today: DayNumber): [string, string, number][] {
  const last = new Map<string, Planned>();
  return planned.flatMap((one): [string, string, number][] => {
    const before = last.get(one.task.duty);
    last.set(one.task.duty, one);
    if (!before) return [];
    const from = Math.max(today, toDay(before.task.due));
    const days = toDay(one.task.due) - from;
    const gap = Math.min(days < 7 ? 0 : Math.max(1, Math.floor(days / 14)), one.last - before.first);
    return gap < 0 ? [] : [[before.task.key, one.task.key, gap]];
  });
}

/** Work that comes before other work of the same season: of each earlier task the occurrence nearest in its due week. */
function ordered(planned: readonly Planned[]): [string, string, number][] {
  const byPractice = new Map<string, Map<string, Planned[]>>();
  for (const one of planned) {
    if (one.task.practice === null) continue;
    const duties = byPractice.get(one.task.practice) ?? new Map<string, Planned[]>();
    byPractice.set(one.task.practice, duties);
    duties.set(one.task.duty, [...(duties.get(one.task.duty) ?? []), one]);
  }
  return planned.flatMap((later) =>
    later.task.after.flatMap((code) =>
      [...(byPractice.get(code)?.values() ?? [])].flatMap((all): [string, string, number][] => {
        const near = all.reduce((best, one) => (distance(one, later) < distance(best, later) ? one : best));
        const gap = weeksBetween(near.task, later.task);
        // An order that makes the later one late is of another season.
        const latest = Math.min(later.last, Math.max(later.latest, later.first));
        const meets = near.first + gap <= latest && near.last + gap >= later.first;
        return meets && near.task.key !== later.task.key ? [[near.task.key, later.task.key, gap]] : [];
      }),
    ),
  );
}

/** A trade comes on the days before the weekend on which the household works: after that work it comes the next week. */
const weeksBetween = (earlier: HomeTask, later: HomeTask): number =>
  earlier.doer !== 'trade' && later.doer === 'trade' ? 1 : 0;

const distance = (one: Planned, other: Planned): number => Math.abs(one.due - other.due);

/** The weeks of a task's window that are closed to it. Heat closes none where no cooler week is left. */
function closedWeeks({ task, first, last }: Planned, frame: HomeFrame): ClosedWeek[] {
  const closed = range(first, last).flatMap((week): ClosedWeek[] => {
    const rule = HOME_RULES.find((one) => closes(one, task, week, frame));
    return rule === undefined ? [] : [{ task: task.key, week, rule }];
  });
  const shut = new Set(closed.map(({ week }) => week));
  const left = range(first, last).filter((week) => !shut.has(week));
  const hot = left.filter((week) => isTooHot(task, week, frame));
  const heat = hot.length < left.length ? hot : [];
  return [...closed, ...heat.map((week) => ({ task: task.key, week, rule: 'weather' as const }))];
}

/** Whether a rule closes a week to a task. Weather and skill bind the household; a trade judges for itself. */
function closes(
  rule: HomeRule,
  task: HomeTask,
  week: number,
  { weeks, weather, household }: HomeFrame,
): boolean {
  const isHired = task.doer === 'trade';
  const days = weeks.days(week);
  const there = days.filter((day) => !isAway(household, day));
  switch (rule) {
    case 'skill':
      return task.leftToOthers;
    case 'away':
      return there.length === 0;
    case 'helper':
      return task.two && !isHired && there.length > 0 && !there.some((day) => hasHelper(household, day));
    case 'weather':
      return (
        !isHired && !weather.daysAllow(workDays(there.length > 0 ? there : days, household), task.weather)
      );
  }
}

/** The days on which the household works; all of them in a week it gives no time to. */
function workDays(days: readonly DayNumber[], household: Household): readonly DayNumber[] {
  const given = days.filter((day) => minutesOn(household, day) > 0);
  return given.length > 0 ? given : days;
}

const isTooHot = (
  { outdoors, doer }: HomeTask,
  week: number,
  { weeks, weather, household }: HomeFrame,
): boolean =>
  outdoors &&
  doer !== 'trade' &&
  household.heat !== undefined &&
  weather.usualHigh(weeks.days(week)) > household.heat;
