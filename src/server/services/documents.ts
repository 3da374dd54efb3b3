import { createHash } from 'node:crypto';
import type { DOCUMENT_TYPES, DocumentBody, newDocumentSchema } from '../../contract/record.ts';
import type { z } from 'zod';
import type { Home } from '../../core/house/house.ts';
import type { Tx } from '../db/database.ts';
import * as documents from '../stores/documentStore.ts';
import { loadHouse } from '../stores/houseStore.ts';
import { Failure } from './failure.ts';
import { beginsAs } from './fileBeginnings.ts';
import type { Writing } from './ledger.ts';
import { noteAct } from './members.ts';
import { sha256Of } from './photos.ts';

export const MOST_DOCUMENTS = 500;

/** A file shows by its first bytes that it is what it says; text by having no bytes that are none. */
export const isWhatItSays = (bytes: Buffer, type: (typeof DOCUMENT_TYPES)[number]): boolean =>
  type === 'text/plain' ? !bytes.includes(0) : beginsAs(bytes, type);

export const documentsOf = (tx: Tx, home: Home): Promise<DocumentBody[]> =>
  documents.listDocuments(tx, home.id);

/** Keeps a paper of a thing as it came. Sent twice, it is kept once. */
export async function addDocument(
  tx: Tx,
  home: Home,
  id: string,
  { file, asset, ...about }: z.output<typeof newDocumentSchema>,
  { by, now }: Writing,
): Promise<DocumentBody> {
  const bytes = Buffer.from(file, 'base64');
  const sentSha256 = createHash('sha256')
    .update(bytes)
    .update(JSON.stringify([asset, about]))
    .digest('hex');
  const known = await documents.findDocument(tx, home.id, id);
  if (known && known.sentSha256 !== sentSha256) throw new Failure('id-taken', 'documentId');
  if (known) return known.body;
  const { assets } = await loadHouse(tx, home);
  if (!assets.some((one) => one.id === asset)) throw new Failure('reference-unknown', 'asset');
  if (!isWhatItSays(bytes, about.type)) throw new Failure('document-unreadable', 'file');
  if ((await documents.countDocuments(tx, home.id)) >= MOST_DOCUMENTS)
    throw new Failure('too-many-documents', 'file', { kind: 'too-big', maximum: MOST_DOCUMENTS });
  const addedAt = new Date(now);
  await documents.insertDocument(tx, {
    ...about,
    homeId: home.id,
    id,
    assetId: asset,
    sentSha256,
    fileSha256: sha256Of(bytes),
    size: bytes.length,
    file: bytes,
    byPerson: by,
    addedAt,
  });
  return { id, asset, ...about, bytes: bytes.length, by, addedAt: addedAt.toISOString() };
}

export async function fileOf(
  tx: Tx,
  home: Home,
  id: string,
): Promise<{ file: Buffer; type: string; fileName: string }> {
  const found = await documents.loadFile(tx, home.id, id);
  if (!found) throw new Failure('not-found', 'documentId');
  return found;
}

/** Takes a paper away, and leaves a line of it for the home's owners. */
export async function dropDocument(tx: Tx, home: Home, id: string, writing: Writing): Promise<void> {
  const title = await documents.deleteDocument(tx, home.id, id);
  if (title === null) throw new Failure('not-found', 'documentId');
  await noteAct(tx, home, { act: 'paperRemoved', name: title }, writing);
}
