import type { Addition } from '../../contract/schemas.ts';
import { finderWith } from '../../core/catalogue/catalogue.ts';
import type { Asset, Duty, House, Space } from '../../core/house/house.ts';
import { canonicalHash } from './chain.ts';
import { Failure } from './failure.ts';

/** Judges an addition against the house as it stands; throws the first thing wrong with it. */
export function checkAddition(house: House, addition: Addition, assets: readonly Asset[]): void {
  checkOnce(addition);
  checkAssets(house, addition, assets);
  checkDuties(house, addition, assets);
}

export const spacesOf = ({ space, spaces = [] }: Addition): Space[] => [...(space ? [space] : []), ...spaces];

/** True when everything is there as sent; a conflict when an id is there as something else. */
export function alreadyAdded(house: House, assets: readonly Asset[], duties: readonly Duty[]): boolean {
  const same = (known: readonly { id: string }[], sent: readonly { id: string }[], list: string): number => {
    const present = sent.filter((one, index) => {
      const match = known.find(({ id }) => id === one.id);
      if (match && canonicalHash(match) !== canonicalHash(one))
        throw new Failure('id-taken', `${list}[${index}].id`);
      return match !== undefined;
    });
    return present.length;
  };
  const present = same(house.assets, assets, 'assets') + same(house.duties, duties, 'duties');
  if (present === 0) return false;
  if (present < assets.length + duties.length) throw new Failure('id-taken', 'assets');
  return true;
}

/** An id that is to be made, and the field that gives it. */
type Given = readonly [id: string, field: string];

/** The ids of every entry an addition writes. */
export function entryIdsOf({ assets, duties, entries = [] }: Addition): Given[] {
  return [
    ...assets.flatMap(({ replacement }, at): Given[] =>
      replacement === undefined ? [] : [[replacement, `assets[${at}].replacement`]],
    ),
    ...duties.flatMap(({ units }, at) =>
      units.map(({ entry }, place): Given => [entry, `duties[${at}].units[${place}].entry`]),
    ),
    ...entries.map(({ id }, at): Given => [id, `entries[${at}].id`]),
  ];
}

/** None of the ids to be made may be given twice, nor a thing served twice. */
function checkOnce(addition: Addition): void {
  const { space, spaces = [], assets, duties } = addition;
  refuseTwice([
    ...(space ? [[space.id, 'space.id'] as const] : []),
    ...spaces.map(({ id }, at): Given => [id, `spaces[${at}].id`]),
  ]);
  assets.forEach(({ serves = [] }, at) => {
    refuseTwice(serves.map((id, place) => [id, `assets[${at}].serves[${place}]`]));
  });
  refuseTwice(
    duties.flatMap(({ units }, at) =>
      units.map(({ duty }, place): Given => [duty, `duties[${at}].units[${place}].duty`]),
    ),
  );
  refuseTwice(entryIdsOf(addition));
}

function refuseTwice(given: readonly Given[]): void {
  const seen = new Set<string>();
  for (const [id, field] of given) {
    if (seen.has(id)) throw new Failure('id-taken', field, { kind: 'used-twice' });
    seen.add(id);
  }
}

/** Every asset that an asset points to must be in the house or further up the same list. */
function checkAssets(house: House, addition: Addition, assets: readonly Asset[]): void {
  const spaces = new Set([...house.spaces, ...spacesOf(addition)].map(({ id }) => id));
  const known = new Set(house.assets.map(({ id }) => id));
  const succeeded = new Set(house.assets.map(({ succeeds }) => succeeds));
  assets.forEach((asset, index) => {
    const refuse = (field: string, code: 'reference-unknown' | 'already-succeeded' = 'reference-unknown') => {
      throw new Failure(code, `assets[${index}].${field}`);
    };
    if (known.has(asset.id)) throw new Failure('id-taken', `assets[${index}].id`);
    if (asset.space !== undefined && !spaces.has(asset.space)) refuse('space');
    if (asset.partOf !== undefined && !known.has(asset.partOf)) refuse('partOf');
    if (asset.serves?.some((id) => !known.has(id))) refuse('serves');
    if (asset.succeeds !== undefined) {
      if (!known.has(asset.succeeds)) refuse('succeeds');
      if (succeeded.has(asset.succeeds)) refuse('succeeds', 'already-succeeded');
      succeeded.add(asset.succeeds);
    }
    known.add(asset.id);
  });
}

function checkDuties(house: House, addition: Addition, assets: readonly Asset[]): void {
  const find = finderWith(house.practices ?? []);
  const known = new Set([...house.assets, ...assets].map(({ id }) => id));
  addition.duties.forEach(({ practice, units }, index) => {
    if (practice.from === 'catalogue' && !find(practice.code))
      throw new Failure('practice-unknown', `duties[${index}].practice.code`);
    units.forEach(({ asset }, unit) => {
      const at = `duties[${index}].units[${unit}]`;
      if (!known.has(asset)) throw new Failure('reference-unknown', `${at}.asset`);
    });
  });
}
