// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import type { ScheduleRow } from '../../contract/schemas.ts';
import { civil } from '../../core/calendar/civilDate.ts';
import { dropParcelsOf } from '../device/outboxStorage.ts';
import { useHome } from './home.ts';
import { useOutbox } from './outbox.ts';

const HOME = '019a0000-0000-7000-8000-000000000001';
const OTHER = '019a0000-0000-7000-8000-000000000002';
const DUTY = '019a0000-0000-7000-8000-00000000000d';
const ON = civil('2026-11-24');
const row = (retired: boolean): ScheduleRow => ({
  dutyId: DUTY,
  occurrence: null,
  sleep: null,
  retired,
  missed: [],
  extras: [],
  changesOn: null,
});
const standing = { on: ON, lines: [], findings: [], covers: [], marks: [] };
const house = (name: string) => ({
  home: {
    id: HOME,
    name,
    zone: 'America/Chicago',
    hemisphere: 'north',
    units: 'us',
    vocabulary: 'en-US',
    currency: 'USD',
  },
  role: 'owner',
  spaces: [],
  assets: [],
  duties: [],
  people: [],
});

let asked: string[] = [];
let answers: Record<string, unknown> = {};
beforeEach(() => {
  setActivePinia(createPinia());
  asked = [];
  answers = {
    [`GET /api/homes/${HOME}`]: house('Mill Road'),
    [`GET /api/homes/${HOME}/today`]: { on: ON, rows: [row(false)] },
  };
  vi.stubGlobal('fetch', (path: string, { method }: { method: string }) => {
    const what = `${method} ${path}`;
    asked.push(what);
    return Promise.resolve(new Response(JSON.stringify(answers[what] ?? {})));
  });
});
afterEach(async () => {
  await dropParcelsOf('lin');
  vi.unstubAllGlobals();
});

async function shown() {
  const home = useHome();
  const outbox = useOutbox();
  await outbox.openFor('lin');
  await home.load(HOME);
  asked = [];
  return { home, outbox };
}
const entry = (homeId: string) =>
  ({
    route: 'append',
    homeId,
    body: { entries: [{ id: OTHER, date: ON, body: { kind: 'retired', duty: DUTY } }] },
    label: '',
  }) as const;

describe('the home on screen', () => {
  test('takes over what an entry moved from its answer: nothing is asked for again', async () => {
    const { home, outbox } = await shown();
    answers[`POST /api/homes/${HOME}/entries`] = { entries: [], rows: [row(true)], standing };
    await outbox.send(entry(HOME));
    expect(home.rows).toEqual([row(true)]);
    expect(home.standing).toEqual(standing);
    expect(asked).toEqual([`POST /api/homes/${HOME}/entries`]);
  });

  test('is read again after what changes the house', async () => {
    const { home, outbox } = await shown();
    answers[`GET /api/homes/${HOME}`] = house('Mill Lane');
    await outbox.send({
      route: 'saveSpace',
      homeId: HOME,
      params: { spaceId: OTHER },
      body: { space: { id: OTHER, name: 'Hall' } },
      label: 'Hall',
    });
    expect(home.house?.home.name).toBe('Mill Lane');
  });

  test('hears nothing of what is written to another home', async () => {
    const { home, outbox } = await shown();
    answers[`POST /api/homes/${OTHER}/entries`] = { entries: [], rows: [row(true)], standing };
    await outbox.send(entry(OTHER));
    expect(home.rows).toEqual([row(false)]);
    expect(asked).toEqual([`POST /api/homes/${OTHER}/entries`]);
  });
});
