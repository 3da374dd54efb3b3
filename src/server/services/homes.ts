import type { HomeSummary, HouseBody } from '../../contract/schemas.ts';
import type { Home, Person } from '../../core/house/house.ts';
import { asPerson, type Database, type Tx } from '../db/database.ts';
import * as homes from '../stores/homeStore.ts';
import { idsOfOthers } from '../stores/memberStore.ts';
import { loadHouse } from '../stores/houseStore.ts';
import { canonicalHash } from './chain.ts';
import { Failure } from './failure.ts';

/** Every home of a person. */
export const homesOf = (db: Database, personId: string): Promise<HomeSummary[]> =>
  asPerson(db, personId, (tx) => homes.listHomes(tx, personId));

/** Makes a home. Sent twice, it is made once; an id that stands for something else is a conflict. */
export function createHome(db: Database, personId: string, home: Home): Promise<HomeSummary> {
  return asPerson(db, personId, async (tx) => {
    const made = await homes.insertHome(tx, home);
    const found = await homes.findHome(tx, personId, home.id);
    if (!found) throw new Failure('id-taken', 'id');
    if (!made && canonicalHash({ ...home, role: found.role }) !== canonicalHash(found))
      throw new Failure('id-taken', 'id');
    return found;
  });
}

/** The house as its pages need it. */
export async function houseOf(tx: Tx, home: HomeSummary): Promise<HouseBody> {
  const { role, ...fields } = home;
  const { spaces, assets, duties, practices, hidden } = await loadHouse(tx, fields);
  const people = await homes.listPeople(tx, home.id);
  const origin = await homes.findOrigin(tx, home.id);
  return {
    home: fields,
    role,
    ...(origin && { origin }),
    spaces: [...spaces],
    assets: [...assets],
    duties: [...duties],
    ...(practices && { practices: [...practices] }),
    ...(hidden && { hidden: [...hidden] }),
    people,
  };
}

/** Adds someone without an account, for entries to speak of. `at`: where in what was sent they stand. */
export async function addPerson(tx: Tx, home: Home, person: Person, at = ''): Promise<void> {
  const known = (await homes.listPeople(tx, home.id)).find(({ id }) => id === person.id);
  if (known && known.name !== person.name) throw new Failure('id-taken', `${at}id`);
  if (known) return;
  // Nobody comes into a home under the id of another's account.
  if ((await idsOfOthers(tx, home.id, [person.id])).length > 0) throw new Failure('id-taken', `${at}id`);
  await homes.insertPeople(tx, home.id, [person]);
}

/** Throws unless the typed name is the exact name of the home. */
export function mustBeNamed(home: Home, typedName: string): void {
  if (typedName !== home.name)
    throw new Failure('name-differs', 'name', { kind: 'name-differs', expected: home.name });
}

/** Erases a home for good. */
export async function eraseHome(tx: Tx, home: Home): Promise<void> {
  if (!(await homes.eraseHome(tx, home.id))) throw new Failure('not-allowed');
}
