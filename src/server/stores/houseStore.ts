import { and, eq, sql } from 'drizzle-orm';
import { z } from 'zod';
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
import { inPortions, oneRow, withoutNulls } from './rows.ts';

const uuids = z.array(z.string());

/** A house as it comes from the database: rows as JSON, empty fields with them. */
const storedHouse = z.object({
  spaces: z.array(z.object({ id: z.string(), name: z.string() }).loose()),
  assets: z.array(
    z
      .object({
        id: z.string(),
        facts: assetSchema.shape.facts,
        serves: uuids.nullable(),
      })
      .loose(),
  ),
  duties: z.array(
    z.object({
      id: z.string(),
      asset: z.string(),
      practice: dutyPracticeSchema,
      companions: dutySchema.shape.companions.nullable(),
    }),
  ),
  practices: z.array(practiceSchema).nullable(),
  hidden: z.array(z.string()).nullable(),
});

/** Spaces, assets and duties of a home, each in the order they were made, and its own practices: all in one statement. */
export async function loadHouse(tx: Tx, home: Home): Promise<House> {
  const { house } = await oneRow<{ house: unknown }>(
    tx,
    sql`SELECT json_build_object(
      'spaces', (SELECT coalesce(json_agg(json_build_object(
        'id', id, 'name', name, 'use', use, 'storey', storey, 'side', side) ORDER BY id), '[]')
        FROM space WHERE home_id = ${home.id}),
      'assets', (SELECT coalesce(json_agg(json_build_object(
        'id', id, 'kind', kind, 'name', name, 'space', space_id, 'partOf', part_of, 'succeeds', succeeds,
        'serves', (SELECT json_agg(serves_id ORDER BY serves_id) FROM asset_serves s
          WHERE s.home_id = asset.home_id AND s.asset_id = asset.id),
        'installed', installed, 'facts', facts) ORDER BY id), '[]')
        FROM asset WHERE home_id = ${home.id}),
      'duties', (SELECT coalesce(json_agg(json_build_object(
        'id', id, 'asset', asset_id, 'practice', practice, 'companions', companions) ORDER BY id), '[]')
        FROM duty WHERE home_id = ${home.id}),
      'practices', (SELECT json_agg(practice ORDER BY code) FROM home_practice
        WHERE home_id = ${home.id} AND practice IS NOT NULL),
      'hidden', (SELECT json_agg(code ORDER BY code) FROM home_practice WHERE home_id = ${home.id} AND hidden)
    ) AS house`,
  );
  const { spaces, assets, duties, practices, hidden } = storedHouse.parse(house);
  return {
    home,
    ...(practices && { practices }),
    ...(hidden && { hidden }),
    spaces: spaces.map((row) => withoutNulls(row) as Space),
    assets: assets.map(({ facts, ...row }): Asset => {
      const known = facts && Object.keys(facts).length > 0 ? { facts } : {};
      return { ...withoutNulls(row), ...known } as Asset;
    }),
    duties: duties.map(withoutNulls),
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
