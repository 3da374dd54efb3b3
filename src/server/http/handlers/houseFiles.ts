import { mkdtemp } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { HouseFileAnswer } from '../../../contract/houseFiles.ts';
import { civilDateIn } from '../../../core/calendar/zone.ts';
import type { HouseFile } from '../../../core/formats/houseFileShape.ts';
import { asPerson } from '../../db/database.ts';
import { Failure } from '../../services/failure.ts';
import { exportHouse } from '../../services/houseFiles/exportHouse.ts';
import { becomes, importHouse, mustBeUsable } from '../../services/houseFiles/importHouse.ts';
import { packHouse } from '../../services/houseFiles/packHouse.ts';
import { readSentFile } from '../../services/houseFiles/readSentFile.ts';
import { noteAct } from '../../services/members.ts';
import { PackedAnswer, type CallOf, type Handlers } from '../context.ts';

type Names = 'houseFile' | 'houseZip' | 'sendHouseFile';

export const houseFileHandlers: Pick<Handlers, Names> = {
  houseFile: async ({ services: { clock }, tx, home, personId }) => {
    await noteAct(tx, home, { act: 'exported' }, { by: personId, now: clock() });
    return exportHouse(tx, home);
  },
  houseZip: async ({ services: { clock }, tx, home, personId }) => {
    await noteAct(tx, home, { act: 'exported' }, { by: personId, now: clock() });
    const folder = await mkdtemp(join(tmpdir(), 'salt-export-'));
    const path = join(folder, 'house.zip');
    await packHouse(tx, home, path);
    return new PackedAnswer(folder, path, `${home.name}.zip`);
  },
  sendHouseFile: async (call) => {
    const path = call.request.file?.path;
    if (path === undefined) throw new Failure('invalid', 'file', { kind: 'missing', expected: 'file' });
    const sent = await readSentFile(path);
    try {
      return await takeFile(call, sent);
    } finally {
      sent.close();
    }
  },
};

function takeFile(
  { services: { db, clock }, personId, query }: CallOf<'sendHouseFile'>,
  { file, files }: Awaited<ReturnType<typeof readSentFile>>,
): Promise<HouseFileAnswer> {
  const now = clock();
  return asPerson(db, personId, async (tx): Promise<HouseFileAnswer> => {
    if (query.act === 'import')
      return { act: 'import', homeId: await importHouse(tx, file, { by: personId, now }, files) };
    await mustBeUsable(file, civilDateIn(file.home.zone, now));
    return { ...previewOf(file), becomes: await becomes(tx, file) };
  });
}

function previewOf({ home, assets, entries, photos = [], papers = [], checklists = [] }: HouseFile) {
  return {
    act: 'preview',
    name: home.name,
    things: assets.length,
    entries: entries.length,
    lastDay:
      entries
        .map(({ date }) => date)
        .sort()
        .at(-1) ?? null,
    photos: photos.length,
    papers: papers.length,
    checklists: checklists.filter(({ finished }) => !finished).length,
  } as const;
}
