import { and, asc, eq, sql } from 'drizzle-orm';
import {
  assetSchema,
  dutyPracticeSchema,
  dutySchema,
  type Asset,
  type Duty,
  type Home,
  type House,
  type Space,
} from '../../core/house/house.ts';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import type { Tx } from '../db/database.ts';
import { practiceSchema, type Practice } from '../../core/practice/practice.ts';
import { asset, assetServes, duty, homePractice, space } from '../db/tables/index.ts';
import { inPortions, withoutNulls } from './rows.ts';

/** Spaces, assets and duties of a home, each in the order they were made. */
export async function loadHouse(tx: Tx, home: Home): Promise<House> {
  const spaces = await tx.select().from(space).where(eq(space.homeId, home.id)).orderBy(asc(space.id));
  const assets = await tx.select().from(asset).where(eq(asset.homeId, home.id)).orderBy(asc(asset.id));
  const serves = await tx
    .select()
    .from(assetServes)
    .where(eq(assetServes.homeId, home.id))
    .orderBy(asc(assetServes.servesId));
  const duties = await loadDuties(tx, home.id);
  const own = await loadPractices(tx, home.id);
  const served = new Map<string, string[]>();
  for (const { assetId, servesId } of serves) served.set(assetId, [...(served.get(assetId) ?? []), servesId]);
  return {
    home,
    ...own,
    spaces: spaces.map(
      ({ id, name, use, storey, side }): Space =>
        ({ id, name, ...withoutNulls({ use, storey, side }) }) as Space,
    ),
    assets: assets.map((row) => toAsset(row, served.get(row.id) ?? [])),
    duties,
  };
}

/** The duties of a home, without what they are done to. */
export async function loadDuties(tx: Tx, homeId: string): Promise<Duty[]> {
  const rows = await tx.select().from(duty).where(eq(duty.homeId, homeId)).orderBy(asc(duty.id));
  return rows.map(({ id, assetId, practice, companions }) => ({
    id,
    asset: assetId,
    practice: dutyPracticeSchema.parse(practice),
    ...(companions !== null && { companions: dutySchema.shape.companions.parse(companions) }),
  }));
}

function toAsset(row: typeof asset.$inferSelect, serves: string[]): Asset {
  const facts = assetSchema.shape.facts.parse(row.facts);
  const parts = withoutNulls({ space: row.spaceId, partOf: row.partOf, succeeds: row.succeeds });
  const { installed } = row;
  return {
    id: row.id,
    kind: row.kind,
    name: row.name,
    ...parts,
    ...(serves.length > 0 && { serves }),
    ...(installed !== null && { installed: installed as CivilDate }),
    ...(facts && Object.keys(facts).length > 0 && { facts }),
  };
}

export const insertSpaces = (tx: Tx, homeId: string, spaces: readonly Space[]): Promise<void> =>
  inPortions(spaces, (some) => tx.insert(space).values(some.map((one) => ({ homeId, ...one }))));

/** Adds a space, or changes what it is called and what it is for. */
export async function saveSpace(tx: Tx, homeId: string, one: Space): Promise<void> {
  const { id, name, use = null, storey = null, side = null } = one;
  await tx
    .insert(space)
    .values({ homeId, id, name, use, storey, side })
    .onConflictDoUpdate({ target: [space.homeId, space.id], set: { name, use, storey, side } });
}

/** Changes what an asset is called, where it stands and since when; false where the home has none of that id. */
export async function placeAsset(
  tx: Tx,
  homeId: string,
  id: string,
  { name, space: spaceId, installed }: { name: string; space: string | null; installed: CivilDate | null },
): Promise<boolean> {
  const changed = await tx
    .update(asset)
    .set({ name, spaceId, installed })
    .where(and(eq(asset.homeId, homeId), eq(asset.id, id)))
    .returning({ id: asset.id });
  return changed.length > 0;
}

/**
 * Adds assets. An asset may be part of, serve or succeed one further down the same list: all of them go in one statement, after which
 * PostgreSQL checks where each points to.
 */
export async function insertAssets(tx: Tx, homeId: string, assets: readonly Asset[]): Promise<void> {
  const rows = assets.map(({ id, kind, name, space: spaceId, partOf, succeeds, installed, facts = {} }) => ({
    id,
    kind,
    name,
    space_id: spaceId,
    part_of: partOf,
    succeeds,
    installed,
    facts,
  }));
  await tx.execute(sql`
    INSERT INTO asset (home_id, id, kind, name, space_id, part_of, succeeds, installed, facts)
    SELECT ${homeId}::uuid, id, kind, name, space_id, part_of, succeeds, installed, facts
    FROM jsonb_to_recordset(${JSON.stringify(rows)}::jsonb)
      AS row (id uuid, kind text, name text, space_id uuid, part_of uuid, succeeds uuid, installed date, facts jsonb)`);
  const serves = assets.flatMap((one) =>
    (one.serves ?? []).map((servesId) => ({ homeId, assetId: one.id, servesId })),
  );
  await inPortions(serves, (some) => tx.insert(assetServes).values(some));
}

export const insertDuties = (tx: Tx, homeId: string, duties: readonly Duty[]): Promise<void> =>
  inPortions(duties, (some) =>
    tx.insert(duty).values(
      some.map(({ id, asset: assetId, practice, companions }) => ({
        homeId,
        id,
        assetId,
        practice,
        companions,
      })),
    ),
  );

/** The practices a home has added, and the codes it hides; both left out where there are none. */
async function loadPractices(tx: Tx, homeId: string): Promise<Pick<House, 'practices' | 'hidden'>> {
  const rows = await tx
    .select()
    .from(homePractice)
    .where(eq(homePractice.homeId, homeId))
    .orderBy(asc(homePractice.code));
  const practices = rows.flatMap(({ practice }) =>
    practice === null ? [] : [practiceSchema.parse(practice)],
  );
  const hidden = rows.filter((row) => row.hidden).map(({ code }) => code);
  return { ...(practices.length > 0 && { practices }), ...(hidden.length > 0 && { hidden }) };
}

/** Adds or changes practices of a home's own; whether they are hidden stays. */
export async function savePractices(tx: Tx, homeId: string, practices: readonly Practice[]): Promise<void> {
  for (const practice of practices)
    await tx
      .insert(homePractice)
      .values({ homeId, code: practice.code, practice, hidden: false })
      .onConflictDoUpdate({ target: [homePractice.homeId, homePractice.code], set: { practice } });
}

/** Hides practices, of the catalogue or the home's own, or shows them again. */
export async function hidePractices(
  tx: Tx,
  homeId: string,
  codes: readonly string[],
  hidden: boolean,
): Promise<void> {
  for (const code of codes)
    await tx
      .insert(homePractice)
      .values({ homeId, code, hidden })
      .onConflictDoUpdate({ target: [homePractice.homeId, homePractice.code], set: { hidden } });
}
