import { mkdirSync, writeFileSync } from 'node:fs';
import { startThrowaway } from '../src/cluster/throwaway.ts';
import { MIGRATIONS } from '../src/cluster/installation.ts';
import { setUpDatabase } from '../src/server/db/setup.ts';
import { loadDemoOnce } from '../src/demo/load.ts';
import { line, Page } from '../test/support/browser.ts';
import { CLOCK_AT, DEMO_PASSWORD } from '../test/support/fixed.ts';
import { startServer } from '../test/support/running.ts';
import { buildAll } from './build.ts';

// npm run pictures: the pictures of docs/screenshots, of the demo homes on a fixed day.
const FOLDER = 'docs/screenshots';
const LAPTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

await buildAll();
mkdirSync(FOLDER, { recursive: true });
const cluster = await startThrowaway('pictures');
const { app } = await setUpDatabase(cluster.adminUrl('salt_pictures'), { owner: 'o', app: 'a' }, MIGRATIONS);
await loadDemoOnce(app, DEMO_PASSWORD, Date.parse(CLOCK_AT));
const server = await startServer(app);
const page = await Page.open(server.address);

const take = async (name: string): Promise<void> => {
  await page.driver.executeScript('return document.fonts.ready');
  writeFileSync(`${FOLDER}/${name}.png`, Buffer.from(await page.driver.takeScreenshot(), 'base64'));
};

try {
  await page.go('/sign-in');
  await page.says('Look around');
  await take('sign-in');
  await page.signInToDemo();
  await take('today');
  await page.click(`${line('late smoke-alarm-test')} [data-act=why]`);
  await page.prefer('prefers-color-scheme', 'dark');
  await take('today-dark-with-reasons');
  await page.prefer('prefers-color-scheme', 'light');
  await page.resize(PHONE);
  await take('today-phone');
  await page.resize(LAPTOP);
  await page.click(`${line('late smoke-alarm-test')} [data-act=log]`);
  await page.says('What follows', '[role=dialog]');
  await take('log');
  await page.press('Write it down');
  await page.says('Next due', '.saying');
  await page.press('Ledger');
  await page.click('[data-entry] [data-act=correct]');
  await page.type('Minutes', '4');
  await page.press('Correct it');
  await page.says('Corrected.', '.saying');
  await take('ledger');
  await page.press('Add');
  await page.choose('Kind', 'Filter position');
  await page.choose('Task', 'Change the air filter');
  await page.says('First due', '[data-test=preview]');
  await page.driver.executeScript('window.scrollTo(0, 520)');
  await take('add');
  await page.driver.executeScript('window.scrollTo(0, 0)');
  await page.press('House');
  await page.says('Download the house file');
  await take('house');
  await page.press('Almanac');
  await page.says('The turning points of the year');
  await take('almanac');
  await page.driver.executeScript('window.scrollTo(0, 640)');
  await take('almanac-seasons');
  await page.driver.executeScript('window.scrollTo(0, 0)');
  await page.press('Note');
  await page.says('What stands shut or open');
  await take('note');
  await page.press('Practices');
  await page.says('Air filters and air handling');
  await page.click('[data-practice=air-filter-panel-replace] button');
  await page.says('Everyday experience');
  await take('practices');
  await page.resize(PHONE);
  await take('practices-phone');
} finally {
  await page.close();
  await server.kill();
  await cluster.end();
}
