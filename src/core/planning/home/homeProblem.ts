import { toDay, type DayNumber } from '../../calendar/civilDate.ts';
import type { HomeSeasons } from '../../climate/homeSeasons.ts';
import { SET_UP_MINUTES, type Consequence } from '../../practice/planning.ts';
import { setUpSchema } from '../../practice/lists.ts';
import type { PlanTask, Problem } from '../problem.ts';
import type { HomeTask } from './homeTasks.ts';
import type { WeekWeather } from './weekWeather.ts';
import { isWeekend, type Weeks } from './weeks.ts';

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
/** Weeks over which first-time work is spread. */
const SPREAD = 5;

/** Rules that close a week to a task of a home. */
export type HomeRule = 'weather';

/** A home's year as a planning problem, and why weeks are closed to a task. */
export interface HomeProblem {
  readonly problem: Problem;
  readonly closedBy: ReadonlyMap<string, HomeRule>;
}

/** The inputs of a home's plan. */
export interface HomeFrame {
  readonly weeks: Weeks;
  readonly weather: WeekWeather;
  readonly seasons: HomeSeasons;
  /** Hours the household gives to a week. */
  readonly hours: number;
  /** The week each task was in when the plan was last seen, by key. */
  readonly seen?: ReadonlyMap<string, number>;
}

/** Makes the planning problem of a home's tasks. Source of windows, orders and limits: docs/planning.md. */
export function homeProblem(tasks: readonly HomeTask[], frame: HomeFrame): HomeProblem {
  const { weeks } = frame;
  const planned = tasks.flatMap((task) => {
    const window = windowOf(task, frame);
    return window ? [{ task, ...window }] : [];
  });
  const visits = [...new Set(planned.flatMap(({ task }) => (task.doer === 'trade' ? [task.system] : [])))];
  const closed = planned.flatMap(({ task, first, last }) => closedWeeks(task, first, last, frame));
  return {
    problem: {
      weeks: weeks.count,
      budget: Array.from({ length: weeks.count }, (_, week) => budgetOf(week, frame)),
      setups: setUpSchema.options.map((id) => ({ id, minutes: SET_UP_MINUTES[id] })),
      visits: visits.map((id) => ({ id, cost: VISIT })),
      tasks: planned.map(({ task, first, last, latest, due }) =>
        toPlanTask(task, { weeks: [first, last], latest, due }, frame.seen?.get(task.key)),
      ),
      before: [...apart(planned, weeks.today), ...ordered(planned)],
      blocked: closed,
    },
    closedBy: new Map(closed.map(({ task }) => [task, 'weather'])),
  };
}

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
function windowOf(task: HomeTask, { weeks, seasons }: HomeFrame): WindowOfWeeks | null {
  const { window, baseline } = task.occurrence;
  const end = weeks.count - 1;
  const open = Math.max(0, weeks.of(toDay(window.earliest)));
  if (open > end) return null;
  const worth = task.worthUntil === null ? Infinity : weeks.of(task.worthUntil);
  const from = Math.max(weeks.today, toDay(window.earliest));
  const freeze = task.closes ? seasons.freezeOnOrAfter(from, 10) : null;
  const limit = Math.min(end, worth, freeze === null ? Infinity : weeks.of(freeze) - 1);
  // Too late to ask a trade in time, it is asked to come at once.
  const asked = weeks.of(weeks.today + task.leadDays);
  const first = asked <= limit ? Math.max(open, asked) : open;
  const urgent = task.consequence === 'life-safety' || task.frost;
  const latest = baseline ? Math.min(end, first + (urgent ? 0 : SPREAD)) : weeks.of(toDay(window.latest));
  const grace = baseline ? latest : Math.max(latest, first) + GRACE;
  const last = Math.max(first, Math.min(limit, grace));
  return { first, last, latest, due: baseline ? latest : weeks.of(toDay(window.due)) };
}

function toPlanTask(
  { key, minutes, consequence, setUps, doer, system }: HomeTask,
  window: Pick<PlanTask, 'weeks' | 'latest' | 'due'>,
  seen: number | undefined,
): PlanTask {
  const isHired = doer === 'trade';
  return {
    id: key,
    ...window,
    minutes,
    late: LATE_COSTS[consequence],
    // A trade brings its own ladder.
    setups: isHired ? [] : [...setUps],
    ...(isHired && { visit: system }),
    ...(seen !== undefined && { seen }),
  };
}

/** The hours of a week; in today's those of the days that are left of its weekend. */
function budgetOf(week: number, { weeks, hours }: HomeFrame): number {
  const left = weeks.days(week).filter(isWeekend).length;
  return (hours * 60 * left) / 2;
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
    const before = last.get(one.task.duty.id);
    last.set(one.task.duty.id, one);
    if (!before) return [];
    const from = Math.max(today, toDay(before.task.occurrence.window.due));
    const days = toDay(one.task.occurrence.window.due) - from;
    const gap = Math.min(days < 7 ? 0 : Math.max(1, Math.floor(days / 14)), one.last - before.first);
    return gap < 0 ? [] : [[before.task.key, one.task.key, gap]];
  });
}

/** Work that comes before other work of the same season: of each earlier task the occurrence nearest in its due week. */
function ordered(planned: readonly Planned[]): [string, string, number][] {
  const byPractice = new Map<string, Map<string, Planned[]>>();
  for (const one of planned) {
    if (one.task.duty.practice.from !== 'catalogue') continue;
    const duties = byPractice.get(one.task.duty.practice.code) ?? new Map<string, Planned[]>();
    byPractice.set(one.task.duty.practice.code, duties);
    duties.set(one.task.duty.id, [...(duties.get(one.task.duty.id) ?? []), one]);
  }
  return planned.flatMap((later) =>
    later.task.after.flatMap((code) =>
      [...(byPractice.get(code)?.values() ?? [])].flatMap((all): [string, string, number][] => {
        const near = all.reduce((best, one) => (distance(one, later) < distance(best, later) ? one : best));
        const gap = weeksBetween(near.task, later.task);
        const meets = near.first + gap <= later.last && near.last + gap >= later.first;
        return meets && near.task.key !== later.task.key ? [[near.task.key, later.task.key, gap]] : [];
      }),
    ),
  );
}

/** A trade comes on the days before the weekend on which the household works: after that work it comes the next week. */
const weeksBetween = (earlier: HomeTask, later: HomeTask): number =>
  earlier.doer !== 'trade' && later.doer === 'trade' ? 1 : 0;

const distance = (one: Planned, other: Planned): number => Math.abs(one.due - other.due);

/** Weeks whose weather forbids the household's own work. A trade judges for itself. */
function closedWeeks(
  { key, weather, doer }: HomeTask,
  first: number,
  last: number,
  frame: HomeFrame,
): { readonly task: string; readonly weeks: [number, number] }[] {
  if (doer === 'trade' || weather.length === 0) return [];
  return Array.from({ length: last - first + 1 }, (_, index) => first + index)
    .filter((week) => !frame.weather.weekAllows(frame.weeks, week, weather))
    .map((week) => ({ task: key, weeks: [week, week] }));
}
