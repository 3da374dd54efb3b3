import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { line, Page } from '../support/browser.ts';
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

/** Answers the cautions of the step on screen and ticks it, until a piece is finished. */
async function goThrough(on: Page, item: string): Promise<void> {
  await on.find(`[data-item$="${item}"]`);
  for (let steps = 0; steps < 20 && (await on.count(`[data-item$="${item}"]`)) > 0; steps += 1) {
    while ((await on.count('[data-act=gate-yes]')) > 0) await on.click('[data-act=gate-yes]');
    // The first choice of a look is what is sound.
    for (const look of await on.codes('[data-look]', 'data-look'))
      await on.click(`[data-look="${look}"] label`);
    if ((await on.count('[data-act=not-measured]')) > 0) await on.click('[data-act=not-measured]');
    await on.click('[data-act=tick]');
  }
}

/** Goes to a piece by the list beside the run. */
const goTo = (on: Page, title: string): Promise<void> =>
  on.press(title, "//nav[@aria-label='The checklist']");

describe('the autumn closing', () => {
  let address = '';

  test('begins with what to get together, and goes one step at a time', async () => {
    // The tap stands open after a warm spell: it is this run that shuts it.
    await page.visit('note');
    await page.press('Shut off or open');
    await page.press('Open', "//*[@data-standing='closed'][contains(., 'Back faucet')]");
    await page.toast('Back faucet: saved as open.');
    await page.visit('runs');
    await page.click('[data-round=autumn-closing] [data-act=start]');
    await page.says('First, get these together');
    await page.tick('Ladder');
    address = new URL(await page.driver.getCurrentUrl()).pathname;
    await page.click('[data-act=begin]');
    await page.says('Book: Have the chimney inspected');
  });

  test('as a check sheet it is printed on few pages', async () => {
    await page.press('Print as a check sheet');
    await page.says('Check sheet: Autumn closing');
    await page.find('[data-sheet-item=furnace-annual-tune-up]');
    const pieces = await page.count('[data-sheet-item]');
    expect(pieces).toBeGreaterThan(30);
    // The list, then the drawings: nine go on a sheet.
    const drawings = await page.count('.drawings .room');
    expect(drawings).toBeGreaterThan(5);
    expect(await page.printedPages()).toBeLessThanOrEqual(Math.ceil(pieces / 8) + Math.ceil(drawings / 9));
    await page.press('Step by step');
  });

  test('a wrong order is explained: the tap waits for its hose', async () => {
    await goTo(page, 'Shut and drain the outdoor faucet');
    await page.says(
      'Do this first: Take the hoses off before frost. A hose keeps them from draining.',
      '[data-test=order]',
    );
    await page.press('Go there');
    await goThrough(page, 'hose-disconnect');
    await goTo(page, 'Shut and drain the outdoor faucet');
    await page.says('Take the hose off.', '[data-item$=outdoor-tap-shut-and-drain]');
    await page.click('[data-act=tick]');
    // A caution without a question is read, and holds nothing up.
    await page.says('Frost breaks whatever holds water');
    await page.says('Close its valve inside the house.');
  });

  test('left half-way, it is taken up on another device where it stood', async () => {
    const other = await Page.open(server.address);
    try {
      await other.signInToDemo();
      await other.go(address);
      await other.says('Close its valve inside the house.', '[data-item$=outdoor-tap-shut-and-drain]');
      await goThrough(other, 'outdoor-tap-shut-and-drain');
      await other.visit('runs');
      await other.says('In progress');
    } finally {
      await other.close();
    }
    // The next act of this device is told to be behind.
    await page.click('[data-act=tick]');
    await page.toast('This checklist continued on another device');
  });

  test('a stop interrupts it, also after a reload, until it is answered', async () => {
    await goTo(page, 'Check the hot water');
    if ((await page.count('[data-act=anyway]')) > 0) await page.click('[data-act=anyway]');
    await page.click('[data-act=tick]');
    while ((await page.count('[data-act=gate-yes]')) > 0) await page.click('[data-act=gate-yes]');
    await page.type('At the faucet', '62 °C');
    await page.tick('After one minute');
    await page.click('[data-act=keep-reading]');
    await page.says('No bath or shower until it is turned down', '[role=alertdialog]');
    await page.reload();
    await page.says('No bath or shower until it is turned down', '[role=alertdialog]');
    await page.type('Who you called', 'Dial turned down');
    await page.click('[data-act=stop-answer]');
    await page.waitFor(async () => (await page.count('[role=alertdialog]')) === 0, 'the stop stays');
  });

  test('finished, everything is in the ledger at once, what it shut stands shut, and the spring duty appears', async () => {
    await page.click('[data-act=finish]');
    await page.toast('entries saved.');
    await page.openToday();
    await page.says('Back faucet since Tue, Nov 24, reopen around', 'section[aria-labelledby=section-shut]');
    await page.says('No bath or shower', '[data-stop="reading.tap-temperature"]');
    await page.visit('ledger');
    const text = await page.says('temperature at the faucet: 62 °C');
    expect(text).toMatch(/Done Shut and drain the outdoor faucet, Back faucet/);
    expect(text).toMatch(/Done Take the hoses off before frost/);
  });
});

describe('one job', () => {
  test('a furnace tune-up from Today: refused what is the trade’s, every caution at its step', async () => {
    await page.visit('runs');
    await page.says('Or choose some tasks');
    await page.type('Search', 'furnace');
    await page.tick('Tune up the gas furnace');
    await page.press('Start with these');
    await page.says('First, get these together');
    await page.click('[data-act=begin]');
    await page.says('Do not do this yourself: Judging a heat exchanger.');
    await page.says('First turn the power off at the switch');
    await page.click('[data-act=tick]');
    await page.says('Answer the questions above first.');
    await page.click('[data-act=gate-no]');
    await page.says('Then do not do this step. What next?');
    await page.click('[data-act=gate-mistaken]');
    await page.click('[data-act=danger]');
    await page.says('First turn the power off at the switch', '[role=alertdialog]');
    await page.click('[data-act=stop-answer]');
    await page.click('[data-act=finish]');
    await page.toast('Finished. 1 entry saved.');
    await page.openToday();
    await page.says('Tune up the gas furnace', '[data-stop="Tune up the gas furnace"]');
  });

  test('a furnace tune-up to its end, every caution answered at its step', async () => {
    await page.visit('runs');
    await page.type('Search', 'furnace');
    await page.tick('Tune up the gas furnace');
    await page.press('Start with these');
    await page.click('[data-act=begin]');
    await goThrough(page, 'furnace-annual-tune-up');
    await page.says('Everything is done.');
    await page.click('[data-act=finish]');
    // A sign that was OK is kept as well.
    await page.toast('Finished. 8 entries saved.');
    await page.visit('ledger');
    await page.says('Done Tune up the gas furnace, Furnace');
    await page.openToday();
    await page.find('[data-line]');
  });

  test('done to the end it is logged with its day, minutes and note', async () => {
    await page.act(line('gfci-test'), 'Step by step');
    await page.says('First, get these together');
    await page.click('[data-act=begin]');
    await page.click('[data-act=details]');
    await page.type('Minutes', '12');
    await page.type('Note', 'Both tripped and reset');
    await page.press('Save and continue');
    await goThrough(page, 'gfci-test');
    await page.says('Everything is done.');
    // Until it is finished, what is done can be taken up again.
    await goTo(page, 'Test the GFCI outlet');
    await page.click('[data-act=reopen]');
    await goThrough(page, 'gfci-test');
    await page.click('[data-act=finish]');
    await page.toast('Finished.');
    await page.visit('ledger');
    await page.says('Both tripped and reset');
  });
});

describe('a round somebody left half-way', () => {
  test('goes on where it was; what is found on the way is noted with its place, or taken back', async () => {
    await page.visit('runs');
    await page.press('Continue', "//li[contains(., 'Quarterly checklist')]");
    await page.says('Change the air filter', 'h2');
    await page.click('[data-act=found]');
    await page.press('Save');
    await page.says('Enter a value', '.besides');
    await page.type('What was found', 'Torn frame');
    await page.type('Where on it', 'Upper edge');
    await page.type('Fix within (days)', 'soon');
    await page.press('Save');
    await page.says('must be a whole number from 0 to 400', '.besides');
    await page.type('Fix within (days)', '3');
    await page.press('Save');
    await page.says('To be saved: Torn frame, Upper edge.', '[data-test=found]');
    await page.click('[data-act=take-back]');
    await page.waitFor(async () => (await page.count('[data-test=found]')) === 0, 'it was not taken back');
    await page.click('[data-act=found]');
    await page.type('What was found', 'Torn frame');
    await page.type('Where on it', 'Upper edge');
    await page.press('Save');
    await page.find('[data-test=found]');
    await page.reload();
    await page.says('To be saved: Torn frame, Upper edge.', '[data-test=found]');
    await page.click('[data-act=finish]');
    await page.toast('entries saved.');
    await page.openToday();
    await page.says('Return filter, Upper edge', '[data-finding="Torn frame"]');
  });
});

describe('where there is no signal', () => {
  test('a run goes on, also loaded anew there, and is finished when there is one', async () => {
    await page.waitFor(
      () => page.driver.executeScript<boolean>('return navigator.serviceWorker.controller !== null'),
      'the pages are not kept on the device',
    );
    await page.visit('runs');
    await page.click('[data-round=yearly] [data-act=start]');
    await page.click('[data-act=begin]');
    await page.find('[data-item]');
    const leaveOut = async (why: string): Promise<void> => {
      const before = await page.says('', '[data-item]');
      await page.click('[data-act=skip]');
      await page.type('Why', why);
      await page.press('Save and continue');
      await page.waitFor(async () => (await page.says('', '[data-item]')) !== before, 'it did not go on');
    };
    await leaveOut('It snows');
    await page.connect(false);
    await leaveOut('It still snows');
    await page.says('No connection: saved on this device.');
    await page.reload();
    await page.says('Yearly, any season', 'h1');
    await page.says('No connection: saved on this device.');
    const settled = async (): Promise<number> =>
      (await page.says('', "[aria-label='The checklist']")).split('skipped').length - 1;
    expect(await settled()).toBe(2);
    await leaveOut('And snows');
    await page.click('[data-act=finish]');
    await page.says('1 entry is waiting to be sent.');
    await page.connect(true);
    await page.waitFor(async () => (await page.count('[data-test=waiting]')) === 0, 'it still waits');
    await page.visit('ledger');
    const text = await page.says('And snows');
    expect(text).toContain('It snows');
    expect(text).toContain('It still snows');
  });
});

describe('a treatment plant visit, by the pen', () => {
  test('printed as a check sheet, what the pen wrote is typed in on one screen', async () => {
    await page.visit('runs');
    await page.says('Or choose some tasks');
    await page.type('Search', 'scum');
    await page.tick('Measure scum, clear water and sludge');
    await page.type('Search', 'smell');
    await page.tick('Look, listen and smell');
    await page.press('Start with these');
    await page.press('Print as a check sheet');
    await page.says('Check sheet: 2 tasks together');
    const [measure, look] = ['aerobic-layer-measure', 'aerobic-quick-look'].map(
      (code) => `[data-sheet-item=${code}]`,
    );
    await page.click(`${measure ?? ''} .title .k-check`);
    await page.click(`${look ?? ''} .title .k-check`);
    const depth = await page.driver.findElement({
      xpath: "//*[@data-sheet-item='aerobic-layer-measure']//label[starts-with(., 'Depth of the liquid')]",
    });
    const field = await page.driver.findElement({ id: (await depth.getAttribute('for')) ?? '' });
    await field.sendKeys('deep');
    await page.click('[data-act=save-sheet]');
    await page.toast('Some fields are wrong. They are marked.');
    await page.says('Write a number');
    await field.clear();
    await field.sendKeys('48 in');
    for (const [label, value] of [
      ['Scum', '3 1/2'],
      ['Sludge', '14'],
    ] as const) {
      const found = await page.driver.findElement({
        xpath: `//*[@data-sheet-item='aerobic-layer-measure']//fieldset[1]//label[starts-with(., '${label},')]`,
      });
      await page.driver.findElement({ id: (await found.getAttribute('for')) ?? '' }).sendKeys(value);
    }
    await page.choose('Who', 'Marek');
    await page.click('[data-act=save-sheet]');
    await page.toast('Saved. Finish the checklist');
    await page.press('Step by step');
    await page.click('[data-act=finish]');
    await page.toast('entries saved.');
    await page.openToday();
    await page.says('Layers in a septic tank, by every approach', '[aria-labelledby=section-findings]');
    await page.visit('ledger');
    await page.says('sludge: 14 in');
    await page.says('scum: 3.5 in');
    expect(await page.says('Done Measure scum, clear water and sludge')).toMatch(
      /Done Measure scum, clear water and sludge, Treatment plant Marek/,
    );
  });

  test('nothing done, there is nothing to save, and it can be discarded', async () => {
    await page.visit('runs');
    await page.click('[data-round=midwinter] [data-act=start]');
    await page.click('[data-act=begin]');
    await page.click('[data-act=finish]');
    await page.toast('there is nothing to save');
    await page.visit('runs');
    await page.says('Midwinter checklist started');
    await page.press('Discard …');
    await page.press('Discard', "//li[contains(., 'Discard it?')]");
    await page.waitFor(
      async () => !(await page.says('Checklists')).includes('Midwinter checklist started'),
      'it stays',
    );
  });
});

test('the browser complained of nothing on the way', async () => {
  expect(await page.complaints()).toEqual([]);
});
