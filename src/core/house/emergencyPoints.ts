import type { AssetKind } from '../basics/assetKind.ts';
import type { FactValue } from '../basics/factValue.ts';
import type { Asset, Space } from './house.ts';

/** The groups of the emergency sheet, in the order a person needs them. */
export const POINT_GROUPS = ['water', 'gas', 'power', 'drains', 'appliances'] as const;
export type PointGroup = (typeof POINT_GROUPS)[number];

/** Where one thing is shut off and how; what nobody has said is null. `asset` is null where the thing itself is not in the record. */
export interface EmergencyPoint {
  readonly group: PointGroup;
  readonly kind: AssetKind;
  readonly asset: string | null;
  readonly name: string | null;
  readonly space: string | null;
  readonly place: string | null;
  /** The sort of handle, which says how it is turned. */
  readonly handle: string | null;
  readonly how: string | null;
}

const GROUP_OF: Partial<Record<AssetKind, PointGroup>> = {
  'water-main': 'water',
  'outside-tap': 'water',
  irrigation: 'water',
  softener: 'water',
  fixture: 'water',
  sink: 'water',
  'gas-supply': 'gas',
  panel: 'power',
  'clean-out': 'drains',
  'treatment-plant': 'drains',
  'air-handler': 'appliances',
  furnace: 'appliances',
  boiler: 'appliances',
  cooling: 'appliances',
  'water-heater': 'appliances',
  humidifier: 'appliances',
  ventilator: 'appliances',
  'evaporative-cooler': 'appliances',
  'gas-fireplace': 'appliances',
  dishwasher: 'appliances',
  'washing-machine': 'appliances',
  dryer: 'appliances',
};

/** Shut-offs every household must know, in the record or not; gas where something burns it. */
const NEEDED: readonly AssetKind[] = ['water-main', 'panel', 'gas-supply'];

/** The people and numbers of the sheet: facts of the house itself. */
export const CONTACTS = [
  'emergency-number',
  'gas-emergency',
  'water-supplier',
  'power-supplier',
  'alarm-monitor',
  'trades',
  'meeting-place',
] as const;

/** Every place where something is shut, what is missing named; those nobody has described come last in their group. */
export function emergencyPoints(assets: readonly Asset[], spaces: readonly Space[]): EmergencyPoint[] {
  const known = assets.flatMap((asset): EmergencyPoint[] => {
    const group = GROUP_OF[asset.kind];
    if (!group) return [];
    const { facts = {}, kind } = asset;
    const said = (code: string): string | null => textOf(facts[code]);
    const place = said('shutoff-place');
    // A shut-off is told of; that a dishwasher has none in the record is no gap in an emergency.
    if (place === null && said('shutoff-how') === null && !isNeeded(kind, asset)) return [];
    const space = spaces.find(({ id }) => id === asset.space)?.name ?? null;
    return [
      {
        group,
        kind,
        asset: asset.id,
        name: asset.name,
        space,
        place,
        handle: said('shutoff'),
        how: said('shutoff-how'),
      },
    ];
  });
  const missing = NEEDED.filter(
    (kind) => !known.some((point) => point.kind === kind) && (kind !== 'gas-supply' || burnsGas(assets)),
  ).map((kind): EmergencyPoint => ({
    group: GROUP_OF[kind] ?? 'appliances',
    kind,
    asset: null,
    name: null,
    space: null,
    place: null,
    handle: null,
    how: null,
  }));
  const all = [...known, ...missing];
  return POINT_GROUPS.flatMap((group) => {
    const some = all.filter((point) => point.group === group);
    return [...some.filter(isDescribed), ...some.filter((point) => !isDescribed(point))];
  });
}

const isDescribed = ({ place }: EmergencyPoint): boolean => place !== null;

const isNeeded = (kind: AssetKind, asset: Asset): boolean =>
  NEEDED.includes(kind) || (kind === 'water-heater' && asset.facts?.['heater'] !== 'tankless');

const burnsGas = (assets: readonly Asset[]): boolean =>
  assets.some(({ kind, facts }) => kind === 'gas-fireplace' || facts?.['fuel'] === 'gas');

const textOf = (value: FactValue | undefined): string | null =>
  typeof value === 'string' && value.trim() !== '' ? value : null;
