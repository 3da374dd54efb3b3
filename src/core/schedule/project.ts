import { toCivilDate, type CivilDate, type DayNumber } from '../calendar/civilDate.ts';
import { rootsOf, type House } from '../house/house.ts';
import type { Entry } from '../ledger/entry.ts';
import type { Stock } from '../ledger/stock.ts';
import { changeDays } from './changesOn.ts';
import type { Group } from './replay/group.ts';
import { pastAsOf, type Past } from './replay/checkpoint.ts';
import { stateKey } from './replay/history.ts';
import { moveHandy } from './handy.ts';
import { bookBy, orderDays, USUAL_LEAD } from './lead.ts';
import { lookAt } from './lookAt.ts';
import { proposalOf, type Proposal } from './learning.ts';
import type { Occurrence } from './occurrence.ts';
import { toOccurrence } from './replay/toOccurrence.ts';
import type { Placed } from './replay/place.ts';
import type { Sleep } from './reason.ts';
import type { Extra, Missed, Satisfied } from './replay/dutyState.ts';
import type { DutyReplay } from './replay/dutyReplay.ts';
import { replayPast, type HouseReplay, type ProjectionInputs } from './replay/replayHouse.ts';
import type { StateLine } from './replay/seasonState.ts';

/** The schedule of one duty on a day. `occurrence` is null where nothing is due; then `sleep` says why. */
export interface DutyProjection {
  readonly dutyId: string;
  readonly occurrence: Occurrence | null;
  readonly sleep: Sleep | null;
  readonly retired: boolean;
  readonly missed: readonly Missed[];
  readonly extras: readonly Extra[];
  readonly satisfied: readonly Satisfied[];
  /** The interval that graded looks suggest; only ever proposed. */
  readonly proposal: Proposal | null;
  /** The first later day on which this answer changes by itself; its standing, which follows from window and day, apart. */
  readonly changesOn: CivilDate | null;
}

/** The schedule of every duty of a house on a day. */
export interface HouseProjection {
  readonly on: CivilDate;
  readonly duties: readonly DutyProjection[];
  /** By the first unit's asset and the state's code: how each thing has stood. */
  readonly states: ReadonlyMap<string, StateLine>;
  /** By the same: when a pair whose state nobody knows asks to be looked at. */
  readonly looks: ReadonlyMap<string, CivilDate>;
  readonly stock: Stock;
  /** The first later day on which any of the answers changes by itself. */
  readonly changesOn: CivilDate | null;
}

/**
 * The schedule of a house: a pure function of its facts, its ledger (in sequence order), the almanac and the day. Entries dated
 * after the day are left out. A duty without an adoption in the ledger has no schedule and is not listed.
 */
export function project(
  house: House,
  entries: readonly Entry[],
  on: CivilDate,
  around: ProjectionInputs,
): HouseProjection {
  return projectPast(house, pastAsOf(null, entries, on), on, around);
}

/** The same of a past of which a part is folded already. */
export function projectPast(
  house: House,
  past: Past,
  on: CivilDate,
  around: ProjectionInputs,
): HouseProjection {
  const replayed = replayPast(house, past, on, around);
  const standing = datesOf(replayed, around);
  const orders = ordersOf(replayed, standing);
  const byId = new Map(
    replayed.groups.flatMap(({ members }) => members.map((member) => [member.history.duty.id, member])),
  );
  const duties = house.duties.flatMap(({ id }): DutyProjection[] => {
    const replay = byId.get(id);
    return replay ? [dutyProjection(replay, replayed, standing.get(id), orders.get(id) ?? null)] : [];
  });
  const { states, stock } = replayed.history;
  const looks = looksOf(house, replayed, around);
  return {
    on,
    duties,
    states,
    looks,
    stock,
    changesOn: earliestOf(duties.map(({ changesOn }) => changesOn)),
  };
}

/** Where a duty stands after its companions moved it, and when that changes. */
interface Standing {
  readonly placed: Placed | null;
  readonly changes: DayNumber;
}

function datesOf(
  { groups, companions, today }: HouseReplay,
  { weather }: ProjectionInputs,
): Map<string, Standing> {
  const living = groups.map((group) => group.living(today)).filter(({ members }) => members.length > 0);
  const units = living.map((group) => ({ ...handyUnit(group, today), members: group.members }));
  const unitOf = new Map(units.flatMap(({ dutyIds }, index) => dutyIds.map((id) => [id, index])));
  const linked = units.map((unit, index) => {
    const others = unit.dutyIds.flatMap((id) => companions.handy.get(id) ?? []);
    const places = new Set(others.flatMap((id) => unitOf.get(id) ?? []));
    places.delete(index);
    return { ...unit, companions: [...places] };
  });
  const handyChanges = moveHandy(linked, today);
  const changes = changeDays(
    linked.map((unit, index) => ({ ...unit, handyChange: handyChanges[index] ?? null })),
    weather,
    today,
  );
  return new Map(
    linked.flatMap(({ dutyIds, dates }, index) =>
      dutyIds.map((id, place): [string, Standing] => [
        id,
        { placed: dates[place] ?? null, changes: changes[index] ?? Infinity },
      ]),
    ),
  );
}

const handyUnit = (group: Group, today: DayNumber) => ({
  dates: group.dates(today),
  dutyIds: group.members.map(({ history }) => history.duty.id),
});

function dutyProjection(
  replay: DutyReplay,
  { seasons }: HouseReplay,
  standing: Standing | undefined,
  order: DayNumber | null,
): DutyProjection {
  const placed = standing?.placed ?? null;
  // Only a trade is booked, and not to read a date that nobody knows.
  const readsAge = placed?.date.asks === 'look' && replay.isByAge;
  const isBooked = replay.isHired && !readsAge;
  const lead = isBooked ? (replay.history.timing.lead ?? USUAL_LEAD) : null;
  // Nothing could be booked or ordered before the home took it on.
  const adopted = replay.history.adoption.day;
  const by = {
    bookBy: placed && lead ? toCivilDate(Math.max(adopted, bookBy(placed.due, lead, seasons))) : null,
    orderBy: order === null ? null : toCivilDate(Math.max(adopted, order)),
  };
  const { missed, extras, satisfied } = replay;
  const changes = standing?.changes ?? Infinity;
  return {
    dutyId: replay.history.duty.id,
    occurrence: placed && toOccurrence(placed, by),
    sleep: placed || !standing ? null : replay.sleep,
    retired: standing === undefined,
    missed,
    extras,
    satisfied,
    proposal: proposalOf(replay.history),
    changesOn: Number.isFinite(changes) ? toCivilDate(changes) : null,
  };
}

/** When the pairs of unknown state are to be looked at. */
function looksOf(
  house: House,
  { groups, history, seasons, today }: HouseReplay,
  { weather }: ProjectionInputs,
) {
  const roots = rootsOf(house.assets);
  const halves = new Map<string, DutyReplay[]>();
  for (const member of groups.flatMap((group) => group.living(today).members)) {
    const { duty, timing } = member.history;
    if (!timing.pair) continue;
    const key = stateKey(roots.get(duty.asset) ?? duty.asset, timing.pair.state);
    if (!history.states.has(key)) halves.set(key, [...(halves.get(key) ?? []), member]);
  }
  return new Map(
    [...halves].flatMap(([key, both]): [string, CivilDate][] => {
      const day = lookAt(both, seasons, weather, today);
      return day === null ? [] : [[key, toCivilDate(day)]];
    }),
  );
}

/** When what each duty needs must be ordered: a mere look uses nothing up. */
function ordersOf({ history }: HouseReplay, standing: ReadonlyMap<string, Standing>): Map<string, DayNumber> {
  const needing = history.duties.flatMap(({ duty, timing: { needs = [] } }) => {
    const placed = standing.get(duty.id)?.placed;
    return placed?.date.asks === 'work' && needs.length > 0 ? [{ id: duty.id, due: placed.due, needs }] : [];
  });
  const days = orderDays(needing, history.stock);
  return new Map(
    needing.flatMap(({ id }, index): [string, DayNumber][] => {
      const day = days[index];
      return day === null || day === undefined ? [] : [[id, day]];
    }),
  );
}

function earliestOf(dates: readonly (CivilDate | null)[]): CivilDate | null {
  return dates.reduce(
    (least, date) => (date !== null && (least === null || date < least) ? date : least),
    null,
  );
}
