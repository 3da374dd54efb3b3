import { toDay, type CivilDate, type DayNumber } from '../calendar/civilDate.ts';
import { figuresOf } from '../climate/climate.ts';
import { HomeSeasons } from '../climate/homeSeasons.ts';
import type { Weather } from '../climate/weather.ts';
import { companionsOf, type Companions } from '../house/companions.ts';
import { rootsOf, type House } from '../house/house.ts';
import type { FindPractice } from '../house/timingOf.ts';
import { standingAsOf } from '../ledger/asOf.ts';
import type { Entry } from '../ledger/entry.ts';
import { clockOf } from './clocks/clockOf.ts';
import { gather } from './gather.ts';
import { Group, type Pull } from './group.ts';
import { stateKey, type DutyHistory, type HouseHistory } from './history.ts';
import { lowsOf, pulled } from './pull.ts';
import { Replay } from './replay.ts';
import { actingFactors } from '../practice/terms.ts';

/** What a projection takes besides the house and its ledger: the catalogue, and what the almanac tells that day. */
export interface Surroundings {
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

/** Replays every duty of a house up to a day, those that share their dates together. */
export function replayHouse(
  house: House,
  entries: readonly Entry[],
  on: CivilDate,
  around: Surroundings,
): HouseReplay {
  const today = toDay(on);
  const history = gather(house, standingAsOf(entries, on), on, around.find, around.weather);
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
  for (const group of groups) group.run(today);
  return { today, history, seasons, companions, groups };
}

function replayMaker(house: House, history: HouseHistory, seasons: HomeSeasons, today: DayNumber) {
  const figures = figuresOf(house.home);
  const roots = rootsOf(house.assets);
  const { triggers } = history;
  return (duty: DutyHistory): Replay => {
    const { adoption, timing, meters, unit } = duty;
    const root = roots.get(duty.duty.asset) ?? duty.duty.asset;
    const shared = {
      dutyId: duty.duty.id,
      adoption,
      timing,
      meters,
      unit,
      place: house.home,
      seasons,
      figures,
      today,
      triggers,
    };
    const gateFacts = {
      seasons,
      trait: (code: string) => history.traits.get(code) ?? [],
      state: (code: string) => history.states.get(stateKey(root, code)) ?? [],
    };
    return new Replay(
      duty,
      ({ terms, start }, sight) =>
        clockOf(terms.rule, { ...shared, start, sight, factors: actingFactors(terms) }),
      { seasons, gateFacts },
    );
  };
}
