import { createWriteStream } from 'node:fs';
import { open } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { buffer } from 'node:stream/consumers';
import { pipeline } from 'node:stream/promises';
import yauzl, { type Entry, type ZipFile } from 'yauzl';
import yazl from 'yazl';

/** The names within a packed house file. */
const DOCUMENT = 'house.json';
const BESIDE = /^files\/([0-9a-f]{64})$/;

/** More than a home can have; a small file that unpacks into more is not read. */
const MOST_ENTRIES = 2_100;
export const MOST_DOCUMENT_BYTES = 100_000_000;
const MOST_FILE_BYTES = 20_000_000;

/** Why a packed file cannot be read: not a zip, holding what does not belong, or too much. */
export class UnreadableZip extends Error {}

/** A packed house file that is open for reading. */
export interface HouseZip {
  /** The text of the document. Throws UnreadableZip. */
  readDocument(): Promise<string>;
  /** A file beside it by its SHA-256; null where there is none. Throws UnreadableZip. */
  readFile(sha256: string): Promise<Buffer | null>;
  close(): void;
}

/** Whether a file is packed, by its first bytes. */
export async function isZip(path: string): Promise<boolean> {
  const file = await open(path);
  try {
    const { buffer: bytes, bytesRead } = await file.read(Buffer.alloc(4), 0, 4, 0);
    return bytesRead === 4 && bytes.toString('latin1') === 'PK\u0003\u0004';
  } finally {
    await file.close();
  }
}

/** Writes a packed house file. `read` is asked for one file beside it at a time. */
export async function writeHouseZip(
  path: string,
  document: string,
  names: readonly string[],
  read: (sha256: string) => Promise<Buffer>,
): Promise<void> {
  const zip = new yazl.ZipFile();
  zip.addBuffer(Buffer.from(document), DOCUMENT);
  for (const name of new Set(names))
    // Photos and papers are packed already: packing them again takes time and saves nothing.
    zip.addReadStreamLazy(`files/${name}`, { compress: false }, (taken) => {
      read(name).then(
        (bytes) => {
          taken(null, Readable.from([bytes]));
        },
        (error: unknown) => {
          zip.emit('error', error);
        },
      );
    });
  zip.end();
  const failed = new Promise<never>((_resolve, reject) => zip.once('error', reject));
  await Promise.race([pipeline(zip.outputStream, createWriteStream(path)), failed]);
}

/** Opens a packed house file. Throws UnreadableZip where it is none, or holds what a house file does not. */
export async function openHouseZip(path: string): Promise<HouseZip> {
  const zip = await openZip(path);
  try {
    const entries = await entriesOf(zip);
    const document = entries.get(DOCUMENT);
    if (!document) throw new UnreadableZip(`it has no ${DOCUMENT}`);
    return {
      readDocument: async () => (await readEntry(zip, document, MOST_DOCUMENT_BYTES)).toString('utf8'),
      readFile: async (sha256) => {
        const entry = entries.get(`files/${sha256}`);
        return entry ? readEntry(zip, entry, MOST_FILE_BYTES) : null;
      },
      close: () => {
        zip.close();
      },
    };
  } catch (error) {
    zip.close();
    throw error;
  }
}

async function openZip(path: string): Promise<ZipFile> {
  try {
    return await yauzl.openPromise(path, { autoClose: false, lazyEntries: true, validateEntrySizes: true });
  } catch (error) {
    throw new UnreadableZip('it is no zip file, or was cut off', { cause: error });
  }
}

async function entriesOf(zip: ZipFile): Promise<Map<string, Entry>> {
  const entries = new Map<string, Entry>();
  if (zip.entryCount > MOST_ENTRIES) throw new UnreadableZip(`it holds ${zip.entryCount} files`);
  try {
    for await (const entry of zip.eachEntry()) {
      const { fileName } = entry;
      if (fileName.endsWith('/')) continue;
      if (fileName !== DOCUMENT && !BESIDE.test(fileName))
        throw new UnreadableZip(`it holds ${fileName}, which no house file does`);
      if (entries.has(fileName)) throw new UnreadableZip(`it holds ${fileName} twice`);
      entries.set(fileName, entry);
    }
  } catch (error) {
    throw asUnreadable(error);
  }
  return entries;
}

async function readEntry(zip: ZipFile, entry: Entry, most: number): Promise<Buffer> {
  if (entry.uncompressedSize > most) throw new UnreadableZip(`${entry.fileName} is too large`);
  try {
    return await buffer(await zip.openReadStreamPromise(entry));
  } catch (error) {
    throw asUnreadable(error);
  }
}

const asUnreadable = (error: unknown): UnreadableZip =>
  error instanceof UnreadableZip
    ? error
    : new UnreadableZip(error instanceof Error ? error.message : String(error), { cause: error });
