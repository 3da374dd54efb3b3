import { computed, ref, shallowRef, type ComputedRef } from 'vue';
import type { NewEntry } from '../../../contract/schemas.ts';
import { USUAL_HOURS, thisWeek } from '../../../core/upkeep/thisWeek.ts';
import type { PlannedWhen } from '../../../core/planning/home/plannedWhen.ts';
import { sectionsOf, type Line, type Section, type Unit } from '../../parts/task/lines.ts';
import { useHome } from '../../stores/home.ts';

/** The act on a task since the page was opened: its line says it, and undoes it. */
export interface Settled {
  readonly text: string;
  readonly entries: readonly NewEntry[];
}

/** A line with the lines best done on the same trip. */
export interface Trip {
  readonly line: Line;
  readonly along: readonly Line[];
}

export interface ShownWeek {
  readonly trips: readonly Trip[];
  readonly minutes: number;
  readonly rest: Readonly<Record<Section, readonly Line[]>>;
}

/** The lines of a week as trips: what goes with a line before it stands on that line. */
function tripsOf(lines: readonly Line[]): Trip[] {
  const trips: { line: Line; along: Line[] }[] = [];
  for (const line of lines) {
    const lead = trips.find((trip) => goesWith(line, trip.line) || goesWith(trip.line, line));
    // A safety task keeps a line and a button of its own.
    if (lead && !line.lifeSafety) lead.along.push(line);
    else trips.push({ line, along: [] });
  }
  return trips;
}

const goesWith = (line: Line, other: Line): boolean =>
  line.units.some(({ occurrence }) =>
    occurrence.reasons.some(
      (reason) =>
        (reason.kind === 'bound' || reason.kind === 'handy') &&
        other.units.some(({ duty }) => duty.id === reason.with),
    ),
  );

const toWork = (line: Line, plannedOf: (unit: Unit) => PlannedWhen) => ({
  ...line,
  planned: plannedLine(line.units.map(plannedOf)),
  line,
});

/** A line is in this week where one of its tasks is. */
const plannedLine = (units: readonly PlannedWhen[]): PlannedWhen =>
  units.includes('now') ? 'now' : units.includes(null) ? null : 'later';

/**
 * This week's lines and the rest, chosen when the page opens and left in their places after: what is done meanwhile is said on its line and
 * moves nothing. `hours`: what the household has for the house in a week. `plannedOf`: whether the plan has a task in it.
 */
export function useWeek(hours: ComputedRef<number | null>, plannedOf: (unit: Unit) => PlannedWhen) {
  const home = useHome();
  const chosen = shallowRef<ShownWeek | null>(null);
  const settled = ref(new Map<string, Settled>());

  /** This week and the rest, as they would be chosen from what stands now. */
  function wouldBe(): ShownWeek | null {
    if (!home.house || !home.on) return null;
    const sections = sectionsOf(home.house, home.rows, home.on, home.find);
    const open = [...sections.late, ...sections.open, ...sections.baseline].map((line) =>
      toWork(line, plannedOf),
    );
    const week = thisWeek(open, hours.value ?? USUAL_HOURS);
    const lines = week.lines.map(({ line }) => line);
    const inWeek = new Set(lines);
    const restOf = (section: Section): Line[] => sections[section].filter((line) => !inWeek.has(line));
    return {
      trips: tripsOf(lines),
      minutes: week.minutes,
      rest: {
        late: restOf('late'),
        open: restOf('open'),
        baseline: restOf('baseline'),
        coming: restOf('coming'),
      },
    };
  }

  /** Chooses anew from what stands now. */
  function choose(week = wouldBe()): void {
    settled.value = new Map();
    chosen.value = week;
  }

  const current = computed(() => new Map(home.rows.map((row) => [row.dutyId, row])));

  /** A line with what is known of its tasks now, where nothing was done about them. */
  const now = (line: Line): Line => ({ ...line, units: line.units.map(unitNow) });
  function unitNow(unit: Unit): Unit {
    const occurrence = current.value.get(unit.duty.id)?.occurrence;
    return settled.value.has(unit.duty.id) || !occurrence ? unit : { ...unit, occurrence };
  }

  const week = computed((): ShownWeek | null => {
    if (!chosen.value) return null;
    const { trips, minutes, rest } = chosen.value;
    return {
      minutes,
      trips: trips.map(({ line, along }) => ({ line: now(line), along: along.map(now) })),
      rest: {
        late: rest.late.map(now),
        open: rest.open.map(now),
        baseline: rest.baseline.map(now),
        coming: rest.coming.map(now),
      },
    };
  });

  /** Says on its line what was done about a task. */
  function settle(dutyIds: readonly string[], what: Settled): void {
    settled.value = new Map([...settled.value, ...dutyIds.map((id) => [id, what] as const)]);
  }

  /** Takes back what was said of tasks by some entries that no longer count. */
  function unsettle(entryIds: readonly string[]): void {
    const gone = new Set(entryIds);
    settled.value = new Map(
      [...settled.value].filter(([, { entries }]) => !entries.some(({ id }) => gone.has(id))),
    );
  }

  return { week, settled, wouldBe, choose, settle, unsettle };
}
