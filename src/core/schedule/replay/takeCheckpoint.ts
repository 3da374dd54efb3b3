import { toCivilDate, toDay, type CivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import { OUTLOOK_DAYS } from '../../climate/simulatedStation.ts';
import type { Weather } from '../../climate/weather.ts';
import { rootsOf, type House } from '../../house/house.ts';
import type { StandingEntry } from '../../ledger/corrections.ts';
import type { Entry } from '../../ledger/entry.ts';
import { openFindingsIn } from '../../ledger/findings.ts';
import { stockAfter } from '../../ledger/stock.ts';
import { Threads } from '../../ledger/threads.ts';
import { countingRules } from '../../practice/rule.ts';
import { stockOf, toldOf, type Checkpoint, type CheckpointDuty, type Past } from './checkpoint.ts';
import type { DutyReplay } from './dutyReplay.ts';
import type { Group } from './group.ts';
import type { HouseHistory } from './history.ts';
import type { StateLine } from './seasonState.ts';
import { beginReplay, type ProjectionInputs } from './replayHouse.ts';

/** So many entries are left after a checkpoint where they can be: the newest are corrected most. */
const LEFT_AFTER = 32;

/**
 * The day up to which a ledger can be folded, or null where there is none worth it: some entries stay after it, all of today's among
 * them, and no thread of corrections leads from one side of it to the other. `entries`: as for `pastAsOf`.
 */
export function checkpointDay(entries: readonly Entry[], on: CivilDate, left = LEFT_AFTER): CivilDate | null {
  const dates = entries.map(({ date }) => date).sort();
  const newest = dates.at(-1);
  const last = dates.at(-1 - left);
  if (last === undefined || newest === undefined || newest > on) return null;
  const yesterday = toCivilDate(toDay(on) - 1);
  const upTo = last < yesterday ? last : yesterday;
  return partsCleanly(entries, upTo) ? upTo : null;
}

/** Whether a day parts a ledger: nothing of an earlier day was moved behind it, and nothing of a later one before it. */
function partsCleanly(entries: readonly Entry[], upTo: CivilDate): boolean {
  const threads = new Threads(entries);
  return entries.every((entry) => {
    const root = threads.rootOf(entry);
    const { body, date } = entry;
    // A correction behind an earlier checkpoint is folded already.
    if (root === entry) return true;
    const moved = body.kind === 'amends' ? (body.change.date ?? root.date) : root.date;
    return root.date <= upTo ? moved <= upTo : moved > upTo && date > upTo;
  });
}

/** So many changes of what stands open or shut are kept: more than any date outstanding reaches back. */
const STATES_KEPT = 100;

/** The last changes of how something stood; told the same again and again, with the first that said so. */
function lastOf(line: StateLine): StateLine {
  const turned = line.findLastIndex(({ standing }) => standing !== line.at(-1)?.standing) + 1;
  return line.slice(Math.min(turned, Math.max(0, line.length - STATES_KEPT)));
}

/** Folds the past of a home up to the end of a day before `on`, as it is known on that day. */
export function takeCheckpoint(
  house: House,
  past: Past,
  upTo: CivilDate,
  on: CivilDate,
  around: ProjectionInputs,
): Checkpoint {
  const end = toDay(upTo);
  const { history, groups } = beginReplay(house, past, on, around);
  const settled = lastSettled(around.weather);
  const folded = past.recent.filter(({ date }) => date <= upTo);
  const count = (past.start?.count ?? 0) + folded.length;
  const before: Past = { start: past.start, recent: folded };
  const needs = new Map(history.duties.map(({ duty, timing }) => [duty.id, timing.needs ?? []]));
  const stock = stockAfter(folded, (dutyId) => needs.get(dutyId) ?? [], stockOf(past.start));
  return {
    upTo,
    madeOn: on,
    count,
    duties: groups.flatMap((group) =>
      dutiesOf(group, group.hangsOnWeather ? Math.min(end, settled) : end, end, count),
    ),
    kept: keptOf(toldOf(before), house),
    ...houseParts(history, end),
    meters: metersOf(groups, rootsOf(house.assets), end),
    stock: [...stock].map(([supply, quantity]) => ({ supply, quantity })),
  };
}

/** The last day whose outlook lies wholly before the days passed that are told of: nothing known of the weather changes it any more. */
const lastSettled = ({ passed: [first] }: Weather): DayNumber =>
  first === undefined ? Infinity : toDay(first.date) - OUTLOOK_DAYS - 1;

/** Duties that share their dates are replayed up to a day, all or none: what one answers hangs on the dates of the others. */
function dutiesOf(group: Group, settled: DayNumber, end: DayNumber, count: number): CheckpointDuty[] {
  const { members } = group;
  const before = Math.max(-Infinity, ...members.map(({ history }) => history.memory?.now ?? -Infinity));
  const day = Math.max(settled, before);
  const isSettled = members.every((member) => isSettledBy(member, day));
  if (isSettled) group.run(day);
  return members.map((member): CheckpointDuty => {
    const { duty, adoption, segments, retiredOn, dismissedAt, events } = member.history;
    const begun = adoption.day <= end;
    return {
      id: duty.id,
      adoption: begun ? { entryId: adoption.entryId, day: adoption.day } : null,
      terms: segments.flatMap(({ start, terms }) =>
        start <= end && (begun || Number.isFinite(start))
          ? [{ start: Number.isFinite(start) ? start : null, terms }]
          : [],
      ),
      retiredOn: retiredOn !== null && retiredOn <= end ? retiredOn : null,
      dismissedAt: dismissedAt !== null && dismissedAt < count ? dismissedAt : null,
      wear: member.history.wearBefore(count),
      memory: isSettled ? member.remember() : null,
      events: events.flatMap(({ order, event }) =>
        order < count && event.kind !== 'turn' && !(isSettled && event.day <= day) ? [{ order, event }] : [],
      ),
    };
  });
}

/** Whether it was adopted by a day and all its terms had begun: else its past is read by what came later. */
const isSettledBy = ({ history: { adoption, segments } }: DutyReplay, end: DayNumber): boolean =>
  adoption.day <= end && segments.every(({ start }) => start <= end);

/** Facts as last told, replacements, and what was found and is still open. */
function keptOf(told: readonly StandingEntry[], house: House): StandingEntry[] {
  const open = new Set(openFindingsIn(told, house).map(({ entryId }) => entryId));
  const lastTold = new Map<string, StandingEntry>();
  for (const one of told)
    if (one.body.kind === 'fact') lastTold.set(`${one.body.asset} ${one.body.fact}`, one);
  const facts = new Set(lastTold.values());
  return told.filter((one) => one.body.kind === 'replaced' || facts.has(one) || open.has(one.entry.id));
}

/** The readings of the meters that a rule counts by, by the first unit's asset. */
function metersOf(
  groups: readonly Group[],
  roots: ReadonlyMap<string, string>,
  end: DayNumber,
): Checkpoint['meters'] {
  const found = new Map<string, Checkpoint['meters'][number]>();
  for (const { history } of groups.flatMap(({ members }) => members)) {
    const root = roots.get(history.duty.asset) ?? history.duty.asset;
    const rules = history.segments.flatMap(({ terms }) => countingRules(terms.rule));
    for (const measure of rules.flatMap((rule) => (rule.kind === 'usage' ? rule.meter : []))) {
      const readings = (history.meters.get(measure) ?? []).filter(({ day }) => day <= end);
      if (readings.length > 0) found.set(`${root} ${measure}`, { root, measure, readings });
    }
  }
  return [...found.values()];
}

function houseParts(
  { traits, states, triggers }: HouseHistory,
  end: DayNumber,
): Pick<Checkpoint, 'traits' | 'states' | 'triggers'> {
  const by = <T extends { readonly day: DayNumber }>(line: readonly T[]): T[] =>
    line.filter(({ day }) => day <= end);
  return {
    traits: [...traits].flatMap(([code, changes]) => {
      const known = by(changes);
      return known.length > 0 ? [{ code, changes: known }] : [];
    }),
    states: [...states].flatMap(([key, line]) => {
      const known = lastOf(by(line));
      return known.length > 0 ? [{ key, line: [...known] }] : [];
    }),
    triggers: by(triggers).flatMap(({ source, ...trigger }) =>
      source === 'logged' ? [{ ...trigger, source }] : [],
    ),
  };
}
