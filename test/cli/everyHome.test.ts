import { execFile } from 'node:child_process';
import { beforeAll, expect, test } from 'vitest';
import type { DatabaseUrls } from '../../src/server/db/setup.ts';
import { freshDatabase, query } from '../support/database.ts';
import { CLOCK_AT, DEMO_TEMPLATE } from '../support/fixed.ts';

let urls: DatabaseUrls & { admin: string };
beforeAll(async () => {
  urls = await freshDatabase(DEMO_TEMPLATE);
});

/** Works on every home in some processes, as the commands do it where there are many homes. */
function eachHome(work: 'rebuild' | 'verify', lanes: number): Promise<{ done: unknown; err: string }> {
  const words = [urls.owner, urls.app, work, CLOCK_AT, String(lanes)];
  return new Promise((resolve, reject) => {
    const args = ['--import', 'tsx', 'test/support/eachHome.ts', ...words];
    execFile(process.execPath, args, (error, out, err) => {
      if (error) reject(new Error(err));
      else resolve({ done: JSON.parse(out), err });
    });
  });
}

const windows = (): Promise<unknown[]> =>
  query(urls.admin, 'SELECT home_id, duty_id, due, reasons FROM duty_window ORDER BY 1, 2');

test('shared out among processes every home is projected as in one, and none is left out', async () => {
  const alone = await eachHome('rebuild', 1);
  const before = await windows();
  expect(alone.done).toEqual({ homes: 6, failed: 0, counted: before.length });
  await query(urls.admin, 'DELETE FROM duty_window');
  expect(await eachHome('rebuild', 2)).toEqual(alone);
  expect(await windows()).toEqual(before);
});

test('a home that cannot be read is named by its process, and the others are gone on with', async () => {
  await query(
    urls.admin,
    `ALTER TABLE entry DISABLE TRIGGER USER;
     UPDATE entry SET body = jsonb_set(body, '{kind}', '"unheard"')
       WHERE seq = 3 AND home_id = (SELECT home_id FROM home WHERE name = '3 Weir Lane');
     ALTER TABLE entry ENABLE TRIGGER USER`,
  );
  const { done, err } = await eachHome('verify', 3);
  expect(done).toMatchObject({ homes: 6, failed: 1 });
  expect(err).toMatch(/^home [-0-9a-f]{36} \(3 Weir Lane\): /m);
});
