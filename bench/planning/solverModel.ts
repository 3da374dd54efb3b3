import type { ReadyProblem } from '../../src/core/planning/ready.ts';

/** A mixed-integer program, row by row. Every column is 0 or more; those of `isWhole` are 0 or 1. */
export interface SolverModel {
  readonly cost: readonly number[];
  readonly isWhole: readonly boolean[];
  readonly rows: readonly SolverRow[];
  /** The column of each task in each week; -1 where it may not be. */
  readonly columnOf: (task: number, week: number) => number;
}

interface SolverRow {
  readonly lower: number;
  readonly upper: number;
  readonly terms: readonly (readonly [column: number, factor: number])[];
}

/** The planning problem as a solver takes it. Tasks without a week are left out, as the planner does. */
export function solverModel(ready: ReadyProblem): SolverModel {
  const builder = new Builder();
  const columns = ready.tasks.map((_, task) =>
    Array.from({ length: ready.weeks }, (_none, week) =>
      ready.unplaced.has(task) || ready.isAllowed[task * ready.weeks + week] !== 1
        ? -1
        : builder.column(ready.own[task * ready.weeks + week] ?? 0, true),
    ),
  );
  const columnOf = (task: number, week: number): number => columns[task]?.[week] ?? -1;
  for (const task of placed(ready)) builder.row(1, 1, terms(columns[task] ?? []));
  for (let week = 0; week < ready.weeks; week += 1) addWeek(builder, ready, week, columnOf);
  addOrders(builder, ready, columns);
  return { ...builder.built(), columnOf };
}

const placed = (ready: ReadyProblem): number[] =>
  [...ready.tasks.keys()].filter((task) => !ready.unplaced.has(task));

const terms = (columns: readonly number[]): [number, number][] =>
  columns.filter((column) => column >= 0).map((column) => [column, 1]);

/** Set-ups, visits and load of one week. */
function addWeek(
  builder: Builder,
  ready: ReadyProblem,
  week: number,
  columnOf: SolverModel['columnOf'],
): void {
  const { costs, problem } = ready;
  const here = placed(ready).filter((task) => columnOf(task, week) >= 0);
  const load: [number, number][] = here.map((task) => [columnOf(task, week), ready.minutes[task] ?? 0]);
  const shared = (users: readonly number[], cost: number): number => {
    const column = builder.column(cost, true);
    for (const task of users)
      builder.row(0, Infinity, [
        [column, 1],
        [columnOf(task, week), -1],
      ]);
    return column;
  };
  for (const [setup, minutes] of ready.setupMinutes.entries()) {
    const users = here.filter((task) => ready.setupsOf[task]?.includes(setup));
    if (users.length > 0) load.push([shared(users, costs.setUp * minutes), minutes]);
  }
  for (const [visit, cost] of ready.visitCost.entries()) {
    const users = here.filter((task) => ready.visitOf[task] === visit);
    if (users.length > 0) shared(users, cost);
  }
  const budget = problem.budget[week] ?? 0;
  const edges: [number, number][] = [
    [costs.nearFullFrom * budget, costs.nearFull],
    [budget, costs.full],
    [budget + costs.overBy, costs.over],
  ];
  for (const [edge, cost] of edges)
    builder.row(-Infinity, edge, [...load, [builder.column(cost, false), -1]]);
}

/** A task is in a week or before it only where the one before it is, `gap` weeks earlier. */
function addOrders(builder: Builder, ready: ReadyProblem, columns: readonly (readonly number[])[]): void {
  for (const task of placed(ready))
    for (const { task: earlier, gap } of ready.before[task] ?? [])
      for (let week = 0; week < ready.weeks; week += 1) {
        const mine = terms((columns[task] ?? []).slice(0, week + 1));
        const theirs = terms((columns[earlier] ?? []).slice(0, Math.max(0, week - gap + 1)));
        if (mine.length > 0)
          builder.row(0, Infinity, [...theirs, ...mine.map(([column]): [number, number] => [column, -1])]);
      }
}

class Builder {
  private readonly cost: number[] = [];
  private readonly isWhole: boolean[] = [];
  private readonly rows: SolverRow[] = [];

  column(cost: number, isWhole: boolean): number {
    this.cost.push(cost);
    this.isWhole.push(isWhole);
    return this.cost.length - 1;
  }

  row(lower: number, upper: number, terms: SolverRow['terms']): void {
    this.rows.push({ lower, upper, terms });
  }

  built(): Omit<SolverModel, 'columnOf'> {
    return { cost: this.cost, isWhole: this.isWhole, rows: this.rows };
  }
}
