import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { v7 as uuid } from 'uuid';
import { civil } from '../../src/core/calendar/civilDate.ts';
import type { ActLine } from '../../src/contract/members.ts';
import type { DocumentBody, TotalsBody } from '../../src/contract/record.ts';
import { ledgerPageSchema, type LedgerPage, type StandingBody } from '../../src/contract/schemas.ts';
import {
  append,
  entryOf,
  newDuty,
  newHome,
  someone,
  startApi,
  TODAY,
  type Agent,
  type Api,
} from '../support/api.ts';

let api: Api;
let agent: Agent;
let me: { personId: string };
let stranger: Agent;
let homeId: string;
let asset: string;
let duty: string;

beforeAll(async () => {
  api = await startApi();
  ({ agent, me } = await someone(api));
  ({ agent: stranger } = await someone(api, 'Stranger'));
});
beforeEach(async () => {
  homeId = await newHome(agent);
  ({ asset, duty } = await newDuty(agent, homeId));
});
afterAll(() => api.close());

const path = (rest: string): string => `/api/homes/${homeId}/${rest}`;
const notes = async (query: Record<string, string | number>): Promise<string[]> => {
  const { body } = await agent.get(path('entries')).query(query).expect(200);
  return ledgerPageSchema
    .parse(body)
    .lines.map((line) => ('note' in line.body ? (line.body.note ?? '') : line.body.kind));
};
const done = (date: string, note: string, more: object = {}) =>
  entryOf(date, { kind: 'done', duty, note, ...more });

describe('the ledger narrowed down', () => {
  test('by words, what, thing, person, verdict, days and cost', async () => {
    await append(
      agent,
      homeId,
      done('2026-11-01', 'cells swapped', { cost: 900 }),
      done('2026-11-10', 'pressed', { who: me.personId }),
      entryOf('2026-11-12', {
        kind: 'finding',
        asset,
        what: 'yellowed',
        verdict: 'watch',
        note: 'looked at',
      }),
    ).expect(200);
    expect(await notes({ text: 'CELLS' })).toEqual(['cells swapped']);
    expect(await notes({ text: '100%' })).toEqual([]);
    expect(await notes({ text: 'nowhere', named: duty })).toContain('pressed');
    expect(await notes({ kind: 'finding' })).toEqual(['looked at']);
    expect(await notes({ assets: asset })).toEqual(['looked at']);
    expect(await notes({ duties: duty, kind: 'done' })).toEqual(['pressed', 'cells swapped']);
    expect(await notes({ person: me.personId, kind: 'done' })).toHaveLength(2);
    expect(await notes({ verdict: 'watch' })).toEqual(['looked at']);
    expect(await notes({ from: '2026-11-10', to: '2026-11-11' })).toEqual(['pressed']);
    expect(await notes({ leastCost: 900 })).toEqual(['cells swapped']);
    await agent.get(path('entries')).query({ from: 'May' }).expect(400);
  });

  test('by what a line says now, not what it once said', async () => {
    const first = done('2026-11-01', 'wrong words', { cost: 100 });
    await append(agent, homeId, first).expect(200);
    const change = { note: 'right words', cost: 5000 };
    await append(agent, homeId, entryOf(TODAY, { kind: 'amends', target: first.id, change })).expect(200);
    expect(await notes({ text: 'wrong' })).toEqual([]);
    expect(await notes({ text: 'right', leastCost: 4000 })).toEqual(['right words']);
  });

  test('page after page, none twice and none lost', async () => {
    const all = Array.from({ length: 130 }, (_, place) =>
      entryOf('2026-11-01', { kind: 'note', text: place % 3 === 0 ? `wanted ${place}` : `other ${place}` }),
    );
    await append(agent, homeId, ...all).expect(200);
    const found: string[] = [];
    let before: string | null = null;
    do {
      const query: Record<string, string | number> = {
        text: 'wanted',
        limit: 7,
        ...(before !== null && { before }),
      };
      const { body } = await agent.get(path('entries')).query(query).expect(200);
      const { lines, next }: LedgerPage = ledgerPageSchema.parse(body);
      found.push(...lines.map(({ entry }) => entry.id));
      before = next;
    } while (before !== null);
    expect(found).toEqual(
      all
        .filter(({ body }) => body.kind === 'note' && body.text.startsWith('wanted'))
        .map(({ id }) => id)
        .reverse(),
    );
  });
});

describe('by the day a line counts for', () => {
  /** The record in pages of a length, as the notes in it. */
  async function inPages(limit: number, more: Record<string, string> = {}): Promise<string[]> {
    const found: string[] = [];
    let before: string | null = null;
    do {
      const query: Record<string, string | number> = {
        kind: 'done',
        limit,
        ...more,
        ...(before !== null && { before }),
      };
      const { body } = await agent.get(path('entries')).query(query).expect(200);
      const page: LedgerPage = ledgerPageSchema.parse(body);
      found.push(...page.lines.map((line) => ('note' in line.body ? (line.body.note ?? '') : '')));
      before = page.next;
    } while (before !== null);
    return found;
  }

  test('whatever the order of writing, in pages of any length', async () => {
    const days = ['2026-11-03', '2026-10-01', '2026-11-05', '2026-11-03', '2026-09-09'];
    await append(agent, homeId, ...days.map((day, place) => done(day, `${place}`))).expect(200);
    for (const limit of [1, 2, 3, 50]) expect(await inPages(limit)).toEqual(['2', '3', '0', '1', '4']);
  });

  test('a line corrected to another day moves there, and back when the correction is undone', async () => {
    const lines = ['2026-11-01', '2026-11-02', '2026-11-03', '2026-11-04'].map((day) => done(day, day));
    await append(agent, homeId, ...lines).expect(200);
    const last = lines.at(-1);
    const amendment = entryOf(TODAY, {
      kind: 'amends',
      target: last?.id ?? '',
      change: { date: civil('2026-11-01') },
    });
    await append(agent, homeId, amendment).expect(200);
    const moved = ['2026-11-03', '2026-11-02', '2026-11-04', '2026-11-01'];
    for (const limit of [1, 2, 50]) expect(await inPages(limit)).toEqual(moved);
    expect(await inPages(1, { from: '2026-11-02' })).toEqual(['2026-11-03', '2026-11-02']);
    await append(agent, homeId, entryOf(TODAY, { kind: 'voids', target: amendment.id })).expect(200);
    expect(await inPages(2)).toEqual(['2026-11-04', '2026-11-03', '2026-11-02', '2026-11-01']);
  });

  test('without what sets the tool up, unless it is asked for', async () => {
    await append(
      agent,
      homeId,
      done('2026-11-01', 'work'),
      entryOf('2026-11-02', { kind: 'fact', asset, fact: 'size', value: '16 x 25 x 1' }),
    ).expect(200);
    expect(await notes({ setup: 'hidden' })).toEqual(['work']);
    expect(await notes({})).toEqual(['adopted', 'fact', 'work']);
    await agent.get(path('entries')).query({ before: '2026-13-01.4' }).expect(400);
  });
});

test('the years are added up as things stand', async () => {
  const [first, gone] = [
    done('2026-11-01', 'a', { minutes: 30, cost: 1000 }),
    done('2026-11-02', 'b', { minutes: 60 }),
  ];
  await append(agent, homeId, first, gone).expect(200);
  await append(
    agent,
    homeId,
    entryOf(TODAY, { kind: 'amends', target: first.id, change: { cost: 2500 } }),
  ).expect(200);
  await append(agent, homeId, entryOf(TODAY, { kind: 'voids', target: gone.id })).expect(200);
  const { totals } = (await agent.get(path('totals')).expect(200)).body as TotalsBody;
  expect(totals).toContainEqual(
    expect.objectContaining({ year: 2026, part: 'other', done: 1, minutes: 30, cost: 2500 }),
  );
});

describe('entries read from a table', () => {
  const take = (...entries: ReturnType<typeof entryOf>[]) =>
    agent.post(path('imported-entries')).send({ entries });

  test('are taken in all together, and known ones left as they are', async () => {
    const entries = [done('2024-03-01', 'old'), entryOf('2024-04-01', { kind: 'note', text: 'older' })];
    expect((await take(...entries).expect(200)).body).toEqual({ written: 2, known: 0 });
    expect((await take(...entries, done('2024-05-01', 'new')).expect(200)).body).toEqual({
      written: 1,
      known: 2,
    });
  });

  test('or none of them, when one is not right', async () => {
    const wrong = entryOf('2024-04-01', { kind: 'done', duty: uuid() });
    await take(done('2024-03-01', 'old'), wrong).expect(422);
    expect(await notes({ kind: 'done' })).toEqual([]);
  });

  test('many thousand at once', async () => {
    const entries = Array.from({ length: 3_000 }, (_, place) =>
      entryOf('2024-01-01', { kind: 'note', text: `n ${place}` }),
    );
    expect((await take(...entries).expect(200)).body).toEqual({ written: 3_000, known: 0 });
  });
});

describe('papers', () => {
  const PDF = Buffer.from('%PDF-1.4 a warranty').toString('base64');
  const paper = (more: object = {}) => ({
    asset,
    kind: 'warranty',
    title: 'Warranty of the alarm',
    coverEnds: '2026-12-24',
    fileName: 'warranty.pdf',
    type: 'application/pdf',
    file: PDF,
    ...more,
  });
  const add = (id: string, more: object = {}) => agent.put(path(`documents/${id}`)).send(paper(more));

  test('are kept as they came, listed, saved again, and taken away', async () => {
    const id = uuid();
    await add(id).expect(200);
    await add(id).expect(200);
    await add(id, { title: 'Another' }).expect(409);
    const list = (await agent.get(path('documents')).expect(200)).body as DocumentBody[];
    expect(list).toEqual([expect.objectContaining({ id, title: 'Warranty of the alarm', bytes: 19 })]);
    const file = await agent.get(path(`documents/${id}/file`)).expect(200);
    expect(file.headers['content-disposition']).toBe('attachment; filename=warranty.pdf');
    expect(file.headers['x-content-type-options']).toBe('nosniff');
    expect(file.headers['cache-control']).toBe('no-store');
    expect((file.body as Buffer).toString()).toBe('%PDF-1.4 a warranty');
    await stranger.get(path(`documents/${id}/file`)).expect(404);
    await agent.delete(path(`documents/${id}`)).expect(200);
    await agent.get(path(`documents/${id}/file`)).expect(404);
    // Whoever owns the home sees that it was taken away, and by whom.
    const acts = (await agent.get(path('acts')).expect(200)).body as ActLine[];
    expect(acts.map(({ what }) => what)).toContainEqual({
      act: 'paperRemoved',
      name: 'Warranty of the alarm',
    });
  });

  test('what is not what it says, or of nothing here, is refused', async () => {
    const refused = await add(uuid(), { file: Buffer.from('<script>').toString('base64') }).expect(422);
    expect(refused.body).toMatchObject({ code: 'document-unreadable', field: 'file' });
    await add(uuid(), { asset: uuid() }).expect(422);
    await add(uuid(), { type: 'text/html' }).expect(400);
  });

  test('warn sixty days before a cover ends', async () => {
    await add(uuid()).expect(200);
    await add(uuid(), { coverEnds: '2028-01-01', title: 'Long' }).expect(200);
    const { covers } = (await agent.get(path('standing')).expect(200)).body as StandingBody;
    expect(covers).toEqual([
      expect.objectContaining({ title: 'Warranty of the alarm', ends: '2026-12-24', asset }),
    ]);
  });
});
