import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import sharp from 'sharp';
import { v7 as uuid } from 'uuid';
import type { PhotoBody } from '../../src/contract/photos.ts';
import type { TrialBody, NewEntry, SchoolsBody, UpkeepBody, WalkBody } from '../../src/contract/schemas.ts';
import type { KnownBody } from '../../src/contract/known.ts';
import { civil } from '../../src/core/calendar/civilDate.ts';
import { NEW_WALK, type WalkState } from '../../src/core/walkthrough/walkState.ts';
import {
  append,
  confirm,
  entryOf,
  newHome,
  rowOf,
  someone,
  startApi,
  TODAY,
  type Agent,
  type Api,
} from '../support/api.ts';
import { additionOf } from '../support/walkApi.ts';

let api: Api;
let agent: Agent;
let stranger: Agent;
let homeId: string;

beforeAll(async () => {
  api = await startApi();
  ({ agent } = await someone(api));
  ({ agent: stranger } = await someone(api, 'Stranger'));
});
beforeEach(async () => {
  homeId = await newHome(agent, { climate: { station: 'cold-plains' } });
});
afterAll(() => api.close());

const path = (rest: string): string => `/api/homes/${homeId}/${rest}`;
const get = async <T>(rest: string): Promise<T> => (await agent.get(path(rest)).expect(200)).body as T;

/** A filter with its duty, done some days ago; answers with their ids. */
async function newFilter(
  facts: Record<string, string | number> = {},
): Promise<{ asset: string; duty: string }> {
  const asset = uuid();
  const addition = additionOf({ id: asset, kind: 'filter-position', name: 'Return filter', facts }, [
    'air-filter-panel-replace',
  ]);
  await agent
    .post(path('additions'))
    .send({ ...addition, on: civil('2026-08-01') })
    .expect(200);
  const duty = addition.duties[0]?.units[0]?.duty ?? '';
  await append(agent, homeId, entryOf('2026-10-01', { kind: 'done', duty })).expect(200);
  return { asset, duty };
}

describe('a walk', () => {
  const state: WalkState = { ...NEW_WALK, kind: 'family', confirmed: ['household'], answers: { people: 3 } };
  const save = (saw: number, sent: WalkState) => agent.put(path('walk')).send({ saw, state: sent });

  test('begins at its beginning, and is taken up where it was left', async () => {
    expect(await get<WalkBody>('walk')).toEqual({ revision: 0, state: NEW_WALK, finished: false });
    await save(0, state).expect(200);
    expect(await get<WalkBody>('walk')).toEqual({ revision: 1, state, finished: false });
  });

  test('saved twice it is saved once; saved over another device’s saving it is a conflict', async () => {
    await save(0, state).expect(200);
    expect((await save(0, state).expect(200)).body).toMatchObject({ revision: 1 });
    const other = { ...state, kind: 'cabin' as const };
    expect((await save(0, other).expect(409)).body).toMatchObject({ code: 'seen-changed', field: 'saw' });
    expect((await save(1, other).expect(200)).body).toMatchObject({ revision: 2 });
  });

  test('ends with what it found, all at once, and is not gone on with after that', async () => {
    await save(0, state).expect(200);
    const space = { id: uuid(), name: 'Basement', use: 'plant', storey: -1 };
    const asset = { id: uuid(), kind: 'filter-position' as const, name: 'Filter', space: space.id };
    const addition = additionOf(asset, ['air-filter-panel-replace'], { finishesWalk: true });
    const [duty = { practice: { from: 'home' }, units: [] }] = addition.duties;
    const unit = duty.units[0];
    const entries: NewEntry[] = [
      entryOf(TODAY, { kind: 'trait', trait: 'smoker', value: true }),
      entryOf(TODAY, {
        kind: 'putOff',
        duty: unit?.duty ?? '',
        occurrence: `${unit?.duty ?? ''}:${unit?.entry ?? ''}`,
        to: civil('2026-12-08'),
        why: 'spread',
      }),
    ];
    const body = { ...addition, spaces: [space], entries };
    await agent.post(path('additions')).send(body).expect(200);
    await agent.post(path('additions')).send(body).expect(200);
    const row = await rowOf(agent, homeId, unit?.duty ?? '');
    expect(row.occurrence).toMatchObject({ baseline: true, window: { due: '2026-12-08' } });
    expect((await get<KnownBody>('known')).traits).toEqual({ smoker: true });
    expect(await get<WalkBody>('walk')).toMatchObject({ finished: true });
    expect((await save(1, state).expect(409)).body).toMatchObject({ code: 'walk-over' });
  });

  test('a task taken on with the day it was last done counts from that day, in one request', async () => {
    const asset = { id: uuid(), kind: 'filter-position', name: 'Filter' } as const;
    const addition = additionOf(asset, ['air-filter-panel-replace']);
    const unit = addition.duties[0]?.units[0]?.duty ?? '';
    const entries = [entryOf('2026-11-01', { kind: 'done', duty: unit })];
    await agent
      .post(path('additions'))
      .send({ ...addition, entries })
      .expect(200);
    const { occurrence } = await rowOf(agent, homeId, unit);
    expect(occurrence?.baseline).toBe(false);
    expect(occurrence?.reasons[0]).toMatchObject({ kind: 'lastDone', on: '2026-11-01' });
  });

  test('what comes with an addition is judged as any entry is, and nothing of it is kept when it is wrong', async () => {
    const addition = additionOf({ id: uuid(), kind: 'filter-position', name: 'Filter' }, []);
    const wrong = entryOf(TODAY, { kind: 'trait', trait: 'smoker', value: 'often' });
    const answer = await agent.post(path('additions')).send({ ...addition, entries: [wrong] });
    expect([answer.status, answer.body]).toEqual([
      400,
      expect.objectContaining({ field: 'entries[0].body.value', problem: { kind: 'trait-value' } }),
    ]);
    const done = entryOf(TODAY, { kind: 'note', text: 'by the way' });
    const other = await agent.post(path('additions')).send({ ...addition, entries: [done] });
    expect(other.body).toMatchObject({
      field: 'entries[0].body.kind',
      problem: { kind: 'not-with-addition' },
    });
    expect((await get<{ assets: unknown[] }>('')).assets).toEqual([]);
  });
});

describe('one act, one request', () => {
  test('someone new goes with the entry that names them; with the entry refused, nobody is added', async () => {
    const { duty } = await newFilter();
    const pat = { id: uuid(), name: 'Pat' };
    const wrong = entryOf('2030-01-01', { kind: 'done', duty, who: pat.id });
    const refused = await agent.post(path('entries')).send({ entries: [wrong], people: [pat] });
    expect(refused.body).toMatchObject({ code: 'date-in-future' });
    const people = async () => (await get<{ people: { name: string }[] }>('')).people.map(({ name }) => name);
    expect(await people()).not.toContain('Pat');
    const body = { entries: [entryOf(TODAY, { kind: 'done', duty, who: pat.id })], people: [pat] };
    await agent.post(path('entries')).send(body).expect(200);
    await agent.post(path('entries')).send(body).expect(200);
    expect((await people()).filter((name) => name === 'Pat')).toEqual(['Pat']);
    const other = {
      entries: [entryOf(TODAY, { kind: 'note', text: 'n' })],
      people: [{ ...pat, name: 'Max' }],
    };
    expect((await agent.post(path('entries')).send(other)).body).toMatchObject({
      code: 'id-taken',
      field: 'people[0].id',
    });
  });

  test('a thing is put right and told of at once; with what is told refused, it stays where it was', async () => {
    const { asset } = await newFilter();
    const where = { name: 'Attic filter', space: null, installed: null };
    const wrong = entryOf(TODAY, { kind: 'fact', asset, fact: 'positions', value: 99 });
    const refused = await agent.put(path(`assets/${asset}`)).send({ ...where, entries: [wrong] });
    expect(refused.body).toMatchObject({ field: 'entries[0].body.value' });
    const nameOf = async () =>
      (await get<{ assets: { id: string; name: string }[] }>('')).assets.find(({ id }) => id === asset)?.name;
    expect(await nameOf()).not.toBe('Attic filter');
    const right = entryOf(TODAY, { kind: 'fact', asset, fact: 'positions', value: 2 });
    await agent
      .put(path(`assets/${asset}`))
      .send({ ...where, entries: [right] })
      .expect(200);
    expect(await nameOf()).toBe('Attic filter');
    expect((await get<KnownBody>('known')).facts[asset]).toMatchObject({ positions: 2 });
  });
});

describe('facts', () => {
  test.each([
    ['filter', 'velvet', { kind: 'fact-choice', options: ['panel', 'media', 'washable'] }],
    ['positions', 99, { kind: 'fact-number', minimum: 1, maximum: 12 }],
    ['positions', 'two', { kind: 'fact-number', minimum: 1, maximum: 12 }],
  ])('%s told as %s is refused, with what would be right', async (fact, value, problem) => {
    const { asset } = await newFilter();
    const answer = await append(agent, homeId, entryOf(TODAY, { kind: 'fact', asset, fact, value }));
    expect([answer.status, answer.body]).toEqual([
      400,
      expect.objectContaining({ field: 'entries[0].body.value', problem }),
    ]);
  });

  test('told, they are known, and what is ordered follows them', async () => {
    const { asset, duty } = await newFilter({ positions: 1 });
    await append(agent, homeId, entryOf(TODAY, { kind: 'stockMoved', supply: 'filter-panel', change: 1 }));
    expect((await rowOf(agent, homeId, duty)).occurrence?.orderBy).toBeNull();
    await append(agent, homeId, entryOf(TODAY, { kind: 'fact', asset, fact: 'positions', value: 2 })).expect(
      200,
    );
    expect((await get<KnownBody>('known')).facts[asset]).toMatchObject({ positions: 2 });
    expect((await rowOf(agent, homeId, duty)).occurrence?.orderBy).not.toBeNull();
  });

  test('a thing taken out is gone, and what was kept on it is given up', async () => {
    const { asset, duty } = await newFilter();
    await append(agent, homeId, entryOf(TODAY, { kind: 'removed', asset })).expect(200);
    expect((await get<KnownBody>('known')).gone).toEqual([asset]);
    expect(await rowOf(agent, homeId, duty)).toMatchObject({ retired: true, occurrence: null });
  });
});

describe('upkeep', () => {
  test('tells how each duty is kept, and what would be kept besides', async () => {
    const { duty } = await newFilter({ filter: 'panel' });
    const { kept, suggested } = await get<UpkeepBody>('upkeep');
    const own = kept.find(({ dutyId }) => dutyId === duty);
    expect(own).toMatchObject({ since: '2026-08-01', minutesFrom: 'practice', pausedSince: null });
    expect(own?.next).toHaveLength(3);
    const row = await rowOf(agent, homeId, duty);
    expect(own?.next[0]?.window).toEqual(row.occurrence?.window);
    expect(suggested.map(({ practice }) => practice)).toContain('air-filter-restock');
    expect(suggested.map(({ practice }) => practice)).not.toContain('air-filter-panel-replace');
  });

  test('minutes are the middle of what this home has logged, once it has logged some', async () => {
    const { duty } = await newFilter();
    const logged = ['2026-10-05', '2026-10-06', '2026-10-07'].map((on, index) =>
      entryOf(on, { kind: 'done', duty, minutes: [4, 20, 6][index] ?? 0 }),
    );
    await append(agent, homeId, ...logged).expect(200);
    const { kept } = await get<UpkeepBody>('upkeep');
    expect(kept[0]).toMatchObject({ minutes: 6, minutesFrom: 'record' });
  });

  test('a hidden practice is not suggested', async () => {
    await newFilter({ filter: 'panel' });
    await agent.put(path('practices/air-filter-restock/hidden')).send({ hidden: true }).expect(200);
    const { suggested } = await get<UpkeepBody>('upkeep');
    expect(suggested.map(({ practice }) => practice)).not.toContain('air-filter-restock');
  });

  test('the schools of a duty, each with its next date; a duty in one’s own words has none', async () => {
    const { duty } = await newFilter();
    const { schools } = await get<SchoolsBody>(`duties/${duty}/schools`);
    expect(schools.find(({ school }) => school === 'three-months')?.next).toBe('2027-01-01');
    expect(schools.length).toBeGreaterThan(4);
    await agent.get(path(`duties/${uuid()}/schools`)).expect(404);
  });

  test('what a change would move is what it then moves, and trying it writes nothing', async () => {
    const { duty } = await newFilter();
    const { schools } = await get<SchoolsBody>(`duties/${duty}/schools`);
    const terms = schools.find(({ school }) => school === 'every-month')?.terms;
    if (!terms) throw new Error('no such school');
    const body = { kind: 'terms' as const, duty, terms };
    const tried = await agent
      .post(path('trial'))
      .send({ entries: [{ body }] })
      .expect(200);
    const { moves } = tried.body as TrialBody;
    expect(moves).toMatchObject([{ dutyId: duty, from: '2027-01-01' }]);
    expect((await rowOf(agent, homeId, duty)).occurrence?.window.due).toBe('2027-01-01');
    await append(agent, homeId, entryOf(TODAY, body)).expect(200);
    expect((await rowOf(agent, homeId, duty)).occurrence?.window.due).toBe(moves[0]?.to);
  });

  test('a trial for a past day is what it then moves; one for a day to come is refused', async () => {
    const { duty } = await newFilter();
    const done = { kind: 'done' as const, duty };
    const at = (date: string) => agent.post(path('trial')).send({ entries: [{ date, body: done }] });
    const { moves, extras } = (await at('2026-10-20').expect(200)).body as TrialBody;
    expect(extras).toEqual([]);
    await append(agent, homeId, entryOf('2026-10-20', done)).expect(200);
    expect((await rowOf(agent, homeId, duty)).occurrence?.window.due).toBe(moves[0]?.to);
    const ahead = await at('2031-01-01');
    expect([ahead.status, ahead.body]).toEqual([
      422,
      expect.objectContaining({ code: 'date-in-future', field: 'entries[0].date' }),
    ]);
  });

  test('a trial of what is not in the house is refused by its place', async () => {
    const answer = await agent
      .post(path('trial'))
      .send({ entries: [{ body: { kind: 'paused', duty: uuid() } }] });
    expect([answer.status, answer.body]).toEqual([
      422,
      expect.objectContaining({ code: 'reference-unknown', field: 'entries[0].body.duty' }),
    ]);
  });
});

describe('rooms and places', () => {
  test('a room is added and put right, and comes out in the house file', async () => {
    const id = uuid();
    await agent
      .put(path(`spaces/${id}`))
      .send({ space: { id, name: 'Den', use: 'bedroom', storey: 1 } })
      .expect(200);
    await agent
      .put(path(`spaces/${id}`))
      .send({ space: { id, name: 'Study', use: 'living' } })
      .expect(200);
    const file = await get<{ spaces: unknown[] }>('house-file');
    expect(file.spaces).toEqual([{ id, name: 'Study', use: 'living' }]);
  });

  test('a thing is put where it stands; a room that is none, and a day to come, are refused', async () => {
    const { asset } = await newFilter();
    const put = (body: object) => agent.put(path(`assets/${asset}`)).send(body);
    const where = { name: 'Hall filter', space: null, installed: '2024-05-01' };
    await put(where).expect(200);
    expect((await get<{ assets: unknown[] }>('')).assets).toMatchObject([
      { name: 'Hall filter', installed: '2024-05-01' },
    ]);
    expect((await put({ ...where, space: uuid() })).body).toMatchObject({ field: 'space' });
    expect((await put({ ...where, installed: '2026-12-24' })).body).toMatchObject({ code: 'date-in-future' });
    await agent
      .put(path(`assets/${uuid()}`))
      .send(where)
      .expect(404);
  });
});

describe('photos', () => {
  const located = (width = 2_400, height = 1_200): Promise<Buffer> =>
    sharp({ create: { width, height, channels: 3, background: '#887744' } })
      .withExif({
        IFD0: { Copyright: 'somebody' },
        IFD3: { GPSLatitude: '44/1 58/1 0/1', GPSLatitudeRef: 'N' },
      })
      .jpeg()
      .toBuffer();
  const send = (id: string, image: Buffer, more: object = {}) =>
    agent.put(path(`photos/${id}`)).send({ caption: 'Label', image: image.toString('base64'), ...more });

  test('are sized down, without what the camera wrote, and seen by members only', async () => {
    const { asset } = await newFilter();
    const id = uuid();
    const image = await located();
    expect((await sharp(image).metadata()).exif?.includes('somebody')).toBe(true);
    const { body } = await send(id, image, { asset }).expect(200);
    expect(body).toMatchObject({ id, asset, width: 1600, height: 800, caption: 'Label' });
    const shown = await agent
      .get(path(`photos/${id}/image`))
      .expect(200)
      .expect('content-type', 'image/jpeg');
    const metadata = await sharp(shown.body as Buffer).metadata();
    expect([metadata.width, metadata.height, metadata.exif]).toEqual([1600, 800, undefined]);
    expect(shown.headers['cache-control']).toBe('no-store');
    await stranger.get(path(`photos/${id}/image`)).expect(404);
    expect(await get<PhotoBody[]>('photos')).toHaveLength(1);
  });

  test('turned in the camera, one stands upright', async () => {
    const lying = await sharp(await located(300, 100))
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer();
    expect((await send(uuid(), lying).expect(200)).body).toMatchObject({ width: 100, height: 300 });
  });

  test('sent twice, one is kept once; the same id with another picture is a conflict', async () => {
    const id = uuid();
    const image = await located(200, 100);
    await send(id, image).expect(200);
    await send(id, image).expect(200);
    expect(await get<PhotoBody[]>('photos')).toHaveLength(1);
    await send(id, await located(100, 100)).expect(409);
  });

  test.each([
    ['a text', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>')],
    ['half a picture', null],
  ])('%s is refused kindly, and nothing is kept', async (_name, bytes) => {
    const image = bytes ?? (await located(800, 800)).subarray(0, 900);
    const answer = await send(uuid(), image);
    expect([answer.status, answer.body]).toEqual([
      422,
      expect.objectContaining({ code: 'photo-unreadable', field: 'image' }),
    ]);
    expect(await get<PhotoBody[]>('photos')).toEqual([]);
  });

  test('taken on the walk, one is given to the thing it shows', async () => {
    const { asset } = await newFilter();
    const id = uuid();
    await send(id, await located(50, 50)).expect(200);
    await agent
      .put(path(`photos/${id}/asset`))
      .send({ asset })
      .expect(200);
    expect(await get<PhotoBody[]>('photos')).toMatchObject([{ id, asset }]);
    await agent
      .put(path(`photos/${id}/asset`))
      .send({ asset: uuid() })
      .expect(422);
    await agent
      .put(path(`photos/${uuid()}/asset`))
      .send({ asset })
      .expect(404);
  });

  test('one of a thing that is not there is refused; taken away, one is gone; with the home go all', async () => {
    const id = uuid();
    const image = await located(50, 50);
    expect((await send(id, image, { asset: uuid() })).body).toMatchObject({
      code: 'reference-unknown',
      field: 'asset',
    });
    await send(id, image).expect(200);
    await agent.delete(path(`photos/${id}`)).expect(200);
    await agent.get(path(`photos/${id}/image`)).expect(404);
    await send(uuid(), image).expect(200);
    await confirm(agent);
    await agent.delete(`/api/homes/${homeId}`).send({ name: 'Mill Road' }).expect(200);
    await agent.get(path('photos')).expect(404);
  });
});
