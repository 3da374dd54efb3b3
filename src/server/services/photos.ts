import { createHash } from 'node:crypto';
import sharp, { type OutputInfo } from 'sharp';
import { PHOTO_TYPES, type PhotoBody } from '../../contract/schemas.ts';
import type { Home } from '../../core/house/house.ts';
import type { Tx } from '../db/database.ts';
import { loadHouse } from '../stores/houseStore.ts';
import * as photos from '../stores/photoStore.ts';
import { lockLedger } from '../stores/entryStore.ts';
import { Failure } from './failure.ts';
import type { Writing } from './ledger.ts';

/** Pixels of the longer side that are kept: enough to read a rating plate by. */
const LONGEST_SIDE = 1_600;
const JPEG_QUALITY = 80;
/** More than any camera; a small file that unpacks into more is not opened. */
const MOST_PIXELS = 60_000_000;
const MOST_PHOTOS = 400;
const FORMATS: readonly string[] = PHOTO_TYPES.map((type) => type.replace('image/', ''));

export interface SentPhoto {
  readonly asset?: string | undefined;
  readonly caption: string;
  readonly image: string;
}

/** Keeps a photo, turned upright, sized down and without anything the camera wrote into it. Sent twice, it is kept once. */
export async function addPhoto(
  tx: Tx,
  home: Home,
  id: string,
  sent: SentPhoto,
  { by, now }: Writing,
): Promise<PhotoBody> {
  const bytes = Buffer.from(sent.image, 'base64');
  const sentSha256 = createHash('sha256')
    .update(bytes)
    .update(JSON.stringify([sent.asset ?? null, sent.caption]))
    .digest('hex');
  await lockLedger(tx, home.id);
  const known = await photos.findPhoto(tx, home.id, id);
  if (known && known.sentSha256 !== sentSha256) throw new Failure('id-taken', 'photoId');
  if (known) return known.body;
  if (sent.asset !== undefined) await mustHave(tx, home, sent.asset);
  if ((await photos.countPhotos(tx, home.id)) >= MOST_PHOTOS)
    throw new Failure('too-many-photos', 'image', { kind: 'too-big', maximum: MOST_PHOTOS });
  const { data, info } = await readImage(bytes);
  const body = {
    id,
    asset: sent.asset ?? null,
    caption: sent.caption,
    width: info.width,
    height: info.height,
    by,
  };
  const addedAt = new Date(now);
  const { asset: assetId, by: byPerson, ...columns } = body;
  await photos.insertPhoto(tx, {
    ...columns,
    homeId: home.id,
    assetId,
    byPerson,
    sentSha256,
    jpeg: data,
    addedAt,
  });
  return { ...body, addedAt: addedAt.toISOString() };
}

async function mustHave(tx: Tx, home: Home, asset: string): Promise<void> {
  const { assets } = await loadHouse(tx, home);
  if (!assets.some(({ id }) => id === asset)) throw new Failure('reference-unknown', 'asset');
}

/** Whatever goes wrong with a file says only that it cannot be read: it came from outside. */
async function readImage(bytes: Buffer): Promise<{ data: Buffer; info: OutputInfo }> {
  const unreadable = (): Failure =>
    new Failure('photo-unreadable', 'image', { kind: 'photo', options: [...FORMATS] });
  try {
    const image = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' });
    const { format } = await image.metadata();
    if (!FORMATS.includes(format)) throw unreadable();
    return await image
      .rotate()
      .resize({ width: LONGEST_SIDE, height: LONGEST_SIDE, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: JPEG_QUALITY })
      .toBuffer({ resolveWithObject: true });
  } catch {
    throw unreadable();
  }
}

export const photosOf = (tx: Tx, home: Home): Promise<PhotoBody[]> => photos.listPhotos(tx, home.id);

export async function imageOf(tx: Tx, home: Home, id: string): Promise<Buffer> {
  const image = await photos.loadImage(tx, home.id, id);
  if (!image) throw new Failure('not-found', 'photoId');
  return image;
}

/** Says which thing a photo shows; one taken on the walk belongs to none at first. */
export async function placePhoto(tx: Tx, home: Home, id: string, asset: string | null): Promise<void> {
  if (asset !== null) await mustHave(tx, home, asset);
  if (!(await photos.updatePhotoAsset(tx, home.id, id, asset))) throw new Failure('not-found', 'photoId');
}

export async function dropPhoto(tx: Tx, home: Home, id: string): Promise<void> {
  if (!(await photos.deletePhoto(tx, home.id, id))) throw new Failure('not-found', 'photoId');
}
