import { toCivilDate, toDay, type CivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import type { Household } from '../../house/household.ts';
import { USUAL_COSTS, type CostParts } from '../costs.ts';
import { ownParts, type NoWeek, type OwnParts } from '../ready.ts';
import type { Plan } from '../solve.ts';
import { afterOthers } from './afterOthers.ts';
import { daysOfWeek, type OpenDays } from './dayOf.ts';
import type { HomeProblem } from './homeProblem.ts';
import { HOME_RULES, type HomeRule } from './homeRules.ts';
import type { HomeTask } from './homeTask.ts';
import type { Weeks } from './weeks.ts';

/** One task of a plan: its week and day, and what being there costs it. */
export interface PlannedTask {
  readonly task: HomeTask;
  readonly week: number;
  readonly day: CivilDate;
  readonly cost: OwnParts;
}

/** A task no week is left to, and the rule that forbids them: one of the home, or a task it is ordered with. */
export interface UnplacedTask {
  readonly task: HomeTask;
  readonly why:
    { readonly rule: HomeRule | 'closed' } | { readonly rule: 'order'; readonly with: HomeTask | null };
}

/** A week of a plan: its Monday, today for this week; minutes given to it, and those planned, set-ups with them. */
export interface PlannedWeek {
  readonly from: CivilDate;
  readonly budget: number;
  readonly minutes: number;
}

/** A home's year as it is planned. `tasks`: in the order of doing. */
export interface HomePlan {
  readonly on: CivilDate;
  readonly household: Household;
  readonly weeks: readonly PlannedWeek[];
  readonly tasks: readonly PlannedTask[];
  readonly unplaced: readonly UnplacedTask[];
  readonly cost: CostParts;
  readonly moves: number;
}

/** A home made ready for planning. */
export interface HomeToPlan {
  readonly weeks: Weeks;
  readonly household: Household;
  readonly tasks: readonly HomeTask[];
  readonly home: HomeProblem;
  readonly open: OpenDays;
}

/** A home's year from the weeks of a solved problem: the days within them, what each task costs there, and what has no week and why. */
export function arrange(toPlan: HomeToPlan, solved: Plan): HomePlan {
  const { tasks, home, weeks, household } = toPlan;
  const byKey = new Map(tasks.map((task) => [task.key, task]));
  const problemTasks = new Map(home.problem.tasks.map((one) => [one.id, one]));
  return {
    on: toCivilDate(weeks.today),
    household,
    weeks: weeksOf(toPlan, solved.plan),
    tasks: daysOf(toPlan, solved.plan).flatMap(([key, day]): PlannedTask[] => {
      const [task, week, one] = [byKey.get(key), solved.plan[key], problemTasks.get(key)];
      if (!task || !one || week === undefined) return [];
      return [{ task, week, day: toCivilDate(day), cost: ownParts(one, week, USUAL_COSTS) }];
    }),
    unplaced: solved.unplaced.flatMap((one): UnplacedTask[] => {
      const task = byKey.get(one.id);
      return task ? [{ task, why: whyOf(one, home, byKey) }] : [];
    }),
    cost: solved.cost,
    moves: solved.moves,
  };
}

/** The day of each task by its key, in the order of doing: by day, and on one day each task after those it comes after. */
function daysOf(
  { tasks, home, weeks, household, open }: HomeToPlan,
  plan: Readonly<Record<string, number>>,
): [string, DayNumber][] {
  const before = new Map<string, string[]>();
  for (const [first, second] of home.problem.before)
    before.set(second, [...(before.get(second) ?? []), first]);
  const byWeek = new Map<number, HomeTask[]>();
  for (const task of tasks) {
    const week = plan[task.key];
    if (week !== undefined) byWeek.set(week, [...(byWeek.get(week) ?? []), task]);
  }
  return [...byWeek]
    .flatMap(([week, here]) => [
      ...daysOfWeek(inOrder(here, before), week, { weeks, household, weather: open, before }),
    ])
    .sort(([, a], [, b]) => a - b);
}

function whyOf(
  why: { readonly id: string } & NoWeek,
  { closed }: HomeProblem,
  byKey: ReadonlyMap<string, HomeTask>,
): UnplacedTask['why'] {
  if (why.rule === 'order') return { rule: 'order', with: byKey.get(why.with) ?? null };
  const rules = new Set(closed.flatMap(({ task, rule }) => (task === why.id ? [rule] : [])));
  return { rule: HOME_RULES.find((rule) => rules.has(rule)) ?? 'closed' };
}

/** Tasks of one week so that each stands after those it comes after; safety first, then the earlier due. */
function inOrder(tasks: readonly HomeTask[], before: ReadonlyMap<string, readonly string[]>): HomeTask[] {
  const rank = (task: HomeTask): number => (task.consequence === 'life-safety' ? 0 : 1);
  const sorted = [...tasks].sort((a, b) => rank(a) - rank(b) || toDay(a.due) - toDay(b.due));
  return afterOthers(sorted, ({ key }, left) =>
    (before.get(key) ?? []).some((earlier) => left.some((other) => other.key === earlier)),
  );
}

function weeksOf({ weeks, home }: HomeToPlan, plan: Readonly<Record<string, number>>): PlannedWeek[] {
  const { problem } = home;
  const takes = new Map(problem.setups.map((setup) => [setup.id, setup.minutes] as const));
  return problem.budget.map((budget, week) => {
    const here = problem.tasks.filter(({ id }) => plan[id] === week);
    const setups = new Set(here.flatMap((task) => task.setups));
    const sum = here.reduce((all, task) => all + task.minutes, 0);
    return {
      from: toCivilDate(weeks.first(week)),
      budget,
      minutes: [...setups].reduce((all, setup) => all + (takes.get(setup) ?? 0), sum),
    };
  });
}
