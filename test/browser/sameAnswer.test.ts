import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import type { TodayBody } from '../../src/contract/schemas.ts';
import type { DueItem } from '../../src/core/formats/dueReport.ts';
import { line, Page } from '../support/browser.ts';
import { command } from '../support/command.ts';
import { startDemo, type RunningServer } from '../support/running.ts';

let server: RunningServer;
let page: Page;
let home: string;
const folder = mkdtempSync(join(tmpdir(), 'salt-same-'));
beforeAll(async () => {
  server = await startDemo();
  page = await Page.open(server.address);
  await page.signInToDemo();
  home = new URL(await page.driver.getCurrentUrl()).pathname.replace('/today', '');
});
afterAll(async () => {
  rmSync(folder, { recursive: true, force: true });
  await page.close();
  await server.kill();
});

/** The server's answer to the page. */
const read = (path: string): Promise<unknown> =>
  page.driver.executeAsyncScript(
    'const done = arguments[1]; fetch(arguments[0]).then((answer) => answer.json()).then(done)',
    `/api${home}/${path}`,
  );

/** A day as the page writes it, `Wed, Nov 15, 2028`, this year’s without the year. */
function isoOf(text: string): string {
  const day = new Date(`${/\d{4}$/.test(text) ? text : `${text}, 2026`} UTC`);
  return day.toISOString().slice(0, 10);
}

/** The due date that the dialog announces once it is logged; then it is logged. */
async function foretoldAndLogged(duty: string): Promise<string> {
  await page.openToday();
  await page.act(`${line(duty)}`, 'Done with details');
  const said = await page.says('next due', '[role=dialog]');
  const day = /next due (\w+, \w+ \d+(?:, \d{4})?)/i.exec(said)?.[1];
  if (day === undefined) throw new Error(`no day in: ${said}`);
  await page.press('Save');
  await page.waitFor(async () => (await page.count('[role=dialog]')) === 0, 'the sheet stays');
  return isoOf(day);
}

describe('the same answer', () => {
  test.each(['Reseal the steps', 'dryer-vent'])(
    '%s: what the browser foretold is what the server then answers',
    async (duty) => {
      const foretold = await foretoldAndLogged(duty);
      await page.waitFor(async () => {
        const { rows } = (await read('today')) as TodayBody;
        return rows.some(({ occurrence }) => occurrence?.window.due === foretold);
      }, `the server does not say ${foretold}`);
    },
  );

  test('npm run due says of the house file what the server says of every duty', async () => {
    const file = join(folder, 'house.json');
    writeFileSync(file, JSON.stringify(await read('house-file')));
    const { rows } = (await read('today')) as TodayBody;
    const { out } = await command('due', file, '--on', '2026-11-24', '--format', 'json');
    const items = new Map((JSON.parse(out) as DueItem[]).map((item) => [item.duty, item]));
    expect(items.size).toBe(rows.length);
    for (const { dutyId, occurrence, sleep, missed, extras, changesOn } of rows) {
      expect(items.get(dutyId)).toMatchObject({
        occurrence: occurrence?.key ?? null,
        due: occurrence?.window.due ?? null,
        bookBy: occurrence?.bookBy ?? null,
        orderBy: occurrence?.orderBy ?? null,
        reasons: occurrence?.reasons ?? [],
        sleep,
        missed,
        extras,
        changesOn,
      });
    }
  });
});
