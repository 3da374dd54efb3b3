import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Key } from 'selenium-webdriver';
import sharp from 'sharp';
import { LAPTOP, line, NARROW, Page } from '../support/browser.ts';
import { startDemo, type RunningServer } from '../support/running.ts';

let server: RunningServer;
let page: Page;
const folder = mkdtempSync(join(tmpdir(), 'salt-photos-'));
beforeAll(async () => {
  server = await startDemo();
  page = await Page.open(server.address);
  await page.signInToDemo();
});
afterAll(async () => {
  rmSync(folder, { recursive: true, force: true });
  await page.close();
  await server.kill();
});

const ROOMS = "//section[@aria-label='Rooms and what is in them']";

describe('the house by rooms', () => {
  test('names the places where an alarm is missing, with the rule', async () => {
    await page.visit('alarms');
    const text = await page.says(
      'Missing: Front bedroom, smoke alarm one in every bedroom',
      '[data-test=coverage]',
    );
    expect(text).toContain('within 15 ft (4.6 m) of where people sleep');
    expect(text).toContain('Local code comes first');
  });

  test('a room is put right, and then no alarm is wanted in it', async () => {
    await page.visit('house');
    await page.press('Change …', `${ROOMS}//li[contains(., 'Front bedroom')]`);
    await page.type('Level (0 is', 'up there');
    await page.press('Save');
    await page.says('must be a whole number, such as 0, 1 or -1', '.room-form');
    await page.type('Level (0 is', '1');
    await page.choose('What it is for', 'living room');
    await page.press('Save');
    await page.toast('Front bedroom: saved.');
    await page.visit('alarms');
    expect(await (await page.find('[data-test=coverage]')).getText()).not.toContain('Front bedroom');
  });

  test('what the home is like is told in one place, and which dates that moves is said before', async () => {
    await page.visit('about');
    await page.press('Change …', "//*[@data-test='traits']");
    await page.type('year built', '1200');
    await page.press('Save');
    await page.says('must be a value this can have', '[data-test=traits]');
    await page.type('year built', '1974');
    await page.choose('a smoker indoors', 'yes');
    await page.says('Change the air filter, Return filter: Sat, Nov 28', '[data-test=moves]');
    await page.press('Save');
    await page.toast('Saved. The dates');
    await page.visit('upkeep');
    await page.unfold();
    await page.says('a smoker indoors ×0.5', '[data-kept="Change the air filter"]');
  });
});

describe('one thing', () => {
  test('is told of with its age, and what it is not known of', async () => {
    await page.visit('house');
    await page.says('past its usual life');
    await page.press('Hall', `${ROOMS}//li[contains(@class, 'thing')]`);
    await page.find('[data-kept="Replace the smoke alarm"]');
    expect(await page.count('[data-kept="Change the air filter"]')).toBe(0);
    await page.click('[data-tab=facts]');
    await page.says('Older than usual: most last until');
  });

  test('told anew, it says which dates that moves; what cannot be is refused beside its field', async () => {
    await page.visit('house');
    await page.press('Basement', `${ROOMS}//li[contains(@class, 'thing')]`);
    await page.click('[data-tab=facts]');
    await page.says('Date of manufacture not known yet');
    await page.click('[data-act=facts]');
    await page.type('Date of manufacture', 'old');
    await page.press('Save');
    await page.says('must be a year, month or day written');
    await page.type('Date of manufacture', '2022');
    await page.says('Replace the smoke alarm, Basement:', '[data-test=moves]');
    await page.says('Thu, Jan 1, 2032', '[data-test=moves]');
    await page.press('Save');
    await page.toast('Saved.');
    await page.says('Date of manufacture 2022');
  });

  test('a photo of its label is kept and shown; a file that is none is refused kindly', async () => {
    const good = join(folder, 'label.png');
    const bad = join(folder, 'label.jpg');
    await sharp({ create: { width: 3_000, height: 2_000, channels: 3, background: '#556677' } })
      .png()
      .toFile(good);
    writeFileSync(bad, 'not a picture');
    await page.click('[data-act=first-photo]');
    const field = await page.field('Add a photo');
    await field.sendKeys(bad);
    await page.says('That file is not a photo');
    await page.type('What it shows', 'The back of it');
    await field.sendKeys(good);
    await page.toast('Photo saved.');
    const width = await page.driver.executeAsyncScript<number>(
      "const done = arguments[0]; const image = document.querySelector('figure img, .glance img'); image.decode().then(() => done(image.naturalWidth))",
    );
    // Sized down on the way, and again to what is kept.
    expect(width).toBe(1_600);
    await page.press('Remove photo');
    await page.says('Delete this photo for good?');
    await page.press('Remove photo', "//li[contains(., 'for good')]");
    await page.toast('Photo deleted.');
  });

  test('replaced, what is kept goes over to the new one and its age begins anew', async () => {
    await page.press('Back to House');
    await page.press('Hall', `${ROOMS}//li[contains(@class, 'thing')]`);
    await page.click('[data-act=replace]');
    await page.type('Name of the new one', 'New hall alarm');
    await page.type('Date of manufacture on its label', '2026-09');
    await page.press('Replace it', '//form');
    await page.toast('New hall alarm is in its place.');
    await page.says('Sep 1 2036', '[data-kept="Replace the smoke alarm"]');
    await page.openToday();
    await page.find('[data-line]');
    expect(await page.count(line('late smoke-alarm-age-replace'))).toBe(0);
  });

  test('taken out, what was kept on it falls due no more', async () => {
    await page.visit('house');
    await page.press('Dishwasher');
    await page.click('[data-act=remove]');
    await page.says('Its tasks stop. Its history stays.');
    await page.says('No date moves', '[data-test=moves]');
    await page.press('Remove', '//form');
    await page.toast('Dishwasher is removed.');
    await page.says('Removed.');
  });
});

describe('the house as a drawing', () => {
  test('shows what is due in it, and of a thing what comes next; by tap and by key', async () => {
    await page.click('[data-place=house]');
    await page.press('Drawing', "//*[@role='group'][@aria-label='House']");
    await page.find('[data-test=drawing] [data-state=late]');
    await page.click('[data-thing][aria-label^="Roof"]');
    await page.says('Look at the roof', '[data-test=thing-panel]');
    await (await page.find('[data-thing][aria-label^="Roof"]')).sendKeys(Key.ARROW_DOWN);
    const below = await page.driver.switchTo().activeElement();
    expect(await below.getAttribute('aria-label')).not.toContain('Roof');
    await below.sendKeys(Key.ENTER);
    await page.press('Open its page', "//*[@data-test='thing-panel']");
    await page.find('[data-tab=tasks]');
  });

  test('in the layer of alarms names the places without one; it fits a phone and a sheet of paper', async () => {
    await page.click('[data-place=house]');
    await page.press('Alarms', "//*[@role='group'][@aria-label='What to show']");
    await page.find('[data-test=drawing] .missing');
    await page.says('Missing: carbon monoxide alarm', '[data-test=drawing]');
    expect(await page.printedPages()).toBe(1);
    await page.resize(NARROW);
    expect(await page.overflow()).toBeLessThanOrEqual(0);
    expect(await page.faults()).toEqual([]);
    await page.resize(LAPTOP);
  });
});

describe('where things are', () => {
  test('says what to shut, where and how, and what nobody has written down', async () => {
    await page.visit('sheet');
    const text = await page.says('Whom to call');
    expect(text).toContain('Main shutoff Basement Where the pipe comes in, under the hall Quarter turn');
    expect(text).toContain('Smell of gas: do not touch a switch');
  });

  test('prints on one page, and its drawing on another', async () => {
    // The list on one sheet of paper, the drawing on the next.
    expect(await page.printedPages()).toBe(2);
  });

  test('opens without a signal, loaded anew, as it stood; signed out, nothing of it stays', async () => {
    await page.waitFor(
      () => page.driver.executeScript<boolean>('return navigator.serviceWorker.controller !== null'),
      'the pages are not kept on the device',
    );
    await page.connect(false);
    await page.reload();
    await page.says('Where the pipe comes in, under the hall');
    await page.says('This page is as of', '[data-test=offline]');
    await page.connect(true);
    await page.reload();
    await page.says('Whom to call');
    await page.fromMenu('Sign out');
    await page.says('Look around');
    const left = await page.driver.executeScript<string[]>(
      "return Object.keys(localStorage).filter((key) => key.includes('person'))",
    );
    expect(left).toEqual([]);
  });

  test('the browser complained of nothing on the way', async () => {
    expect((await page.complaints()).filter((text) => !text.includes('ERR_INTERNET_DISCONNECTED'))).toEqual(
      [],
    );
  });
});
