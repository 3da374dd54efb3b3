import { addSpan } from '../calendar/span.ts';
import { partialDay } from '../calendar/partialDate.ts';
import { toCivilDate, toDay, type CivilDate } from '../calendar/civilDate.ts';
import type { AssetKind } from '../basics/assetKind.ts';
import type { Asset } from './house.ts';

/** Years a thing usually serves, from and to. */
export interface Life {
  readonly from: number;
  readonly to: number;
}

/**
 * Usual lives in years. Alarms by what practitioners say of them; the rest are starting values to plan money by, not dates to
 * replace a sound thing: its own state decides.
 */
const LIVES: Partial<Record<AssetKind, Life>> = {
  'smoke-alarm': { from: 7, to: 10 },
  'co-alarm': { from: 5, to: 7 },
  'gas-detector': { from: 5, to: 7 },
  furnace: { from: 15, to: 20 },
  'air-handler': { from: 12, to: 18 },
  boiler: { from: 12, to: 20 },
  cooling: { from: 12, to: 18 },
  'evaporative-cooler': { from: 10, to: 20 },
  humidifier: { from: 8, to: 12 },
  ventilator: { from: 12, to: 20 },
  'water-heater': { from: 8, to: 12 },
  softener: { from: 10, to: 15 },
  dishwasher: { from: 8, to: 12 },
  refrigerator: { from: 10, to: 15 },
  dryer: { from: 10, to: 14 },
  'washing-machine': { from: 8, to: 12 },
  roof: { from: 20, to: 40 },
};

/** Where a thing stands in its life on a day; the dates are when it began and between which it usually ends. */
export interface Ageing {
  readonly began: CivilDate;
  readonly basis: 'made' | 'installed';
  readonly from: CivilDate;
  readonly to: CivilDate;
  readonly standing: 'inside' | 'ending' | 'past';
}

/** Its usual life: by the label where that says, else by the kind. */
export function lifeOf({ kind, facts }: Pick<Asset, 'kind' | 'facts'>): Life | null {
  const stated = facts?.['life'];
  if (typeof stated === 'number') return { from: stated, to: stated };
  return LIVES[kind] ?? null;
}

/** How far a thing is through its usual life; null where neither its age nor its usual life is known. */
export function ageingOf(asset: Asset, on: CivilDate): Ageing | null {
  const life = lifeOf(asset);
  const made = asset.facts?.['made'];
  const madeOn = typeof made === 'string' ? partialDay(made) : null;
  const began = madeOn ?? (asset.installed ? toDay(asset.installed) : null);
  if (!life || began === null) return null;
  const end = (years: number): CivilDate => toCivilDate(addSpan(began, { unit: 'years', count: years }));
  const [from, to] = [end(life.from), end(life.to)];
  const standing = on >= to ? 'past' : on >= from ? 'ending' : 'inside';
  return { began: toCivilDate(began), basis: madeOn === null ? 'installed' : 'made', from, to, standing };
}
