import type { CivilDate } from '../calendar/civilDate.ts';
import { standingAsOf } from './asOf.ts';
import type { StandingEntry } from './corrections.ts';
import type { Entry } from './entry.ts';
import type { FactValue } from '../basics/factValue.ts';
import type { Asset, House } from '../house/house.ts';

/** A house as known on a day: the things that stand in it, each with its facts as last told, and its traits. */
export interface KnownHouse {
  readonly assets: readonly Asset[];
  readonly traits: ReadonlyMap<string, FactValue>;
}

/** The house as its ledger tells it on a day. What was replaced or taken out is left out. */
export const knownHouse = (
  house: Pick<House, 'assets'>,
  entries: readonly Entry[],
  on: CivilDate,
): KnownHouse => knownHouseIn(house, standingAsOf(entries, on));

/** The same of what stands, in order. */
export function knownHouseIn(house: Pick<House, 'assets'>, told: readonly StandingEntry[]): KnownHouse {
  const gone = new Set(
    told.flatMap(({ body }) => (body.kind === 'removed' || body.kind === 'replaced' ? [body.asset] : [])),
  );
  const facts = factsTold(told);
  const traits = new Map(
    told.flatMap(({ body }): [string, FactValue][] =>
      body.kind === 'trait' ? [[body.trait, body.value]] : [],
    ),
  );
  const assets = house.assets.filter(({ id }) => !gone.has(id)).map((asset) => withFacts(asset, facts));
  return { assets, traits };
}

/** By asset and fact, what was told last. */
export function factsTold(told: readonly StandingEntry[]): ReadonlyMap<string, Record<string, FactValue>> {
  const facts = new Map<string, Record<string, FactValue>>();
  for (const { body } of told)
    if (body.kind === 'fact') facts.set(body.asset, { ...facts.get(body.asset), [body.fact]: body.value });
  return facts;
}

/** An asset with what was told of it since it came. */
export function withFacts(asset: Asset, told: ReadonlyMap<string, Record<string, FactValue>>): Asset {
  const own = told.get(asset.id);
  return own ? { ...asset, facts: { ...asset.facts, ...own } } : asset;
}
