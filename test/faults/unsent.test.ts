import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { Page } from '../support/browser.ts';
import { startDemo, type RunningServer } from '../support/running.ts';

let server: RunningServer;
let page: Page;
beforeAll(async () => {
  server = await startDemo();
});
beforeEach(async () => {
  page = await Page.open(server.address);
  await page.signInToDemo();
  return () => page.close();
});
afterAll(() => server.kill());

const LATE = '[data-line^="late smoke-alarm-test"] [data-act=done]';

/** Has every entry sent to the home on screen answered with a failure of the server, until `heal`. */
const fail = (): Promise<unknown> =>
  page.driver.executeScript(`
    const home = location.pathname.split('/')[2];
    window.healthy = window.fetch;
    window.fetch = async (address, options) =>
      options?.method === 'POST' && String(address).includes('/' + home + '/entries')
        ? new Response(JSON.stringify({ code: 'internal', logId: 'a-log-id' }), { status: 500 })
        : window.healthy(address, options);`);
const heal = (): Promise<unknown> => page.driver.executeScript('window.fetch = window.healthy');
const gone = (css: string): Promise<void> =>
  page.waitFor(async () => (await page.count(css)) === 0, `${css} is still there`);

/** The ids of whom what waits on the device belongs to. */
const owners = (): Promise<string[]> =>
  page.driver.executeAsyncScript(`
    const done = arguments[arguments.length - 1];
    const open = indexedDB.open('salt-ledger');
    open.onsuccess = () => {
      const all = open.result.transaction('parcels').objectStore('parcels').getAll();
      all.onsuccess = () => { open.result.close(); done(all.result.map(({ personId }) => personId)); };
    };`);
const keysOnDevice = (): Promise<string[]> => page.driver.executeScript('return Object.keys(localStorage)');

describe('an entry the server fails at', () => {
  test('is told after three tries, holds back no other home, and can be put right and sent', async () => {
    await fail();
    await page.click(LATE);
    await page.toast('The server could not save it. It is kept on this device and tried again.');
    await page.says('1 entry is waiting to be sent. The server could not save it. It is tried again.');

    // Another home is none of its business.
    await page.switchHome('3 Weir Lane');
    await page.click('[data-line^="late"] [data-act=done]');
    await page.toast('done today');

    await page.press('Try again');
    await page.says(
      'Not saved: Test the smoke alarm, Basement: done today. Something went wrong on the server.',
    );
    await gone('[data-test=waiting]');

    await heal();
    await page.click('[data-act=edit-refused]');
    await page.type('Date', '2026-11-23');
    await page.press('Send it');
    await gone('.strip.wrong');
    await page.switchHome('14 Juniper Bend');
    await page.visit('ledger');
    await page.says('Done Test the smoke alarm, Basement');
    expect(await page.complaints()).toEqual([]);
  });
});

describe('signing out', () => {
  test('with something unsent asks first; then nothing of the person is left, and of another everything', async () => {
    await page.driver.executeAsyncScript(`
      const done = arguments[arguments.length - 1];
      localStorage.setItem('salt-ledger sheet another', JSON.stringify({ personId: 'another' }));
      const open = indexedDB.open('salt-ledger');
      open.onsuccess = () => {
        const change = open.result.transaction('parcels', 'readwrite');
        change.objectStore('parcels').put({ version: 1, id: 'theirs', personId: 'another', homeId: 'h', route: 'append',
          body: {}, label: 'Theirs', refused: null }, 'theirs');
        change.oncomplete = () => { open.result.close(); done(); };
      };`);
    await page.waitFor(
      () => page.driver.executeScript<boolean>('return navigator.serviceWorker.controller !== null'),
      'the pages are not kept on the device',
    );
    await page.connect(false);
    await page.click('[data-line^="late own Reseal"] [data-act=done]');
    await page.says('1 entry is waiting to be sent.');

    await page.fromMenu('Sign out');
    await page.says('1 entry has not been sent. If you sign out now, it is deleted');
    expect(await page.faults()).toEqual([]);
    await page.click('[data-act=stay]');
    await page.says('1 entry is waiting to be sent.');

    await page.fromMenu('Sign out');
    await page.click('[data-act=leave-all]');
    await page.says('Sign in');
    expect(await owners()).toEqual(['another']);
    const kept = (await keysOnDevice()).filter(
      (key) => !['salt-ledger theme', 'salt-ledger keys'].includes(key),
    );
    expect(kept.sort()).toEqual(['salt-ledger sheet another', 'salt-ledger signing out']);

    // The server hears of it at the next contact.
    await page.connect(true);
    await page.waitFor(
      async () => !(await keysOnDevice()).includes('salt-ledger signing out'),
      'the server has not heard of it',
    );
    await page.go('/homes');
    await page.says('Sign in');
    expect(await page.answer('/api/me')).toMatchObject({ code: 'not-signed-in' });
    await page.signInToDemo();
    await page.find('[data-line^="late own Reseal"]');
    expect(await page.count('[data-test=waiting]')).toBe(0);
  });

  test('with nothing unsent goes at once', async () => {
    await page.fromMenu('Sign out');
    await page.says('Sign in');
    expect(await page.answer('/api/me')).toMatchObject({ code: 'not-signed-in' });
  });
});
