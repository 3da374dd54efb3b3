import { toDay, type CivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import { figuresOf } from '../../climate/climate.ts';
import { HomeSeasons } from '../../climate/homeSeasons.ts';
import type { Weather } from '../../climate/weather.ts';
import { companionsOf, type Companions } from '../../house/companions.ts';
import { rootsOf, type House } from '../../house/house.ts';
import type { FindPractice } from '../../house/timingOf.ts';
import type { Entry } from '../../ledger/entry.ts';
import { listingOf, type CalendarPlace, type Listing } from '../rules/listing.ts';
import type { DutyFacts, HomeFacts } from '../rules/ruleState.ts';
import { ruleStateOf } from '../rules/ruleStateOf.ts';
import { pastAsOf, type Past } from './checkpoint.ts';
import { gather } from './gather.ts';
import { Group, type Pull } from './group.ts';
import { stateKey, type DutyHistory, type HouseHistory } from './history.ts';
import { lowsOf, pulled } from './pull.ts';
import { DutyReplay } from './dutyReplay.ts';
import { actingFactors } from '../../practice/terms.ts';

/** Inputs of a projection, the house and its ledger apart: the catalogue, and what the almanac tells that day. */
export interface ProjectionInputs {
  readonly find: FindPractice;
  readonly weather: Weather;
}

/** A house's duties replayed up to a day, before companions move their dates. */
export interface HouseReplay {
  readonly today: DayNumber;
  readonly history: HouseHistory;
  readonly seasons: HomeSeasons;
  readonly companions: Companions;
  readonly groups: readonly Group[];
}

/** Replays every duty of a house up to a day, those that share their dates together. `entries`: the whole ledger in sequence. */
export const replayHouse = (
  house: House,
  entries: readonly Entry[],
  on: CivilDate,
  around: ProjectionInputs,
): HouseReplay => replayPast(house, pastAsOf(null, entries, on), on, around);

/** The same of a past of which a part is folded already. */
export function replayPast(house: House, past: Past, on: CivilDate, around: ProjectionInputs): HouseReplay {
  const replay = beginReplay(house, past, on, around);
  for (const group of replay.groups) group.run(replay.today);
  return replay;
}

/** Everything that is to be replayed, of which nothing is yet. */
export function beginReplay(house: House, past: Past, on: CivilDate, around: ProjectionInputs): HouseReplay {
  const today = toDay(on);
  const history = gather(house, past, on, around.find, around.weather);
  const companions = companionsOf(house, around.find);
  const seasons = new HomeSeasons(house.home);
  const replayOf = replayMaker(house, history, seasons, today);
  const replays = new Map(history.duties.map((duty) => [duty.duty.id, replayOf(duty)]));
  const lows = lowsOf(around.weather, today);
  const pull: Pull = (replay, placed, day) => pulled(placed, replay.history.timing, lows, day);
  const groups = companions.bound.flatMap((ids) => {
    const members = ids.flatMap((id) => replays.get(id) ?? []);
    return members.length === 0 ? [] : [new Group(members, pull)];
  });
  return { today, history, seasons, companions, groups };
}

function replayMaker(house: House, history: HouseHistory, seasons: HomeSeasons, today: DayNumber) {
  const home: HomeFacts = {
    seasons,
    figures: figuresOf(house.home),
    today,
    triggers: history.triggers,
    listingOf: sharedListings(house.home, seasons),
  };
  const roots = rootsOf(house.assets);
  return (duty: DutyHistory): DutyReplay => {
    const { adoption, timing, meters, unit } = duty;
    const facts: DutyFacts = { dutyId: duty.duty.id, adoption, timing, meters, unit };
    const root = roots.get(duty.duty.asset) ?? duty.duty.asset;
    const gateFacts = {
      seasons,
      trait: (code: string) => history.traits.get(code) ?? [],
      state: (code: string) => history.states.get(stateKey(root, code)) ?? [],
    };
    return new DutyReplay(
      duty,
      ({ terms, start }, sight) =>
        ruleStateOf(terms.rule, { home, duty: facts, start, factors: actingFactors(terms), sight }),
      { seasons, gateFacts },
    );
  };
}

/** The dates that rules list at a home; rules that say the same share them. */
function sharedListings(place: CalendarPlace, seasons: HomeSeasons): HomeFacts['listingOf'] {
  const known = new Map<string, Listing>();
  return (rule) => {
    const key = JSON.stringify({ ...rule, worthUntil: undefined });
    const listing = known.get(key) ?? listingOf(rule, place, seasons);
    known.set(key, listing);
    return listing;
  };
}
