import { daysBetween, toDay, type CivilDate } from '../../calendar/civilDate.ts';
import { SET_UP_MINUTES } from '../../practice/planning.ts';
import { setUpSchema, type SetUp } from '../../practice/lists.ts';
import { afterOthers } from './afterOthers.ts';
import type { OpenDays } from './dayOf.ts';
import { LATE_COSTS } from './homeProblem.ts';
import type { HomeTask } from './homeTask.ts';

/** Where somebody stands who has some time. */
export interface SlotContext {
  readonly minutes: number;
  readonly on: CivilDate;
  /** Only work indoors. */
  readonly indoors: boolean;
  readonly helper: boolean;
  /** The household wants no noise now. */
  readonly quiet: boolean;
  /** Set-ups that are made already: they cost nothing more. */
  readonly out: readonly SetUp[];
  readonly open: OpenDays;
}

/** The tasks for some time, in order, and how long it takes, set-ups with it. */
export interface Slot {
  readonly tasks: readonly HomeTask[];
  readonly setUps: readonly SetUp[];
  readonly minutes: number;
}

/** The value of a task that is not late yet, against one that is due today. */
const NOT_DUE = 0.3;
/** Weeks of lateness after which waiting longer makes nothing more pressing. */
const MOST_LATE_WEEKS = 8;

/**
 * The best use of some time among what can be done now: the tasks whose consequence, the more the later they are, is worth most and that fit,
 * each set-up counted once. The best there is, found by trying every set of set-ups and filling the time that is left.
 */
export function bestUse(tasks: readonly HomeTask[], context: SlotContext): Slot {
  const can = tasks.filter((task) => canDo(task, context));
  const wanted = setUpSchema.options.filter((setUp) => can.some(({ setUps }) => setUps.includes(setUp)));
  let best: { readonly tasks: readonly HomeTask[]; readonly value: number } = { tasks: [], value: 0 };
  for (let choice = 0; choice < 2 ** wanted.length; choice += 1) {
    const made = new Set([...context.out, ...wanted.filter((_, at) => (choice >> at) & 1)]);
    const left = context.minutes - minutesFor([...made], context.out);
    const fitting = can.filter(({ setUps }) => setUps.every((setUp) => made.has(setUp)));
    const filled = fill(fitting, left, context.on);
    if (filled.value > best.value + 1e-9) best = filled;
  }
  const setUps = [...new Set(best.tasks.flatMap((task) => task.setUps))];
  const minutes = best.tasks.reduce((sum, task) => sum + task.minutes, minutesFor(setUps, context.out));
  return { tasks: inOrder(best.tasks), setUps, minutes };
}

const minutesFor = (setUps: readonly SetUp[], out: readonly SetUp[]): number =>
  setUps.reduce((sum, setUp) => sum + (out.includes(setUp) ? 0 : SET_UP_MINUTES[setUp]), 0);

function canDo(task: HomeTask, { on, indoors, helper, quiet, open, minutes }: SlotContext): boolean {
  return (
    task.number === 1 &&
    task.earliest <= on &&
    task.doer !== 'trade' &&
    !task.leftToOthers &&
    task.minutes <= minutes &&
    !(indoors && task.outdoors) &&
    !(quiet && task.loud) &&
    (helper || !task.two) &&
    open.allows(toDay(on), task.weather)
  );
}

/** The worth of doing a task today. */
function valueOf({ consequence, due }: HomeTask, on: CivilDate): number {
  const late = daysBetween(due, on) / 7;
  const pressing = late < 0 ? NOT_DUE : 1 + Math.min(MOST_LATE_WEEKS, late);
  return LATE_COSTS[consequence] * pressing;
}

/** The tasks worth most that fit into whole minutes. Source: dynamic programming over the minutes, as for any knapsack. */
function fill(
  tasks: readonly HomeTask[],
  minutes: number,
  on: CivilDate,
): { readonly tasks: readonly HomeTask[]; readonly value: number } {
  if (minutes < 0) return { tasks: [], value: 0 };
  const room = Math.floor(minutes);
  const best = new Float64Array(room + 1);
  const taken = tasks.map((task) => {
    const takes = Math.max(1, Math.ceil(task.minutes));
    const value = valueOf(task, on);
    const isTaken = new Uint8Array(room + 1);
    for (let at = room; at >= takes; at -= 1) {
      const with_ = (best[at - takes] ?? 0) + value;
      if (with_ > (best[at] ?? 0)) {
        best[at] = with_;
        isTaken[at] = 1;
      }
    }
    return { task, takes, isTaken };
  });
  const chosen: HomeTask[] = [];
  let at = room;
  for (const { task, takes, isTaken } of [...taken].reverse())
    if (isTaken[at] === 1) {
      chosen.push(task);
      at -= takes;
    }
  return { tasks: chosen, value: best[room] ?? 0 };
}

/** Each task after those it comes after; before that safety, then what shares a set-up together, then the earlier due. */
function inOrder(tasks: readonly HomeTask[]): HomeTask[] {
  const rank = (task: HomeTask): number => (task.consequence === 'life-safety' ? 0 : 1);
  const sorted = [...tasks].sort(
    (a, b) =>
      rank(a) - rank(b) ||
      a.setUps.join().localeCompare(b.setUps.join()) ||
      (a.due < b.due ? -1 : a.due > b.due ? 1 : 0),
  );
  return afterOthers(sorted, ({ after }, left) =>
    left.some(({ practice }) => practice !== null && after.includes(practice)),
  );
}
