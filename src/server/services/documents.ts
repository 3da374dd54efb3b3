import { createHash } from 'node:crypto';
import type { DocumentBody, newDocumentSchema } from '../../contract/record.ts';
import type { z } from 'zod';
import type { Home } from '../../core/house/house.ts';
import type { Tx } from '../db/database.ts';
import * as documents from '../stores/documentStore.ts';
import { lockLedger } from '../stores/entryStore.ts';
import { loadHouse } from '../stores/houseStore.ts';
import { Failure } from './failure.ts';
import type { Writing } from './ledger.ts';

const MOST_DOCUMENTS = 500;

/** The first bytes by which a file shows that it is what it says; text shows by having no bytes that are none. */
const BEGINNINGS: Readonly<Record<string, readonly number[]>> = {
  'application/pdf': [0x25, 0x50, 0x44, 0x46],
  'image/jpeg': [0xff, 0xd8, 0xff],
  'image/png': [0x89, 0x50, 0x4e, 0x47],
};

function isWhatItSays(bytes: Buffer, type: string): boolean {
  const beginning = BEGINNINGS[type];
  return beginning ? beginning.every((byte, place) => bytes[place] === byte) : !bytes.includes(0);
}

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
  const sha256 = createHash('sha256')
    .update(bytes)
    .update(JSON.stringify([asset, about]))
    .digest('hex');
  await lockLedger(tx, home.id);
  const known = await documents.findDocument(tx, home.id, id);
  if (known && known.sha256 !== sha256) throw new Failure('id-taken', 'documentId');
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
    sha256,
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

export async function dropDocument(tx: Tx, home: Home, id: string): Promise<void> {
  if (!(await documents.deleteDocument(tx, home.id, id))) throw new Failure('not-found', 'documentId');
}
