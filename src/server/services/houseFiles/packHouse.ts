import { writeHouseZip } from './houseZip.ts';
import type { Home } from '../../../core/house/house.ts';
import type { Tx } from '../../db/database.ts';
import { loadFileBySha } from '../../stores/documentStore.ts';
import { loadImageBySha } from '../../stores/photoStore.ts';
import { exportHouse } from './exportHouse.ts';

/** Writes a home with its photos and papers as one packed house file, one of them at a time. */
export async function packHouse(tx: Tx, home: Home, path: string): Promise<void> {
  const file = await exportHouse(tx, home, { withFiles: true });
  const names = [...(file.photos ?? []), ...(file.papers ?? [])].map((one) => one.file);
  await writeHouseZip(path, `${JSON.stringify(file, null, 2)}\n`, names, async (sha256) => {
    const bytes = (await loadImageBySha(tx, home.id, sha256)) ?? (await loadFileBySha(tx, home.id, sha256));
    if (!bytes) throw new Error(`the file ${sha256} of home ${home.id} is gone`);
    return bytes;
  });
}
