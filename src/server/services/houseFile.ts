import { v7 as uuid } from 'uuid';
import { pathText } from '../../contract/errors.ts';
import { isCivilDate, type CivilDate } from '../../core/calendar/civilDate.ts';
import { civilDateIn } from '../../core/calendar/zone.ts';
import { findPractice } from '../../core/catalogue/catalogue.ts';
import { practiceFaults } from '../../core/formats/houseFaults.ts';
import { HOUSE_FILE_FORMAT, HOUSE_FILE_VERSION, type HouseFile } from '../../core/formats/houseFileShape.ts';
import type { Household } from '../../core/house/household.ts';
import type { Asset, Duty, Home } from '../../core/house/house.ts';
import { makeBody } from '../../core/ledger/write/makeBody.ts';
import { applyCorrections } from '../../core/ledger/corrections.ts';
import { dutyOf, mapReferences, referencesOf } from '../../core/ledger/references.ts';
import type { Entry } from '../../core/ledger/entry.ts';
import type { Tx } from '../db/database.ts';
import { loadLedger, lockLedger } from '../stores/entryStore.ts';
import { insertHome, insertPeople, listPeople } from '../stores/homeStore.ts';
import {
  hidePractices,
  insertAssets,
  insertDuties,
  insertSpaces,
  loadHouse,
  savePractices,
} from '../stores/houseStore.ts';
import { Failure } from './failure.ts';
import { writeDrafts } from './ledger.ts';
import { reprojectHome } from './schedule.ts';

/** A home with its whole ledger as one document. People are those the ledger speaks of; who may sign in is not part of it. */
export async function exportHouse(tx: Tx, home: Home): Promise<HouseFile> {
  const house = await loadHouse(tx, home);
  const ledger = await loadLedger(tx, home.id);
  const spokenOf = new Set(
    ledger.flatMap(({ by, body }) => [
      by,
      ...referencesOf(body)
        .filter(({ to }) => to === 'person')
        .map(({ id }) => id),
    ]),
  );
  const people = (await listPeople(tx, home.id)).filter(({ id }) => spokenOf.has(id));
  const household = householdOf(ledger);
  const { id, name, zone, hemisphere, units, vocabulary, currency, climate } = home;
  return {
    format: HOUSE_FILE_FORMAT,
    version: HOUSE_FILE_VERSION,
    home: { id, name, zone, hemisphere, units, vocabulary, currency, ...(climate && { climate }) },
    people,
    spaces: [...house.spaces],
    assets: [...house.assets],
    duties: [...house.duties],
    ...(house.practices && { practices: [...house.practices] }),
    ...(house.hidden && { hidden: [...house.hidden] }),
    ...(household && { household }),
    entries: ledger.map(({ seq: _seq, ...entry }) => entry),
  };
}

/** The household as it was told last. */
function householdOf(ledger: readonly Entry[]): Household | null {
  const told = applyCorrections(ledger).findLast(
    ({ body, voidedBy }) => voidedBy === null && body.kind === 'household',
  )?.body;
  return told?.kind === 'household' ? told.household : null;
}

/** Makes a new home of a document, owned by the person of the transaction. Everything gets a new id; nothing else differs. */
export async function importHouse(
  tx: Tx,
  file: HouseFile,
  { by, now }: { readonly by: string; readonly now: number },
): Promise<string> {
  const today = civilDateIn(file.home.zone, now);
  const future = file.entries.findIndex(({ date }) => date > today);
  if (future >= 0)
    throw new Failure('date-in-future', `entries[${future}].date`, { kind: 'date-in-future', today });
  const [fault] = practiceFaults(file, findPractice);
  if (fault) throw new Failure('practice-unknown', pathText(fault.path), { kind: fault.problem });
  const rename = renaming();
  const home: Home = { ...file.home, id: rename(file.home.id) };
  if (!(await insertHome(tx, home))) throw new Failure('id-taken', 'home.id');
  await lockLedger(tx, home.id);
  await insertPeople(
    tx,
    home.id,
    file.people.map((person) => ({ ...person, id: rename(person.id) })),
  );
  await insertSpaces(
    tx,
    home.id,
    file.spaces.map((space) => ({ ...space, id: rename(space.id) })),
  );
  await insertAssets(
    tx,
    home.id,
    file.assets.map((asset) => renameAsset(asset, rename)),
  );
  await insertDuties(
    tx,
    home.id,
    file.duties.map((duty) => renameDuty(duty, rename)),
  );
  await savePractices(tx, home.id, file.practices ?? []);
  await hidePractices(tx, home.id, file.hidden ?? [], true);
  await writeImported(tx, home.id, [
    ...file.entries.map((entry) => renameEntry(entry, rename)),
    ...householdEntry(file, { by, today, now }),
  ]);
  await reprojectHome(tx, home, today);
  return home.id;
}

/** Ids are given in the order asked for and sort in that order, so that the copy lists everything as the file does. */
function renaming(): (id: string) => string {
  const known = new Map<string, string>();
  return (id) => {
    const renamed = known.get(id) ?? uuid();
    known.set(id, renamed);
    return renamed;
  };
}

function renameDuty(duty: Duty, rename: (id: string) => string): Duty {
  const { companions } = duty;
  return {
    ...duty,
    id: rename(duty.id),
    asset: rename(duty.asset),
    ...(companions && {
      companions: {
        ...(companions.bound && { bound: companions.bound.map(rename) }),
        ...(companions.handy && { handy: companions.handy.map(rename) }),
      },
    }),
  };
}

function renameAsset(asset: Asset, rename: (id: string) => string): Asset {
  const { space, partOf, serves, succeeds } = asset;
  return {
    ...asset,
    id: rename(asset.id),
    ...(space !== undefined && { space: rename(space) }),
    ...(partOf !== undefined && { partOf: rename(partOf) }),
    ...(serves !== undefined && { serves: serves.map(rename) }),
    ...(succeeds !== undefined && { succeeds: rename(succeeds) }),
  };
}

function renameEntry(entry: Entry, rename: (id: string) => string): Entry {
  const { batch } = entry;
  const body = mapReferences(entry.body, rename);
  return {
    ...entry,
    id: rename(entry.id),
    by: rename(entry.by),
    ...(batch !== undefined && { batch: rename(batch) }),
    body:
      'occurrence' in body && body.occurrence !== undefined
        ? { ...body, occurrence: renameOccurrence(body.occurrence, rename) }
        : body,
  };
}

/** An occurrence is named by its duty and a listed date or the entry that started it, and perhaps the day its terms began. */
function renameOccurrence(key: string, rename: (id: string) => string): string {
  return key
    .split(':')
    .map((part) => (isCivilDate(part) ? part : rename(part)))
    .join(':');
}

/** A household that the file tells beside its ledger is written into the ledger. */
function householdEntry(
  { household, entries }: HouseFile,
  { by, today, now }: { readonly by: string; readonly today: CivilDate; readonly now: number },
): Entry[] {
  if (!household || entries.some(({ body }) => body.kind === 'household')) return [];
  const body = makeBody('household', { household });
  return [{ id: uuid(), date: today, stampedAt: new Date(now).toISOString(), by, body }];
}

async function writeImported(tx: Tx, homeId: string, entries: readonly Entry[]): Promise<void> {
  const dutyById = new Map<string, string | null>();
  for (const { id, body } of entries) {
    const target = body.kind === 'amends' || body.kind === 'voids' ? body.target : null;
    dutyById.set(id, target === null ? dutyOf(body) : (dutyById.get(target) ?? null));
  }
  await writeDrafts(tx, homeId, entries, ({ id }) => dutyById.get(id) ?? null);
}
