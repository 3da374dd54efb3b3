import { readFileSync, readdirSync } from 'node:fs';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { around } from '../support/surroundings.ts';
import { houseFileSchema } from '../../src/core/formats/houseFile.ts';
import { type HouseFile } from '../../src/core/formats/houseFileShape.ts';
import { dueReport } from '../../src/core/formats/dueReport.ts';
import { civil } from '../../src/core/calendar/civilDate.ts';
import { DEMO_HOMES } from '../../src/demo/data/homes.ts';
import { demoHouse } from '../../src/demo/history.ts';
import { asPerson } from '../../src/server/db/database.ts';
import { importHouse } from '../../src/server/services/houseFiles/importHouse.ts';
import type { TodayBody } from '../../src/contract/schemas.ts';
import { someone, startApi, type Agent, type Api } from '../support/api.ts';

const LATER = '2027-06-01';
const files: [string, HouseFile][] = [
  ...readdirSync('examples')
    .filter((name) => name.endsWith('.json'))
    .map((name): [string, HouseFile] => [
      name,
      houseFileSchema.parse(JSON.parse(readFileSync(`examples/${name}`, 'utf8'))),
    ]),
  ...DEMO_HOMES.map((demo): [string, HouseFile] => [demo.home.name, demoHouse(demo, civil('2026-11-24'))]),
];

let api: Api;
let agent: Agent;
let personId: string;
beforeAll(async () => {
  api = await startApi();
  api.setToday(LATER);
  const person = await someone(api);
  ({ agent } = person);
  ({ personId } = person.me);
});
afterAll(() => api.close());

const bringIn = (file: HouseFile): Promise<string> =>
  asPerson(api.db, personId, (tx) =>
    importHouse(tx, file, { by: personId, now: Date.parse(`${LATER}T18:00:00Z`) }),
  );
const takeOut = async (homeId: string): Promise<HouseFile> =>
  (await agent.get(`/api/homes/${homeId}/house-file`).expect(200)).body as HouseFile;

/** The file with every id replaced by the order in which it first appears. */
function withoutIds({ chain: _chain, origin: _origin, ...file }: HouseFile): unknown {
  const ids = new Map<string, string>();
  const every = [
    file.home.id,
    ...[file.people, file.spaces, file.assets, file.duties, file.entries].flatMap((list) =>
      list.map(({ id }) => id),
    ),
  ];
  every.forEach((id, index) => ids.set(id, `#${index}`));
  file.entries.forEach(
    ({ batch }) => batch !== undefined && ids.set(batch, ids.get(batch) ?? `#batch${ids.size}`),
  );
  const text = JSON.stringify(file, (_key, value: unknown) => {
    if (typeof value !== 'string') return value;
    return (
      ids.get(value) ??
      value
        .split(':')
        .map((part) => ids.get(part) ?? part)
        .join(':')
    );
  });
  return JSON.parse(text) as unknown;
}

describe('house files', () => {
  test('there are four examples', () => {
    expect(readdirSync('examples').filter((name) => name.endsWith('.json'))).toHaveLength(4);
  });

  test.each(files)('%s: out, in and out again differs in nothing but ids', async (_name, file) => {
    const first = await takeOut(await bringIn(file));
    const second = await takeOut(await bringIn(first));
    expect(houseFileSchema.safeParse(second).success).toBe(true);
    expect(second.home.id).not.toBe(first.home.id);
    expect(withoutIds(second)).toEqual(withoutIds(first));
    expect([first.practices, first.hidden]).toEqual([file.practices, file.hidden]);
    expect(first.home.climate).toEqual(file.home.climate);
    expect(first.entries.map(({ date, body: { kind } }) => [date, kind])).toEqual(
      file.entries.map(({ date, body: { kind } }) => [date, kind]),
    );
  });

  test.each(files)('%s: the due list from the file is the server’s own', async (_name, file) => {
    const homeId = await bringIn(file);
    const exported = await takeOut(homeId);
    const { rows } = (await agent.get(`/api/homes/${homeId}/today`).expect(200)).body as TodayBody;
    const served = new Map(rows.map((row) => [row.dutyId, row]));
    const reported = dueReport(exported, exported.entries, civil(LATER), around(exported, civil(LATER)));
    expect(reported).toHaveLength(rows.length);
    for (const item of reported) {
      const row = served.get(item.duty);
      expect(item.reasons).toEqual(row?.occurrence?.reasons ?? []);
      expect([item.due, item.occurrence, item.missed, item.extras]).toEqual([
        row?.occurrence?.window.due ?? null,
        row?.occurrence?.key ?? null,
        row?.missed,
        row?.extras,
      ]);
    }
  });

  test('a row of twelve thousand things, each part of the one before and its successor, comes in and goes out', async () => {
    const [, file] = files[0] ?? [];
    if (!file) throw new Error('no file');
    const row = Array.from({ length: 12_000 }, (_, index) => ({
      id: `r${index}`,
      kind: 'other' as const,
      name: `Thing ${index}`,
      ...(index > 0 && { partOf: `r${index - 1}`, succeeds: `r${index - 1}` }),
    }));
    // The last comes first: none of them stands where the one it points to does already.
    const homeId = await bringIn({ ...file, assets: [...file.assets, ...row.reverse()] });
    const { body } = await agent.get(`/api/homes/${homeId}`).expect(200);
    expect((body as { assets: unknown[] }).assets).toHaveLength(file.assets.length + row.length);
    await agent.get(`/api/homes/${homeId}/today`).expect(200);
    await agent.get(`/api/homes/${homeId}/standing`).expect(200);
  });

  test('an entry dated after today is refused, and nothing of the file is kept', async () => {
    const before = ((await agent.get('/api/homes')).body as unknown[]).length;
    const [, file] = files[0] ?? [];
    if (!file) throw new Error('no file');
    const entries = file.entries.map((entry, index) =>
      index === 2 ? { ...entry, date: civil('2028-01-01') } : entry,
    );
    await expect(bringIn({ ...file, entries })).rejects.toMatchObject({
      code: 'date-in-future',
      field: 'entries[2].date',
    });
    expect((await agent.get('/api/homes')).body).toHaveLength(before);
  });
});
