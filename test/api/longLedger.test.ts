import { readFileSync } from 'node:fs';
import { sql } from 'drizzle-orm';
import { v7 as uuid } from 'uuid';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { civil } from '../../src/core/calendar/civilDate.ts';
import { civilDateIn } from '../../src/core/calendar/zone.ts';
import { houseFileSchema } from '../../src/core/formats/houseFile.ts';
import type { EntryBody } from '../../src/core/ledger/entry.ts';
import { asPerson, type Tx } from '../../src/server/db/database.ts';
import { loadWholeHome, projectLoaded } from '../../src/server/services/loadedHome.ts';
import { importHouse } from '../../src/server/services/houseFiles/importHouse.ts';
import { appendEntries } from '../../src/server/services/ledger.ts';
import { standingBody, standingOn } from '../../src/server/services/schedule.ts';
import { lockLedger } from '../../src/server/stores/entryStore.ts';
import { findHome } from '../../src/server/stores/homeStore.ts';
import { loadWindows, toScheduleRow } from '../../src/server/stores/windowStore.ts';
import { append, entryOf, someone, startApi, type Agent, type Api } from '../support/api.ts';
import { query } from '../support/database.ts';
import { longHome } from '../support/longHome.ts';

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

const file = houseFileSchema.parse(JSON.parse(readFileSync('examples/every-rule.json', 'utf8')));
const inTx = <T>(work: (tx: Tx) => Promise<T>): Promise<T> => asPerson(api.db, personId, work);
const bringIn = (entries: number): Promise<string> =>
  inTx((tx) => importHouse(tx, longHome(file, entries, civil('2029-05-31')), { by: personId, now: AT }));

async function homeOf(tx: Tx, homeId: string) {
  const home = await findHome(tx, personId, homeId);
  if (!home) throw new Error('the home is gone');
  return home;
}

/** The day up to which the home is folded; null where it is not. */
async function foldedUpTo(homeId: string): Promise<unknown> {
  const rows = await query(
    api.urls.admin,
    `SELECT up_to::text FROM home_checkpoint WHERE home_id = '${homeId}'`,
  );
  return rows[0]?.['up_to'] ?? null;
}

/** The rows that are kept and what Today shows besides, and both as the whole ledger says them. */
const keptAndWhole = (homeId: string) =>
  inTx(async (tx) => {
    const home = await homeOf(tx, homeId);
    const today = civilDateIn(home.zone, AT);
    const whole = await loadWholeHome(tx, home, today);
    const projection = projectLoaded(whole);
    const rows = (await loadWindows(tx, homeId)).flatMap((one) => (one ? [one.row] : []));
    const byId = (a: { dutyId: string }, b: { dutyId: string }): number => (a.dutyId < b.dutyId ? -1 : 1);
    return {
      kept: { rows, standing: await standingOn(tx, home, today) },
      whole: {
        rows: projection.duties.map(toScheduleRow).sort(byId),
        standing: await standingBody(tx, whole, projection),
      },
    };
  });

/** The lines one transaction has read of the ledger's lines by now, as PostgreSQL counts it. */
async function linesRead(tx: Tx): Promise<number> {
  const { rows } = await tx.execute<{ read: string }>(
    sql`SELECT seq_tup_read + coalesce(idx_tup_fetch, 0) AS read FROM pg_stat_xact_user_tables WHERE relname = 'entry'`,
  );
  return Number(rows[0]?.read);
}

describe('a home with a long ledger', () => {
  test('a task done reads at most a hundred of its lines, be they 500 or 5 000', async () => {
    for (const entries of [5_000, 500]) {
      const homeId = await bringIn(entries);
      expect(await foldedUpTo(homeId)).not.toBeNull();
      // As any database does by itself after a while.
      await query(api.urls.admin, 'ANALYZE entry');
      const read = await inTx(async (tx) => {
        await lockLedger(tx, homeId);
        const home = await homeOf(tx, homeId);
        const [duty] = (await loadWindows(tx, homeId)).flatMap((one) => (one ? [one.row.dutyId] : []));
        const before = await linesRead(tx);
        await appendEntries(tx, home, [entryOf(NOW, { kind: 'done', duty: duty ?? '' })], {
          by: personId,
          now: AT,
        });
        return (await linesRead(tx)) - before;
      });
      expect(read).toBeLessThanOrEqual(100);
      expect(read).toBeGreaterThan(0);
    }
  });

  test('whatever is written to it, what is kept is what the whole ledger says', async () => {
    const homeId = await bringIn(300);
    const file = (await agent.get(`/api/homes/${homeId}/house-file`)).body as typeof houseFileSchema._output;
    const asset = file.assets[0]?.id ?? '';
    const duty = (index: number): string => file.duties[index % file.duties.length]?.id ?? '';
    const old = file.entries.find(({ body }) => body.kind === 'done')?.id ?? '';
    const finding = uuid();
    const acts: (readonly [date: string, body: EntryBody, id?: string])[] = [
      [NOW, { kind: 'done', duty: duty(0) }],
      [NOW, { kind: 'finding', asset, what: 'leak', verdict: 'act', days: 7 }, finding],
      ['2029-05-20', { kind: 'done', duty: duty(1) }],
      ['2027-02-01', { kind: 'done', duty: duty(2) }],
      [NOW, { kind: 'shut', asset, state: 'tap' }],
      [NOW, { kind: 'voids', target: old }],
      [NOW, { kind: 'fact', asset, fact: 'made', value: '2020' }],
      [NOW, { kind: 'findingClosed', finding }],
      [NOW, { kind: 'paused', duty: duty(3) }],
    ];
    for (const [date, body, id] of acts) {
      const entry = entryOf(date, body);
      await append(agent, homeId, id === undefined ? entry : { ...entry, id }).expect(200);
      const { kept, whole } = await keptAndWhole(homeId);
      expect(kept).toEqual(whole);
    }
  });

  test('what is written in the time that is folded folds it anew, and many new entries move it on', async () => {
    const homeId = await bringIn(300);
    const before = await foldedUpTo(homeId);
    await append(agent, homeId, entryOf('2026-12-01', { kind: 'note', text: 'Long ago' })).expect(200);
    expect(await foldedUpTo(homeId)).toBe(before);
    for (let round = 0; round < 2; round += 1) {
      const notes = Array.from({ length: 40 }, (_, at) => entryOf(NOW, { kind: 'note', text: `Note ${at}` }));
      await append(agent, homeId, ...notes).expect(200);
    }
    const after = await foldedUpTo(homeId);
    expect(String(after) > String(before)).toBe(true);
    const { kept, whole } = await keptAndWhole(homeId);
    expect(kept).toEqual(whole);
  });

  test.each([
    ['it is not as it was written', `content = replace(content, 'entryId', 'id')`],
    ['it is of an older version', 'version = 1'],
    ['it is of another house', `house = 'another'`],
  ])('%s: the whole ledger is read', async (_, changed) => {
    const homeId = await bringIn(300);
    await query(api.urls.admin, `UPDATE home_checkpoint SET ${changed} WHERE home_id = '${homeId}'`);
    const [duty] = file.duties;
    const { body } = await agent.get(`/api/homes/${homeId}/today`).expect(200);
    expect((body as { rows: unknown[] }).rows.length).toBeGreaterThan(0);
    expect(duty).toBeDefined();
    const { kept, whole } = await keptAndWhole(homeId);
    expect(kept).toEqual(whole);
  });
});
