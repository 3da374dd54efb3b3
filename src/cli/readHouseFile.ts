import { isZip, openHouseZip, UnreadableZip, type HouseZip } from '../server/services/houseFiles/houseZip.ts';
import { pathText } from '../contract/errors.ts';
import { findPractice } from '../core/catalogue/catalogue.ts';
import { practiceFaults } from '../core/formats/houseFaults.ts';
import { houseFileSchema } from '../core/formats/houseFile.ts';
import type { HouseFile } from '../core/formats/houseFileShape.ts';
import { BadInput, say } from './complain.ts';
import { parseJson, readText } from './readJsonFile.ts';

/** Reads and checks a house file, packed or plain; every error names its path in the file and the right value. */
export const readHouseFile = (file: string): Promise<HouseFile> =>
  withHouseFile(file, (house) => Promise.resolve(house));

/** The same, with the photos and papers that stand beside it at hand: one by its SHA-256, null where it is not there. */
export async function withHouseFile<T>(
  file: string,
  work: (house: HouseFile, files: HouseZip['readFile'] | null) => Promise<T>,
): Promise<T> {
  // A file that cannot be opened gets its error from the reader below.
  const packed = await isZip(file).catch(() => false);
  if (!packed) return work(checked(file, readText(file)), null);
  try {
    const zip = await openHouseZip(file);
    try {
      return await work(checked(file, await zip.readDocument()), (sha256) => zip.readFile(sha256));
    } finally {
      zip.close();
    }
  } catch (error) {
    if (!(error instanceof UnreadableZip)) throw error;
    throw new BadInput([say('cli.zipUnreadable', { file, why: error.message })]);
  }
}

function checked(file: string, text: string): HouseFile {
  const house = parseJson(file, text, houseFileSchema);
  const [fault] = practiceFaults(house, findPractice);
  if (!fault) return house;
  throw new BadInput([
    say('cli.fault', { file, path: pathText(fault.path), problem: say(`problem.${fault.problem}`) }),
  ]);
}
