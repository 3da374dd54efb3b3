import type { DatabaseUrls } from '../server/db/setup.ts';
import { eachHomeOf } from './homes/eachHome.ts';

/** The counts of a check of a database. */
export interface Checked {
  readonly homes: number;
  readonly entries: number;
}

/** Checks every home of a restored copy: every hash of every record, photo and paper. Throws where one is not as it was written. */
export async function checkHomes(urls: DatabaseUrls): Promise<Checked> {
  const { homes, failed, counted } = await eachHomeOf(urls, 'verify', Date.now());
  if (failed > 0) throw new Error(`${failed} of ${homes} homes are not as they were written`);
  return { homes, entries: counted };
}

/** A check as one line of text. */
export const checkedText = ({ homes, entries }: Checked): string =>
  `${homes} ${homes === 1 ? 'home' : 'homes'}, ${entries} entries, every hash right`;
