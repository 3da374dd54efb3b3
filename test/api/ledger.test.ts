import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { Client } from 'pg';
import { v7 as uuid } from 'uuid';
import { ledgerPageSchema, type LedgerPage } from '../../src/contract/schemas.ts';
import type { Written } from '../../src/contract/written.ts';
import { asPerson } from '../../src/server/db/database.ts';
import { firstBreak } from '../../src/server/services/chain.ts';
import { rebuildHome } from '../../src/server/services/schedule.ts';
import { loadChain, rowToEntry } from '../../src/server/stores/entryStore.ts';
import { findHome } from '../../src/server/stores/homeStore.ts';
import { civil } from '../../src/core/calendar/civilDate.ts';
import {
  append,
  entryOf,
  every,
  newDuty,
  newHome,
  rowOf,
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
let homeId: string;
let duty: string;
let asset: string;

beforeAll(async () => {
  api = await startApi();
  const person = await someone(api);
  ({ agent } = person);
  ({ personId } = person.me);
});
beforeEach(async () => {
  api.setToday(TODAY);
  homeId = await newHome(agent);
  ({ duty, asset } = await newDuty(agent, homeId, every(3), '2026-08-01'));
});
afterAll(() => api.close());

const done = (date: string) => entryOf(date, { kind: 'done', duty });
const due = async (): Promise<string | undefined> =>
  (await rowOf(agent, homeId, duty)).occurrence?.window.due;
const page = async (query = ''): Promise<LedgerPage> =>
  ledgerPageSchema.parse((await agent.get(`/api/homes/${homeId}/entries${query}`).expect(200)).body);

async function chainOf(home: string): Promise<number | null> {
  const rows = await asPerson(api.db, personId, (tx) => loadChain(tx, home));
  const lines = rows.map((row) => {
    const { seq: _seq, ...entry } = rowToEntry(row);
    return { seq: row.seq, entry, prevHash: row.prevHash, hash: row.hash };
  });
  return firstBreak(home, lines);
}

describe('logging', () => {
  test('a duty without a record is due the day it was taken on, in the baseline', async () => {
    const row = await rowOf(agent, homeId, duty);
    expect(row.occurrence).toMatchObject({ baseline: true, window: { due: '2026-08-01' } });
  });

  test('a completion moves the date and answers with the reasons', async () => {
    const answer = (await append(agent, homeId, done('2026-08-31')).expect(200)).body as Written;
    expect(answer.rows[0]?.occurrence).toMatchObject({ window: { due: '2026-11-30' }, baseline: false });
    expect(answer.rows[0]?.occurrence?.reasons.map(({ kind }) => kind)).toEqual([
      'lastDone',
      'interval',
      'window',
    ]);
    expect(await due()).toBe('2026-11-30');
  });

  test('the answer carries what Today shows besides, as it would be read', async () => {
    const found = entryOf(TODAY, {
      kind: 'finding',
      asset,
      what: 'loose',
      verdict: 'act',
      days: 7,
    });
    const { standing } = (await append(agent, homeId, found).expect(200)).body as Written;
    expect(standing.findings).toMatchObject([{ entryId: found.id, what: 'loose' }]);
    expect((await agent.get(`/api/homes/${homeId}/standing`).expect(200)).body).toEqual(standing);
  });

  test('two entries of one request are judged by what stood before it, and each ends its own', async () => {
    const { occurrence } = await rowOf(agent, homeId, duty);
    const saw = occurrence?.key ?? '';
    const [first, second] = [entryOf('2026-08-31', { kind: 'done', duty }, { saw }), done('2026-09-30')];
    await append(agent, homeId, first, second).expect(200);
    expect(await due()).toBe('2026-12-30');
    expect((await append(agent, homeId, entryOf(TODAY, { kind: 'done', duty }, { saw }))).body.code).toBe(
      'seen-changed',
    );
  });

  test('the same entry sent again is the same entry, and one line', async () => {
    const entry = done(TODAY);
    const first = (await append(agent, homeId, entry).expect(200)).body as Written;
    const second = (await append(agent, homeId, entry).expect(200)).body as Written;
    expect(second).toEqual(first);
    expect((await page()).lines.filter(({ entry: { id } }) => id === entry.id)).toHaveLength(1);
  });

  test('the same id with another body is a conflict and changes nothing', async () => {
    const entry = done(TODAY);
    await append(agent, homeId, entry).expect(200);
    const other = await append(agent, homeId, { ...entry, body: { kind: 'done', duty, minutes: 5 } });
    expect([other.status, other.body.code, other.body.field]).toEqual([409, 'id-taken', 'entries[0].id']);
  });

  test('a day still to come is refused, by the home’s own today', async () => {
    api.setToday('2026-11-24');
    const answer = await append(agent, homeId, done('2026-11-25'));
    expect(answer.status).toBe(422);
    expect(answer.body).toMatchObject({
      code: 'date-in-future',
      field: 'entries[0].date',
      problem: { today: TODAY },
    });
  });

  test('what was looked at has changed meanwhile: a told conflict', async () => {
    const saw = (await rowOf(agent, homeId, duty)).occurrence?.key ?? '';
    await append(agent, homeId, { ...done('2026-11-20'), saw }).expect(200);
    const late = await append(agent, homeId, { ...done('2026-11-21'), saw });
    expect([late.status, late.body.code, late.body.field]).toEqual([409, 'seen-changed', 'entries[0].saw']);
  });

  test('nothing of a request is written when one entry in it is refused', async () => {
    const before = (await page()).lines.length;
    const answer = await append(agent, homeId, done(TODAY), entryOf(TODAY, { kind: 'done', duty: uuid() }));
    expect([answer.status, answer.body.field]).toEqual([422, 'entries[1].body.duty']);
    expect((await page()).lines).toHaveLength(before);
  });

  test('many at once are numbered without gaps and the chain holds', async () => {
    const answers = await Promise.all(
      Array.from({ length: 12 }, (_, day) =>
        append(agent, homeId, done(`2026-11-${String(day + 1).padStart(2, '0')}`)),
      ),
    );
    expect(answers.map(({ status }) => status)).toEqual(Array(12).fill(200));
    const seqs = (await page()).lines.map(({ entry }) => (entry as { seq?: number }).seq);
    expect(seqs.map(Number).sort((a, b) => a - b)).toEqual(
      Array.from({ length: 13 }, (_, index) => index + 1),
    );
    expect(await chainOf(homeId)).toBeNull();
  });

  test('who did it must be someone the home knows', async () => {
    const who = uuid();
    const stranger = await append(agent, homeId, entryOf(TODAY, { kind: 'done', duty, who }));
    expect([stranger.body.code, stranger.body.field]).toEqual(['reference-unknown', 'entries[0].body.who']);
    await agent.post(`/api/homes/${homeId}/people`).send({ id: who, name: 'A neighbor' }).expect(200);
    await append(agent, homeId, entryOf(TODAY, { kind: 'done', duty, who })).expect(200);
  });
});

describe('correcting', () => {
  test('an amended day moves the next date; what it said stays beside it', async () => {
    const entry = done('2026-08-31');
    await append(agent, homeId, entry).expect(200);
    const fix = entryOf(
      TODAY,
      { kind: 'amends', target: entry.id, change: { date: civil('2026-09-15') } },
      { saw: '' },
    );
    await append(agent, homeId, fix).expect(200);
    expect(await due()).toBe('2026-12-15');
    const line = (await page()).lines.find(({ entry: { id } }) => id === entry.id);
    expect(line).toMatchObject({ date: '2026-09-15', entry: { date: '2026-08-31' }, voidedBy: null });
    expect(line?.corrections.map(({ id }) => id)).toEqual([fix.id]);
  });

  test('striking out takes the date back, and restoring brings it again', async () => {
    const entry = done('2026-08-31');
    await append(agent, homeId, entry).expect(200);
    const strike = entryOf(TODAY, { kind: 'voids', target: entry.id });
    await append(agent, homeId, strike).expect(200);
    expect(await due()).toBe('2026-08-01');
    await append(agent, homeId, entryOf(TODAY, { kind: 'voids', target: strike.id })).expect(200);
    expect(await due()).toBe('2026-11-30');
  });

  test('an amendment that would move an entry past its own day, and so past today, is refused', async () => {
    const entry = done('2026-08-31');
    await append(agent, homeId, entry).expect(200);
    const answer = await append(
      agent,
      homeId,
      entryOf(TODAY, { kind: 'amends', target: entry.id, change: { date: civil('2027-01-01') } }),
    );
    expect([answer.status, answer.body.code, answer.body.field]).toEqual([
      422,
      'date-after-correction',
      'entries[0].body.change.date',
    ]);
    const early = entryOf('2026-09-10', {
      kind: 'amends',
      target: entry.id,
      change: { date: civil('2026-09-11') },
    });
    expect((await append(agent, homeId, early)).body).toMatchObject({
      code: 'date-after-correction',
      problem: { kind: 'date-after-correction', dated: '2026-09-10' },
    });
  });

  test('two people correcting one entry: the second is told', async () => {
    const entry = done('2026-08-31');
    await append(agent, homeId, entry).expect(200);
    const amend = (minutes: number) =>
      entryOf(TODAY, { kind: 'amends', target: entry.id, change: { minutes } }, { saw: '' });
    await append(agent, homeId, amend(5)).expect(200);
    expect((await append(agent, homeId, amend(6))).body.code).toBe('seen-changed');
  });

  test('giving a duty up ends it, and striking that out brings it back', async () => {
    const giveUp = entryOf(TODAY, { kind: 'retired', duty, why: 'sold' });
    await append(agent, homeId, giveUp).expect(200);
    expect(await rowOf(agent, homeId, duty)).toMatchObject({ retired: true, occurrence: null });
    await append(agent, homeId, entryOf(TODAY, { kind: 'voids', target: giveUp.id })).expect(200);
    expect(await rowOf(agent, homeId, duty)).toMatchObject({
      retired: false,
      occurrence: { baseline: true },
    });
  });

  test('an adoption stands as written', async () => {
    const adoption = (await page()).lines.at(-1)?.entry.id ?? '';
    const answer = await append(agent, homeId, entryOf(TODAY, { kind: 'voids', target: adoption }));
    expect(answer.body.code).toBe('target-not-correctable');
  });
});

describe('putting off', () => {
  const putOff = async (to: string, more: object = {}) => {
    const occurrence = (await rowOf(agent, homeId, duty)).occurrence?.key ?? '';
    return append(
      agent,
      homeId,
      entryOf(TODAY, { kind: 'putOff', duty, occurrence, to: civil(to), why: 'rain', ...more }),
    );
  };

  test('the due day becomes the chosen one, and the reason says why', async () => {
    await append(agent, homeId, done('2026-08-31')).expect(200);
    await putOff('2027-01-20').then(({ status }) => {
      expect(status).toBe(200);
    });
    const { occurrence } = await rowOf(agent, homeId, duty);
    expect(occurrence?.window).toEqual({ earliest: '2026-11-16', due: '2027-01-20', latest: '2027-01-20' });
    expect(occurrence?.reasons.at(-1)).toMatchObject({ kind: 'putOff', why: 'rain' });
  });

  test('to a day that has passed is refused, and so is an occurrence that no longer stands', async () => {
    expect((await putOff('2026-11-23')).body).toMatchObject({
      field: 'entries[0].body.to',
      problem: { kind: 'date-in-past' },
    });
    const gone = entryOf(TODAY, {
      kind: 'putOff',
      duty,
      occurrence: `${duty}:gone`,
      to: civil('2026-12-01'),
      why: 'rain',
    });
    expect((await append(agent, homeId, gone)).body).toMatchObject({
      code: 'not-outstanding',
      field: 'entries[0].body.occurrence',
    });
  });

  test('where lives depend on it, past the latest day only when acknowledged', async () => {
    const addition = {
      batch: uuid(),
      on: TODAY,
      assets: [],
      duties: [{ practice: { from: 'catalogue', code: 'smoke-alarm-test' } }],
    };
    const alarm = uuid();
    const asset = (await agent.get(`/api/homes/${homeId}`)).body.assets[0].id as string;
    const kept = {
      terms: { school: null, rule: every(1), factors: [], doer: 'self' },
      units: [{ asset, duty: alarm, entry: uuid() }],
    };
    await agent
      .post(`/api/homes/${homeId}/additions`)
      .send({ ...addition, duties: [{ ...addition.duties[0], ...kept }] })
      .expect(200);
    duty = alarm;
    expect((await putOff('2027-02-01')).body).toMatchObject({
      code: 'acknowledgement-needed',
      field: 'entries[0].body.acknowledged',
    });
    expect((await putOff('2027-02-01', { acknowledged: true })).status).toBe(200);
  });
});

describe('reading', () => {
  test('the ledger comes in pages, newest day first, each line once', async () => {
    for (let day = 1; day <= 5; day += 1) await append(agent, homeId, done(`2026-09-0${day}`)).expect(200);
    const first = await page('?limit=4');
    const second = await page(`?limit=4&before=${first.next ?? ''}`);
    expect([...first.lines, ...second.lines].map(({ entry }) => entry.date)).toEqual([
      '2026-09-05',
      '2026-09-04',
      '2026-09-03',
      '2026-09-02',
      '2026-09-01',
      '2026-08-01',
    ]);
    expect(second.next).toBeNull();
  });

  test('as days pass the answer changes by itself: a listed date becomes missed when the next one opens', async () => {
    const listed = await newDuty(
      agent,
      homeId,
      { kind: 'dates', monthDays: ['04-15', '10-15'] },
      '2026-09-01',
    );
    duty = listed.duty;
    expect(await due()).toBe('2026-10-15');
    api.setToday('2027-03-24');
    expect(await due()).toBe('2026-10-15');
    api.setToday('2027-03-25');
    expect(await rowOf(agent, homeId, duty)).toMatchObject({
      missed: [{ due: '2026-10-15' }],
      occurrence: { window: { due: '2027-04-15' } },
    });
    api.setToday(TODAY);
    expect(await due()).toBe('2026-10-15');
  });

  test('reading does not overtake writing: rows are projected again only when no writer is at work', async () => {
    await newDuty(agent, homeId, { kind: 'dates', monthDays: ['04-15', '10-15'] }, '2026-09-01');
    api.setToday('2027-03-25');
    const writer = new Client({ connectionString: api.urls.admin });
    await writer.connect();
    await writer.query('BEGIN');
    await writer.query('SELECT pg_advisory_xact_lock(hashtextextended($1, 0))', [homeId]);
    const reading = agent.get(`/api/homes/${homeId}/today`).then(({ status }) => status);
    const waiting = "SELECT count(*)::int AS n FROM pg_locks WHERE locktype = 'advisory' AND NOT granted";
    await expect.poll(() => query(api.urls.admin, waiting)).toEqual([{ n: 1 }]);
    await writer.query('COMMIT');
    await writer.end();
    expect(await reading).toBe(200);
  });

  test('projecting a home anew gives the rows that stand', async () => {
    await append(agent, homeId, done('2026-08-31')).expect(200);
    const stored = (await agent.get(`/api/homes/${homeId}/today`)).body.rows as unknown[];
    const rebuilt = await asPerson(api.db, personId, async (tx) => {
      const home = await findHome(tx, personId, homeId);
      if (!home) throw new Error('the home is gone');
      return rebuildHome(tx, home, civil(TODAY));
    });
    expect(rebuilt).toEqual(stored);
  });
});

describe('adding to the house', () => {
  test('the same addition sent twice adds once; another under its ids is a conflict', async () => {
    const { addition } = await newDuty(agent, homeId);
    await agent.post(`/api/homes/${homeId}/additions`).send(addition).expect(200);
    const house = (await agent.get(`/api/homes/${homeId}`)).body as { assets: unknown[]; duties: unknown[] };
    expect([house.assets.length, house.duties.length]).toEqual([2, 2]);
    const renamed = { ...addition, assets: addition.assets.map((asset) => ({ ...asset, name: 'Landing' })) };
    const answer = await agent.post(`/api/homes/${homeId}/additions`).send(renamed);
    expect([answer.status, answer.body.code, answer.body.field]).toEqual([409, 'id-taken', 'assets[0].id']);
  });

  test('a successor takes the place of what it replaces, once', async () => {
    const { asset } = await newDuty(agent, homeId);
    const replace = () => ({
      batch: uuid(),
      on: TODAY,
      assets: [{ id: uuid(), kind: 'smoke-alarm', name: 'New', succeeds: asset, replacement: uuid() }],
      duties: [],
    });
    await agent.post(`/api/homes/${homeId}/additions`).send(replace()).expect(200);
    expect((await page()).lines[0]?.body).toMatchObject({ kind: 'replaced', asset });
    const again = await agent.post(`/api/homes/${homeId}/additions`).send(replace());
    expect([again.status, again.body.code]).toEqual([409, 'already-succeeded']);
  });

  test('a duty on something that is not there is refused by name', async () => {
    const { addition } = await newDuty(agent, homeId);
    const [kept] = addition.duties;
    const lost = {
      ...addition,
      assets: [],
      duties: [{ ...kept, units: [{ asset: uuid(), duty: uuid(), entry: uuid() }] }],
    };
    const answer = await agent.post(`/api/homes/${homeId}/additions`).send(lost);
    expect([answer.status, answer.body.field]).toEqual([422, 'duties[0].units[0].asset']);
  });
});
