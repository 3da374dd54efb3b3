import { and, asc, eq, sql } from 'drizzle-orm';
import { z } from 'zod';
import { climateSchema, type Climate } from '../../core/climate/climateSchema.ts';
import type { HomeSummary } from '../../contract/schemas.ts';
import type { Home, Person } from '../../core/house/house.ts';
import type { Tx } from '../db/database.ts';
import { home, homePerson, membership } from '../db/tables/index.ts';
import { inPortions, oneRow } from './rows.ts';

const summaryColumns = {
  id: home.homeId,
  name: home.name,
  zone: home.zone,
  hemisphere: home.hemisphere,
  units: home.units,
  vocabulary: home.vocabulary,
  currency: home.currency,
  climate: home.climate,
  role: membership.role,
};

/** The homes a person is a member of, by name. */
export async function listHomes(tx: Tx, personId: string): Promise<HomeSummary[]> {
  const rows = await tx
    .select(summaryColumns)
    .from(home)
    .innerJoin(membership, and(eq(membership.homeId, home.homeId), eq(membership.personId, personId)))
    .orderBy(asc(home.name), asc(home.homeId));
  return rows.map(withClimate);
}

/** A home without a climate has no such field; stored JSON is parsed. */
function withClimate<H extends { climate: unknown }>({
  climate,
  ...rest
}: H): Omit<H, 'climate'> & { climate?: Climate } {
  return climate === null ? rest : { ...rest, climate: climateSchema.parse(climate) };
}

/** Sets or clears where a home's climate comes from. */
export async function updateClimate(tx: Tx, homeId: string, climate: Climate | null): Promise<void> {
  await tx.update(home).set({ climate }).where(eq(home.homeId, homeId));
}

/** One home with the person's role in it; null when they are no member, whether or not it exists. */
export async function findHome(tx: Tx, personId: string, homeId: string): Promise<HomeSummary | null> {
  // Every request of a home begins with this one: it is read as it stands, without a query being built for it.
  const { rows } = await tx.execute<HomeSummary & { climate: unknown }>(sql`
    SELECT home.home_id AS id, name, zone, hemisphere, units, vocabulary, currency, climate, role
    FROM home JOIN membership ON membership.home_id = home.home_id AND membership.person_id = ${personId}
    WHERE home.home_id = ${homeId}`);
  const [row] = rows;
  return row ? withClimate(row) : null;
}

/** Where a home that came from a file was before: the id it had, and the hash of the last line of its record. */
export interface Origin {
  readonly homeId: string;
  readonly lastHash: string | null;
}

/** Whether some home of the installation has an id, whoever may see it. */
export async function isHome(tx: Tx, homeId: string): Promise<boolean> {
  const row = await oneRow<{ known: boolean }>(tx, sql`SELECT is_home(${homeId}) AS known`);
  return row.known;
}

/** Makes a home owned by the person of the transaction; false when the id is taken. */
export async function insertHome(tx: Tx, made: Home, origin: Origin | null = null): Promise<boolean> {
  const row = await oneRow<{ made: boolean }>(
    tx,
    sql`SELECT create_home(${made.id}, ${made.name}, ${made.zone}, ${made.hemisphere}, ${made.units}, ${made.vocabulary}, ${made.currency}, ${made.climate ? JSON.stringify(made.climate) : null}::jsonb, ${origin ? JSON.stringify(origin) : null}::jsonb) AS made`,
  );
  return row.made;
}

const originSchema = z.object({ homeId: z.string(), lastHash: z.string().nullable() });

/** Where a home was before; null for one that was made here. */
export async function findOrigin(tx: Tx, homeId: string): Promise<Origin | null> {
  const [row] = await tx.select({ origin: home.origin }).from(home).where(eq(home.homeId, homeId));
  const origin = row?.origin ?? null;
  return origin === null ? null : originSchema.parse(origin);
}

/** Everyone the home's entries may speak of. */
export function listPeople(tx: Tx, homeId: string): Promise<Person[]> {
  return tx
    .select({ id: homePerson.personId, name: homePerson.name })
    .from(homePerson)
    .where(eq(homePerson.homeId, homeId))
    .orderBy(asc(homePerson.name), asc(homePerson.personId));
}

/** Adds people without accounts; one already there stays as it is. */
export async function insertPeople(tx: Tx, homeId: string, people: readonly Person[]): Promise<void> {
  const rows = people.map(({ id, name }) => ({ homeId, personId: id, name }));
  await inPortions(rows, (some) => tx.insert(homePerson).values(some).onConflictDoNothing());
}

/** Deletes a home and everything in it, leaving a line that it was done; false when the person does not own it. */
export async function eraseHome(tx: Tx, homeId: string): Promise<boolean> {
  const row = await oneRow<{ erased: boolean }>(tx, sql`SELECT erase_home(${homeId}) AS erased`);
  return row.erased;
}

/** Every home with one of its owners; sees anything only as the owner role. */
export async function listEveryHome(tx: Tx): Promise<{ home: Home; personId: string }[]> {
  const rows = await tx
    .selectDistinctOn([home.homeId], { ...summaryColumns, personId: membership.personId })
    .from(home)
    .innerJoin(membership, and(eq(membership.homeId, home.homeId), eq(membership.role, 'owner')))
    .orderBy(asc(home.homeId), asc(membership.personId));
  return rows.map(({ personId, role: _role, ...fields }) => ({ home: withClimate(fields), personId }));
}
