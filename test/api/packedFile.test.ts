import { readdirSync } from 'node:fs';
import { request } from 'node:http';
import type { AddressInfo } from 'node:net';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createHash } from 'node:crypto';
import { buffer } from 'node:stream/consumers';
import sharp from 'sharp';
import supertest from 'supertest';
import yazl from 'yazl';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { v7 as uuid } from 'uuid';
import { openHouseZip } from '../../src/server/services/houseFiles/houseZip.ts';
import type { HouseFileAnswer } from '../../src/contract/houseFiles.ts';
import type { HouseFile } from '../../src/core/formats/houseFileShape.ts';
import { NEW_WALK } from '../../src/core/walkthrough/walkState.ts';
import { asPerson } from '../../src/server/db/database.ts';
import { verifyLedger } from '../../src/server/services/verifyLedger.ts';
import {
  append,
  confirm,
  entryOf,
  newDuty,
  newHome,
  someone,
  startApi,
  TODAY,
  type Agent,
  type Api,
} from '../support/api.ts';
import { query } from '../support/database.ts';

let api: Api;
let agent: Agent;
let personId: string;
let folder: string;
beforeAll(async () => {
  api = await startApi();
  const one = await someone(api);
  ({ agent } = one);
  ({ personId } = one.me);
  folder = await mkdtemp(join(tmpdir(), 'salt-packed-'));
});
afterAll(async () => {
  await rm(folder, { recursive: true });
  await api.close();
});

const state = (duty: string) => ({
  version: 1,
  round: null,
  title: 'Begun',
  items: [{ key: 'a', row: 0, practice: null, books: false, duties: [duty], assets: [duty] }],
  states: {},
  gathered: ['tool gloves'],
  begun: true,
  at: 'a',
  stop: null,
});

/** A home with a record, a photo, a paper, a walk and a checklist that are not over. */
async function fullHome() {
  const homeId = await newHome(agent, { name: 'Packed' });
  const { asset, duty } = await newDuty(agent, homeId);
  await append(agent, homeId, entryOf(TODAY, { kind: 'done', duty, who: personId, note: 'Ümläut' })).expect(
    200,
  );
  const path = `/api/homes/${homeId}`;
  const [photo, paper, run] = [uuid(), uuid(), uuid()];
  const image = await sharp({ create: { width: 300, height: 200, channels: 3, background: '#884422' } })
    .withExif({ IFD3: { GPSLatitude: '51/1 30/1 0/1' } })
    .jpeg()
    .toBuffer();
  await agent
    .put(`${path}/photos/${photo}`)
    .send({ asset, caption: 'Label', image: image.toString('base64') })
    .expect(200);
  const about = { asset, kind: 'manual', title: 'Manual', coverEnds: '2027-01-01' };
  const file = { fileName: 'm.txt', type: 'text/plain', file: Buffer.from('Read me').toString('base64') };
  await agent
    .put(`${path}/documents/${paper}`)
    .send({ ...about, ...file })
    .expect(200);
  await agent
    .put(`${path}/walk`)
    .send({ saw: 0, state: { ...NEW_WALK, kind: 'terrace' } })
    .expect(200);
  await agent
    .put(`${path}/runs/${run}`)
    .send({ saw: 0, state: state(duty) })
    .expect(200);
  return { homeId, path, photo, paper, run, duty };
}

const download = async (path: string): Promise<Buffer> => {
  const answer = await agent
    .get(`${path}/house-file.zip`)
    .buffer(true)
    .parse((response, done) => {
      buffer(response as never).then(
        (bytes) => void done(null, bytes),
        (error: unknown) => void done(error as Error, null),
      );
    })
    .expect(200);
  return answer.body as Buffer;
};

const send = (act: 'preview' | 'import', bytes: Buffer, by = agent) =>
  by.post(`/api/house-files?act=${act}`).attach('file', bytes, 'house.zip');
const importIt = async (bytes: Buffer, by = agent): Promise<string> =>
  ((await send('import', bytes, by).expect(200)).body as { homeId: string }).homeId;
const previewOf = async (bytes: Buffer, by = agent): Promise<HouseFileAnswer> =>
  (await send('preview', bytes, by).expect(200)).body as HouseFileAnswer;
const erase = async (homeId: string): Promise<void> => {
  await confirm(agent);
  await agent.delete(`/api/homes/${homeId}`).send({ name: 'Packed' }).expect(200);
};

/** All that is stored of a home, but what follows from its ledger and who may see it. */
const stored = (homeId: string) =>
  Promise.all(
    ['entry', 'asset', 'duty', 'photo', 'document', 'home_practice', 'space'].map((table) =>
      query(api.urls.admin, `SELECT * FROM ${table} WHERE home_id = '${homeId}' ORDER BY 1, 2`),
    ),
  );
const verified = (homeId: string) => asPerson(api.db, personId, (tx) => verifyLedger(tx, homeId));

/** A packed file with other content: what is not given stays. */
async function repacked(
  bytes: Buffer,
  change: (file: HouseFile) => object,
  files: Record<string, Buffer | null> = {},
): Promise<Buffer> {
  const path = join(folder, `${uuid()}.zip`);
  await writeFile(path, bytes);
  const zip = await openHouseZip(path);
  const file = JSON.parse(await zip.readDocument()) as HouseFile;
  const made = new yazl.ZipFile();
  made.addBuffer(Buffer.from(JSON.stringify(change(file))), 'house.json');
  for (const { file: sha } of [...(file.photos ?? []), ...(file.papers ?? [])]) {
    const own = files[`files/${sha}`];
    const kept = own === undefined ? await zip.readFile(sha) : own;
    if (kept) made.addBuffer(kept, `files/${sha}`);
  }
  for (const [name, content] of Object.entries(files))
    if (content && !/^files\/[0-9a-f]{64}$/.test(name)) made.addBuffer(content, name);
  zip.close();
  made.end();
  return buffer(made.outputStream);
}

describe('a packed house file', () => {
  test('brought in where its home is no more, it is that home again: ids, chain, files, walk and checklists', async () => {
    const { homeId, path, photo, paper, run } = await fullHome();
    const before = await stored(homeId);
    const image = (await agent.get(`${path}/photos/${photo}/image`).expect(200)).body as Buffer;
    const zip = await download(path);
    await erase(homeId);
    expect(await previewOf(zip)).toEqual({
      act: 'preview',
      name: 'Packed',
      things: 1,
      entries: 2,
      lastDay: TODAY,
      photos: 1,
      papers: 1,
      checklists: 1,
      becomes: 'kept',
    });
    await agent.get(path).expect(404);
    expect(await importIt(zip)).toBe(homeId);
    const after = await stored(homeId);
    // By what they were sent as, they are not known any more.
    const withoutSent = (tables: Record<string, unknown>[][]) =>
      tables.map((rows) =>
        rows.map(({ sent_sha256: _a, ...row }) => ({ ...row, sha256: row['file'] ? null : row['sha256'] })),
      );
    expect(withoutSent(after)).toEqual(withoutSent(before));
    expect(await verified(homeId)).toEqual({ entries: 2, broken: null });
    const shown = await agent.get(`${path}/photos/${photo}/image`).expect(200);
    expect(Buffer.compare(shown.body as Buffer, image)).toBe(0);
    expect((await agent.get(`${path}/documents/${paper}/file`).expect(200)).text).toBe('Read me');
    expect((await agent.get(`${path}/walk`).expect(200)).body).toMatchObject({
      state: { kind: 'terrace' },
    });
    expect((await agent.get(`${path}/runs/${run}`).expect(200)).body).toMatchObject({
      finished: false,
      state: { title: 'Begun', gathered: ['tool gloves'] },
    });
    await erase(homeId);
    expect(await importIt(zip)).toBe(homeId);
  });

  test('brought in beside its home it is a new one, which notes where it was and the last hash there', async () => {
    const { homeId, path } = await fullHome();
    const zip = await download(path);
    expect(await previewOf(zip)).toMatchObject({ becomes: 'copied' });
    const copy = await importIt(zip);
    expect(copy).not.toBe(homeId);
    const again = (await agent.get(`/api/homes/${copy}/house-file`).expect(200)).body as HouseFile;
    const [last] = await query(
      api.urls.admin,
      `SELECT hash FROM entry WHERE home_id = '${homeId}' ORDER BY seq DESC LIMIT 1`,
    );
    expect(again.origin).toEqual({ homeId, lastHash: last?.['hash'] });
    expect(await verified(copy)).toEqual({ entries: 2, broken: null });
    // References point within the copy.
    const [duty] = again.duties;
    expect(again.checklists?.[0]?.state.items[0]?.duties).toEqual([duty?.id]);
    expect((await agent.get(`/api/homes/${copy}/photos`).expect(200)).body).toMatchObject([
      { asset: again.assets[0]?.id, caption: 'Label' },
    ]);
  });

  test('with the account of somebody else in it, it becomes a new home, and they are not in it', async () => {
    const { homeId, path } = await fullHome();
    const zip = await download(path);
    await erase(homeId);
    const thief = await someone(api, 'Thief');
    expect(await previewOf(zip, thief.agent)).toMatchObject({ becomes: 'copied' });
    const copy = await importIt(zip, thief.agent);
    await agent.get(`/api/homes/${copy}`).expect(404);
    expect(
      await query(
        api.urls.admin,
        `SELECT 1 FROM home_person WHERE home_id = '${copy}' AND person_id = '${personId}'`,
      ),
    ).toEqual([]);
  });

  test('a plain file is taken just so', async () => {
    const { homeId, path } = await fullHome();
    const { text } = await agent.get(`${path}/house-file`).expect(200);
    await erase(homeId);
    expect(await importIt(Buffer.from(text))).toBe(homeId);
    expect(await verified(homeId)).toEqual({ entries: 2, broken: null });
  });

  test('a camera’s own words in a photo that was put in by hand are not kept', async () => {
    const { path, homeId } = await fullHome();
    const located = await sharp({ create: { width: 30, height: 20, channels: 3, background: 'red' } })
      .withExif({ IFD3: { GPSLatitude: '51/1 30/1 0/1' } })
      .jpeg()
      .toBuffer();
    const sha = createHash('sha256').update(located).digest('hex');
    const zip = await repacked(
      await download(path),
      (file) => ({ ...file, photos: file.photos?.map((one) => ({ ...one, file: sha })) }),
      {},
    );
    const refused = await send('import', zip);
    expect([refused.status, refused.body.code, refused.body.field]).toEqual([
      422,
      'file-unreadable',
      'photos[0].file',
    ]);
    const own = (await asZip(await download(path))).photos?.[0]?.file ?? '';
    const whole = await repackedWith(await download(path), own, sha, located);
    await erase(homeId);
    await importIt(whole);
    const photos = (await agent.get(`${path}/photos`).expect(200)).body as { id: string }[];
    const shown = await agent.get(`${path}/photos/${photos[0]?.id}/image`).expect(200);
    const { exif, width } = await sharp(shown.body as Buffer).metadata();
    expect([exif, width]).toEqual([undefined, 30]);
  });

  test.each<[string, (zip: Buffer) => Promise<Buffer> | Buffer, string, string]>([
    ['cut off', (zip) => zip.subarray(0, 500), 'file-unreadable', 'file'],
    ['that is neither', () => Buffer.from('Hello'), 'file-unreadable', 'file'],
    ['of another kind', () => Buffer.from('{"format":"x"}'), 'invalid', 'format'],
    [
      'changed since',
      (zip) =>
        repacked(zip, ({ entries, ...file }) => ({
          ...file,
          entries: entries.map((one) => ({ ...one, date: '2026-11-01' })),
        })),
      'file-differs',
      'chain',
    ],
    [
      'with a photo missing',
      async (zip) => {
        const [photo] = (await asZip(zip)).photos ?? [];
        return repacked(zip, (file) => file, { [`files/${photo?.file}`]: null });
      },
      'file-unreadable',
      'photos[0].file',
    ],
    [
      'with other bytes in a paper',
      async (zip) => {
        const [paper] = (await asZip(zip)).papers ?? [];
        return repacked(zip, (file) => file, { [`files/${paper?.file}`]: Buffer.from('Other') });
      },
      'file-unreadable',
      'papers[0].file',
    ],
    [
      'that holds what does not belong',
      (zip) => repacked(zip, (file) => file, { 'run.sh': Buffer.from('x') }),
      'file-unreadable',
      'file',
    ],
    [
      'with a paper of nothing',
      (zip) =>
        repacked(zip, (file) => ({
          ...file,
          papers: file.papers?.map((one) => ({ ...one, asset: uuid() })),
        })),
      'invalid',
      'papers[0].asset',
    ],
  ])('one %s is refused by name, and nothing is kept of it', async (_name, spoil, code, field) => {
    const { homeId, path } = await fullHome();
    const zip = await download(path);
    await erase(homeId);
    const answer = await send('import', await spoil(zip));
    expect([answer.body.code, answer.body.field]).toEqual([code, field]);
    expect(answer.status).toBeLessThan(500);
    await agent.get(path).expect(404);
  });

  test('sending that breaks off ends nothing but itself', async () => {
    const { port } = api.server.address() as AddressInfo;
    const cookie = agent.jar.getCookies({ domain: '127.0.0.1', path: '/', secure: false, script: false });
    const sending = request({
      port,
      host: '127.0.0.1',
      method: 'POST',
      path: '/api/house-files?act=import',
      headers: {
        cookie: cookie.map(({ name, value }) => `${name}=${value}`).join('; '),
        'content-type': 'multipart/form-data; boundary=x',
        'content-length': '100000',
      },
    });
    sending.on('error', () => undefined);
    sending.write('--x\r\ncontent-disposition: form-data; name="file"; filename="a"\r\n\r\nabc');
    const folders = (): number =>
      readdirSync(tmpdir()).filter((name) => name.startsWith('salt-import-')).length;
    await expect.poll(folders, { timeout: 10_000 }).toBeGreaterThan(0);
    sending.destroy();
    await expect.poll(folders, { timeout: 10_000 }).toBe(0);
    await agent.get('/api/me').expect(200);
  });

  test('without a file it is said that there is none; nobody signed out sends one', async () => {
    const none = await agent.post('/api/house-files?act=preview').send({});
    expect([none.status, none.body.field]).toEqual([400, 'file']);
    const two = await agent
      .post('/api/house-files?act=preview')
      .attach('file', Buffer.from('x'), 'a')
      .attach('more', Buffer.from('x'), 'b');
    const broken = await agent
      .post('/api/house-files?act=preview')
      .set('content-type', 'multipart/form-data')
      .send('--x');
    for (const { status, body } of [two, broken])
      expect([status, (body as { field: string }).field]).toEqual([400, 'file']);
    // Nothing of what was sent lies about.
    const left = (): string[] => readdirSync(tmpdir()).filter((name) => name.startsWith('salt-import-'));
    await expect.poll(left, { timeout: 10_000 }).toEqual([]);
    await supertest(api.server)
      .post('/api/house-files?act=import')
      .attach('file', Buffer.from('x'), 'x')
      .expect(401);
  });
});

async function asZip(bytes: Buffer): Promise<HouseFile> {
  const path = join(folder, `${uuid()}.zip`);
  await writeFile(path, bytes);
  const zip = await openHouseZip(path);
  try {
    return JSON.parse(await zip.readDocument()) as HouseFile;
  } finally {
    zip.close();
  }
}

/** The packed file with another photo in the place of one. */
async function repackedWith(bytes: Buffer, was: string, is: string, content: Buffer): Promise<Buffer> {
  const file = await asZip(bytes);
  const path = join(folder, `${uuid()}.zip`);
  await writeFile(path, bytes);
  const zip = await openHouseZip(path);
  const made = new yazl.ZipFile();
  const photos = file.photos?.map((one) => ({ ...one, file: one.file === was ? is : one.file }));
  made.addBuffer(Buffer.from(JSON.stringify({ ...file, photos })), 'house.json');
  made.addBuffer(content, `files/${is}`);
  for (const { file: sha } of file.papers ?? [])
    made.addBuffer((await zip.readFile(sha)) ?? Buffer.from(''), `files/${sha}`);
  zip.close();
  made.end();
  return buffer(made.outputStream);
}
