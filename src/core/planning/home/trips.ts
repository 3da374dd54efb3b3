import type { CivilDate } from '../../calendar/civilDate.ts';
import { SET_UP_MINUTES } from '../../practice/planning.ts';
import type { SetUp, PracticeSystem } from '../../practice/lists.ts';
import type { ReadyProblem } from '../ready.ts';
import { tryMove } from '../tryMove.ts';
import { afterOthers } from './afterOthers.ts';
import type { PlannedTask } from './arrange.ts';

/** Work of one day that is done together: what needs the same set-ups, one visit of a trade, or the rest indoors or outdoors. */
export interface Trip {
  readonly day: CivilDate;
  readonly visit: PracticeSystem | null;
  readonly setUps: readonly SetUp[];
  readonly outdoors: boolean;
  readonly tasks: readonly PlannedTask[];
  /** Of the household, with the set-ups that it is the first of its week to need. */
  readonly minutes: number;
}

/** The work of a week as trips, by day; of one day visits first, then what needs a set-up, then the rest, but each after those it comes after. */
export function tripsOf(tasks: readonly PlannedTask[]): Trip[] {
  const groups = new Map<string, PlannedTask[]>();
  for (const one of tasks) {
    const { task, day } = one;
    const with_ = task.doer === 'trade' ? `visit ${task.system}` : (task.setUps[0] ?? 'none');
    const key = `${day} ${with_} ${task.doer !== 'trade' && task.outdoors}`;
    groups.set(key, [...(groups.get(key) ?? []), one]);
  }
  const byDay = [...groups.values()].map(toTrip).sort((a, b) => compareDays(a, b) || rank(a) - rank(b));
  const trips = afterOthers(byDay, (trip, left) => left.some((other) => comesAfter(trip, other)));
  // Each set-up is made once in a week: its minutes are those of the first trip that needs it.
  const made = new Set<SetUp>();
  return trips.map((trip) => {
    const fresh = trip.setUps.filter((setUp) => !made.has(setUp));
    for (const setUp of fresh) made.add(setUp);
    return { ...trip, minutes: fresh.reduce((sum, setUp) => sum + SET_UP_MINUTES[setUp], trip.minutes) };
  });
}

const compareDays = (a: Trip, b: Trip): number => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0);
const rank = ({ visit, setUps }: Trip): number => (visit !== null ? 0 : setUps.length > 0 ? 1 : 2);

/** Whether some task of a trip is done after one of another trip of the same day. */
const comesAfter = (trip: Trip, other: Trip): boolean =>
  trip !== other &&
  trip.day === other.day &&
  trip.tasks.some(({ task: { after } }) =>
    other.tasks.some(({ task: { practice } }) => practice !== null && after.includes(practice)),
  );

function toTrip(tasks: readonly PlannedTask[]): Trip {
  const own = tasks.filter(({ task }) => task.doer !== 'trade');
  const [first] = tasks;
  if (!first) throw new Error('a trip has a task');
  const setUps = [...new Set(own.flatMap(({ task }) => task.setUps))];
  const minutes = tasks.reduce((sum, { task }) => sum + task.minutes, 0);
  return {
    day: first.day,
    visit: first.task.doer === 'trade' ? first.task.system : null,
    setUps,
    outdoors: first.task.outdoors,
    tasks,
    minutes,
  };
}

/** Most tasks that are named for a wet day. */
const MOST_SWAPS = 3;

/**
 * Work indoors that can be done in a week instead of its own work outdoors, when that falls into the water: tasks of later weeks that may
 * already be done then, the earlier due first, for no longer than the work outdoors takes.
 */
export function wetSwaps(
  ready: ReadyProblem,
  tasks: readonly PlannedTask[],
  week: number,
): readonly PlannedTask[] {
  const wet = tasks.filter((one) => one.week === week && one.task.outdoors && one.task.doer !== 'trade');
  let left = wet.reduce((sum, { task }) => sum + task.minutes, 0);
  const index = new Map(ready.tasks.map(({ id }, at) => [id, at]));
  const weekOf = new Map(tasks.map((one) => [one.task.key, one.week]));
  const plan = ready.tasks.map(({ id }) => weekOf.get(id) ?? -1);
  const found: PlannedTask[] = [];
  for (const one of [...tasks].sort((a, b) => (a.task.due < b.task.due ? -1 : 1))) {
    const { task } = one;
    const at = index.get(task.key);
    if (found.length === MOST_SWAPS || at === undefined) continue;
    if (one.week <= week || task.outdoors || task.doer === 'trade' || task.minutes > left) continue;
    if (tryMove(ready, plan, new Map([[at, week]])).forbidden) continue;
    found.push(one);
    left -= task.minutes;
  }
  return found;
}
