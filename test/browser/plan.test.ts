import { By, Key, type WebElement } from 'selenium-webdriver';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { LAPTOP, Page, PHONE } from '../support/browser.ts';
import { startDemo, type RunningServer } from '../support/running.ts';

let server: RunningServer & { databaseUrl: string };
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

/** A mark of the sheet with a week of room on its right: a change of an air filter in spring. */
const FILTERS = '[data-mark^="air own"]';
const marks = (): Promise<WebElement[]> => page.driver.findElements(By.css(FILTERS));
async function filterMark(): Promise<WebElement> {
  const found = await marks();
  const mark = found[2];
  if (!mark) throw new Error('the air filters have a third mark');
  return mark;
}
const weeksOf = async (css: string): Promise<number[]> =>
  (await page.codes(css, 'data-mark')).map((key) => Number(key.split(' ').at(-1)));
const weeks = (): Promise<number[]> => weeksOf(FILTERS);
const openYear = async (): Promise<void> => {
  await page.visit('year');
  await page.find('.year-sheet [data-mark]');
};
/** Waits until the plan is kept and nothing is being worked out any more. */
const settled = (): Promise<void> =>
  page.waitFor(
    async () => (await page.count('.plan-notices .working')) === 0,
    'the planner is still at work',
  );

describe('the plan of the year', () => {
  test('is made when the page is opened first, and is the same after a reload', async () => {
    await openYear();
    await settled();
    const before = await weeks();
    await page.reload();
    await page.find('.year-sheet [data-mark]');
    expect(await weeks()).toEqual(before);
    expect(await page.count('.plan-notices .working')).toBe(0);
  });

  test('a mark is dragged with the mouse; what follows is told while it moves; it is undone after a reload', async () => {
    const before = await weeks();
    const mark = await filterMark();
    await page.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', mark);
    const actions = page.driver.actions({ async: true });
    await actions.move({ origin: mark }).press().move({ origin: mark, x: 40, y: 0 }).perform();
    await page.says('Week of', '.year .says');
    await page.driver.actions({ async: true }).release().perform();
    await page.toast('Moved to the week of');
    const moved = await weeks();
    expect(moved[2]).toBe((before[2] ?? 0) + 2);
    expect(await page.count('.mark .ring')).toBeGreaterThan(1);
    await page.reload();
    await page.find('.year-sheet [data-mark]');
    expect(await weeks()).toEqual(moved);
    await page.click('.year [data-act=undo]');
    await page.toast('Undone.');
    await page.waitFor(async () => (await weeks())[2] === before[2], 'the mark did not go back');
    await page.reload();
    await page.find('.year-sheet [data-mark]');
    expect(await weeks()).toEqual(before);
  });

  test('with the keyboard alone: chosen, moved, put down; Escape leaves it where it was', async () => {
    const before = await weeks();
    await page.driver.executeScript('arguments[0].focus()', await filterMark());
    const key = async (...keys: string[]): Promise<void> => {
      for (const one of keys) await (await page.driver.switchTo().activeElement()).sendKeys(one);
    };
    await key(Key.ARROW_RIGHT);
    await page.says('Week of', '.year .says');
    await key(Key.ESCAPE);
    expect(await weeks()).toEqual(before);
    await key(Key.ARROW_RIGHT, Key.ENTER);
    await page.toast('Moved to the week of');
    expect((await weeks())[2]).toBe((before[2] ?? 0) + 1);
    await page.click('.year [data-act=undo]');
    await page.toast('Undone.');
  });

  test('with a finger, on a tablet', async () => {
    await page.resize({ width: 800, height: 1100 });
    await page.command('Emulation.setTouchEmulationEnabled', { enabled: true });
    await page.find('.year-sheet [data-mark]');
    const before = await weeks();
    const mark = await filterMark();
    await page.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', mark);
    const { x, y, width, height } = await mark.getRect();
    const scrolled = Number(await page.driver.executeScript('return window.scrollY'));
    const at = (dx: number) => [{ x: x + width / 2 + dx, y: y - scrolled + height / 2 }];
    await page.command('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(0) });
    for (const dx of [10, 20, 30])
      await page.command('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: at(dx) });
    await page.command('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
    await page.toast('Moved to the week of');
    expect((await weeks())[2]).toBeGreaterThan(before[2] ?? 0);
    await page.click('.year [data-act=undo]');
    await page.toast('Undone.');
    await page.command('Emulation.setTouchEmulationEnabled', { enabled: false });
    await page.resize(LAPTOP);
  });

  test('two weeks away: the year is planned again, and nothing is left in them', async () => {
    await page.visit('hours');
    await page.click('[data-act=add-away]');
    await page.type('From', '2026-12-07');
    await page.type('To', '2026-12-20');
    await page.press('Save');
    await page.toast('Your time is saved.');
    await openYear();
    await page.click('.year [data-act=again]');
    await settled();
    const all = await weeksOf('[data-mark]');
    expect(all.filter((week) => week === 2 || week === 3)).toEqual([]);
    expect(all.length).toBeGreaterThan(40);
  });

  test('the sheet prints on one landscape page, with hours and money by month', async () => {
    const sheets = await page.printed();
    expect(sheets.map(({ width, height }) => width > height)).toEqual([true]);
    expect(await page.count('.months-across')).toBe(1);
    await page.command('Emulation.setEmulatedMedia', { media: 'print' });
    const text = await page.says('Hours and money by month', '.months-across');
    await page.command('Emulation.setEmulatedMedia', { media: 'screen' });
    expect(text).toMatch(/Dec 2026 .* Year .* Cost .*\$\d/);
  });
});

describe('the weeks of the plan', () => {
  test('a task is moved from the list, on a phone', async () => {
    await page.resize(PHONE);
    await page.visit('weeks');
    // The page before has such a list too.
    await page.waitFor(
      async () => (await page.driver.getCurrentUrl()).includes('/plan/weeks'),
      'the weeks are not shown',
    );
    await page.find('.plan-week');
    expect(await page.overflow()).toBeLessThanOrEqual(0);
    await page.click('.plan-week .pick');
    await page.says('Move to the week of', '.k-drawer');
    await page.click('.k-drawer .dialog-head button');
    await page.resize(LAPTOP);
  });

  test('Today shows what the plan has this week, and says what to do with an hour', async () => {
    await page.visit('today');
    await page.click('[data-act=time-60]');
    await page.find('[data-test=in-slot]');
    const inHour = await page.count('[data-test=in-slot]');
    await page.click('[data-act=slot-start]');
    await page.says(`${inHour}`, 'main');
    expect(await page.driver.getCurrentUrl()).toContain('/plan/checklists?duty=');
  });

  test('the five that matter most are named with each factor', async () => {
    await page.visit('today');
    await page.click('[data-act=five]');
    await page.find('[data-test=of-five]');
    expect(await page.count('[data-test=of-five]')).toBe(5);
    await page.says('comes round every', '[data-test=of-five]');
  });
});
