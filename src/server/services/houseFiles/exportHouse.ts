import {
  HOUSE_FILE_FORMAT,
  HOUSE_FILE_VERSION,
  type HouseFile,
} from '../../../core/formats/houseFileShape.ts';
import type { Home } from '../../../core/house/house.ts';
import type { Household } from '../../../core/house/household.ts';
import { applyCorrections } from '../../../core/ledger/corrections.ts';
import type { Entry } from '../../../core/ledger/entry.ts';
import { referencesOf } from '../../../core/ledger/references.ts';
import type { Tx } from '../../db/database.ts';
import { listKeptPapers } from '../../stores/documentStore.ts';
import { loadLedger } from '../../stores/entryStore.ts';
import { findOrigin, listPeople } from '../../stores/homeStore.ts';
import { loadHouse } from '../../stores/houseStore.ts';
import { listKeptPhotos } from '../../stores/photoStore.ts';
import { loadEveryRun } from '../../stores/runStore.ts';
import { loadWalk } from '../../stores/walkStore.ts';
import { chainOf } from './fileChain.ts';

/**
 * A home with its whole ledger as one document, and the walk and checklists as far as they have come. `withFiles`: with the photos and
 * papers that stand beside it. People are those it speaks of; who may sign in is not part of it.
 */
export async function exportHouse(tx: Tx, home: Home, { withFiles = false } = {}): Promise<HouseFile> {
  const house = await loadHouse(tx, home);
  const entries = (await loadLedger(tx, home.id)).map(({ seq: _seq, ...entry }) => entry);
  const photos = withFiles ? await listKeptPhotos(tx, home.id) : [];
  const papers = withFiles ? await listKeptPapers(tx, home.id) : [];
  const runs = await loadEveryRun(tx, home.id);
  const walk = await loadWalk(tx, home.id);
  const origin = await findOrigin(tx, home.id);
  const household = householdOf(entries);
  const spokenOf = new Set([
    ...entries.flatMap(peopleIn),
    ...[...photos, ...papers].map(({ by }) => by),
    ...runs.flatMap(({ state }) => Object.values(state.states).flatMap(({ who }) => who ?? [])),
  ]);
  const { id, name, zone, hemisphere, units, vocabulary, currency, climate } = home;
  return {
    format: HOUSE_FILE_FORMAT,
    version: HOUSE_FILE_VERSION,
    home: { id, name, zone, hemisphere, units, vocabulary, currency, ...(climate && { climate }) },
    people: (await listPeople(tx, home.id)).filter((person) => spokenOf.has(person.id)),
    spaces: [...house.spaces],
    assets: [...house.assets],
    duties: [...house.duties],
    ...(house.practices && { practices: [...house.practices] }),
    ...(house.hidden && { hidden: [...house.hidden] }),
    ...(household && { household }),
    ...(walk.revision > 0 && { walk: { state: walk.state, finished: walk.finished } }),
    ...(runs.length > 0 && { checklists: runs.map(({ revision: _revision, ...run }) => run) }),
    ...(photos.length > 0 && { photos }),
    ...(papers.length > 0 && { papers }),
    chain: await chainOf(id, entries),
    ...(origin && { origin }),
    entries,
  };
}

const peopleIn = ({ by, body }: Entry): string[] => [
  by,
  ...referencesOf(body).flatMap(({ to, id }) => (to === 'person' ? [id] : [])),
];

/** The household as it was told last. */
function householdOf(ledger: readonly Entry[]): Household | null {
  const told = applyCorrections(ledger).findLast(
    ({ body, voidedBy }) => voidedBy === null && body.kind === 'household',
  )?.body;
  return told?.kind === 'household' ? told.household : null;
}
