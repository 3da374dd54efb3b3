import { afterAll, afterEach, beforeAll, describe, expect, test } from 'vitest';
import { Page, PHONE } from '../support/browser.ts';
import { startDemo, type RunningServer } from '../support/running.ts';

/** On a phone, by the day the demo homes are of: what opens and what can be done where there is no signal. */
let server: RunningServer;
let page: Page;
let home: string;

beforeAll(async () => {
  server = await startDemo();
  page = await Page.open(server.address);
  await page.resize(PHONE);
  await page.signInToDemo();
  home = new URL(await page.driver.getCurrentUrl()).pathname.replace('/today', '');
  await page.waitFor(
    () => page.driver.executeScript<boolean>('return navigator.serviceWorker.controller !== null'),
    'the pages are not kept on the device',
  );
});
afterAll(async () => {
  await page.close();
  await server.kill();
});

afterEach(() => page.connect(true));

/** How many answers this device keeps. */
const keptAnswers = (): Promise<number> =>
  page.driver.executeAsyncScript<number>(`
    const done = arguments[0];
    const opening = indexedDB.open('salt-ledger answers');
    opening.onsuccess = () => {
      const counting = opening.result.transaction('answers').objectStore('answers').count();
      counting.onsuccess = () => { opening.result.close(); done(counting.result); };
    };`);

const AS_OF = 'This page is as of';

/** Pages that open without a signal though they were never opened on this device, each with something it shows. */
const COLD: readonly (readonly [path: string, words: string])[] = [
  ['/today', 'This week'],
  ['/plan/checklists', 'Autumn closing'],
  ['/house/where', 'Main shutoff'],
  ['/how-to', 'Air filters and air handling'],
  ['/wrong', 'Main shutoff'],
];

/** Every other page, which opens where it was opened before. */
const OPENED: readonly (readonly [path: string, words: string])[] = [
  ['/plan/year', 'The year ahead'],
  ['/plan/weeks', 'Still worth doing'],
  ['/plan/schedule', 'Air filters and air handling'],
  ['/plan/weather', 'Past days and the next ten'],
  ['/plan/hours', 'Minutes for each day of the week'],
  ['/house', 'Basement'],
  ['/house/alarms', 'Alarms where they belong'],
  ['/house/about', 'Who lives here'],
  ['/house/people', 'signed in: Chrome'],
  ['/house/walk', 'Room by room'],
  ['/house/add', 'Something new'],
  ['/record', 'Done'],
  ['/how-to/disagreements', 'How often to change a thin filter'],
  ['/how-to/calculators', 'Temperature difference across the cooling'],
];

describe('without a signal', () => {
  test('a cold start has its head, and the pages one needs first', async () => {
    // Two seconds after a home has come on screen the rest is fetched.
    await page.waitFor(async () => (await keptAnswers()) >= 10, 'the rest of the home is not kept');
    await page.connect(false);
    for (const [path, words] of COLD) {
      await page.go(`${home}${path}`);
      await page.says(words, 'main');
      await page.says(AS_OF, '[data-test=offline]');
      await page.find('.home-menu');
    }
  });

  test('every page opened before opens again, and says since when', async () => {
    for (const [path, words] of OPENED) {
      await page.go(`${home}${path}`);
      await page.says(words, 'main');
    }
    const thing = await page.driver.executeScript<string>(
      `return fetch('/api${home}').then((answer) => answer.json()).then(({ assets }) => assets[0].id)`,
    );
    await page.go(`${home}/house/things/${thing}`);
    await page.says('History', 'main');
    await page.waitFor(async () => (await keptAnswers()) >= 15, 'the pages opened are not kept');
    await page.connect(false);
    for (const [path, words] of [...OPENED, [`/house/things/${thing}`, 'History'] as const]) {
      await page.go(`${home}${path}`);
      await page.says(words, 'main');
      if (path !== '/how-to/disagreements') await page.says(AS_OF, '[data-test=offline]');
      expect(await page.count('main [role=alert]'), path).toBe(0);
    }
  });

  test('what is logged there is sent once when the signal is back, and the page reads itself anew', async () => {
    await page.go(`${home}/log`);
    await page.find('[data-test=typed]');
    await page.connect(false);
    await page.reload();
    await (await page.find('[data-test=typed]')).sendKeys('clean the gutters');
    await page.click('[data-hit=task] button');
    await page.press('Save', '//*[@role="dialog"]');
    await page.says('1 entry is waiting to be sent.');
    await page.go(`${home}/record`);
    await page.says(AS_OF, '[data-test=offline]');
    await page.connect(true);
    await page.waitFor(async () => (await page.count('[data-test=waiting]')) === 0, 'it still waits');
    await page.waitFor(async () => (await page.count('[data-test=offline]')) === 0, 'the page is still old');
    const text = await page.says('Clean the gutters');
    expect(text.split('Clean the gutters').length - 1).toBeGreaterThan(0);
  });
});

test('an entry edited without a signal waits and says so; the record has it when the signal is back', async () => {
  await page.go(`${home}/record`);
  await page.click('[data-entry] [data-act=entry]');
  await page.click('[data-details] [data-act=correct]');
  await page.find('[role=dialog]');
  await page.connect(false);
  await page.type('Minutes', '23');
  await page.press('Save', '//*[@role="dialog"]');
  await page.toast('Saved. No connection. It is saved on this device and sent when the connection is back.');
  await page.connect(true);
  await page.waitFor(async () => (await page.count('[data-test=waiting]')) === 0, 'it still waits');
  await page.says('23 min', '[data-entry]');
});

test('an old page meets a new server: it says so, and reloads when asked', async () => {
  await page.go(`${home}/today`);
  await page.find('[data-line]');
  expect(await page.count('[data-test=old-page]')).toBe(0);
  await page.driver.executeScript(
    "document.querySelector('script[src*=first-]').src = '/assets/first-old.js'",
  );
  await page.visit('ledger');
  await page.says('A new version of Salt Ledger is ready', '[data-test=old-page]');
  await page.press('Reload');
  await page.waitFor(async () => (await page.count('[data-test=old-page]')) === 0, 'it was not loaded anew');
  await page.find('[data-entry]');
});

test('reloaded for a new version, what waits to be sent and an open checklist are still there', async () => {
  await page.visit('runs');
  await page.click('[data-round=yearly] [data-act=start]');
  await page.click('[data-act=begin]');
  const first = await page.says('', '[data-item]');
  await page.click('[data-act=skip]');
  await page.type('Why', 'It snows');
  await page.press('Save and continue');
  const item = (): Promise<string> => page.says('', '[data-item]');
  await page.waitFor(async () => (await item()) !== first, 'it did not go on');
  const second = await item();
  const run = new URL(await page.driver.getCurrentUrl()).pathname;
  await page.driver.executeScript(
    "document.querySelector('script[src*=first-]').src = '/assets/first-old.js'; window.isOld = true",
  );
  await page.openToday();
  await page.find('[data-test=old-page]');
  await page.connect(false);
  await page.click('[data-line] [data-act=done]');
  await page.says('1 entry is waiting to be sent.');
  await page.press('Reload');
  await page.waitFor(
    () => page.driver.executeScript<boolean>('return window.isOld === undefined'),
    'it was not loaded anew',
  );
  await page.says('1 entry is waiting to be sent.');
  await page.go(run);
  await page.waitFor(async () => (await item()) === second, 'the checklist is not where it was left');
  await page.connect(true);
  await page.waitFor(async () => (await page.count('[data-test=waiting]')) === 0, 'it still waits');
});

test('signed out, nothing of the house stays on the device', async () => {
  await page.fromMenu('Sign out');
  await page.says('Look around');
  expect(await keptAnswers()).toBe(0);
});
