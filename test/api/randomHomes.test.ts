import fc from 'fast-check';
import { afterAll, beforeAll, expect, test } from 'vitest';
import type { HouseFile } from '../../src/core/formats/houseFileShape.ts';
import { houseFileSchema } from '../../src/core/formats/houseFile.ts';
import { HOUSE_FILE_FORMAT, HOUSE_FILE_VERSION } from '../../src/core/formats/houseFileShape.ts';
import { dueReport } from '../../src/core/formats/dueReport.ts';
import { civilDateIn } from '../../src/core/calendar/zone.ts';
import type { EntryBody } from '../../src/core/ledger/entry.ts';
import { asPerson } from '../../src/server/db/database.ts';
import { importHouse } from '../../src/server/services/houseFiles/importHouse.ts';
import { findHome } from '../../src/server/stores/homeStore.ts';
import { rebuildHome } from '../../src/server/services/schedule.ts';
import { loadWindows } from '../../src/server/stores/windowStore.ts';
import { append, entryOf, someone, startApi, type Agent, type Api } from '../support/api.ts';
import { query } from '../support/database.ts';
import { someHome, type RandomHome } from '../support/randomHome.ts';
import { around } from '../support/surroundings.ts';

const NOW = '2029-06-01';
const AT = Date.parse(`${NOW}T18:00:00Z`);
let api: Api;
let agent: Agent;
let personId: string;
beforeAll(async () => {
  api = await startApi();
  api.setToday(NOW);
  const person = await someone(api);
  ({ agent } = person);
  ({ personId } = person.me);
});
afterAll(() => api.close());

const fileOf = ({ house, entries }: RandomHome): HouseFile =>
  houseFileSchema.parse({
    format: HOUSE_FILE_FORMAT,
    version: HOUSE_FILE_VERSION,
    people: [{ id: 'p', name: 'P' }],
    ...house,
    entries,
  });
const bringIn = (home: RandomHome): Promise<string> =>
  asPerson(api.db, personId, (tx) => importHouse(tx, fileOf(home), { by: personId, now: AT }));

test('rows that were written entry by entry are those a rebuild writes, and those the house file gives', async () => {
  await fc.assert(
    fc.asyncProperty(someHome, async (random) => {
      const homeId = await bringIn(random);
      const today = civilDateIn(random.house.home.zone, AT);
      const before = (await agent.get(`/api/homes/${homeId}/house-file`)).body as HouseFile;
      const asset = before.assets[0]?.id ?? '';
      const acts: EntryBody[] = [
        { kind: 'event', trigger: 'guests' },
        { kind: 'shut', asset, state: 'tap' },
        ...before.duties.map(({ id }): EntryBody => ({ kind: 'done', duty: id })),
        { kind: 'reading', asset, measure: 'loads', value: 3_000, unit: 'loads' },
      ];
      for (const body of acts) await append(agent, homeId, entryOf(NOW, body)).expect(200);
      const { live, rebuilt } = await asPerson(api.db, personId, async (tx) => {
        const rows = (await loadWindows(tx, homeId)).flatMap((one) => (one ? [one.row] : []));
        const home = await findHome(tx, personId, homeId);
        if (!home) throw new Error('the home is gone');
        return { live: rows, rebuilt: await rebuildHome(tx, home, today) };
      });
      expect(live).toEqual(rebuilt.toSorted((a, b) => (a.dutyId < b.dutyId ? -1 : 1)));
      const file = (await agent.get(`/api/homes/${homeId}/house-file`)).body as HouseFile;
      const report = dueReport(file, file.entries, today, around(file, today));
      for (const { duty, reasons, changesOn, occurrence } of report) {
        const row = live.find(({ dutyId }) => dutyId === duty);
        expect([row?.occurrence?.reasons ?? [], row?.changesOn, row?.occurrence?.key ?? null]).toEqual([
          reasons,
          changesOn,
          occurrence,
        ]);
      }
      await query(api.urls.admin, `DELETE FROM duty_window WHERE home_id = '${homeId}'`);
      const anew = await asPerson(api.db, personId, async (tx) => {
        const home = await findHome(tx, personId, homeId);
        return home && rebuildHome(tx, home, today);
      });
      expect(anew).toEqual(rebuilt);
    }),
    { numRuns: 20, seed: 20_261_124 },
  );
});
