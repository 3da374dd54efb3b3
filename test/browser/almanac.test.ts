import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Page } from '../support/browser.ts';
import { seriesText } from '../support/series.ts';
import { startDemo, type RunningServer } from '../support/running.ts';

let server: RunningServer;
let page: Page;
beforeAll(async () => {
  server = await startDemo();
  page = await Page.open(server.address);
  await page.signInToDemo();
});
afterAll(async () => {
  await page.close();
  await server.kill();
});

const folder = mkdtempSync(join(tmpdir(), 'salt-series-'));
function seriesFile(name: string, change: (lines: string[]) => void = () => undefined): string {
  const file = join(folder, name);
  writeFileSync(file, seriesText('marine', change));
  return file;
}
const season = async (key: string): Promise<string> => (await page.find(`[data-season=${key}]`)).getText();
const bring = (file: string): Promise<void> =>
  page.driver.findElement({ css: '[data-file=climate]' }).then((field) => field.sendKeys(file));

describe('the almanac of a home', () => {
  test('tells the days passed and ten ahead, and what each turning point rests on', async () => {
    await page.visit('almanac');
    await page.says('Harrow Flats');
    expect(await page.count('.passed')).toBe(7);
    expect(await page.count('tr:not(.passed) .number')).toBeGreaterThanOrEqual(20);
    expect(await season('firstFreeze')).toMatch(/First freeze at 10 % risk \w+ \d+ by the weather station/);
    expect(await season('midwinter')).toContain('Jan 15 by the usual date');
  });

  test('a date that is none is refused beside its field, and nothing is set', async () => {
    await page.press('Set dates for this home');
    await (await page.find('[data-season=leafFall] input')).sendKeys('31-12');
    await page.press('Save');
    await page.says('Month and day such as 10-09', '[data-season=leafFall]');
    await page.press('Cancel');
    expect(await season('leafFall')).toContain('by the weather station');
  });

  test('dates set for the home move what hangs on them, and can be taken back', async () => {
    await page.press('Set dates for this home');
    await (await page.find('[data-season=lastFreeze] input')).sendKeys('04-20');
    await (await page.find('[data-season=coolingStart] input')).sendKeys('none');
    await page.press('Save');
    await page.says('have been updated');
    expect(await season('lastFreeze')).toContain('Apr 20 set for this home');
    await page.visit('upkeep');
    await page.unfold();
    await page.click('[data-kept="Reopen the outdoor faucet"] [data-act=dates]');
    await page.says('Fri, Apr 23, 2027', '[data-kept="Reopen the outdoor faucet"]');
    await page.says(
      'Last freeze at 10 % risk here is Tue, Apr 20, 2027 (set for this home); 3 days after that',
    );
    await page.says('Outdoor faucet has been shut off since');
  });

  test('a file with bad rows is refused by line and column, and nothing of it is taken', async () => {
    await page.visit('almanac');
    await page.says('Based on');
    await bring(
      seriesFile('bad.csv', (lines) => {
        lines[4] = 'X1,2000-13-05,THE HEAD,100,50,0';
        lines[9] = 'X1,2000-08-10,THE HEAD,warm,50,0';
      }),
    );
    await page.says('Nothing was read from that file');
    await page.says('Line 6, DATE: must be a real day');
    await page.says('Line 11, TMAX: must be whole tenths');
    expect(await season('firstFreeze')).toContain('by the weather station');
  });

  test('a sound one is worked out on the device, shown, and then used', async () => {
    await bring(seriesFile('good.csv'));
    await page.says('THE HEAD: 4,383 days, 12 whole winters; 0 values marked as wrong were left out.');
    await page.press('Use this climate');
    await page.says('THE HEAD: days from 2000 to 2012');
    expect(await season('firstFreeze')).toContain('by the imported climate');
    expect(await season('lastFreeze')).toContain('set for this home');
    await page.press('Stop using the imported climate');
    await page.says('Harrow Flats (cold continental): days from');
  });

  test('the browser complained of nothing on the way', async () => {
    expect(await page.complaints()).toEqual([]);
  });
});
