import { and, asc, count, eq } from 'drizzle-orm';
import type { PhotoBody } from '../../contract/photos.ts';
import type { KeptPhoto } from '../../core/formats/attachments.ts';
import type { Tx } from '../db/database.ts';
import { photo } from '../db/tables/index.ts';
import { withoutNulls } from './rows.ts';

const listed = {
  id: photo.id,
  asset: photo.assetId,
  caption: photo.caption,
  width: photo.width,
  height: photo.height,
  addedAt: photo.addedAt,
  by: photo.byPerson,
};

const toBody = <R extends { addedAt: Date }>(row: R): Omit<R, 'addedAt'> & { addedAt: string } => ({
  ...row,
  addedAt: row.addedAt.toISOString(),
});

/** The photos of a home without their images, in the order they came. */
export async function listPhotos(tx: Tx, homeId: string): Promise<PhotoBody[]> {
  const rows = await tx.select(listed).from(photo).where(eq(photo.homeId, homeId)).orderBy(asc(photo.id));
  return rows.map(toBody);
}

export async function findPhoto(
  tx: Tx,
  homeId: string,
  id: string,
): Promise<{ body: PhotoBody; sentSha256: string } | null> {
  const [row] = await tx
    .select({ ...listed, sentSha256: photo.sentSha256 })
    .from(photo)
    .where(and(eq(photo.homeId, homeId), eq(photo.id, id)));
  if (!row) return null;
  const { sentSha256, ...body } = row;
  return { body: toBody(body), sentSha256 };
}

export async function loadImage(tx: Tx, homeId: string, id: string): Promise<Buffer | null> {
  const [row] = await tx
    .select({ jpeg: photo.jpeg })
    .from(photo)
    .where(and(eq(photo.homeId, homeId), eq(photo.id, id)));
  return row?.jpeg ?? null;
}

/** A photo by its content. */
export async function loadImageBySha(tx: Tx, homeId: string, sha256: string): Promise<Buffer | null> {
  const [row] = await tx
    .select({ jpeg: photo.jpeg })
    .from(photo)
    .where(and(eq(photo.homeId, homeId), eq(photo.sha256, sha256)))
    .limit(1);
  return row?.jpeg ?? null;
}

export async function countPhotos(tx: Tx, homeId: string): Promise<number> {
  const [row] = await tx.select({ n: count() }).from(photo).where(eq(photo.homeId, homeId));
  return row?.n ?? 0;
}

export async function insertPhoto(tx: Tx, row: typeof photo.$inferInsert): Promise<void> {
  await tx.insert(photo).values(row);
}

/** Says which thing a photo shows; false where there is none of that id. */
export async function updatePhotoAsset(
  tx: Tx,
  homeId: string,
  id: string,
  assetId: string | null,
): Promise<boolean> {
  const changed = await tx
    .update(photo)
    .set({ assetId })
    .where(and(eq(photo.homeId, homeId), eq(photo.id, id)))
    .returning({ id: photo.id });
  return changed.length > 0;
}

/** Takes a photo away; answers with its caption, or null where there is none of that id. */
export async function deletePhoto(tx: Tx, homeId: string, id: string): Promise<string | null> {
  const gone = await tx
    .delete(photo)
    .where(and(eq(photo.homeId, homeId), eq(photo.id, id)))
    .returning({ caption: photo.caption });
  return gone[0]?.caption ?? null;
}

/** The photos of a home as a packed house file names them, in the order they came. */
export async function listKeptPhotos(tx: Tx, homeId: string): Promise<KeptPhoto[]> {
  const { id, asset, caption, by, addedAt } = listed;
  const rows = await tx
    .select({ id, asset, caption, by, addedAt, file: photo.sha256 })
    .from(photo)
    .where(eq(photo.homeId, homeId))
    .orderBy(asc(photo.id));
  return rows.map((row) => withoutNulls(toBody(row)));
}
