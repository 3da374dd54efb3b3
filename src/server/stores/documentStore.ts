import { and, asc, count, eq, isNotNull } from 'drizzle-orm';
import { documentSchema, type DocumentBody } from '../../contract/record.ts';
import { keptPaperSchema, type KeptPaper } from '../../core/formats/attachments.ts';
import type { Tx } from '../db/database.ts';
import { document } from '../db/tables/index.ts';

const { file: _file, ...columns } = {
  file: document.file,
  id: document.id,
  assetId: document.assetId,
  kind: document.kind,
  title: document.title,
  coverEnds: document.coverEnds,
  fileName: document.fileName,
  type: document.type,
  size: document.size,
  byPerson: document.byPerson,
  addedAt: document.addedAt,
};

type Row = Pick<typeof document.$inferSelect, keyof typeof columns>;

const toBody = ({ assetId, size, byPerson, addedAt, ...row }: Row): DocumentBody =>
  documentSchema.parse({ ...row, asset: assetId, bytes: size, by: byPerson, addedAt: addedAt.toISOString() });

/** The papers of a home, by name. */
export async function listDocuments(tx: Tx, homeId: string): Promise<DocumentBody[]> {
  const rows = await tx
    .select(columns)
    .from(document)
    .where(eq(document.homeId, homeId))
    .orderBy(asc(document.title));
  return rows.map(toBody);
}

export async function findDocument(
  tx: Tx,
  homeId: string,
  id: string,
): Promise<{ body: DocumentBody; sentSha256: string } | null> {
  const [row] = await tx
    .select({ ...columns, sentSha256: document.sentSha256 })
    .from(document)
    .where(and(eq(document.homeId, homeId), eq(document.id, id)));
  if (!row) return null;
  const { sentSha256, ...rest } = row;
  return { body: toBody(rest), sentSha256 };
}

export async function countDocuments(tx: Tx, homeId: string): Promise<number> {
  const [row] = await tx.select({ n: count() }).from(document).where(eq(document.homeId, homeId));
  return row?.n ?? 0;
}

export async function insertDocument(tx: Tx, row: typeof document.$inferInsert): Promise<void> {
  await tx.insert(document).values(row);
}

export async function loadFile(
  tx: Tx,
  homeId: string,
  id: string,
): Promise<{ file: Buffer; type: string; fileName: string } | null> {
  const [row] = await tx
    .select({ file: document.file, type: document.type, fileName: document.fileName })
    .from(document)
    .where(and(eq(document.homeId, homeId), eq(document.id, id)));
  return row ?? null;
}

/** A paper's file by its content. */
export async function loadFileBySha(tx: Tx, homeId: string, sha256: string): Promise<Buffer | null> {
  const [row] = await tx
    .select({ file: document.file })
    .from(document)
    .where(and(eq(document.homeId, homeId), eq(document.fileSha256, sha256)))
    .limit(1);
  return row?.file ?? null;
}

/** Takes a paper away; answers with its title, or null where there is none of that id. */
export async function deleteDocument(tx: Tx, homeId: string, id: string): Promise<string | null> {
  const rows = await tx
    .delete(document)
    .where(and(eq(document.homeId, homeId), eq(document.id, id)))
    .returning({ title: document.title });
  return rows[0]?.title ?? null;
}

/** A cover that lasts until a day. */
export async function listCovers(
  tx: Tx,
  homeId: string,
): Promise<{ id: string; asset: string; title: string; ends: string }[]> {
  const rows = await tx
    .select({ id: document.id, asset: document.assetId, title: document.title, ends: document.coverEnds })
    .from(document)
    .where(and(eq(document.homeId, homeId), isNotNull(document.coverEnds)));
  return rows.flatMap(({ ends, ...row }) => (ends === null ? [] : [{ ...row, ends }]));
}

/** The papers of a home as a packed house file names them, in the order they came. */
export async function listKeptPapers(tx: Tx, homeId: string): Promise<KeptPaper[]> {
  const rows = await tx
    .select({ ...columns, sha256: document.fileSha256 })
    .from(document)
    .where(eq(document.homeId, homeId))
    .orderBy(asc(document.addedAt), asc(document.id));
  return rows.map(({ assetId, size: _size, byPerson, addedAt, sha256, ...row }) =>
    keptPaperSchema.parse({
      ...row,
      asset: assetId,
      file: sha256,
      by: byPerson,
      addedAt: addedAt.toISOString(),
    }),
  );
}
