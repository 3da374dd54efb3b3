import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { v7 as uuid } from 'uuid';
import { line, Page } from '../support/browser.ts';
import { startDemo, type RunningServer } from '../support/running.ts';

let server: RunningServer;
let page: Page;
let homePath: string;
let homeId: string;

beforeAll(async () => {
  server = await startDemo();
  page = await Page.open(server.address);
  await page.signInToDemo();
  homePath = new URL(await page.driver.getCurrentUrl()).pathname.replace('/today', '');
  homeId = homePath.split('/').at(-1) ?? '';
});
beforeEach(async () => {
  await page.go(`${homePath}/today`);
  await page.find('[data-line]');
});
afterAll(async () => {
  await page.close();
  await server.kill();
});

/** Sends what the page would send, as its person. */
const send = (path: string, body: object): Promise<number> =>
  page.driver.executeAsyncScript<number>(
    `const done = arguments[2];
     fetch(arguments[0], { method: 'POST', body: arguments[1], headers: { 'content-type': 'application/json' } })
       .then((answer) => done(answer.status));`,
    path,
    JSON.stringify(body),
  );

/** A thing with one task on the terms given, as an older program would have written them. */
async function add(kind: string, name: string, practice: string, terms: object): Promise<void> {
  const [asset, duty] = [uuid(), uuid()];
  const status = await send(`/api/homes/${homeId}/additions`, {
    batch: uuid(),
    on: '2026-11-20',
    assets: [{ id: asset, kind, name }],
    duties: [
      {
        practice: { from: 'catalogue', code: practice },
        terms: { factors: [], doer: 'self', ...terms },
        units: [{ asset, duty, entry: uuid() }],
      },
    ],
  });
  expect(status).toBe(200);
}

describe('better dates', () => {
  test('a home made with what the catalogue says now is offered nothing', async () => {
    expect(await page.answer(`/api/homes/${homeId}/better-terms`)).toEqual({ offers: [] });
  });

  test('tasks kept by an older rule are offered; seen and taken with one tap, they are kept so from today', async () => {
    await add('gutter-run', 'Shed gutter', 'gutter-clean', {
      school: 'autumn',
      rule: { kind: 'season', anchor: 'leafFall', offsetDays: 21 },
    });
    await page.go(`${homePath}/today`);
    await page.says('1 task can have a better schedule.', '[data-test=better]');
    await page.click('[data-act=better]');
    await page.says('Which task', '[role=dialog]');
    await page.press('Use it', "//*[@role='dialog']");
    await page.toast('1 task has its new schedule from today.');
    await page.waitFor(async () => (await page.count('[data-test=better]')) === 0, 'it is still offered');
    await page.go(`${homePath}/record`);
    await page.says('Clean the gutters', '[data-entry]');
  });
});

describe('an age nobody knows', () => {
  test('asks for the date on the thing, says what follows, and is told with one tap', async () => {
    await add('smoke-alarm', 'Shed alarm', 'smoke-alarm-age-replace', {
      school: 'ten-years',
      rule: { kind: 'age', lifespan: { unit: 'years', count: 10 } },
    });
    await page.go(`${homePath}/today`);
    await page.act(line('baseline smoke-alarm-age-replace'), 'Done with details');
    await page.says('I read its date', '[role=dialog]');
    await page.press('Save', "//*[@role='dialog']");
    await page.says('Enter a value', '[role=dialog]');
    await page.type('Date of manufacture', '2024-03');
    await page.type('Life printed on it', '16');
    await page.press('Save', "//*[@role='dialog']");
    await page.says('must be whole years, from 1 to 15', '[role=dialog]');
    await page.type('Life printed on it', '7');
    await page.says('next due', '[role=dialog]');
    await page.press('Save', "//*[@role='dialog']");
    await page.toast('done today');
  });
});
