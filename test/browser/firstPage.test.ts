import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { PHONE, Page } from '../support/browser.ts';
import { startDemo, type RunningServer } from '../support/running.ts';

let server: RunningServer;
let page: Page;
/** Today of the first demo home. */
let path: string;

beforeAll(async () => {
  server = await startDemo();
});
afterAll(async () => {
  await server.kill();
});

/** A browser that was never here before but is signed in. */
async function fresh(): Promise<void> {
  page = await Page.open(server.address);
  await page.resize(PHONE);
  await page.signInToDemo();
  path = new URL(await page.driver.getCurrentUrl()).pathname;
  await page.go('/sign.svg');
}
const words = (css: string): Promise<string> =>
  page.driver.executeScript<string>(
    `return (document.querySelector(arguments[0])?.innerText ?? '').replace(/\\s+/g, ' ')`,
    css,
  );
/** Holds back or lets through the scripts of the page. */
const blockScripts = (urls: readonly string[]): Promise<void> =>
  page.command('Network.setBlockedURLs', { urls });

describe('Today as the server drew it', () => {
  test('is read before any script has come, and its links lead on', async () => {
    await fresh();
    await page.command('Network.enable', {});
    await blockScripts(['*/assets/first-*.js']);
    await page.driver.get(`${server.address}${path}`);
    await page.says('This week', '#first');
    expect(await page.count('#first [data-line]')).toBeGreaterThan(2);
    await page.says('Try again', '#first [data-test=unfetched]');
    expect(await page.faults()).toEqual([]);
    await blockScripts([]);
    await page.click('#first .bar [data-place=house]');
    await page.find('.house-drawing');
    expect(await page.count('#first')).toBe(0);
    await page.close();
  });

  test('says what the page says that takes its place, at the same height', async () => {
    await fresh();
    await page.command('Network.enable', {});
    await blockScripts(['*/assets/first-*.js']);
    await page.driver.get(`${server.address}${path}`);
    await page.says('This week', '#first');
    const [head, week] = [
      await words('#first .today > header'),
      await words('#first [aria-labelledby=section-week]'),
    ];
    const top = (within: string): Promise<number> =>
      page.driver.executeScript<number>(
        `return document.querySelector(arguments[0] + ' [data-line]').getBoundingClientRect().top`,
        within,
      );
    // Without its scripts it says so, and only then.
    await page.find('#first [data-test=unfetched]');
    await page.driver.executeScript("document.querySelector('[data-test=unfetched]').hidden = true");
    const drawnAt = await top('#first');
    await blockScripts([]);
    await page.go(path);
    expect(await words('#app .today > header')).toBe(head);
    expect(await words('#app [aria-labelledby=section-week]')).toBe(week);
    expect(Math.abs((await top('#app')) - drawnAt)).toBeLessThanOrEqual(1);
    await page.close();
  });

  test('a press that comes before the page can answer it is answered then, once', async () => {
    await fresh();
    await page.command('Network.enable', {});
    await page.command('Network.emulateNetworkConditions', {
      offline: false,
      latency: 400,
      downloadThroughput: 150_000,
      uploadThroughput: 150_000,
    });
    await page.driver.get(`${server.address}${path}`);
    const line = (await page.codes('#first [data-line]', 'data-line')).find((key) =>
      key.includes('smoke-alarm-test'),
    );
    await page.click(`#first [data-line="${line ?? ''}"] [data-act=done]`);
    await page.find(`#app [data-line="${line ?? ''}"] [data-act=undo]`);
    await page.connect(true);
    const homeId = /homes\/([^/]+)/.exec(path)?.[1] ?? '';
    const { lines } = await page.answer<{ lines: { entry: { body: { kind: string }; date: string } }[] }>(
      `/api/homes/${homeId}/entries?limit=5`,
    );
    const done = lines.filter(({ entry }) => entry.body.kind === 'done' && entry.date === '2026-11-24');
    expect(done).toHaveLength(1);
    await page.close();
  });
});
