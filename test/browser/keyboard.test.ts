import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Key } from 'selenium-webdriver';
import { Page } from '../support/browser.ts';
import { DEMO_PASSWORD } from '../support/fixed.ts';
import { startDemo, type RunningServer } from '../support/running.ts';

let server: RunningServer;
let page: Page;
beforeAll(async () => {
  server = await startDemo();
  page = await Page.open(server.address);
});
afterAll(async () => {
  await page.close();
  await server.kill();
});

const keys = (...pressed: string[]): Promise<void> =>
  page.driver
    .actions()
    .sendKeys(...pressed)
    .perform();
/** The words of what has the focus, its name and its type; a page drawn anew in between is asked again. */
async function focused(): Promise<string> {
  return page.driver.executeScript<string>(() => {
    const element = document.activeElement;
    const words = element instanceof HTMLElement ? element.innerText : '';
    return [words, element?.getAttribute('aria-label') ?? '', element?.getAttribute('type') ?? '']
      .join(' ')
      .replace(/\s+/g, ' ')
      .trim();
  });
}

/** Goes on from where the focus is until it stands on something that says some words. */
async function tabTo(words: string, back = false): Promise<void> {
  for (let step = 0; step < 80; step += 1) {
    if ((await focused()).startsWith(words)) return;
    await (back
      ? page.driver.actions().keyDown(Key.SHIFT).sendKeys(Key.TAB).keyUp(Key.SHIFT).perform()
      : keys(Key.TAB));
  }
  throw new Error(`the focus never came to “${words}”; it is on “${await focused()}”`);
}

describe('the main path by keyboard alone', () => {
  test('sign in', async () => {
    await page.go('/sign-in');
    await page.says('Look around');
    const fields = await page.driver.findElements({ css: 'form input' });
    expect(fields).toHaveLength(2);
    await tabTo('Look around');
    await keys(Key.TAB, 'demo@salt-ledger.example', Key.TAB, DEMO_PASSWORD, Key.ENTER);
    await page.says('All homes');
    await tabTo('14 Juniper Bend');
    await keys(Key.ENTER);
    await page.says('This week');
  });

  test('the first stop of the page leads past the head', async () => {
    await page.reload();
    await page.find('[data-line]');
    await keys(Key.TAB);
    expect(await focused()).toBe('Skip to the page');
    await keys(Key.ENTER);
    await page.waitFor(
      async () => (await page.driver.switchTo().activeElement().getAttribute('id')) === 'page',
      'the focus is not on the page',
    );
  });

  test('from line to line with the arrows, why with w', async () => {
    // The first line is what is latest: an alarm past its age.
    await tabTo('Done');
    await keys(Key.ARROW_DOWN);
    const place = (): Promise<number> =>
      page.driver.executeScript(
        "return [...document.querySelectorAll('[data-line]')].indexOf(document.activeElement.closest('[data-line]'))",
      );
    await page.waitFor(async () => (await place()) === 1, 'the second line has no focus');
    await keys(Key.ARROW_UP, 'w');
    await page.says('10 years', '[data-line^="late smoke-alarm-age-replace"] .reasons');
    await keys('w');
    await page.waitFor(async () => (await page.count('.reasons')) === 0, 'the reasons are still shown');
  });

  test('d logs it, and the way back has the focus near', async () => {
    await keys('d');
    await page.toast('Next due Mon, Nov 24, 2036');
    await tabTo('Undo');
  });

  test('in the ledger, correct the day', async () => {
    await tabTo('Record', true);
    await keys(Key.ENTER);
    await page.says('Everything done, measured');
    await page.find('[data-entry]');
    await tabTo('Done');
    await keys(Key.ENTER);
    await tabTo('Edit');
    await keys(Key.ENTER);
    await page.find('[role=dialog]');
    await tabTo('date');
    await keys('11202026');
    await keys(Key.ENTER);
    await page.toast('is now due Thu, Nov 20, 2036');
    expect(await page.count('[role=dialog]')).toBe(0);
  });

  test('Escape closes a sheet and the focus goes back to where it came from', async () => {
    await tabTo('Delete');
    const before = await focused();
    await keys(Key.ENTER);
    await page.find('[role=dialog]');
    await keys(Key.ESCAPE);
    await page.waitFor(async () => (await page.count('[role=dialog]')) === 0, 'the sheet is still open');
    await page.waitFor(async () => (await focused()) === before, 'the focus did not go back');
  });

  test('in Upkeep, another school: its radio with the arrows, what it moves, and saved', async () => {
    await tabTo('Plan', true);
    await keys(Key.ENTER);
    await page.find('.year-sheet [data-mark]');
    await tabTo('Schedule', true);
    await keys(Key.ENTER);
    await page.find('.k-fold-head');
    await tabTo('Air filters and air handling');
    await keys(Key.ENTER);
    await page.find('[data-kept]');
    await tabTo('Change the air filter');
    await keys(Key.ENTER);
    await tabTo('Change how often … : Change the air filter');
    await keys(Key.ENTER);
    await page.says('Times a year', '[data-test=change]');
    await tabTo('radio');
    await keys(Key.ARROW_DOWN);
    await page.says('sooner', '[data-test=moves]');
    await tabTo('Save');
    await keys(Key.ENTER);
    await page.toast('saved, from today');
  });

  test('in House, a thing and what is known of it', async () => {
    await tabTo('House', true);
    await keys(Key.ENTER);
    await tabTo('By room');
    await keys(Key.ENTER);
    await page.says('Rooms and what is in them');
    await tabTo('Furnace');
    await keys(Key.ENTER);
    await page.find('[data-tab=facts]');
    await tabTo('Tasks');
    await keys(Key.ARROW_RIGHT, Key.ENTER);
    await tabTo('Change …');
    await keys(Key.ENTER);
    const model = await page.field('Model, as the label says');
    await page.driver.executeScript('arguments[0].focus()', model);
    await keys('HX 40', Key.ENTER);
    await page.says('Model, as the label says HX 40');
  });
});

describe('a walk by keyboard alone', () => {
  test('a kind, a climate, and on through the stops', async () => {
    await page.go('/homes?all=1');
    await page.press('A new home');
    await page.type('Name', 'By hand');
    await page.type('Time zone', 'America/Chicago');
    await keys(Key.ENTER);
    await page.says('What kind of house is it?');
    await tabTo('A cabin');
    await keys(Key.ENTER);
    await page.says('Which of these is its climate like?');
    await tabTo('Sled Lake');
    await keys(Key.ENTER);
    await page.says('Who lives here');
    await tabTo('checkbox');
    await keys(Key.SPACE);
    await tabTo('That is right');
    await keys(Key.ENTER);
    await page.says('The building', 'h2');
    // The heading has the focus: what comes next is the first question.
    await keys(Key.TAB);
    expect(await page.driver.switchTo().activeElement().getAttribute('type')).toBe('radio');
  });
});
