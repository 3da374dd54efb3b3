import { toDay, type DayNumber } from '../../calendar/civilDate.ts';
import { hasHelper, isAway, minutesOn, type Household } from '../../house/household.ts';
import type { WeatherLimit } from '../../practice/planning.ts';
import type { HomeTask } from './homeTask.ts';
import { isWeekend, type Weeks } from './weeks.ts';

interface DayLoad {
  minutes: number;
  readonly setUps: Set<string>;
  readonly outdoors: Set<boolean>;
}

/** Whether a day's weather allows work that needs some weather. */
export interface OpenDays {
  allows(day: DayNumber, limits: readonly WeatherLimit[]): boolean;
}

/** The inputs that days of a week are chosen by. */
export interface DayFrame {
  readonly weeks: Weeks;
  readonly weather: OpenDays;
  readonly household: Household;
  /** Tasks that come before each task, by key. */
  readonly before: ReadonlyMap<string, readonly string[]>;
}

/**
 * The day of each task of one week: never before its earliest day, on a day its weather allows, after the tasks it comes after, and where a
 * set-up stands already. The household works on its days, trades from Monday to Friday. `tasks`: each after those it comes after.
 */
export function daysOfWeek(
  tasks: readonly HomeTask[],
  week: number,
  { weeks, weather, household, before }: DayFrame,
): Map<string, DayNumber> {
  const loads = new Map<DayNumber, DayLoad>();
  const days = new Map<string, DayNumber>();
  const loadOn = (day: DayNumber): DayLoad => {
    const load = loads.get(day) ?? { minutes: 0, setUps: new Set(), outdoors: new Set() };
    loads.set(day, load);
    return load;
  };
  for (const task of tasks) {
    const from = Math.max(
      toDay(task.earliest),
      ...(before.get(task.key) ?? []).map((other) => days.get(other) ?? -Infinity),
    );
    const day = bestDay(task, weeks.days(week), { from, loadOn, weather, household });
    days.set(task.key, day);
    const load = loadOn(day);
    load.minutes += task.minutes;
    for (const setUp of task.setUps) load.setUps.add(setUp);
    load.outdoors.add(task.outdoors);
  }
  return days;
}

interface Choice {
  readonly from: DayNumber;
  readonly loadOn: (day: DayNumber) => DayLoad;
  readonly weather: OpenDays;
  readonly household: Household;
}

function bestDay(
  task: HomeTask,
  week: readonly DayNumber[],
  { from, loadOn, weather, household }: Choice,
): DayNumber {
  const isHired = task.doer === 'trade';
  const steps: ((day: DayNumber) => boolean)[] = [
    (day) => day >= from,
    (day) => !isAway(household, day),
    (day) => isHired || weather.allows(day, task.weather),
    (day) => task.suppliesFrom === null || day >= toDay(task.suppliesFrom),
    (day) => isHired || !task.two || hasHelper(household, day),
    (day) => (isHired ? !isWeekend(day) : minutesOn(household, day) > 0),
    (day) => task.setUps.length === 0 || task.setUps.some((setUp) => loadOn(day).setUps.has(setUp)),
    (day) => loadOn(day).outdoors.has(task.outdoors),
  ];
  let left = week;
  // Each step narrows the days down, unless it would leave none.
  for (const step of steps) {
    const fitting = left.filter(step);
    if (fitting.length > 0) left = fitting;
  }
  if (task.consequence === 'life-safety') return left[0] ?? from;
  return left.reduce(
    (best, day) => (loadOn(day).minutes < loadOn(best).minutes ? day : best),
    left[0] ?? from,
  );
}
