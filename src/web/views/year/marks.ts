import { toDay } from '../../../core/calendar/civilDate.ts';
import type { PlannedTask } from '../../../core/planning/home/arrange.ts';
import { practiceSystemSchema, type PracticeSystem } from '../../../core/practice/lists.ts';
import type { ShownPlan } from '../../parts/plan/usePlan.ts';

/** Who comes or what is done: own work, a trade that comes, something shut off for the season. */
export const MARK_KINDS = ['own', 'trade', 'shut'] as const;
export type MarkKind = (typeof MARK_KINDS)[number];

/** The tasks of a system in one week, as one mark of the sheet. */
export interface Mark {
  readonly key: string;
  readonly system: PracticeSystem;
  readonly kind: MarkKind;
  readonly week: number;
  readonly tasks: readonly PlannedTask[];
  /** Past its latest day. */
  readonly late: boolean;
  /** Put there by hand. */
  readonly held: boolean;
  /** The weeks all of its tasks may be in. */
  readonly first: number;
  readonly last: number;
}

/** A row of the sheet. */
export interface SheetRow {
  readonly system: PracticeSystem;
  readonly marks: readonly Mark[];
}

const kindOf = ({ task }: PlannedTask): MarkKind =>
  task.doer === 'trade' ? 'trade' : task.closes ? 'shut' : 'own';

/** The systems of a home with what each asks of each week. */
export function rowsOf({ year, current, toPlan }: ShownPlan): SheetRow[] {
  const windows = new Map(toPlan.home.problem.tasks.map((task) => [task.id, task]));
  const groups = new Map<string, PlannedTask[]>();
  for (const one of year.tasks) {
    const key = `${one.task.system} ${kindOf(one)} ${one.week}`;
    groups.set(key, [...(groups.get(key) ?? []), one]);
  }
  const marks = [...groups].flatMap(([key, tasks]): Mark[] => {
    const [first] = tasks;
    if (!first) return [];
    const weeks = tasks.map(
      ({ task }): readonly [number, number] => windows.get(task.key)?.weeks ?? [first.week, first.week],
    );
    return [
      {
        key,
        system: first.task.system,
        kind: kindOf(first),
        week: first.week,
        tasks,
        late: tasks.some(({ cost, task }) => cost.late > 0 || toDay(task.latest) < toPlan.weeks.today),
        held: tasks.some(({ task }) => current.held.has(task.key)),
        first: Math.max(...weeks.map(([from]) => from)),
        last: Math.min(...weeks.map(([, to]) => to)),
      },
    ];
  });
  return practiceSystemSchema.options.flatMap((system): SheetRow[] => {
    const own = marks.filter((mark) => mark.system === system).sort((a, b) => a.week - b.week);
    return own.length === 0 ? [] : [{ system, marks: own }];
  });
}
