import type { ReadyProblem } from '../ready.ts';
import { tryMove } from '../tryMove.ts';

/** Why a task is in another week than before: what putting it back would bring, or the rule it would break. */
export const MOVED_FOR = [
  'held',
  'rule',
  'late',
  'load',
  'setups',
  'visits',
  'supplies',
  'due',
  'rest',
] as const;
export type MovedFor = (typeof MOVED_FOR)[number];

/** A task that a replan moved. */
export interface MovedTask {
  readonly key: string;
  readonly from: number;
  readonly to: number;
  readonly why: MovedFor;
}

/** The tasks a replan moved, and why: of each task the part of the cost that putting it back would raise most. */
export function movedTasks(
  ready: ReadyProblem,
  seen: ReadonlyMap<string, number>,
  plan: Readonly<Record<string, number>>,
  held: ReadonlySet<string>,
): MovedTask[] {
  const weeks = ready.tasks.map(({ id }) => plan[id] ?? -1);
  return ready.tasks.flatMap(({ id }, task): MovedTask[] => {
    const [from, to] = [seen.get(id), plan[id]];
    if (from === undefined || to === undefined || from === to) return [];
    if (held.has(id)) return [{ key: id, from, to, why: 'held' }];
    const { more, forbidden } = tryMove(ready, weeks, new Map([[task, from]]));
    if (forbidden) return [{ key: id, from, to, why: 'rule' }];
    const parts = ['late', 'load', 'setups', 'visits', 'supplies', 'due'] as const;
    const most = parts.reduce((best, part) => (more[part] > more[best] ? part : best));
    return [{ key: id, from, to, why: more[most] > 0 ? most : 'rest' }];
  });
}
