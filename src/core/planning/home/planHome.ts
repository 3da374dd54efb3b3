import { toCivilDate, toDay, type CivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import { HomeSeasons } from '../../climate/homeSeasons.ts';
import { SKILL_TRAITS } from '../../house/doerFor.ts';
import type { FactValue } from '../../basics/factValue.ts';
import type { Household } from '../../house/household.ts';
import type { House } from '../../house/house.ts';
import { standingAsOf } from '../../ledger/asOf.ts';
import type { StandingEntry } from '../../ledger/corrections.ts';
import type { Entry } from '../../ledger/entry.ts';
import { householdIn } from '../../ledger/householdIn.ts';
import { knownHouseIn } from '../../ledger/knownHouse.ts';
import type { ProjectionInputs } from '../../schedule/replay/replayHouse.ts';
import { USUAL_HOURS } from '../../upkeep/thisWeek.ts';
import type { Effort } from '../anneal.ts';
import { MOST_WEEKS } from '../problem.ts';
import { solve } from '../solve.ts';
import { arrange, type HomePlan, type HomeToPlan } from './arrange.ts';
import { homeProblem } from './homeProblem.ts';
import { homeTimes } from './homeTasks.ts';
import { onceAtFirst } from './onceAtFirst.ts';
import { WeekWeather } from './weekWeather.ts';
import { Weeks } from './weeks.ts';

/** A house as it is planned. `household`: how its house file says the household works. */
export interface PlannedHouse extends House {
  readonly household?: Household | undefined;
}

/** A home made ready on a day, and what became of its tasks before. */
export interface HomeOnDay extends HomeToPlan {
  readonly seasons: HomeSeasons;
  readonly past: readonly PastTime[];
}

/** The planning problem of a home on a day. `count`: weeks ahead, at most 53. */
export function homeToPlan(
  house: PlannedHouse,
  entries: readonly Entry[],
  on: CivilDate,
  inputs: ProjectionInputs,
  count = MOST_WEEKS,
): HomeOnDay {
  const weeks = new Weeks(toDay(on), count);
  const until = toCivilDate(weeks.days(count - 1).at(-1) ?? weeks.today);
  const told = standingAsOf(entries, on);
  const { traits: said, assets } = knownHouseIn(house, told);
  const household = householdIn(told, said, { inFile: house.household, usualHours: USUAL_HOURS });
  const weather = new WeekWeather(house.home, inputs.weather);
  const seasons = new HomeSeasons(house.home);
  const traits = withSkills(said, household);
  const { tasks: times, missed } = homeTimes(house, entries, on, inputs, { traits, assets, until });
  const tasks = onceAtFirst(times, weeks.today);
  const home = homeProblem(tasks, { weeks, weather, seasons, household });
  return { weeks, household, tasks, past: pastOf(told, missed, weeks.today), home, seasons, open: weather };
}

/** Days behind today that a plan shows. */
const DAYS_BEHIND = 56;

/** A time of a task that is behind today: done, or missed. */
export interface PastTime {
  readonly duty: string;
  readonly day: CivilDate;
  readonly was: 'done' | 'missed';
}

function pastOf(
  told: readonly StandingEntry[],
  missed: readonly { readonly duty: string; readonly day: CivilDate }[],
  today: DayNumber,
): PastTime[] {
  const done = told.flatMap(({ body, date }): PastTime[] =>
    body.kind === 'done' ? [{ duty: body.duty, day: date, was: 'done' }] : [],
  );
  return [...done, ...missed.map((one) => ({ ...one, was: 'missed' as const }))].filter(
    ({ day }) => toDay(day) >= today - DAYS_BEHIND,
  );
}

/** Plans a home's year: weeks by the planner, then days within each week. */
export const planHome = (toPlan: HomeToPlan, effort: Effort): HomePlan =>
  arrange(toPlan, solve(toPlan.home.problem, effort));

/** The traits, with what the household says that it does itself. */
function withSkills(
  traits: ReadonlyMap<string, FactValue>,
  { does = {} }: Household,
): ReadonlyMap<string, FactValue> {
  const said = Object.entries(SKILL_TRAITS).flatMap(([skill, trait]): [string, FactValue][] => {
    const value = does[skill as keyof typeof SKILL_TRAITS];
    return value === undefined ? [] : [[trait, value]];
  });
  const steps: [string, FactValue][] = does.steps === undefined ? [] : [['uneasy-on-ladders', !does.steps]];
  return new Map([...traits, ...said, ...steps]);
}
