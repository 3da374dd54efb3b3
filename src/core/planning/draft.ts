import type { ReadyProblem } from './ready.ts';
import { loadCost } from './week.ts';

/** A plan while it is made: it knows the load and the set-ups of every week, so that what a change costs is known at once. */
export class Draft {
  readonly ready: ReadyProblem;
  /** The week of each task; -1 for one without. */
  readonly week: Int32Array;
  private readonly load: Float64Array;
  private readonly setupCount: Int32Array;
  private readonly visitCount: Int32Array;
  private readonly setups: number;
  private readonly visits: number;

  constructor(ready: ReadyProblem) {
    this.ready = ready;
    this.setups = ready.setupMinutes.length;
    this.visits = ready.visitCost.length;
    this.week = new Int32Array(ready.tasks.length).fill(-1);
    this.load = new Float64Array(ready.weeks);
    this.setupCount = new Int32Array(ready.weeks * this.setups);
    this.visitCount = new Int32Array(ready.weeks * this.visits);
  }

  /** Whether a task may be in a week as the others stand now. */
  fits(task: number, week: number): boolean {
    const { ready } = this;
    if (ready.isAllowed[task * ready.weeks + week] !== 1) return false;
    for (const { task: other, gap } of ready.before[task] ?? []) {
      const at = this.week[other] ?? -1;
      if (at >= 0 && at + gap > week) return false;
    }
    for (const { task: other, gap } of ready.after[task] ?? []) {
      const at = this.week[other] ?? -1;
      if (at >= 0 && week + gap > at) return false;
    }
    return true;
  }

  /** Puts a task without a week into one. Answers what that adds to the cost. */
  put(task: number, week: number): number {
    const { ready } = this;
    const before = this.load[week] ?? 0;
    let minutes = ready.minutes[task] ?? 0;
    let cost = ready.own[task * ready.weeks + week] ?? 0;
    for (const setup of ready.setupsOf[task] ?? []) {
      const at = week * this.setups + setup;
      const count = this.setupCount[at] ?? 0;
      this.setupCount[at] = count + 1;
      if (count > 0) continue;
      const takes = ready.setupMinutes[setup] ?? 0;
      minutes += takes;
      cost += ready.costs.setUp * takes;
    }
    const visit = ready.visitOf[task] ?? -1;
    if (visit >= 0) {
      const at = week * this.visits + visit;
      const count = this.visitCount[at] ?? 0;
      this.visitCount[at] = count + 1;
      if (count === 0) cost += ready.visitCost[visit] ?? 0;
    }
    this.week[task] = week;
    this.load[week] = before + minutes;
    return cost + this.loadChange(week, before, before + minutes);
  }

  /** Takes a task out of its week. Answers what that adds to the cost: less than nothing where it saves. */
  take(task: number): number {
    const { ready } = this;
    const week = this.week[task] ?? -1;
    if (week < 0) return 0;
    const before = this.load[week] ?? 0;
    let minutes = ready.minutes[task] ?? 0;
    let cost = -(ready.own[task * ready.weeks + week] ?? 0);
    for (const setup of ready.setupsOf[task] ?? []) {
      const at = week * this.setups + setup;
      const count = this.setupCount[at] ?? 0;
      this.setupCount[at] = count - 1;
      if (count > 1) continue;
      const takes = ready.setupMinutes[setup] ?? 0;
      minutes += takes;
      cost -= ready.costs.setUp * takes;
    }
    const visit = ready.visitOf[task] ?? -1;
    if (visit >= 0) {
      const at = week * this.visits + visit;
      const count = this.visitCount[at] ?? 0;
      this.visitCount[at] = count - 1;
      if (count === 1) cost -= ready.visitCost[visit] ?? 0;
    }
    this.week[task] = -1;
    this.load[week] = before - minutes;
    return cost + this.loadChange(week, before, before - minutes);
  }

  /** The cost that a task without a week would add in one; nothing is changed. */
  asks(task: number, week: number): number {
    const { ready } = this;
    const before = this.load[week] ?? 0;
    let minutes = ready.minutes[task] ?? 0;
    let cost = ready.own[task * ready.weeks + week] ?? 0;
    for (const setup of ready.setupsOf[task] ?? []) {
      if ((this.setupCount[week * this.setups + setup] ?? 0) > 0) continue;
      const takes = ready.setupMinutes[setup] ?? 0;
      minutes += takes;
      cost += ready.costs.setUp * takes;
    }
    const visit = ready.visitOf[task] ?? -1;
    if (visit >= 0 && this.visitCount[week * this.visits + visit] === 0) cost += ready.visitCost[visit] ?? 0;
    return cost + this.loadChange(week, before, before + minutes);
  }

  /** The change in cost of a week whose minutes change. */
  private loadChange(week: number, before: number, after: number): number {
    const budget = this.ready.problem.budget[week] ?? 0;
    const { costs } = this.ready;
    return loadCost(after, budget, costs) - loadCost(before, budget, costs);
  }

  /** Takes over the weeks of another plan. */
  becomes(weeks: ArrayLike<number>): void {
    for (const task of this.ready.tasks.keys()) this.take(task);
    for (const task of this.ready.tasks.keys()) {
      const week = weeks[task] ?? -1;
      if (week >= 0) this.put(task, week);
    }
  }
}
