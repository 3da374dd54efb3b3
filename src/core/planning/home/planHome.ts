import { toCivilDate, toDay, type CivilDate } from '../../calendar/civilDate.ts';
import { HomeSeasons } from '../../climate/homeSeasons.ts';
import type { House } from '../../house/house.ts';
import type { Entry } from '../../ledger/entry.ts';
import { knownHouse } from '../../ledger/knownHouse.ts';
import type { ProjectionInputs } from '../../schedule/replay/replayHouse.ts';
import { USUAL_HOURS } from '../../upkeep/thisWeek.ts';
import { USUAL_COSTS, type CostParts } from '../costs.ts';
import { MOST_WEEKS } from '../problem.ts';
import { ownParts, type NoWeek } from '../ready.ts';
import type { Effort } from '../anneal.ts';
import { solve } from '../solve.ts';
import { daysOfWeek } from './dayOf.ts';
import { homeProblem, type HomeFrame, type HomeProblem } from './homeProblem.ts';
import { homeTasks, type HomeTask } from './homeTasks.ts';
import { WeekWeather } from './weekWeather.ts';
import { Weeks } from './weeks.ts';

/** One task of a plan: its week and day, and what being there costs it. */
export interface PlannedTask {
  readonly task: HomeTask;
  readonly week: number;
  readonly day: CivilDate;
  readonly cost: { readonly late: number; readonly due: number; readonly moved: number };
}

/** A task no week is left to, and the rule that forbids them: the weather, or a task it is ordered with. */
export interface UnplacedTask {
  readonly task: HomeTask;
  readonly why:
    { readonly rule: 'weather' | 'closed' } | { readonly rule: 'order'; readonly with: HomeTask | null };
}

/** A home's year as it is planned. */
export interface HomePlan {
  readonly on: CivilDate;
  readonly hours: number;
  /** The Monday of each week, today for this week, the minutes given to it and those planned, set-ups with them. */
  readonly weeks: readonly { readonly from: CivilDate; readonly budget: number; readonly minutes: number }[];
  readonly tasks: readonly PlannedTask[];
  readonly unplaced: readonly UnplacedTask[];
  readonly cost: CostParts;
  readonly moves: number;
}

/** A home made ready for planning. */
export interface HomeToPlan {
  readonly tasks: readonly HomeTask[];
  readonly frame: HomeFrame;
  readonly home: HomeProblem;
}

/** The planning problem of a home on a day. `count`: weeks ahead, at most 53. `seen`: the plan already seen, week by key. */
export function homeToPlan(
  house: House,
  entries: readonly Entry[],
  on: CivilDate,
  inputs: ProjectionInputs,
  { count = MOST_WEEKS, seen }: { readonly count?: number; readonly seen?: ReadonlyMap<string, number> } = {},
): HomeToPlan {
  const weeks = new Weeks(toDay(on), count);
  const until = weeks.days(count - 1).at(-1) ?? weeks.today;
  const said = knownHouse(house, entries, on).traits.get('hours-a-week');
  const frame: HomeFrame = {
    weeks,
    weather: new WeekWeather(house.home, inputs.weather),
    seasons: new HomeSeasons(house.home),
    hours: typeof said === 'number' && said > 0 ? said : USUAL_HOURS,
    ...(seen && { seen }),
  };
  const tasks = homeTasks(house, entries, on, inputs, toCivilDate(until));
  return { tasks, frame, home: homeProblem(tasks, frame) };
}

/** Plans a home's year: weeks by the planner, then days within each week. */
export function planHome({ tasks, frame, home }: HomeToPlan, effort: Effort): HomePlan {
  const solved = solve(home.problem, effort);
  const byKey = new Map(tasks.map((task) => [task.key, task]));
  const before = new Map<string, string[]>();
  for (const [first, second] of home.problem.before)
    before.set(second, [...(before.get(second) ?? []), first]);
  const days = new Map(
    Array.from({ length: frame.weeks.count }, (_, week) => week).flatMap((week) => [
      ...daysOfWeek(
        inOrder(
          tasks.filter(({ key }) => solved.plan[key] === week),
          before,
        ),
        week,
        { ...frame, before },
      ),
    ]),
  );
  return {
    on: toCivilDate(frame.weeks.today),
    hours: frame.hours,
    weeks: weeksOf(frame, home, solved.plan),
    tasks: home.problem.tasks.flatMap((one): PlannedTask[] => {
      const [task, week, day] = [byKey.get(one.id), solved.plan[one.id], days.get(one.id)];
      if (!task || week === undefined || day === undefined) return [];
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

function whyOf(
  why: { readonly id: string } & NoWeek,
  { closedBy }: HomeProblem,
  byKey: ReadonlyMap<string, HomeTask>,
): UnplacedTask['why'] {
  if (why.rule === 'order') return { rule: 'order', with: byKey.get(why.with) ?? null };
  return { rule: closedBy.get(why.id) ?? 'closed' };
}

/** Tasks of one week so that each stands after those it comes after; safety first, then the earlier due. */
function inOrder(tasks: readonly HomeTask[], before: ReadonlyMap<string, readonly string[]>): HomeTask[] {
  const rank = (task: HomeTask): number => (task.consequence === 'life-safety' ? 0 : 1);
  const left = [...tasks].sort(
    (a, b) => rank(a) - rank(b) || toDay(a.occurrence.window.due) - toDay(b.occurrence.window.due),
  );
  const sorted: HomeTask[] = [];
  while (left.length > 0) {
    const waits = (task: HomeTask): boolean =>
      (before.get(task.key) ?? []).some((key) => left.some((other) => other.key === key));
    const at = Math.max(
      0,
      left.findIndex((task) => !waits(task)),
    );
    sorted.push(...left.splice(at, 1));
  }
  return sorted;
}

function weeksOf(
  frame: HomeFrame,
  { problem }: HomeProblem,
  plan: Readonly<Record<string, number>>,
): HomePlan['weeks'] {
  const minutes = problem.setups.map((setup) => [setup.id, setup.minutes] as const);
  const takes = new Map(minutes);
  return problem.budget.map((budget, week) => {
    const here = problem.tasks.filter(({ id }) => plan[id] === week);
    const setups = new Set(here.flatMap((task) => task.setups));
    const sum = here.reduce((all, task) => all + task.minutes, 0);
    return {
      from: toCivilDate(frame.weeks.days(week)[0] ?? frame.weeks.today),
      budget,
      minutes: [...setups].reduce((all, setup) => all + (takes.get(setup) ?? 0), sum),
    };
  });
}
