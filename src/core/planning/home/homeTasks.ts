import { toCivilDate, toDay, type CivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import type { HomeSeasons } from '../../climate/homeSeasons.ts';
import type { FactValue } from '../../basics/factValue.ts';
import { leavesToOthers } from '../../house/doerFor.ts';
import { currentUnit, type Asset, type Duty, type House } from '../../house/house.ts';
import type { Entry } from '../../ledger/entry.ts';
import type { Practice } from '../../practice/practice.ts';
import type { Rule } from '../../practice/rule.ts';
import type { Need } from '../../practice/timing.ts';
import type { Doer, Terms } from '../../practice/terms.ts';
import { horizonFrom } from '../../schedule/horizon/horizon.ts';
import { notCovered } from '../../schedule/lead.ts';
import type { Occurrence } from '../../schedule/occurrence.ts';
import type { Reason } from '../../schedule/reason.ts';
import { replayHouse, type HouseReplay, type ProjectionInputs } from '../../schedule/replay/replayHouse.ts';
import { worthOf } from '../../schedule/rules/worthUntil.ts';
import type { HomeTask } from './homeTask.ts';
import { minutesEach } from '../../upkeep/minutesEach.ts';

/** Minutes of a task that nobody tells. */
const UNKNOWN_MINUTES = 15;
/** The household's own minutes for being there when a trade does what it could do itself. */
const HIRED_MINUTES = 20;
/** Minutes of a check that only decides whether there is work. */
const LOOK_MINUTES = 5;

/** The times a home's tasks fall due, and those that were missed. */
export interface HomeTimes {
  readonly tasks: readonly HomeTask[];
  readonly missed: readonly { readonly duty: string; readonly day: CivilDate }[];
}

export interface Told {
  /** The traits of the household, with what it says it does itself. */
  readonly traits: ReadonlyMap<string, FactValue>;
  /** Things that stand in the house, with their facts. */
  readonly assets: readonly Asset[];
  /** The last day of the plan. */
  readonly until: CivilDate;
}

/** Every occurrence that falls due up to a day, each as if it were done on its due day; an overdue one today. */
export function homeTimes(
  house: House,
  entries: readonly Entry[],
  on: CivilDate,
  inputs: ProjectionInputs,
  { traits, assets, until }: Told,
): HomeTimes {
  const replayed = replayHouse(house, entries, on, inputs);
  const members = replayed.groups.flatMap((group) => group.members);
  const today = toDay(on);
  const terms = new Map(
    members.map(({ history }) => [
      history.duty.id,
      history.segments.findLast(({ start }) => start <= today)?.terms,
    ]),
  );
  const missed = members.flatMap((member) =>
    member.missed.map(({ due }) => ({ duty: member.history.duty.id, day: due })),
  );
  const minutes = minutesEach(house, entries, on, inputs.find);
  const duties = new Map(house.duties.map((duty) => [duty.id, duty]));
  const facts = new Map(assets.map((asset) => [asset.id, asset]));
  const counted = new Map<string, number>();
  const times = horizonFrom(replayed, house, until).all();
  const missing = missingSupplies(times, replayed, (duty) => terms.get(duty)?.doer !== 'trade');
  const tasks = times.flatMap(({ dutyId, occurrence }, place): HomeTask[] => {
    const duty = duties.get(dutyId);
    const asset = duty && currentUnit(house.assets, duty.asset);
    if (!duty || !asset) return [];
    const number = (counted.get(dutyId) ?? 0) + 1;
    counted.set(dutyId, number);
    const practice = duty.practice.from === 'catalogue' ? inputs.find(duty.practice.code) : undefined;
    const kept = terms.get(dutyId);
    const doer = kept?.doer ?? 'self';
    const isLeft = practice !== undefined && leavesToOthers(practice, facts.get(asset.id) ?? asset, traits);
    return [
      {
        key: `${dutyId} ${number}`,
        duty: dutyId,
        number,
        asset: asset.id,
        practice: practice?.code ?? null,
        ...windowOf(occurrence),
        minutes: minutesOf(occurrence, doer, practice, minutes.get(dutyId)?.minutes),
        doer,
        leftToOthers: doer !== 'trade' && isLeft,
        ownMinutes: doer === 'trade' && !isLeft ? ownMinutes(occurrence, practice) : null,
        leadDays: doer === 'trade' ? leadOf(occurrence, practice) : 0,
        worthUntil: dateOrNull(lastWorth(kept, occurrence, replayed.seasons)),
        ...conductOf(duty, practice),
        ...waitOf(missing[place] ?? [], today),
      },
    ];
  });
  return { tasks, missed };
}

/** Of each occurrence the supplies it needs that the house has not got. A mere look uses nothing up, and a trade brings its own. */
function missingSupplies(
  times: readonly { readonly dutyId: string; readonly occurrence: Occurrence }[],
  { history }: HouseReplay,
  isOwn: (duty: string) => boolean,
): Need[][] {
  const needs = new Map(history.duties.map(({ duty, timing }) => [duty.id, timing.needs ?? []]));
  const demands = times.map(({ dutyId, occurrence }) => ({
    due: toDay(occurrence.window.due),
    needs: occurrence.asks === 'work' && isOwn(dutyId) ? (needs.get(dutyId) ?? []) : [],
  }));
  return notCovered(demands, history.stock);
}

/** Ordered today, all of them are there when the slowest has come. */
const waitOf = (missing: readonly Need[], today: DayNumber): Pick<HomeTask, 'waitsFor' | 'suppliesFrom'> =>
  missing.length === 0
    ? { waitsFor: [], suppliesFrom: null }
    : {
        waitsFor: missing.map(({ supply }) => supply),
        suppliesFrom: toCivilDate(today + Math.max(...missing.map(({ deliveryDays }) => deliveryDays))),
      };

const windowOf = ({ window, baseline, asks }: Occurrence) => ({
  asks,
  earliest: window.earliest,
  due: window.due,
  latest: window.latest,
  baseline,
});

const dateOrNull = (day: DayNumber | null): CivilDate | null => (day === null ? null : toCivilDate(day));

/** Minutes of a trade's usual work are those of being there; of work one could do oneself they are those of the work. */
function minutesOf(
  { asks }: Occurrence,
  doer: Doer,
  practice: Practice | undefined,
  usual = UNKNOWN_MINUTES,
): number {
  const told = asks === 'look' ? Math.min(usual, LOOK_MINUTES) : usual;
  return doer === 'trade' && practice?.doers[0] !== 'trade' ? Math.min(told, HIRED_MINUTES) : told;
}

/** Minutes of hired work for whoever does it without a trade; null for work that is a trade's own. */
const ownMinutes = ({ asks }: Occurrence, practice: Practice | undefined): number | null =>
  practice !== undefined && asks === 'work' && practice.doers.some((doer) => doer !== 'trade')
    ? practice.minutes
    : null;

/** The parts that its practice tells; a task of the home's own asks for nothing special. */
function conductOf(duty: Duty, practice: Practice | undefined) {
  const lifeSafety = duty.practice.from === 'home' ? duty.practice.lifeSafety : practice?.lifeSafety;
  return {
    consequence: lifeSafety ? ('life-safety' as const) : (practice?.planning?.consequence ?? 'comfort'),
    setUps: [...(practice?.setUps ?? [])],
    weather: [...(practice?.planning?.weather ?? [])],
    outdoors: practice?.planning?.outdoors ?? false,
    loud: practice?.planning?.noise === 'loud',
    two: practice?.planning?.people === 2,
    system: practice?.system ?? 'household',
    closes: practice?.pair?.half === 'closes',
    frost: practice?.freezeGuard !== undefined || practice?.pair?.half === 'closes',
    after: [...(practice?.after ?? [])],
  };
}

/** Days between asking a trade and its coming: as its booking day says, else as its practice does. */
function leadOf({ window, bookBy }: Occurrence, practice: Practice | undefined): number {
  if (bookBy === null) return practice?.lead?.days ?? 0;
  return Math.max(0, toDay(window.due) - toDay(bookBy));
}

/** Reasons of a date that stands on a list: of days, of the clock changes or of a season. */
const LISTED: ReadonlySet<Reason['kind']> = new Set(['listed', 'clockChange', 'season']);

/** The last day the work still makes sense, where its date is a listed one and the rule says so, or its window ends for that reason. */
function lastWorth(
  terms: Terms | undefined,
  { window, reasons }: Occurrence,
  seasons: HomeSeasons,
): DayNumber | null {
  const told = reasons.flatMap((reason): DayNumber[] => {
    if (reason.kind === 'worthUntil') return [toDay(reason.latest)];
    return reason.kind === 'caughtUp' || reason.kind === 'openedAgain' ? [toDay(reason.worthUntil)] : [];
  });
  if (told.length > 0) return Math.min(...told);
  if (!reasons.some(({ kind }) => LISTED.has(kind))) return null;
  const worths = worthRules(terms?.rule).flatMap((by) => {
    const worth = worthOf(by, toDay(window.due), seasons);
    return worth ? [worth.until] : [];
  });
  return worths.length === 0 ? null : Math.min(...worths);
}

function worthRules(
  rule: Rule | undefined,
): NonNullable<Extract<Rule, { worthUntil?: unknown }>['worthUntil']>[] {
  if (rule === undefined) return [];
  if (rule.kind === 'first') return rule.of.flatMap(worthRules);
  return 'worthUntil' in rule && rule.worthUntil !== undefined ? [rule.worthUntil] : [];
}
