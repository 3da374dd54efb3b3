import type { BetterTermsBody } from '../../contract/betterTerms.ts';
import type { SchoolsBody, TrialBody, UpkeepBody } from '../../contract/schemas.ts';
import type { KnownBody } from '../../contract/known.ts';
import { finderWith, PRACTICES } from '../../core/catalogue/catalogue.ts';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import { planFor } from '../../core/catalogue/planFor.ts';
import { rootsOf, type Asset, type Home, type House } from '../../core/house/house.ts';
import { timingOf } from '../../core/house/timingOf.ts';
import type { StandingEntry } from '../../core/ledger/corrections.ts';
import { standingAsOf } from '../../core/ledger/asOf.ts';
import { costEach } from '../../core/upkeep/costEach.ts';
import { householdIn } from '../../core/ledger/householdIn.ts';
import { lastDoneIn, lastReadingsIn } from '../../core/ledger/lastOf.ts';
import { stockAfter } from '../../core/ledger/stock.ts';
import type { Need } from '../../core/practice/timing.ts';
import { knownHouseIn, type KnownHouse } from '../../core/ledger/knownHouse.ts';
import type { EntryBody } from '../../core/ledger/entry.ts';
import { referencesOf } from '../../core/ledger/references.ts';
import { betterTerms } from '../../core/upkeep/betterTerms.ts';
import { keptOn } from '../../core/upkeep/keptOn.ts';
import { minutesEach } from '../../core/upkeep/minutesEach.ts';
import { nearHouse, schoolsCompared } from '../../core/upkeep/schoolsCompared.ts';
import { consideredEntries, tryEntries, type Considered } from '../../core/upkeep/trial.ts';
import type { Tx } from '../db/database.ts';
import { loadForTerms, loadLedger } from '../stores/entryStore.ts';
import { loadHouse } from '../stores/houseStore.ts';
import { Failure } from './failure.ts';
import { loadHome, loadWholeHome, projectionInputsOf, reachingBack } from './loadedHome.ts';

/** Facts and traits of a house as of now, what is in stock, and what was done and read last. */
export async function knownOf(tx: Tx, home: Home, on: CivilDate): Promise<KnownBody> {
  const house = await loadHouse(tx, home);
  const told = standingAsOf(await loadLedger(tx, home.id), on);
  return toKnown(house, told, knownHouseIn(house, told), on);
}

function toKnown(
  house: House,
  told: readonly StandingEntry[],
  { assets, traits }: KnownHouse,
  on: CivilDate,
): KnownBody {
  const standing = new Set(assets.map(({ id }) => id));
  const needs = needsIn(house, assets, on);
  return {
    on,
    facts: Object.fromEntries(assets.flatMap(({ id, facts }) => (facts ? [[id, facts]] : []))),
    weekMinutes: weekMinutesIn(told, traits),
    traits: Object.fromEntries(traits),
    gone: house.assets.flatMap(({ id }) => (standing.has(id) ? [] : [id])),
    stock: Object.fromEntries(stockAfter(told, (duty) => needs.get(duty) ?? [])),
    lastDone: Object.fromEntries(lastDoneIn(told)),
    lastRead: lastReadingsIn(told),
  };
}

/** Minutes of a usual week, as the household told of them or its walk did. */
function weekMinutesIn(told: readonly StandingEntry[], traits: KnownHouse['traits']): number | null {
  const { minutes } = householdIn(told, traits, { usualHours: 0 });
  const sum = minutes.reduce((all, one) => all + one, 0);
  return sum === 0 ? null : sum;
}

/** The supplies each task takes, by the facts of its thing; worked out once, however often it was done. */
function needsIn(
  house: House,
  assets: readonly Asset[],
  on: CivilDate,
): ReadonlyMap<string, readonly Need[]> {
  const { find } = projectionInputsOf(house, on);
  const byId = new Map(assets.map((asset) => [asset.id, asset]));
  return new Map(
    house.duties.map((duty) => [duty.id, timingOf(duty, byId.get(duty.asset), find).needs ?? []]),
  );
}

/** How every duty is kept on a day, and what a good practitioner would keep besides. */
export async function upkeepOn(tx: Tx, home: Home, on: CivilDate): Promise<UpkeepBody> {
  const house = await loadHouse(tx, home);
  const ledger = await loadLedger(tx, home.id);
  const around = projectionInputsOf(house, on);
  const kept = keptOn(house, ledger, on, around);
  const minutes = minutesEach(house, ledger, on, around.find);
  const told = standingAsOf(ledger, on);
  const known = knownHouseIn(house, told);
  const shown = [...PRACTICES, ...(house.practices ?? [])].filter(
    ({ code }) => !(house.hidden ?? []).includes(code),
  );
  const plan = planFor({ ...home, ...known }, shown);
  return {
    on,
    known: toKnown(house, told, known, on),
    kept: kept.map(({ next, ...one }) => ({
      ...one,
      next: next.map((occurrence) => ({ ...occurrence, reasons: [...occurrence.reasons] })),
      proposal: one.proposal && { ...one.proposal, looks: [...one.proposal.looks] },
      ...(minutes.get(one.dutyId) ?? { minutes: null, minutesFrom: null }),
    })),
    suggested: plan.duties
      .filter(({ practice, asset }) =>
        // Nothing is asked for beside what does it as well already.
        [practice.code, ...coveredBy(practice.code)].every((code) => !isKept(house, kept, code, asset.id)),
      )
      .map(({ practice, asset, school, because }) => ({
        practice: practice.code,
        asset: asset.id,
        school: school.code,
        because,
      })),
    besides: plan.besides.map(({ practice, asset }) => ({ practice: practice.code, asset: asset.id })),
    leftOut: plan.leftOut.map(({ practice, asset, because, by }) => ({
      practice: practice.code,
      asset: asset.id,
      because,
      by,
    })),
  };
}

/** The terms that duties of a home could have, because their schools say more now. Only the entries that tell of terms, things and traits are read. */
export async function betterTermsOn(tx: Tx, home: Home, on: CivilDate): Promise<BetterTermsBody> {
  const house = await loadHouse(tx, home);
  const told = await loadForTerms(tx, home.id);
  return { offers: betterTerms(house, told, on, finderWith(house.practices ?? [])) };
}

/** The practices that do this one as well. */
const coveredBy = (code: string): string[] =>
  PRACTICES.filter(({ covers }) => covers.includes(code)).map((practice) => practice.code);

/** A duty of that practice on the thing, or on one it replaced, that has not been given up. */
function isKept(house: House, kept: ReturnType<typeof keptOn>, code: string, asset: string): boolean {
  const roots = rootsOf(house.assets);
  const root = roots.get(asset) ?? asset;
  return kept.some(({ dutyId, retiredOn }) => {
    const duty = house.duties.find(({ id }) => id === dutyId);
    return (
      retiredOn === null &&
      duty?.practice.from === 'catalogue' &&
      duty.practice.code === code &&
      (roots.get(duty.asset) ?? duty.asset) === root
    );
  });
}

/** The effect of each school of a duty's practice; a duty in the home's own words has none. */
export async function schoolsFor(tx: Tx, home: Home, dutyId: string, on: CivilDate): Promise<SchoolsBody> {
  const house = await loadHouse(tx, home);
  const duty = house.duties.find(({ id }) => id === dutyId);
  if (!duty) throw new Failure('not-found', 'dutyId');
  const ledger = await loadLedger(tx, home.id);
  const around = projectionInputsOf(house, on);
  const practice = duty.practice.from === 'catalogue' ? around.find(duty.practice.code) : undefined;
  const near = nearHouse(house, around, dutyId);
  const present = keptOn(near, ledger, on, around).find((one) => one.dutyId === dutyId)?.terms;
  if (practice?.kind !== 'duty' || !present) return { schools: [] };
  const minutes = minutesEach(near, ledger, on, around.find).get(dutyId)?.minutes ?? practice.minutes;
  const compared = schoolsCompared(near, ledger, on, around, { dutyId, practice, present, minutes });
  const cost = costEach(standingAsOf(ledger, on)).get(dutyId);
  return {
    schools: compared.map((one) => ({
      ...one,
      days: [...one.days],
      costAYear: cost === undefined ? null : Math.round(one.timesAYear * cost),
      reasons: [...one.reasons],
    })),
  };
}

/**
 * Which dates some entries would move, were they written, and which of them would satisfy nothing. All they speak of must be in the house.
 * The one place that answers this: the browser would need the whole ledger for it.
 */
export async function trialOn(
  tx: Tx,
  home: Home,
  entries: readonly { readonly date?: CivilDate | undefined; readonly body: EntryBody }[],
  on: CivilDate,
): Promise<TrialBody> {
  const considered = entries.map(({ date = on, body }) => ({ date, body }));
  const loaded = await loadHome(tx, home, on);
  requireKnown(loaded.house, considered, on);
  const isBehind = considered.some(({ date }) => date < on);
  const known = isBehind
    ? await loadWholeHome(tx, home, on)
    : await reachingBack(tx, loaded, consideredEntries(considered));
  return tryEntries(known.house, known, considered, on, known.around);
}

function requireKnown(house: House, considered: readonly Considered[], today: CivilDate): void {
  const known = {
    duty: new Set(house.duties.map(({ id }) => id)),
    asset: new Set(house.assets.map(({ id }) => id)),
  };
  considered.forEach(({ date, body }, index) => {
    if (date > today)
      throw new Failure('date-in-future', `entries[${index}].date`, { kind: 'date-in-future', today });
    for (const { to, id, field } of referencesOf(body))
      if ((to === 'duty' || to === 'asset') && !known[to].has(id))
        throw new Failure('reference-unknown', `entries[${index}].body.${field}`);
  });
}
