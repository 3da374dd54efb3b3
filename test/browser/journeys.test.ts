import { resolve } from 'node:path';
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { Key } from 'selenium-webdriver';
import { Page, PHONE } from '../support/browser.ts';
import { startDemo, type RunningServer } from '../support/running.ts';

/** Journeys on a phone, from the open page of 14 Juniper Bend, with their taps counted; typing is not counted. */
let server: RunningServer;
let page: Page;
let homePath: string;
let taps = 0;

beforeAll(async () => {
  server = await startDemo('2026-11-27T18:00:00Z');
  page = await Page.open(server.address);
  await page.resize(PHONE);
  await page.signInToDemo();
  homePath = new URL(await page.driver.getCurrentUrl()).pathname.replace('/today', '');
});
beforeEach(async () => {
  await page.go(`${homePath}/today`);
  await page.find('[data-line]');
  taps = 0;
});
afterAll(async () => {
  await page.close();
  await server.kill();
});

const tap = async (css: string): Promise<void> => {
  await page.click(css);
  taps += 1;
};
const tapMenu = async (words: string): Promise<void> => {
  await page.menuItem(words);
  taps += 1;
};
const type = async (text: string): Promise<void> => {
  await (await page.find('[data-test=typed]')).sendKeys(text);
};
/** The newest entry of the record, of a day. */
const entryOf = async (day: string): Promise<string> => {
  await page.go(`${homePath}/record?from=${day}&to=${day}`);
  return (await (await page.find('[data-entry]')).getText()).replace(/\s+/g, ' ');
};
const bottomOf = (css: string): Promise<number> =>
  page.driver.executeScript(
    `return document.querySelector(${JSON.stringify(css)}).getBoundingClientRect().bottom`,
  );

describe('taps on a phone', () => {
  test('a task of this week is logged in one, without scrolling', async () => {
    expect(await bottomOf('[data-line] [data-act=done]')).toBeLessThan(PHONE.height);
    await tap('[data-line*="smoke-alarm-battery-swap"] [data-act=done]');
    await page.toast('done today');
    expect(taps).toBe(1);
    await page.click('[data-act=undo]');
    await page.toast('Undone.');
  });

  test('why, in one', async () => {
    await tap('[data-line] [data-act=why]');
    await page.find('.reasons');
    expect(taps).toBe(1);
  });

  test('done three weeks ago, with its cost, in four at most', async () => {
    await tap('.bar [data-go=note]');
    await type('test the smoke alarm basement 3 weeks ago 12.40');
    await page.says('Understood: Fri, Nov 6, 21 days ago · $12.40');
    await tap('[data-hit=task] button');
    if ((await page.count('[role=dialog]')) > 0) {
      await page.press('Save', '//*[@role="dialog"]');
      taps += 1;
    }
    await page.toast('done Fri, Nov 6');
    expect(taps).toBeLessThanOrEqual(4);
    const entry = await entryOf('2026-11-06');
    expect(entry).toContain('Test the smoke alarm');
    expect(entry).toContain('$12.40');
  });

  test('when anything was last done, in two', async () => {
    await tap('.bar [data-go=note]');
    await type('softener salt');
    await page.says('last done', '[data-hit=task]');
    expect(taps).toBeLessThanOrEqual(2);
  });

  test('postponed by a week, in two', async () => {
    const line = '[data-line]:not(:has(.mark))';
    if ((await page.count(line)) === 0) await page.showRest();
    taps = 0;
    await tap(`${line} [data-act=more]`);
    await tapMenu('Postpone a week');
    await page.toast('postponed to Fri, Dec 4');
    expect(taps).toBe(2);
  });

  test('a wet patch with a photo, in five at most', async () => {
    await tap('.bar [data-go=note]');
    await (await page.find('input[type=file]')).sendKeys(resolve('docs/screenshots/today.png'));
    taps += 1;
    await page.says('The photo is saved.');
    await type('Wet patch under the stairs');
    await tap('[data-act=as-problem]');
    await page.press('Save');
    taps += 1;
    await page.toast('Problem saved.');
    expect(taps).toBeLessThanOrEqual(5);
    await page.go(`${homePath}/today`);
    await page.says('Wet patch under the stairs', '[aria-labelledby=section-findings]');
    expect(await page.count('[aria-labelledby=section-findings] a[href*="/photos/"]')).toBeGreaterThan(0);
  });

  test('where the water is shut off, in one, without scrolling', async () => {
    await tap('.wrong');
    const main = await page.says('Main shutoff', '[data-shutoff=water-main]');
    expect(main).not.toContain('Nobody has said');
    expect(await bottomOf('[data-shutoff=water-main]')).toBeLessThan(PHONE.height);
    expect(taps).toBe(1);
  });

  test('the size of the filter, in two at most', async () => {
    await tap('.bar [data-place=house]');
    await tap('[data-thing][aria-label^="Return filter"]');
    await page.says('16 × 25 × 1', '[data-test=thing-panel]');
    expect(taps).toBeLessThanOrEqual(2);
  });

  test('when the dryer vent was last cleaned, in two at most', async () => {
    await tap('.bar [data-go=note]');
    await type('dryer vent');
    // In this house it was never done since the record began, and that is said.
    await page.says('never recorded as done', '[data-hit=task]');
    expect(taps).toBeLessThanOrEqual(2);
  });

  test('an orange flame, to its verdict and into the record, in five at most', async () => {
    await tap('.wrong');
    await tap('[data-symptom=orange-flame] button');
    await tap('[data-symptom=orange-flame] [data-act=measure]');
    await page.says('Stop: dangerous', '.result');
    await tap('[data-act=record]');
    await page.toast('Measurement saved.');
    expect(taps).toBeLessThanOrEqual(5);
    await page.go(`${homePath}/today`);
    await page.find('[data-stop="reading.gas-flame"]');
  });

  test('another approach for a task, in four at most', async () => {
    await tap('[data-line*="smoke-alarm-battery-swap"] [data-act=more]');
    await tapMenu('Change how often');
    await page.says('My own interval', '[data-test=change]');
    await page.driver.executeScript(
      "document.querySelector('[data-test=change] tbody:not(.chosen)').scrollIntoView({ block: 'center' })",
    );
    await tap('[data-test=change] tbody:not(.chosen) label');
    await page.press('Save', "//*[@data-test='change']");
    taps += 1;
    await page.toast('saved, from today');
    expect(taps).toBeLessThanOrEqual(4);
  });

  test('a thing that is gone, in four at most', async () => {
    await tap('.bar [data-place=house]');
    await tap('[data-thing][aria-label^="Dishwasher"]');
    await tap('[data-test=thing-panel] [data-act=leave]');
    await page.press('Remove', '//form');
    taps += 1;
    await page.toast('Dishwasher is removed.');
    expect(taps).toBeLessThanOrEqual(4);
  });

  test('the hours of this week are shown', async () => {
    expect(await page.says('tasks this week')).toMatch(/\d tasks? this week, about .*\. Your week has 4 h\./);
  });
});

describe('the page holds still and fits', () => {
  test('nothing moves after it is shown, nor when something is ticked', async () => {
    await page.driver.executeScript('location.reload()');
    await page.find('[data-line]');
    const shift = (): Promise<number> =>
      page.driver.executeAsyncScript(`
        const done = arguments[0];
        let sum = 0;
        new PerformanceObserver((list) => {
          for (const entry of list.getEntries()) sum += entry.value;
        }).observe({ type: 'layout-shift', buffered: true });
        setTimeout(() => done(sum), 1000);`);
    await page.says('Shut off for the season');
    expect(await shift()).toBeLessThan(0.05);
    const place = (): Promise<number> =>
      page.driver.executeScript(
        "return document.querySelectorAll('[data-line]')[2].getBoundingClientRect().top + scrollY",
      );
    const before = await place();
    await page.click('[data-line*="smoke-alarm-test"] [data-act=done]');
    await page.toast('done today');
    expect(Math.abs((await place()) - before)).toBeLessThan(4);
    await page.click('[data-act=undo]');
    await page.toast('Undone.');
  });

  test.each(['today', 'log', 'wrong'])('%s is at most four screens as it opens', async (path) => {
    await page.go(`${homePath}/${path}`);
    await page.says('14 Juniper Bend', 'header');
    await page.find('.ruled, .tiles');
    const height = await page.driver.executeScript<number>('return document.documentElement.scrollHeight');
    expect(height).toBeLessThanOrEqual(4 * PHONE.height);
  });

  test.each(['today', 'log', 'wrong'])('on %s everything to be tapped is at least 44 px', async (path) => {
    await page.go(`${homePath}/${path}`);
    await page.find('.ruled, .tiles');
    const small = await page.driver.executeScript<string[]>(`
      const inText = (one) => one.tagName === 'A' && getComputedStyle(one).display === 'inline';
      return [...document.querySelectorAll('a, button, [role=button], input:not([type=file])')]
        .filter((one) => one.checkVisibility() && !inText(one) && !one.closest('.skip'))
        .filter((one) => !one.matches('.title'))
        .filter((one) => one.getBoundingClientRect().height < 43.5)
        .map((one) => one.outerHTML.slice(0, 120));`);
    expect(small).toEqual([]);
  });

  test('few stops for the keyboard stand between the head and the end of Today', async () => {
    const stops = await page.driver.executeScript<number>(
      "return [...document.querySelectorAll('main a[href], main button, main input')].filter((one) => one.checkVisibility()).length",
    );
    expect(stops).toBeLessThanOrEqual(45);
  });

  test('a single key searches, and can be turned off', async () => {
    await page.driver.actions().sendKeys('/').perform();
    await page.find('[role=dialog] input');
    await page.driver.actions().sendKeys(Key.ESCAPE).perform();
    await page.waitFor(async () => (await page.count('[role=dialog]')) === 0, 'the search is open');
    await page.fromMenu('Turn off single-key');
    await page.driver.actions().sendKeys('/').perform();
    expect(await page.count('[role=dialog]')).toBe(0);
    await page.fromMenu('Turn on single-key');
  });
});

test('in autumn the taps are shut for the winter as a checklist, in eight at most', async () => {
  const autumn = await startDemo('2026-10-12T18:00:00Z');
  const phone = await Page.open(autumn.address);
  let count = 0;
  const press = async (css: string): Promise<void> => {
    await phone.click(css);
    count += 1;
  };
  try {
    await phone.resize(PHONE);
    await phone.signInToDemo();
    await phone.switchHome('5 Canebrake Court');
    await phone.openToday();
    await press('[data-line*="outdoor-tap-shut"] [data-act=more]');
    await phone.menuItem('Step by step');
    count += 1;
    await press('[data-act=begin]');
    await press('[data-item] [data-act=tick-several]');
    await phone.says('Close the cap tightly', '[data-item]');
    await press('[data-item] fieldset label');
    await press('[data-item] [data-act=tick-several]');
    await press('[data-act=finish]');
    await phone.toast('saved');
    expect(count).toBeLessThanOrEqual(8);
    const path = new URL(await phone.driver.getCurrentUrl()).pathname.replace(/^(\/homes\/[^/]+).*/, '$1');
    await phone.go(`${path}/record?from=2026-10-12&to=2026-10-12`);
    await phone.says('Shut and drain the outdoor faucet', 'main');
  } finally {
    await phone.close();
    await autumn.kill();
  }
});
