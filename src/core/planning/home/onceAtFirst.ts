import { toDay, type DayNumber } from '../../calendar/civilDate.ts';
import { SPREAD } from './homeProblem.ts';
import type { HomeTask } from './homeTask.ts';

/**
 * First-time work whose next time opens before the weeks of first-time work are over is done then, once: nobody services a boiler twice
 * within weeks, and a trade's weeks begin when it can be there. So is work whose next time is due within the same week. Safety and what frost
 * harms do not wait. What comes round within those weeks is no season's work and stays.
 */
export function onceAtFirst(tasks: readonly HomeTask[], today: DayNumber): HomeTask[] {
  const second = new Map(tasks.flatMap((task) => (task.number === 2 ? [[task.duty, task] as const] : [])));
  const merged = new Map(
    tasks.flatMap((task): [string, HomeTask][] => {
      const next = second.get(task.duty);
      if (!task.baseline || task.consequence === 'life-safety' || task.frost || !next) return [];
      const spread = today + task.leadDays + 7 * (SPREAD + 1);
      const isSeason = toDay(next.earliest) <= spread && toDay(next.due) > spread;
      const isSame = toDay(next.due) < today + 7 && next.asks === task.asks;
      return isSeason || isSame ? [[task.duty, { ...next, key: task.key, number: 1 }]] : [];
    }),
  );
  return tasks.flatMap((task) => {
    const one = merged.get(task.duty);
    if (one === undefined || task.number > 2) return [task];
    return task.number === 1 ? [one] : [];
  });
}
