import type { Addition } from '../../contract/schemas.ts';
import { finderWith } from '../../core/catalogue/catalogue.ts';
import { civilDateIn } from '../../core/calendar/zone.ts';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import type { Asset, Duty, Home, House, Space } from '../../core/house/house.ts';
import type { EntryBody } from '../../core/ledger/entry.ts';
import { dutyOf } from '../../core/ledger/references.ts';
import type { Tx } from '../db/database.ts';
import { lockLedger } from '../stores/entryStore.ts';
import { insertAssets, insertDuties, insertSpaces, loadHouse } from '../stores/houseStore.ts';
import { finishWalk } from '../stores/walkStore.ts';
import { canonicalHash } from './chain.ts';
import { checkNewEntry, loadCheckContext } from './checkNewEntry.ts';
import { Failure } from './failure.ts';
import { writeDrafts, type Draft, type Writing } from './ledger.ts';
import { rebuildHome } from './schedule.ts';

/** Adds spaces, assets and duties with the entries that adopt them. Sent twice, it is added once. */
export async function addToHouse(tx: Tx, home: Home, addition: Addition, writing: Writing): Promise<void> {
  await lockLedger(tx, home.id);
  const today = civilDateIn(home.zone, writing.now);
  if (addition.on > today) throw new Failure('date-in-future', 'on', { kind: 'date-in-future', today });
  const house = await loadHouse(tx, home);
  const { assets, duties } = partsOf(addition);
  if (alreadyAdded(house, assets, duties)) return;
  checkAssets(house, addition, assets);
  checkDuties(house, addition, assets);
  const fresh = spacesOf(addition).filter(({ id }) => !house.spaces.some((space) => space.id === id));
  await insertSpaces(tx, home.id, fresh);
  await insertAssets(tx, home.id, assets);
  await insertDuties(tx, home.id, duties);
  await writeDrafts(tx, home.id, draftsOf(addition, writing), ({ body }) => dutyOf(body));
  await writeTold(tx, home, addition, writing, today);
  if (addition.finishesWalk === true) await finishWalk(tx, home.id);
  await rebuildHome(tx, home, today);
}

/** What is told together with an addition, judged as if it were written on its own just after. */
async function writeTold(
  tx: Tx,
  home: Home,
  { entries = [] }: Addition,
  writing: Writing,
  today: CivilDate,
): Promise<void> {
  if (entries.length === 0) return;
  const context = await loadCheckContext(tx, home, today);
  const stampedAt = new Date(writing.now).toISOString();
  const drafts = entries.map((entry, index): Draft => {
    const draft = { ...entry, by: writing.by, stampedAt };
    checkNewEntry(context, draft, `entries[${index}]`);
    return draft;
  });
  await writeDrafts(tx, home.id, drafts, context.dutyOfEntry);
}

const spacesOf = ({ space, spaces = [] }: Addition): Space[] => [...(space ? [space] : []), ...spaces];

function partsOf(addition: Addition): { assets: Asset[]; duties: Duty[] } {
  const assets = addition.assets.map(({ replacement: _replacement, ...asset }): Asset => asset);
  const duties = addition.duties.flatMap(({ practice, units }) =>
    units.map(({ asset, duty }): Duty => ({ id: duty, asset, practice })),
  );
  return { assets, duties };
}

/** True when everything is there as sent; a conflict when an id is there as something else. */
function alreadyAdded(house: House, assets: readonly Asset[], duties: readonly Duty[]): boolean {
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

/** What an asset points to must be in the house or further up the same list. */
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
  const ids = new Set<string>();
  addition.duties.forEach(({ practice, units }, index) => {
    if (practice.from === 'catalogue' && !find(practice.code))
      throw new Failure('practice-unknown', `duties[${index}].practice.code`);
    units.forEach(({ asset, duty }, unit) => {
      const at = `duties[${index}].units[${unit}]`;
      if (!known.has(asset)) throw new Failure('reference-unknown', `${at}.asset`);
      if (ids.has(duty)) throw new Failure('id-taken', `${at}.duty`);
      ids.add(duty);
    });
  });
}

function draftsOf(addition: Addition, { by, now }: Writing): Draft[] {
  const { on: date, batch } = addition;
  const stampedAt = new Date(now).toISOString();
  const draft = (id: string, body: EntryBody): Draft => ({ id, date, batch, by, stampedAt, body });
  const replaced = addition.assets.flatMap(({ id, succeeds, replacement }) =>
    succeeds !== undefined && replacement !== undefined
      ? [draft(replacement, { kind: 'replaced', asset: succeeds, successor: id })]
      : [],
  );
  const adopted = addition.duties.flatMap(({ terms, units }) =>
    units.map(({ duty, entry }) => draft(entry, { kind: 'adopted', duty, terms })),
  );
  return [...replaced, ...adopted];
}
