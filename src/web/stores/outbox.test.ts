// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import type { ErrorBody } from '../../contract/errors.ts';
import { NoConnection } from '../device/errors.ts';
import { forgetAll, KEYS_ON, keyOf, THEME } from '../device/kept.ts';
import { allParcels, dropParcelsOf, keepParcel, type Parcel } from '../device/outboxStorage.ts';
import type { Answered } from '../device/writeRoutes.ts';
import { useOutbox } from './outbox.ts';

const HOME = '019a0000-0000-7000-8000-000000000001';
const OTHER = '019a0000-0000-7000-8000-000000000002';
const LIN = 'lin';

/** A server that answers as a test says, and what it was asked. */
let asked: { method: string; path: string; body: unknown }[] = [];
let answer: (path: string) => Response = () => json({});
const json = (body: unknown, status = 200): Response => new Response(JSON.stringify(body), { status });
const refusal = (body: ErrorBody, status = 400): Response => json(body, status);
const away = (): Response => {
  throw new TypeError('nobody there');
};

beforeEach(() => {
  setActivePinia(createPinia());
  asked = [];
  answer = () => json({});
  vi.stubGlobal('fetch', (path: string, { method, body }: { method: string; body?: string }) => {
    asked.push({ method, path, body: body === undefined ? null : JSON.parse(body) });
    return Promise.resolve().then(() => answer(path));
  });
});
afterEach(async () => {
  await dropParcelsOf(LIN);
  localStorage.clear();
  vi.unstubAllGlobals();
});

const room = { id: '019a0000-0000-7000-8000-00000000000a', name: 'Hall' };
const write = (homeId = HOME) =>
  ({
    route: 'saveSpace',
    homeId,
    params: { spaceId: room.id },
    body: { space: room },
    label: 'Hall',
  }) as const;
const opened = async () => {
  const outbox = useOutbox();
  await outbox.openFor(LIN);
  return outbox;
};

describe('a write', () => {
  test('is sent to its route and forgotten once it is taken, and whoever hears is told first', async () => {
    const outbox = await opened();
    const heard: Answered[] = [];
    outbox.hear(async (answered) => void heard.push(await Promise.resolve(answered)));
    const outcome = await outbox.send(write());
    expect(outcome).toEqual({ kind: 'delivered', response: {} });
    expect(heard).toEqual([{ route: 'saveSpace', homeId: HOME, response: {} }]);
    expect(asked).toEqual([
      { method: 'PUT', path: `/api/homes/${HOME}/spaces/${room.id}`, body: { space: room } },
    ]);
    expect(await allParcels()).toEqual([]);
  });

  test('waits on the device while nobody answers, and is sent later, once', async () => {
    answer = away;
    const outbox = await opened();
    expect(await outbox.send(write())).toEqual({ kind: 'waiting', why: 'no-answer' });
    expect(outbox.waiting.map(({ label }) => label)).toEqual(['Hall']);
    const heard: string[] = [];
    outbox.hear(async ({ route }) => void heard.push(await Promise.resolve(route)));
    answer = () => json({});
    await outbox.flush();
    await outbox.flush();
    expect(heard).toEqual(['saveSpace']);
    expect(asked).toHaveLength(2);
    expect(outbox.waiting).toEqual([]);
  });

  test('refused at once is told to its sender and not kept', async () => {
    answer = () => refusal({ code: 'not-allowed', logId: 'l' }, 403);
    const outbox = await opened();
    const outcome = await outbox.send(write());
    expect(outcome.kind).toBe('refused');
    expect(await allParcels()).toEqual([]);
  });

  test('refused when it is sent later stays, to be put right or discarded', async () => {
    answer = away;
    const outbox = await opened();
    await outbox.send(write());
    answer = () => refusal({ code: 'reference-unknown', field: 'space', logId: 'l' });
    await outbox.flush();
    const [refused] = outbox.refused;
    expect(refused?.refused?.code).toBe('reference-unknown');
    answer = () => json({});
    await outbox.retry(refused?.id ?? '', { space: { ...room, name: 'Landing' } });
    expect(asked.at(-1)?.body).toEqual({ space: { ...room, name: 'Landing' } });
    expect(outbox.refused).toEqual([]);
  });

  test('kept by an older page, which named no more than the home, is still sent', async () => {
    const parcel = {
      version: 1,
      id: '1',
      personId: LIN,
      homeId: HOME,
      route: 'addPerson',
      body: { id: OTHER, name: 'Pat' },
      label: 'Pat',
      refused: null,
    };
    await keepParcel(parcel as unknown as Parcel);
    await opened();
    expect(asked).toEqual([{ method: 'POST', path: `/api/homes/${HOME}/people`, body: parcel.body }]);
    expect(await allParcels()).toEqual([]);
  });

  test('that takes away what is gone already has done what it was to do', async () => {
    answer = () => refusal({ code: 'not-found', logId: 'l' }, 404);
    const outbox = await opened();
    const drop = {
      route: 'dropPhoto',
      homeId: HOME,
      params: { photoId: OTHER },
      body: {},
      label: '',
    } as const;
    expect((await outbox.send(drop)).kind).toBe('delivered');
  });
});

describe('what happens now or not at all', () => {
  const erase = { route: 'eraseHome', homeId: HOME, body: { name: 'Mill Road' }, label: '' } as const;

  test('goes after what waits of its home', async () => {
    answer = away;
    const outbox = await opened();
    await outbox.send(write());
    answer = () => json({});
    await outbox.now(erase);
    expect(asked.slice(1).map(({ method }) => method)).toEqual(['PUT', 'DELETE']);
  });

  test('is not tried while something of its home cannot be sent, and is never kept', async () => {
    const outbox = await opened();
    answer = away;
    await outbox.send(write());
    await expect(outbox.now(erase)).rejects.toThrow(NoConnection);
    expect(asked.map(({ method }) => method)).toEqual(['PUT', 'PUT']);
    expect((await allParcels()).map(({ route }) => route)).toEqual(['saveSpace']);
  });

  test('is not held up by what waits of another home', async () => {
    const outbox = await opened();
    answer = (path) => (path.includes(OTHER) ? refusal({ code: 'unavailable', logId: 'l' }, 503) : json({}));
    await outbox.send(write(OTHER));
    await outbox.now(erase);
    expect(asked.at(-1)?.method).toBe('DELETE');
  });
});

test('signing out leaves nothing of a person on the device, whatever kind it is, and what is the device’s own', async () => {
  answer = away;
  const outbox = await opened();
  await outbox.send(write());
  localStorage.setItem(THEME, 'dark');
  localStorage.setItem(KEYS_ON, 'false');
  localStorage.setItem(keyOf('run', '1'), JSON.stringify({ personId: LIN }));
  localStorage.setItem(keyOf('run', '2'), JSON.stringify({ personId: 'somebody else' }));
  localStorage.setItem('salt-ledger something new', JSON.stringify({ personId: LIN }));
  localStorage.setItem('another program', '1');
  await forgetAll(LIN);
  expect(await allParcels()).toEqual([]);
  expect(Object.keys(localStorage).sort()).toEqual(
    ['another program', KEYS_ON, keyOf('run', '2'), THEME].sort(),
  );
});
