import { toDay, type CivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import type { HomeSeasons } from '../../climate/homeSeasons.ts';
import { currentUnit, type Asset, type Duty, type House } from '../../house/house.ts';
import type { Entry } from '../../ledger/entry.ts';
import type { SetUp } from '../../practice/lists.ts';
import type { Consequence, WeatherLimit } from '../../practice/planning.ts';
import type { Practice } from '../../practice/practice.ts';
import type { Rule } from '../../practice/rule.ts';
import type { Doer, Terms } from '../../practice/terms.ts';
import { horizonFrom } from '../../schedule/horizon/horizon.ts';
import type { Occurrence } from '../../schedule/occurrence.ts';
import type { Reason } from '../../schedule/reason.ts';
import { replayHouse, type ProjectionInputs } from '../../schedule/replay/replayHouse.ts';
import { worthOf } from '../../schedule/rules/worthUntil.ts';
import { minutesEach } from '../../upkeep/minutesEach.ts';

/** One time a task of a home falls due within the plan, with everything the plan must know of it. */
export interface HomeTask {
  /** Its task and its number from the last entry, from 1: the same for as long as nothing is logged. */
  readonly key: string;
  readonly duty: Duty;
  readonly asset: Asset;
  readonly number: number;
  readonly occurrence: Occurrence;
  readonly doer: Doer;
  /** The household's own minutes. */
  readonly minutes: number;
  readonly consequence: Consequence;
  readonly setUps: readonly SetUp[];
  readonly weather: readonly WeatherLimit[];
  readonly outdoors: boolean;
  readonly system: string;
  /** The last day it is still worth doing; null where it always is. */
  readonly worthUntil: DayNumber | null;
  /** It shuts something off before the frost. */
  readonly closes: boolean;
  /** Frost harms what is left undone. */
  readonly frost: boolean;
  /** Days a trade must be asked before; 0 where none is. */
  readonly leadDays: number;
  /** Codes of practices that are done before it. */
  readonly after: readonly string[];
}

/** Minutes of a task that nobody tells. */
const UNKNOWN_MINUTES = 15;
/** The household's own minutes for being there when a trade does what it could do itself. */
const HIRED_MINUTES = 20;
/** Minutes of a check that only decides whether there is work. */
const LOOK_MINUTES = 5;

/** Every occurrence that falls due up to a day, each as if it were done on its due day; an overdue one today. */
export function homeTasks(
  house: House,
  entries: readonly Entry[],
  on: CivilDate,
  inputs: ProjectionInputs,
  until: CivilDate,
): HomeTask[] {
  const replayed = replayHouse(house, entries, on, inputs);
  const { seasons } = replayed;
  const today = toDay(on);
  const terms = new Map(
    replayed.groups
      .flatMap(({ members }) => members)
      .map(({ history }) => [
        history.duty.id,
        history.segments.findLast(({ start }) => start <= today)?.terms,
      ]),
  );
  const minutes = minutesEach(house, entries, on, inputs.find);
  const duties = new Map(house.duties.map((duty) => [duty.id, duty]));
  const counted = new Map<string, number>();
  return horizonFrom(replayed, house, until)
    .all()
    .flatMap(({ dutyId, occurrence }): HomeTask[] => {
      const duty = duties.get(dutyId);
      const asset = duty && currentUnit(house.assets, duty.asset);
      if (!duty || !asset) return [];
      const number = (counted.get(dutyId) ?? 0) + 1;
      counted.set(dutyId, number);
      const practice = duty.practice.from === 'catalogue' ? inputs.find(duty.practice.code) : undefined;
      const doer = terms.get(dutyId)?.doer ?? 'self';
      const usual = minutes.get(dutyId)?.minutes ?? UNKNOWN_MINUTES;
      const told = occurrence.asks === 'look' ? Math.min(usual, LOOK_MINUTES) : usual;
      // Minutes of what a trade usually does are those of being there; of what one could do oneself they are those of the work.
      const isHired = doer === 'trade' && practice?.doers[0] !== 'trade';
      return [
        {
          key: `${dutyId} ${number}`,
          duty,
          asset,
          number,
          occurrence,
          minutes: isHired ? Math.min(told, HIRED_MINUTES) : told,
          doer,
          leadDays: doer === 'trade' ? leadOf(occurrence, practice) : 0,
          worthUntil: lastWorth(terms.get(dutyId), occurrence, seasons),
          ...conductOf(duty, practice),
        },
      ];
    });
}

/** The parts that its practice tells; a task of the home's own asks for nothing special. */
function conductOf(duty: Duty, practice: Practice | undefined) {
  const lifeSafety = duty.practice.from === 'home' ? duty.practice.lifeSafety : practice?.lifeSafety;
  return {
    consequence: lifeSafety ? ('life-safety' as const) : (practice?.planning?.consequence ?? 'comfort'),
    setUps: practice?.setUps ?? [],
    weather: practice?.planning?.weather ?? [],
    outdoors: practice?.planning?.outdoors ?? false,
    system: practice?.system ?? 'household',
    closes: practice?.pair?.half === 'closes',
    frost: practice?.freezeGuard !== undefined || practice?.pair?.half === 'closes',
    after: practice?.after ?? [],
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
