import { daysBetween, toDay, type CivilDate } from '../../calendar/civilDate.ts';
import { LATE_COSTS } from './homeProblem.ts';
import type { HomeTask } from './homeTask.ts';

/** Why a task matters now, factor by factor; together they are its weight. */
export interface Weighed {
  readonly task: HomeTask;
  /** The harm if it stays undone, as the plan weighs it. */
  readonly consequence: number;
  /** How fast the chance of harm grows: the share of its interval that a month is. */
  readonly growth: number;
  /** Days between its times. */
  readonly interval: number;
  /** 1 on its due day, half an interval late 1.5, before it less. */
  readonly lateness: number;
  /** Minutes of work, at least five: less would make every glance come first. */
  readonly work: number;
  readonly weight: number;
}

/** The days of a month. */
const MONTH = 30;
/** The interval of a task that comes once within the year ahead, days. */
const YEAR = 365;
const LEAST_WORK = 5;
/** So long before its due day a task counts a tenth of what it does on it. */
const LEAST_LATENESS = 0.1;
const FIVE = 5;

/**
 * Of all that can be done this month, the five tasks that matter most: consequence × growth of the chance of harm × lateness ÷ work. One task
 * indoors, for a wet day, and one whose date comes from outside (frost, a season's end, a trade that must be asked) are among them, where
 * there are such.
 */
export function fiveThatMatter(tasks: readonly HomeTask[], on: CivilDate): Weighed[] {
  const weighed = tasks
    .filter(({ number, earliest }) => number === 1 && daysBetween(on, earliest) < MONTH)
    .map((task) => weigh(task, intervalOf(task, tasks), on))
    .sort((a, b) => b.weight - a.weight);
  let five = oneOfEach(weighed).slice(0, FIVE);
  for (const isOf of [isIndoors, isFromOutside]) {
    if (five.some(isOf)) continue;
    const one = weighed.find(isOf);
    if (!one) continue;
    // The last that is not needed for the other rule makes room.
    const out = five.findLast((other) => !(isIndoors(other) && five.filter(isIndoors).length === 1));
    five = five.length < FIVE ? [...five, one] : five.map((other) => (other === out ? one : other));
  }
  return five.sort((a, b) => b.weight - a.weight);
}

const isIndoors = ({ task }: Weighed): boolean => !task.outdoors;
const isFromOutside = ({ task }: Weighed): boolean =>
  task.worthUntil !== null || task.closes || task.frost || task.leadDays > 0;

/** Of like tasks on several things the first: five alarms are one thing to think of. */
function oneOfEach(weighed: readonly Weighed[]): Weighed[] {
  const seen = new Set<string>();
  return weighed.filter(({ task: { practice, duty } }) => {
    const key = practice ?? duty;
    return !seen.has(key) && seen.add(key);
  });
}

/** Days between its next two times. */
function intervalOf(task: HomeTask, tasks: readonly HomeTask[]): number {
  const next = tasks.find(({ duty, number }) => duty === task.duty && number === task.number + 1);
  return next ? Math.max(1, daysBetween(task.due, next.due)) : YEAR;
}

function weigh(task: HomeTask, interval: number, on: CivilDate): Weighed {
  const consequence = LATE_COSTS[task.consequence];
  const growth = Math.min(1, MONTH / interval);
  const lateness = Math.max(LEAST_LATENESS, 1 + (toDay(on) - toDay(task.due)) / interval);
  const work = Math.max(LEAST_WORK, task.minutes);
  return {
    task,
    consequence,
    growth,
    interval,
    lateness,
    work,
    weight: (consequence * growth * lateness) / work,
  };
}
