import { createHash } from 'node:crypto';
import sharp, { type OutputInfo } from 'sharp';
import { PHOTO_TYPES, type PhotoBody } from '../../contract/photos.ts';
import type { Home } from '../../core/house/house.ts';
import type { Tx } from '../db/database.ts';
import { loadHouse } from '../stores/houseStore.ts';
import * as photos from '../stores/photoStore.ts';
import { Failure } from './failure.ts';
import { beginsAs } from './fileBeginnings.ts';
import type { Writing } from './ledger.ts';
import { noteAct } from './members.ts';

/** Pixels of the longer side that are kept: enough to read a rating plate by. */
const LONGEST_SIDE = 1_600;
const JPEG_QUALITY = 80;
/** More than any camera; a small file that unpacks into more is not opened. */
const MOST_PIXELS = 60_000_000;
export const MOST_PHOTOS = 400;
const FORMATS: readonly string[] = PHOTO_TYPES.map((type) => type.replace('image/', ''));

export interface SentPhoto {
  readonly asset?: string | undefined;
  readonly caption: string;
  readonly image: string;
}

/** A photo as it is kept: upright, sized down and without anything the camera wrote into it. */
export interface ReadyPhoto {
  readonly jpeg: Buffer;
  readonly width: number;
  readonly height: number;
  /** The hash of what was sent: sent again with other content it is a conflict. */
  readonly sentSha256: string;
  /** The hash of what is kept. */
  readonly sha256: string;
}

/** Reads a photo that was sent. It takes its time, so it is done before a transaction is begun. */
export async function readPhoto(sent: SentPhoto): Promise<ReadyPhoto> {
  const bytes = Buffer.from(sent.image, 'base64');
  const sentSha256 = createHash('sha256')
    .update(bytes)
    .update(JSON.stringify([sent.asset ?? null, sent.caption]))
    .digest('hex');
  // Judged by its first bytes, before any of the readers of other formats has a look at it.
  if (!PHOTO_TYPES.some((type) => beginsAs(bytes, type))) throw unreadable();
  const { data, info } = await readImage(bytes);
  return { jpeg: data, width: info.width, height: info.height, sentSha256, sha256: sha256Of(data) };
}

/** The SHA-256 of a file, in hex. */
export const sha256Of = (bytes: Buffer): string => createHash('sha256').update(bytes).digest('hex');

/** Keeps a photo that has been read. Sent twice, it is kept once. */
export async function addPhoto(
  tx: Tx,
  home: Home,
  id: string,
  { asset, caption, ready }: Omit<SentPhoto, 'image'> & { readonly ready: ReadyPhoto },
  { by, now }: Writing,
): Promise<PhotoBody> {
  const { sentSha256, sha256, ...image } = ready;
  const known = await photos.findPhoto(tx, home.id, id);
  if (known && known.sentSha256 !== sentSha256) throw new Failure('id-taken', 'photoId');
  if (known) return known.body;
  if (asset !== undefined) await mustHave(tx, home, asset);
  if ((await photos.countPhotos(tx, home.id)) >= MOST_PHOTOS)
    throw new Failure('too-many-photos', 'image', { kind: 'too-big', maximum: MOST_PHOTOS });
  const addedAt = new Date(now);
  const row = { id, caption, ...image, homeId: home.id, assetId: asset ?? null, byPerson: by };
  await photos.insertPhoto(tx, { ...row, sentSha256, sha256, addedAt });
  const { width, height } = image;
  return { id, asset: asset ?? null, caption, width, height, by, addedAt: addedAt.toISOString() };
}

async function mustHave(tx: Tx, home: Home, asset: string): Promise<void> {
  const { assets } = await loadHouse(tx, home);
  if (!assets.some(({ id }) => id === asset)) throw new Failure('reference-unknown', 'asset');
}

const unreadable = (at = 'image'): Failure =>
  new Failure('photo-unreadable', at, { kind: 'photo', options: [...FORMATS] });

/** Most bytes of a photo that was kept: it is not read again, only looked at. */
const MOST_KEPT_BYTES = 12_000_000;

/**
 * A photo from a packed house file: as it is where it was once kept so, else read like any other. Nothing that a camera wrote is kept.
 * `at`: where in the file it is named. Throws where it is no photo.
 */
export async function asKept(
  bytes: Buffer,
  at: string,
): Promise<{ jpeg: Buffer; width: number; height: number }> {
  if (!PHOTO_TYPES.some((type) => beginsAs(bytes, type))) throw unreadable(at);
  try {
    const about = await sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' }).metadata();
    const { width, height } = about;
    const isOurs =
      about.format === 'jpeg' &&
      bytes.length <= MOST_KEPT_BYTES &&
      Math.max(width, height) <= LONGEST_SIDE &&
      !(about.exif ?? about.iptc ?? about.xmp ?? about.comments);
    if (isOurs) return { jpeg: bytes, width, height };
  } catch {
    throw unreadable(at);
  }
  const { data, info } = await readImage(bytes, at);
  return { jpeg: data, width: info.width, height: info.height };
}

/** Whatever goes wrong with a file says only that it cannot be read: it came from outside. */
async function readImage(bytes: Buffer, at = 'image'): Promise<{ data: Buffer; info: OutputInfo }> {
  try {
    const image = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' });
    const { format } = await image.metadata();
    if (!FORMATS.includes(format)) throw unreadable(at);
    return await image
      .rotate()
      .resize({ width: LONGEST_SIDE, height: LONGEST_SIDE, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: JPEG_QUALITY })
      .toBuffer({ resolveWithObject: true });
  } catch {
    throw unreadable(at);
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

/** Takes a photo away, and leaves a line of it for the home's owners. */
export async function dropPhoto(tx: Tx, home: Home, id: string, writing: Writing): Promise<void> {
  const caption = await photos.deletePhoto(tx, home.id, id);
  if (caption === null) throw new Failure('not-found', 'photoId');
  await noteAct(tx, home, { act: 'photoRemoved', name: caption }, writing);
}
