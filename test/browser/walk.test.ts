import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import type { TodayBody, UpkeepBody } from '../../src/contract/schemas.ts';
import { findPractice } from '../../src/core/catalogue/catalogue.ts';
import { STOPS } from '../../src/core/walkthrough/stops.ts';
import { NARROW, Page } from '../support/browser.ts';
import { startDemo, type RunningServer } from '../support/running.ts';

let server: RunningServer;
let page: Page;
/** Another device of the same person. */
let phone: Page;
/** All a person has pressed or typed since the first question. */
let taps = 0;
const folder = mkdtempSync(join(tmpdir(), 'salt-walk-'));
const label = join(folder, 'label.png');
const PASSWORD = 'long enough for this';

beforeAll(async () => {
  server = await startDemo();
  page = await Page.open(server.address);
  phone = await Page.open(server.address);
  for (const one of [page, phone])
    await one.command('Emulation.setTimezoneOverride', { timezoneId: 'America/Chicago' });
});
afterAll(async () => {
  rmSync(folder, { recursive: true, force: true });
  await page.close();
  await phone.close();
  await server.kill();
});

async function tap(css: string, on = page): Promise<void> {
  taps += 1;
  await on.find(css);
  // A thumb scrolls it out from behind the bar at the foot first.
  await on.driver.executeScript(
    "document.querySelector(arguments[0])?.scrollIntoView({ block: 'center' })",
    css,
  );
  await on.click(css);
}
async function confirm(on = page): Promise<void> {
  const before = await on.says('of 15', '.number');
  const ready = '[data-act=confirm]:not(:disabled)';
  taps += 1;
  await on.waitFor(async () => {
    if ((await on.count('.number')) === 0 || (await on.says('', '.number')) !== before) return true;
    // While the stop before is being saved a press does nothing.
    if ((await on.count(ready)) > 0) await on.click(ready);
    return false;
  }, 'the stop stays');
}
/** On a phone one question is asked at a time: opens one that is folded to a line. */
async function ask(question: string, on = page): Promise<void> {
  await on.waitFor(
    async () => (await on.count(`:is([data-question=${question}], [data-folded=${question}])`)) > 0,
    `${question} is not asked here`,
  );
  const folded = `[data-folded=${question}]`;
  if ((await on.count(folded)) > 0) await tap(folded, on);
}
/** One more of a question that counts. */
async function more(question: string, on = page): Promise<void> {
  await ask(question, on);
  await tap(`[data-question=${question}] [aria-label="one more"]`, on);
}
const homePath = async (on = page): Promise<string> =>
  new URL(await on.driver.getCurrentUrl()).pathname.replace(/^(\/homes\/[^/]+).*/, '$1');

describe('walking through a house, from an empty account', () => {
  test('begins with what it is called, what kind it is, and its climate', async () => {
    await page.go('/sign-in');
    await page.press('No account yet');
    await page.type('Your name', 'Maren');
    await page.type('E-mail address', 'maren@example.org');
    await page.type('Password', PASSWORD);
    await page.press('Create account');
    await page.says('You have no home here yet.');
    await page.type('Name', '8 Kiln Street');
    taps += 1;
    await tap('form button[type=submit]');
    await page.says('What kind of house is it?');
    expect(await page.faults('layout')).toEqual([]);
    await tap('[data-choice=family]');
    await page.says('Which of these is its climate like?');
    await page.prefer('prefers-color-scheme', 'dark');
    expect(await page.faults('layout')).toEqual([]);
    await tap('[data-choice=cold-plains]');
    await page.says('Who lives here');
  });

  test('what is likely is filled in; what is not is put right, and a whole room confirms in one', async () => {
    await tap('label:has(input[value=shedding-pets])');
    await page.says('United States', '[data-question=country]');
    await confirm();
    await more('bathrooms');
    await confirm();
    await page.says('Halls and bedrooms: alarms');
    expect(await page.faults('layout')).toEqual([]);
    expect(await page.count('input[value=hall]:checked')).toBeGreaterThan(0);
    await (await page.find('[data-question=smoke-made] input')).sendKeys('lately');
    await page.click('[data-act=confirm]:not(:disabled)');
    await page.says('must be a year, month or day', '[data-question=smoke-made]');
    await (await page.find('[data-question=smoke-made] input')).clear();
    await (await page.find('[data-question=smoke-made] input')).sendKeys('2019-06');
    taps += 1;
    await confirm();
    await page.says('Where the heat comes from', 'h2');
    await sharp({ create: { width: 60, height: 40, channels: 3, background: '#334455' } })
      .png()
      .toFile(label);
    await (await page.field('Take a photo of a label')).sendKeys(label);
    await page.says('Photo saved.', '.photo');
    await more('heat-count');
    await confirm();
    await page.says('Cooling', 'h2');
  });

  test('without a connection one walks on, and what was said is sent with the next stop', async () => {
    await page.connect(false);
    await confirm();
    await page.says('the answer is not saved yet', '.told');
    await page.says('Fresh air', 'h2');
    await page.connect(true);
    await confirm();
    await page.waitFor(async () => (await page.count('.told .notice')) === 0, 'it still waits');
    await page.says('Fires', 'h2');
  });

  test('left half-way, it is taken up on another device where it was, answers and all', async () => {
    const path = await homePath();
    await phone.resize(NARROW);
    await phone.go('/sign-in');
    await phone.type('E-mail address', 'maren@example.org');
    await phone.type('Password', PASSWORD);
    await phone.press('Sign in');
    await phone.says('8 Kiln Street');
    await phone.go(`${path}/walk`);
    await phone.says('Fires', 'h2');
    expect(await phone.faults('layout')).toEqual([]);
    expect(await phone.overflow()).toBeLessThanOrEqual(0);
    await phone.click('details summary');
    await phone.press('Halls and bedrooms: alarms', '//details');
    await phone.says('2019-06', '[data-folded=smoke-made]');
    await ask('smoke-made', phone);
    expect(await (await phone.find('[data-question=smoke-made] input')).getAttribute('value')).toBe(
      '2019-06',
    );
    await phone.press('Fires', '//details');
    await tap('label:has(input[value=grill])', phone);
    await confirm(phone);
  });

  test('the device left behind is told that the walk has gone on without it', async () => {
    await page.click('[data-act=confirm]:not(:disabled)');
    await page.says('This walk-through continued on another device.', '.told');
    await page.says('Water', 'h2');
  });

  test('ends with a plan: the first six weeks task by task, the year, what is missing, what is left out and why', async () => {
    for (const { code } of STOPS.slice(7)) {
      if (code === 'openings') await more('garage-doors', phone);
      if (code === 'drains') await ask('sewage', phone);
      if (code === 'drains') await tap('label:has(input[value=septic])', phone);
      await confirm(phone);
    }
    const plan = await phone.says('The first six weeks');
    // Two furnaces, three bathrooms, two garage doors, a tank nobody has measured, in frost: a week one can face.
    expect(await phone.count('[data-week="1"] [data-practice]')).toBeLessThanOrEqual(7);
    const first = await phone.says('Test the smoke alarm', '[data-week="1"]');
    expect(first).toContain('Take the hoses off before frost');
    expect(plan).toContain('The year ahead');
    expect(plan).toMatch(
      /\d+ tasks, about \d+ hours a year\. (No trade visits|One trade visit|\d+ trade visits)/,
    );
    expect(plan).toContain('Bedroom 2: smoke alarm one in every bedroom');
    expect(plan).toContain('Week 6');
    expect(await phone.faults('layout')).toEqual([]);
    expect(await phone.overflow()).toBeLessThanOrEqual(0);
    await phone.click('details[data-test=left-out] summary');
    await phone.says('done along with: Have the heating serviced', 'details[data-test=left-out]');
  });

  test('a task can be left out, with what that means, and put back; what is only offered can be added', async () => {
    await phone.click('[aria-label="Leave out: Test the smoke alarm with smoke spray"]');
    await phone.says('Someone could be hurt.', "[aria-label='Left out by you']");
    await phone.press('Put back');
    await phone.waitFor(
      async () => (await phone.count("[aria-label='Left out by you']")) === 0,
      'it stays out',
    );
    const offered = "//section[@aria-label='Also good to have']";
    await phone.says('Give away what is not needed', "[aria-label='Also good to have']");
    await phone.press('Add', offered);
  });

  test('taken on, Today is useful: within 30 taps, every system of such a house and everything lives depend on', async () => {
    await phone.find('form [type=submit]');
    await tap('form [type=submit]', phone);
    await phone.says('8 Kiln Street', 'header');
    await phone.find('[data-line]');
    expect(taps).toBeLessThanOrEqual(30);
    const path = await homePath(phone);
    const upkeep = await phone.answer<UpkeepBody>(`/api${path}/upkeep`);
    const { rows, on } = await phone.answer<TodayBody>(`/api${path}/today`);
    const house = await phone.answer<{ duties: { id: string; practice: { code: string } }[] }>(`/api${path}`);
    const practices = house.duties.flatMap(({ practice }) => findPractice(practice.code) ?? []);
    // Nothing a good plan holds for what stands in the house is missing, and so nothing that lives depend on.
    expect(upkeep.suggested).toEqual([]);
    expect(practices.filter(({ lifeSafety }) => lifeSafety).map(({ code }) => code)).toEqual(
      expect.arrayContaining(['smoke-alarm-test', 'smoke-alarm-age-replace', 'co-alarm-test-and-battery']),
    );
    for (const system of [
      'air',
      'cooling',
      'heating',
      'humidity',
      'alarms',
      'water',
      'roof',
      'ground',
      'openings',
      'appliances',
    ])
      expect(practices.map((practice) => practice.system)).toContain(system);
    // Tasks never done are spread over six weeks; those only a season asks for wait for it.
    const baseline = rows.flatMap(({ occurrence }) => (occurrence?.baseline ? [occurrence.window.due] : []));
    const soon = baseline.filter((due) => due < '2027-01-05');
    expect(soon.length).toBeGreaterThan(10);
    expect(new Set(soon).size).toBeGreaterThan(3);
    expect(baseline.every((due) => due >= on)).toBe(true);
  });

  test('a photo taken on the way is given to the thing it shows', async () => {
    await phone.visit('house');
    await phone.says('Where the heat comes from', '[data-test=loose]');
    await phone.choose('It shows', 'Furnace');
    await phone.toast('The photo is with Furnace');
    await phone.press('Furnace', "//section[@aria-label='Rooms and what is in them']");
    await phone.find('.glance img');
  });

  test('a walk that is over is not begun again', async () => {
    await phone.openToday();
    await phone.find('[data-line]');
    await phone.go(`${await homePath(phone)}/walk`);
    await phone.says('This walk-through is finished');
    expect(await page.complaints()).toEqual([]);
    expect(await phone.complaints()).toEqual([]);
  });
});
