import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { line, Page } from '../support/browser.ts';
import { startDemo, startServer, type RunningServer } from '../support/running.ts';

let server: RunningServer & { databaseUrl: string };
let running: RunningServer;
let page: Page;
beforeAll(async () => {
  server = await startDemo();
  running = server;
  page = await Page.open(server.address);
  await page.signInToDemo();
});
afterAll(async () => {
  await page.close();
  await running.kill();
});

const restart = async (): Promise<void> => {
  running = await startServer(server.databaseUrl, server.port);
};

describe('without a connection', () => {
  test('the other pages have been kept on the device meanwhile', async () => {
    await page.waitFor(
      () => page.driver.executeScript<boolean>('return navigator.serviceWorker.controller !== null'),
      'the pages are not kept on the device',
    );
  });

  test('a log is kept on the device and says that it waits', async () => {
    await running.kill();
    await page.click(`${line('Reseal the steps')} [data-act=done]`);
    await page.says('1 entry is waiting to be sent.');
    await page.says('Saved on this device, waiting to be sent', line('Reseal the steps'));
    expect(await page.count(`${line('Reseal the steps')} [data-act=done]`)).toBe(0);
  });

  test('it can be taken back though nothing has been sent yet', async () => {
    await page.click('[data-line^="late smoke-alarm-test"] [data-act=done]');
    await page.says('2 entries are waiting to be sent.');
    await page.toast('Test the smoke alarm, Basement: done today. No connection.');
    await page.click('[data-act=undo]');
    await page.toast('Undone.');
    await page.find('[data-line^="late smoke-alarm-test"] [data-act=done]');
  });

  test('the page that cannot be read says so and offers to try again', async () => {
    await page.visit('ledger');
    await page.says('No connection.');
    await page.openToday();
    await page.says('No connection.');
    await page.says('Saved on this device, waiting to be sent', line('Reseal the steps'));
  });

  test('it survives a reload, is sent once the connection is back, and stands once in the ledger', async () => {
    await restart();
    await page.reload();
    await page.waitFor(
      async () => (await page.count('[data-test=waiting]')) === 0,
      'the entry is still waiting',
    );
    await page.says('14 Juniper Bend', 'header');
    await page.find('[data-line^="coming own Reseal"], [data-line^="late smoke-alarm-test"]');
    expect(await page.count('[data-line^="late own Reseal"]')).toBe(0);
    await page.visit('ledger');
    await page.find('[data-entry]');
    const texts = await Promise.all(
      (await page.driver.findElements({ css: '[data-entry]' })).map((one) => one.getText()),
    );
    expect(texts.filter((text) => text.includes('Done Reseal the steps'))).toHaveLength(1);
    expect(texts.filter((text) => text.includes('Test the smoke alarm, Basement (deleted)'))).toHaveLength(1);
  });

  test('an answer lost on the way does not double the entry', async () => {
    await page.openToday();
    await page.find('[data-line]');
    // The server hears of it, but the browser never hears back: its first request is dropped after it was sent.
    await page.driver.executeScript(`
      const real = window.fetch;
      window.fetch = async (address, options) => {
        const answer = await real(address, options);
        if (!String(address).endsWith('/entries') || options?.method !== 'POST') return answer;
        window.fetch = real;
        throw new TypeError('the answer was lost');
      };`);
    await page.click('[data-line^="late smoke-alarm-test"] [data-act=done]');
    await page.says('1 entry is waiting to be sent.');
    await page.press('Try again');
    await page.waitFor(
      async () => (await page.count('[data-test=waiting]')) === 0,
      'the entry is still waiting',
    );
    await page.visit('ledger');
    await page.find('[data-entry]');
    const texts = await Promise.all(
      (await page.driver.findElements({ css: '[data-entry]' })).map((one) => one.getText()),
    );
    expect(
      texts.filter((text) => /Nov 24\s+Done Test the smoke alarm, Basement(?!\s*\(deleted\))/.test(text)),
    ).toHaveLength(1);
  });

  test('what is refused when it is sent later is told, and can be discarded', async () => {
    await page.openToday();
    const other = await Page.open(server.address);
    try {
      await other.signInToDemo();
      await page.find(line('air-filter'));
      await page.connect(false);
      await page.says('No connection. What you log is saved on this device');
      await page.click('[data-line^="late smoke-alarm-battery-swap"] [data-act=done]');
      await page.says('1 entry is waiting to be sent.');
      await other.click('[data-line^="late smoke-alarm-battery-swap"] [data-act=done]');
      await other.toast('done today');
      await page.connect(true);
      await page.says(
        'Not saved: Change the smoke alarm battery, Basement: done today. Someone else changed this first',
      );
      await page.press('Discard it');
      await page.waitFor(async () => (await page.count('.strip.wrong')) === 0, 'it was not discarded');
    } finally {
      await other.close();
    }
  });
});
