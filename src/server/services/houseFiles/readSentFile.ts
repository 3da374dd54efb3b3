import { readFile, stat } from 'node:fs/promises';
import { isZip, MOST_DOCUMENT_BYTES, openHouseZip, UnreadableZip } from './houseZip.ts';
import { MOST_DEPTH, pathTooDeep } from '../../../contract/depth.ts';
import { firstProblem } from '../../../contract/errors.ts';
import { houseFileSchema } from '../../../core/formats/houseFile.ts';
import type { HouseFile } from '../../../core/formats/houseFileShape.ts';
import { Failure } from '../failure.ts';
import type { FilesBeside } from './attachments.ts';

/** A house file that was sent, read and found good; `close` lets go of what is beside it. */
export interface SentFile {
  readonly file: HouseFile;
  readonly files: FilesBeside | null;
  close(): void;
}

/** Reads a house file, packed or plain. What is wrong is told by its path in the document. */
export async function readSentFile(path: string): Promise<SentFile> {
  if (!(await isZip(path))) {
    if ((await stat(path)).size > MOST_DOCUMENT_BYTES) throw new Failure('too-large', 'file');
    return { file: parse(await readFile(path, 'utf8')), files: null, close: () => undefined };
  }
  const zip = await orUnreadable(() => openHouseZip(path));
  const close = (): void => {
    zip.close();
  };
  try {
    const text = await orUnreadable(() => zip.readDocument());
    return { file: parse(text), files: (sha256) => orUnreadable(() => zip.readFile(sha256)), close };
  } catch (error) {
    close();
    throw error;
  }
}

async function orUnreadable<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (!(error instanceof UnreadableZip)) throw error;
    throw new Failure('file-unreadable', 'file', { kind: 'house-file', expected: error.message });
  }
}

function parse(text: string): HouseFile {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    throw new Failure('file-unreadable', 'file', { kind: 'format', expected: 'json' });
  }
  const tooDeep = pathTooDeep(json);
  if (tooDeep !== null) throw new Failure('invalid', tooDeep, { kind: 'too-deep', maximum: MOST_DEPTH });
  const read = houseFileSchema.safeParse(json);
  if (read.success) return read.data;
  const { field, problem } = firstProblem(read.error);
  throw new Failure('invalid', field === '' ? 'file' : field, problem);
}
