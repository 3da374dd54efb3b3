import { makeBody } from '../../core/ledger/write/makeBody.ts';
import type { Addition } from '../../contract/schemas.ts';
import { civilDateIn } from '../../core/calendar/zone.ts';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import type { Asset, Duty, Home } from '../../core/house/house.ts';
import type { EntryBody } from '../../core/ledger/entry.ts';
import { dutyOf } from '../../core/ledger/references.ts';
import type { Tx } from '../db/database.ts';
import { findByIds } from '../stores/entryStore.ts';
import { insertAssets, insertDuties, insertSpaces, loadHouse } from '../stores/houseStore.ts';
import { finishWalk } from '../stores/walkStore.ts';
import { alreadyAdded, checkAddition, entryIdsOf, spacesOf } from './checkAddition.ts';
import { checkNewEntry, loadCheckContext } from './checkNewEntry.ts';
import { Failure } from './failure.ts';
import { writeDrafts, type Draft, type Writing } from './ledger.ts';
import { loadWholeHome } from './loadedHome.ts';
import { reprojectHome } from './schedule.ts';

/** Adds spaces, assets and duties with the entries that adopt them. Sent twice, it is added once. */
export async function addToHouse(tx: Tx, home: Home, addition: Addition, writing: Writing): Promise<void> {
  const today = civilDateIn(home.zone, writing.now);
  if (addition.on > today) throw new Failure('date-in-future', 'on', { kind: 'date-in-future', today });
  const house = await loadHouse(tx, home);
  const { assets, duties } = partsOf(addition);
  if (alreadyAdded(house, assets, duties)) return;
  checkAddition(house, addition, assets);
  await refuseKnownEntries(tx, home.id, addition);
  const fresh = spacesOf(addition).filter(({ id }) => !house.spaces.some((space) => space.id === id));
  await insertSpaces(tx, home.id, fresh);
  await insertAssets(tx, home.id, assets);
  await insertDuties(tx, home.id, duties);
  await writeDrafts(tx, home.id, draftsOf(addition, writing), ({ body }) => dutyOf(body));
  await writeTold(tx, home, addition, writing, today);
  if (addition.finishesWalk === true) await finishWalk(tx, home.id);
  await reprojectHome(tx, home, today);
}

/** Entries sent together with an addition, judged as if they were written on its own just after. */
async function writeTold(
  tx: Tx,
  home: Home,
  { entries = [] }: Addition,
  writing: Writing,
  today: CivilDate,
): Promise<void> {
  if (entries.length === 0) return;
  const context = await loadCheckContext(tx, await loadWholeHome(tx, home, today), 'outdated');
  const stampedAt = new Date(writing.now).toISOString();
  const drafts = entries.map((entry, index): Draft => {
    const draft = { ...entry, by: writing.by, stampedAt };
    checkNewEntry(context, draft, `entries[${index}]`);
    return draft;
  });
  await writeDrafts(tx, home.id, drafts, context.dutyOfEntry);
}

/** An entry of that id was written before, by something else: the addition as a whole was not. */
async function refuseKnownEntries(tx: Tx, homeId: string, addition: Addition): Promise<void> {
  const fieldOf = new Map(entryIdsOf(addition));
  const [known] = await findByIds(tx, homeId, [...fieldOf.keys()]);
  if (known) throw new Failure('id-taken', fieldOf.get(known.id));
}

function partsOf(addition: Addition): { assets: Asset[]; duties: Duty[] } {
  const assets = addition.assets.map(({ replacement: _replacement, ...asset }): Asset => asset);
  const duties = addition.duties.flatMap(({ practice, units }) =>
    units.map(({ asset, duty }): Duty => ({ id: duty, asset, practice })),
  );
  return { assets, duties };
}

function draftsOf(addition: Addition, { by, now }: Writing): Draft[] {
  const { on: date, batch } = addition;
  const stampedAt = new Date(now).toISOString();
  const draft = (id: string, body: EntryBody): Draft => ({ id, date, batch, by, stampedAt, body });
  const replaced = addition.assets.flatMap(({ id, succeeds, replacement }) =>
    succeeds !== undefined && replacement !== undefined
      ? [draft(replacement, makeBody('replaced', { asset: succeeds, successor: id }))]
      : [],
  );
  const adopted = addition.duties.flatMap(({ terms, units }) =>
    units.map(({ duty, entry }) => draft(entry, makeBody('adopted', { duty, terms }))),
  );
  return [...replaced, ...adopted];
}
