import { mkdirSync, writeFileSync } from 'node:fs';
import { startThrowaway } from '../src/cluster/throwaway.ts';
import { MIGRATIONS } from '../src/cluster/installation.ts';
import { setUpDatabase } from '../src/server/db/setup.ts';
import { loadDemoOnce } from '../src/demo/load.ts';
import { line, Page } from '../test/support/browser.ts';
import { CLOCK_AT, DEMO_PASSWORD } from '../test/support/fixed.ts';
import { startServer } from '../test/support/running.ts';
import { STOPS } from '../src/core/walkthrough/stops.ts';
import { enUS } from '../src/locales/en-US.ts';
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

/** A new home of an empty account, walked through to its plan. */
async function walkThrough(): Promise<void> {
  await page.resize(LAPTOP);
  await page.go('/homes?all=1');
  await page.press('A new home');
  await page.type('Name', '8 Kiln Street');
  await page.type('Time zone', 'America/Chicago');
  await page.press('Create home');
  await page.click('[data-choice=family]');
  await page.click('[data-choice=cold-plains]');
  await page.says('Who lives here', 'h2');
  for (const { code } of STOPS) {
    await page.says(enUS.walk.stops[code as keyof typeof enUS.walk.stops], 'h2');
    if (code === 'alarms') {
      await take('walk');
    }
    await page.click('[data-act=confirm]:not(:disabled)');
  }
  await page.says('The first six weeks');
  await take('plan');
}

/** Runs, the Bench, something wrong, and readings over time. */
async function work(): Promise<void> {
  await page.visit('runs');
  await page.says('Checklists of the house');
  await take('runs');
  await page.click('[data-round=autumn-closing] [data-act=start]');
  await page.click('[data-act=begin]');
  await page.press('Tune up the gas furnace', "//nav[@aria-label='The checklist']");
  await page.click('[data-act=anyway]');
  await page.says('Before this step');
  await take('run');
  await page.visit('bench');
  await page.says('Still needed');
  for (const [label, text] of [
    ['Return air', '75'],
    ['Supply air', '59 1/2'],
    ['How long the cooling has run', '20'],
    ['Outdoor temperature', '31 °C'],
  ] as const)
    await page.type(label, text);
  await page.tick('One thermometer before the filter');
  await page.says('Fix it within 7 days');
  await take('bench');
  await page.visit('trouble');
  await page.press('No cooling');
  await page.says('Stop and call when');
  await take('trouble');
  await page.visit('house');
  await page.press('Treatment plant');
  await page.find('[data-tab=measured]');
  await take('thing');
}

try {
  await page.go('/sign-in');
  await page.says('Look around');
  await page.signInToDemo();
  await page.says('Open problems');
  await page.click('[data-act=show-rest]');
  await page.driver.executeScript('window.scrollTo(0, 0)');
  await take('today');
  await page.showRest();
  await page.click(`${line('late smoke-alarm-test')} [data-act=why]`);
  await page.prefer('prefers-color-scheme', 'dark');
  await page.driver.executeScript(
    `document.querySelector(${JSON.stringify(line('late smoke-alarm-test'))}).scrollIntoView(); window.scrollBy(0, -200)`,
  );
  await take('today-dark-with-reasons');
  await page.driver.executeScript('window.scrollTo(0, 0)');
  await page.prefer('prefers-color-scheme', 'light');
  await page.resize(PHONE);
  await page.click('[data-act=show-rest]');
  await page.driver.executeScript('window.scrollTo(0, 0)');
  await take('today-phone');
  await page.showRest();
  await page.resize(LAPTOP);
  await page.act(line('late smoke-alarm-test'), 'Done with details');
  await page.says('What happens next', '[role=dialog]');
  await page.press('Save');
  await page.toast('Next due');
  await page.visit('ledger');
  await page.click('[data-entry] [data-act=entry]');
  await page.click('[data-details] [data-act=correct]');
  await page.type('Minutes', '4');
  await page.press('Save');
  await page.toast('Saved.');
  await page.press('Close', "//*[contains(@class, 'k-toast-line')]");
  await take('ledger');
  await page.visit('year');
  await page.find('.year-sheet [data-mark]');
  await page.waitFor(async () => (await page.count('.working')) === 0, 'the planner is still at work');
  await take('year');
  await page.visit('weeks');
  await page.find('.plan-week');
  await take('weeks');
  await page.visit('house');
  await page.press('Drawing', "//*[@role='group'][@aria-label='House']");
  await page.click('[data-thing][aria-label^="Return filter"]');
  await page.says('16 × 25 × 1', '[data-test=thing-panel]');
  await take('house');
  await page.visit('upkeep');
  await page.click('[data-system=air] .k-fold-head');
  await page.find('[data-kept]');
  await take('upkeep');
  await page.visit('sheet');
  await page.says('Whom to call');
  await take('where-things-are');
  await page.visit('almanac');
  await page.says('Seasons of the year');
  await take('almanac');
  await page.visit('note');
  await (await page.find('[data-test=typed]')).sendKeys('filter 3 weeks ago 12.40');
  await page.says('Understood');
  await take('log');
  await page.visit('practices');
  await page.click('[data-system=air] .k-fold-head');
  await page.click('[data-practice=air-filter-panel-replace] [data-act=open]');
  await page.says('Common experience');
  await take('practices');
  await work();
  await walkThrough();
} finally {
  await page.close();
  await server.kill();
  await cluster.end();
}
