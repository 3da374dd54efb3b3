import type { z } from 'zod';
import type { AcceptedPlan, PlanBody, SavePlan, savedPlanSchema } from '../../contract/plan.ts';
import { toCivilDate, type CivilDate } from '../../core/calendar/civilDate.ts';
import type { Season } from '../../core/climate/anchor.ts';
import type { Home } from '../../core/house/house.ts';
import { standingAsOf } from '../../core/ledger/asOf.ts';
import type { StandingEntry } from '../../core/ledger/corrections.ts';
import { countsAnew, placingsIn } from '../../core/ledger/placings.ts';
import { homeToPlan, type HomeOnDay } from '../../core/planning/home/planHome.ts';
import { costEach } from '../../core/upkeep/costEach.ts';
import { whoEach } from '../../core/upkeep/whoEach.ts';
import type { WeatherLimit } from '../../core/practice/planning.ts';
import type { Tx } from '../db/database.ts';
import { lockLedger, loadLedger } from '../stores/entryStore.ts';
import { loadHouse } from '../stores/houseStore.ts';
import { loadPlan, savePlan, type StoredPlan } from '../stores/planStore.ts';
import { projectionInputsOf } from './loadedHome.ts';

/** All that a page needs to plan a home's year. */
export async function planOf(tx: Tx, home: Home, on: CivilDate): Promise<PlanBody> {
  const house = await loadHouse(tx, home);
  const ledger = await loadLedger(tx, home.id);
  const entries = ledger.map(({ seq: _seq, ...entry }) => entry);
  const around = projectionInputsOf(house, on);
  const ready = homeToPlan(house, entries, on, around);
  const told = standingAsOf(entries, on);
  return {
    on,
    seq: ledger.length,
    household: ready.household,
    tasks: [...ready.tasks],
    problem: ready.home.problem,
    closed: [...ready.home.closed],
    open: {
      ladder: openDays(ready, 'ladder'),
      sealant: openDays(ready, 'sealant'),
      dry: openDays(ready, 'dry'),
      ground: openDays(ready, 'ground'),
    },
    outlook: around.weather.outlook.filter(({ date }) => date >= on),
    past: [...ready.past],
    seasons: {
      freezing: spansOf(ready, 'freezing'),
      heating: spansOf(ready, 'heating'),
      cooling: spansOf(ready, 'cooling'),
    },
    freeze: freezeAfter(ready),
    costs: Object.fromEntries(costEach(told)),
    who: Object.fromEntries(whoEach(told)),
    placings: placingsIn(told),
    accepted: toAccepted(await loadPlan(tx, home.id), told),
  };
}

/** The plan a home goes by, its weeks as they were accepted. */
export async function acceptedPlanOf(tx: Tx, home: Home): Promise<AcceptedPlan | null> {
  return toAccepted(await loadPlan(tx, home.id), []);
}

/** Accepts a plan. The later of two wins; the answer names the one it took the place of, where that was not seen. */
export async function acceptPlan(
  tx: Tx,
  home: Home,
  plan: SavePlan,
  { by, now }: { readonly by: string; readonly now: number },
): Promise<z.infer<typeof savedPlanSchema>> {
  // One after the other, so that each knows the one before.
  await lockLedger(tx, home.id);
  const before = await loadPlan(tx, home.id);
  const revision = await savePlan(tx, home.id, plan, by, new Date(now));
  return { revision, replaced: before && before.revision !== plan.saw ? headOf(before) : null };
}

const headOf = ({ weeks: _weeks, ...head }: StoredPlan): Omit<StoredPlan, 'weeks'> => head;

/** Its weeks by task and number; a task done since has no number: its times are counted anew. */
function toAccepted(stored: StoredPlan | null, told: readonly StandingEntry[]): AcceptedPlan | null {
  if (!stored) return null;
  const since = told.filter(({ sequence }) => sequence >= stored.seq);
  return {
    ...headOf(stored),
    weeks: Object.entries(stored.weeks).map(([key, day]) => {
      const [duty = '', number] = key.split(' ');
      return { duty, number: since.some((entry) => countsAnew(entry, duty)) ? null : Number(number), day };
    }),
  };
}

function openDays({ weeks, open }: HomeOnDay, limit: WeatherLimit): string {
  const days = Array.from({ length: weeks.count }, (_, week) => weeks.days(week)).flat();
  return days.map((day) => (open.allows(day, [limit]) ? '1' : '0')).join('');
}

/** The next freeze that work before the frost is held against. */
function freezeAfter({ seasons, weeks }: HomeOnDay): CivilDate | null {
  const day = seasons.freezeOnOrAfter(weeks.today, 10);
  return day === null ? null : toCivilDate(day);
}

/** The runs of a season within the plan. */
function spansOf({ weeks, seasons }: HomeOnDay, season: Season): [CivilDate, CivilDate][] {
  const last = weeks.days(weeks.count - 1).at(-1) ?? weeks.today;
  const spans: [CivilDate, CivilDate][] = [];
  for (let day = weeks.today; day <= last; day += 1) {
    const run = seasons.runAt(season, day);
    if (!run) continue;
    spans.push([toCivilDate(Math.max(run.from, weeks.today)), toCivilDate(Math.min(run.to, last))]);
    day = run.to;
  }
  return spans;
}
