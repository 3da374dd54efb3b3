import type { HouseFile } from '../../../core/formats/houseFileShape.ts';
import type { Tx } from '../../db/database.ts';
import { insertDocument } from '../../stores/documentStore.ts';
import { insertPhoto } from '../../stores/photoStore.ts';
import { isWhatItSays, MOST_DOCUMENTS } from '../documents.ts';
import { Failure } from '../failure.ts';
import { asKept, MOST_PHOTOS, sha256Of } from '../photos.ts';

/** The files beside a house file: one by its SHA-256, or null where it is not there. */
export type FilesBeside = (sha256: string) => Promise<Buffer | null>;

/** Keeps the photos and papers of a file. One that is missing or is not what it says is named, and nothing is kept. */
export async function keepAttachments(
  tx: Tx,
  homeId: string,
  { photos = [], papers = [] }: Pick<HouseFile, 'photos' | 'papers'>,
  files: FilesBeside | null,
): Promise<void> {
  if (photos.length > MOST_PHOTOS)
    throw new Failure('too-many-photos', 'photos', { kind: 'too-big', maximum: MOST_PHOTOS });
  if (papers.length > MOST_DOCUMENTS)
    throw new Failure('too-many-documents', 'papers', { kind: 'too-big', maximum: MOST_DOCUMENTS });
  for (const [index, { id, asset, caption, file, by, addedAt }] of photos.entries()) {
    const at = `photos[${index}].file`;
    const { jpeg, width, height } = await asKept(await readBeside(files, file, at), at);
    await insertPhoto(tx, {
      homeId,
      id,
      assetId: asset ?? null,
      caption,
      width,
      height,
      jpeg,
      sentSha256: file,
      sha256: sha256Of(jpeg),
      byPerson: by,
      addedAt: new Date(addedAt),
    });
  }
  for (const [index, { asset, file, by, addedAt, ...paper }] of papers.entries()) {
    const at = `papers[${index}].file`;
    const bytes = await readBeside(files, file, at);
    if (!isWhatItSays(bytes, paper.type)) throw new Failure('document-unreadable', at);
    await insertDocument(tx, {
      ...paper,
      homeId,
      assetId: asset,
      sentSha256: file,
      fileSha256: file,
      size: bytes.length,
      file: bytes,
      byPerson: by,
      addedAt: new Date(addedAt),
    });
  }
}

async function readBeside(files: FilesBeside | null, sha256: string, at: string): Promise<Buffer> {
  const bytes = files === null ? null : await files(sha256);
  if (bytes === null || sha256Of(bytes) !== sha256)
    throw new Failure('file-unreadable', at, { kind: 'file-beside', expected: `files/${sha256}` });
  return bytes;
}
