import { toCivilDate } from '../../calendar/civilDate.ts';
import type { Occurrence } from '../occurrence.ts';
import type { Cause } from '../rules/course.ts';
import type { Days, Window } from '../window.ts';

/** Makes the occurrence of a duty that rests on a cause; its window is known, and of one that shares its dates the window that leads. */
export type Explain = (cause: Cause, window: Window, lead: Lead | null) => Occurrence;

/** Of duties that share their dates, the one whose window is everyone's. */
export interface Lead {
  readonly dutyId: string;
  readonly days: Days;
}

/** An occurrence to come, of which duty. */
export interface DatedOccurrence {
  readonly dutyId: string;
  readonly occurrence: Occurrence;
}

/** As many as a usual home has in a year. */
const ROWS_AT_FIRST = 1024;

/**
 * The occurrences up to a day, as columns of whole days. A row is a duty (its place in `dutyIds`), its window and the cause it rests on; key
 * and reasons are made when they are asked for. `inOrder` lists the rows by due day, those of one day as they were added.
 */
export class Columns {
  length = 0;
  duty = new Int32Array(ROWS_AT_FIRST);
  earliest = new Int32Array(ROWS_AT_FIRST);
  due = new Int32Array(ROWS_AT_FIRST);
  latest = new Int32Array(ROWS_AT_FIRST);
  readonly dutyIds: string[] = [];
  private readonly causes: (Cause | Occurrence | (() => Occurrence))[] = [];
  /** By row, the one it shares the window of. */
  private readonly leads = new Map<number, Lead>();
  private readonly explains: (Explain | null)[] = [];

  /** Adds a duty; what it answers is its place. */
  addDuty(dutyId: string): number {
    this.explains.push(null);
    return this.dutyIds.push(dutyId) - 1;
  }

  /** From here on the rows of a duty are explained by this. */
  explainBy(duty: number, explain: Explain): void {
    this.explains[duty] = explain;
  }

  /** Adds a row; an occurrence already made, or that makes itself, needs no explaining. */
  add(
    duty: number,
    { earliest, due, latest }: Days,
    cause: Cause | Occurrence | (() => Occurrence),
    lead?: Lead,
  ): void {
    const row = this.length;
    if (row === this.due.length) this.grow();
    this.duty[row] = duty;
    this.earliest[row] = earliest;
    this.due[row] = due;
    this.latest[row] = latest;
    if (lead) this.leads.set(row, lead);
    this.causes.push(cause);
    this.length += 1;
  }

  /** The occurrence of a row, with its key and every reason. */
  occurrence(row: number): Occurrence {
    const cause = this.causes[row];
    if (typeof cause === 'function') return cause();
    if (typeof cause === 'object' && 'window' in cause) return cause;
    const explain = this.explains[this.duty[row] ?? 0];
    if (cause === undefined || !explain) throw new Error(`row ${row} of ${this.length} has no cause`);
    return explain(cause, this.window(row), this.leads.get(row) ?? null);
  }

  private dutyIdOf(row: number): string {
    return this.dutyIds[this.duty[row] ?? 0] ?? '';
  }

  window(row: number): Window {
    return {
      earliest: toCivilDate(this.earliest[row] ?? 0),
      due: toCivilDate(this.due[row] ?? 0),
      latest: toCivilDate(this.latest[row] ?? 0),
    };
  }

  /** Every row with its occurrence, in order. */
  all(): DatedOccurrence[] {
    const found: DatedOccurrence[] = [];
    for (const row of this.inOrder())
      found.push({ dutyId: this.dutyIdOf(row), occurrence: this.occurrence(row) });
    return found;
  }

  /** The rows by due day: a counting sort over the days between the first and the last. */
  inOrder(): Int32Array {
    const { length, due } = this;
    const order = new Int32Array(length);
    let [first, last] = [Infinity, -Infinity];
    for (let row = 0; row < length; row += 1) {
      const day = due[row] ?? 0;
      if (day < first) first = day;
      if (day > last) last = day;
    }
    if (length === 0) return order;
    // How many rows are due before each day: where the rows of that day begin.
    const before = new Int32Array(last - first + 2);
    const countOf = (day: number): number => before[day] ?? 0;
    for (let row = 0; row < length; row += 1) {
      const after = (due[row] ?? 0) - first + 1;
      before[after] = countOf(after) + 1;
    }
    for (let day = 1; day < before.length; day += 1) before[day] = countOf(day) + countOf(day - 1);
    for (let row = 0; row < length; row += 1) {
      const day = (due[row] ?? 0) - first;
      order[countOf(day)] = row;
      before[day] = countOf(day) + 1;
    }
    return order;
  }

  private grow(): void {
    const longer = (column: Int32Array<ArrayBuffer>): Int32Array<ArrayBuffer> => {
      const grown = new Int32Array(column.length * 2);
      grown.set(column);
      return grown;
    };
    this.duty = longer(this.duty);
    this.earliest = longer(this.earliest);
    this.due = longer(this.due);
    this.latest = longer(this.latest);
  }
}
