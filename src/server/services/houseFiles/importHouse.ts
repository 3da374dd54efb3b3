import { v7 as uuid } from 'uuid';
import { uuidSchema } from '../../../contract/basics.ts';
import { pathText } from '../../../contract/errors.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { civilDateIn } from '../../../core/calendar/zone.ts';
import { findPractice } from '../../../core/catalogue/catalogue.ts';
import { practiceFaults } from '../../../core/formats/houseFaults.ts';
import type { HouseFile } from '../../../core/formats/houseFileShape.ts';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { dutyOf } from '../../../core/ledger/references.ts';
import type { Entry } from '../../../core/ledger/entry.ts';
import type { Tx } from '../../db/database.ts';
import { lockLedger } from '../../stores/entryStore.ts';
import { insertHome, insertPeople, isHome } from '../../stores/homeStore.ts';
import {
  hidePractices,
  insertAssets,
  insertDuties,
  insertSpaces,
  savePractices,
} from '../../stores/houseStore.ts';
import { idsOfOthers } from '../../stores/memberStore.ts';
import { insertRuns } from '../../stores/runStore.ts';
import { insertWalk } from '../../stores/walkStore.ts';
import { Failure } from '../failure.ts';
import { writeDrafts, type Writing } from '../ledger.ts';
import { noteAct } from '../members.ts';
import { reprojectHome } from '../schedule.ts';
import { keepAttachments, type FilesBeside } from './attachments.ts';
import { chainOf } from './fileChain.ts';
import { renamed } from './renamed.ts';

/**
 * Makes a home of a document, owned by the person of the transaction. Where nothing here has its ids they are kept, and with them its chain;
 * else everything gets a new id, nothing else differs, and the home notes where it was. `files`: the photos and papers beside it.
 */
export async function importHouse(
  tx: Tx,
  given: HouseFile,
  writing: Writing,
  files: FilesBeside | null = null,
): Promise<string> {
  const { by, now } = writing;
  const today = civilDateIn(given.home.zone, now);
  await mustBeUsable(given, today);
  const file = (await becomes(tx, given)) === 'kept' ? given : renamed(given);
  const { home } = file;
  if (!(await insertHome(tx, home, originOf(given, file)))) throw new Failure('id-taken', 'home.id');
  await lockLedger(tx, home.id);
  await insertPeople(tx, home.id, file.people);
  await insertSpaces(tx, home.id, file.spaces);
  await insertAssets(tx, home.id, file.assets);
  await insertDuties(tx, home.id, file.duties);
  await savePractices(tx, home.id, file.practices ?? []);
  await hidePractices(tx, home.id, file.hidden ?? [], true);
  await writeImported(tx, home.id, [...file.entries, ...householdEntry(file, { by, today, now })]);
  await keepAttachments(tx, home.id, file, files);
  await insertRuns(tx, home.id, file.checklists ?? []);
  if (file.walk) await insertWalk(tx, home.id, file.walk, new Date(now));
  await reprojectHome(tx, home, today);
  await noteAct(tx, home, { act: 'imported' }, writing);
  return home.id;
}

/** Whether a file's ids can be kept: none of them is anything's here, and none is the account of somebody else. */
export async function becomes(tx: Tx, file: HouseFile): Promise<'kept' | 'copied'> {
  if (!idsIn(file).every((id) => uuidSchema.safeParse(id).data === id)) return 'copied';
  if (await isHome(tx, file.home.id)) return 'copied';
  const people = file.people.map(({ id }) => id);
  return (await idsOfOthers(tx, file.home.id, people)).length > 0 ? 'copied' : 'kept';
}

const idsIn = (file: HouseFile): string[] => [
  file.home.id,
  ...[file.people, file.spaces, file.assets, file.duties, file.entries].flatMap((list) =>
    list.map(({ id }) => id),
  ),
  ...[file.photos ?? [], file.papers ?? [], file.checklists ?? []].flatMap((list) =>
    list.map(({ id }) => id),
  ),
  ...file.entries.flatMap(({ batch }) => batch ?? []),
];

/** Refuses a file with entries of days to come, with practices nobody knows, or that was changed since it was written. */
export async function mustBeUsable(file: HouseFile, today: CivilDate): Promise<void> {
  const future = file.entries.findIndex(({ date }) => date > today);
  if (future >= 0)
    throw new Failure('date-in-future', `entries[${future}].date`, { kind: 'date-in-future', today });
  const [fault] = practiceFaults(file, findPractice);
  if (fault) throw new Failure('practice-unknown', pathText(fault.path), { kind: fault.problem });
  if (!file.chain) return;
  const { entries, lastHash } = await chainOf(file.home.id, file.entries);
  if (file.chain.entries !== entries || file.chain.lastHash !== lastHash)
    throw new Failure('file-differs', 'chain', { kind: 'file-differs' });
}

/** Where a copy was before, if its file came out of an installation; a home that keeps its id keeps what it had noted. */
function originOf(given: HouseFile, made: HouseFile): HouseFile['origin'] | null {
  if (given.home.id === made.home.id) return given.origin ?? null;
  return given.chain ? { homeId: given.home.id, lastHash: given.chain.lastHash } : (given.origin ?? null);
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
