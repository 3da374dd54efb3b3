import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { By } from 'selenium-webdriver';
import { Page } from '../support/browser.ts';
import { startDemo, type RunningServer } from '../support/running.ts';

const PHONE = { width: 390, height: 844 };

let server: RunningServer;
let page: Page;
beforeAll(async () => {
  server = await startDemo();
  page = await Page.open(server.address);
  await page.resize(PHONE);
  await page.signInToDemo();
});
afterAll(async () => {
  await page.close();
  await server.kill();
});

/** Starts one piece of work from the page that says how it is done. */
async function start(title: string, code: string): Promise<void> {
  await page.visit('practices');
  await page.type('Search', title);
  await page.click(`[data-practice=${code}] [data-act=open]`);
  await page.click(`[data-practice=${code}] [data-act=start]`);
  await page.click('[data-act=begin]');
  await page.find(`[data-item$="${code}"]`);
}

/** Chooses what is seen, by the words it begins with. */
async function choose(look: string, words: string): Promise<void> {
  const choice = By.xpath(`//*[@data-look='${look}']//label[starts-with(normalize-space(.), '${words}')]`);
  await page.waitFor(async () => {
    await page.driver.findElement(choice).click();
    return true;
  }, `${look} has no choice ${words}`);
}

/** Answers everything a step asks: it is safe, what is seen is sound, nothing is measured. */
async function answerAll(): Promise<void> {
  while ((await page.count('[data-act=gate-yes]')) > 0) await page.click('[data-act=gate-yes]');
  for (const look of await page.codes('[data-look]', 'data-look'))
    await page.click(`[data-look="${look}"] label`);
  if ((await page.count('[data-act=not-measured]')) > 0) await page.click('[data-act=not-measured]');
}

async function next(): Promise<void> {
  await page.click('[data-act=tick]');
}

describe('on a phone, at the step', () => {
  test('an orange flame ends the tune-up in a stop, and stands first on Today in its words', async () => {
    await start('Tune up the gas furnace', 'furnace-annual-tune-up');
    while (!(await (await page.find('.says')).getText()).startsWith('Look at the flame')) {
      await answerAll();
      await next();
    }
    while ((await page.count('[data-act=gate-yes]')) > 0) await page.click('[data-act=gate-yes]');
    await page.choose('The flame', 'orange');
    await page.click('[data-act=keep-reading]');
    await page.says('Turn it off', '[role=alertdialog]');
    await page.type('Who you called', 'Heating company');
    await page.click('[data-act=stop-answer]');
    await page.click('[data-act=finish]');
    await page.toast('entries saved.');
    await page.openToday();
    await page.says('Stop: Furnace', '[data-stop="reading.gas-flame"]');
    await page.says('An orange flame burns badly', '[data-stop="reading.gas-flame"]');
    await page.says('Turn it off and shut its fuel valve', '[data-stop="reading.gas-flame"]');
    await page.says('Call a licensed heating technician', '[data-stop="reading.gas-flame"]');
    await page.find('[data-stop="reading.gas-flame"] a[href^="tel:"]');
  });

  test('the record shows what that was reached from', async () => {
    await page.visit('ledger');
    // Problems and measurements of the same moment: every one of them is opened.
    await page.find('[data-entry]');
    await page.driver.executeScript(
      "document.querySelectorAll('[data-act=entry]').forEach((entry) => entry.click())",
    );
    await page.click('[data-act=reached]');
    await page.says('The flame is orange', '.reached');
  });

  test('humidity is measured floor by floor, with the forecast filled in and the number of the control', async () => {
    await start('Read the humidity and adjust', 'humidity-read-and-adjust');
    await answerAll();
    await next();
    await page.says('the lowest of the forecast', '.reading');
    await page.type('Highest humidity', '44');
    await page.type('Lowest humidity', '36');
    await page.type('Watched for', '30');
    await page.type('Setting of the control', '4');
    await page.click('[data-act=keep-reading]');
    await page.says('ground floor: 40 %', '.kept');
    await page.click('[data-act=measure-again]');
    await page.pick('Floor', 'upper floor');
    await page.type('Highest humidity', '90');
    await page.type('Lowest humidity', '84');
    await page.type('Watched for', '30');
    await page.click('[data-act=keep-reading]');
    await page.says('upper floor: 87 %', '.readings');
    await answerAll();
    while ((await page.count('[data-item]')) > 0) {
      await answerAll();
      await next();
    }
    await page.click('[data-act=finish]');
    await page.toast('entries saved.');
    await page.visit('ledger');
    await page.says('indoor humidity, upper floor: 87 %');
    await page.says('humidifier control, ground floor: 4');
  });

  test('looking at the steps of a task starts nothing', async () => {
    await page.visit('runs');
    await page.find('[data-round]');
    const begun = await page.count('[data-act=drop]');
    await page.openToday();
    await page.act('[data-line]', 'Step by step');
    await page.says('Nothing has started yet.', '[data-test=preview]');
    await page.visit('runs');
    await page.find('[data-round]');
    expect(await page.count('[data-act=drop]')).toBe(begun);
  });

  test('a treatment plant inspected by choices leaves two problems, each with its days and what fixes it', async () => {
    await start('Check lids, baffles', 'aerobic-lid-baffle-elbow-check');
    while ((await page.count('[data-act=gate-yes]')) > 0) await page.click('[data-act=gate-yes]');
    await next();
    await page.says('Choose what you see, or say that you did not look or measure.', '[role=alert]');
    await choose('lids', 'Whole, fast and within reach');
    await next();
    await choose('baffles', 'One is broken or missing');
    await page.says('Fix it within 30 days', '[data-look=baffles]');
    await page.says('What fixes it: Have the septic tank pumped', '[data-look=baffles]');
    await next();
    await choose('elbow', 'I did not look');
    await next();
    await choose('level', 'Higher: it does not drain');
    await next();
    await next();
    await page.click('[data-act=finish]');
    await page.toast('entries saved.');
    await page.openToday();
    await page.says('Higher: it does not drain', '[data-finding="Higher: it does not drain"]');
    await page.says('scum gets through', '[data-finding^="One is broken"]');
  });

  test('its repair is started where the problem stands, and closes it', async () => {
    const found = '[data-finding="Higher: it does not drain"]';
    await page.click(`${found} [data-act=repair]`);
    await page.click('[data-act=begin]');
    await page.find('[data-item]');
    for (let steps = 0; steps < 12 && (await page.count('[data-item]')) > 0; steps += 1) {
      await answerAll();
      await next();
    }
    await page.click('[data-act=finish]');
    await page.toast('saved.');
    await page.openToday();
    await page.find('[data-finding^="One is broken"]');
    expect(await page.count(found)).toBe(0);
  });

  test('no helper for the ladder: the task is left, and the rest of the checklist goes on', async () => {
    await page.visit('runs');
    await page.type('Search', 'smoke alarm');
    await page.tick('Test the smoke alarm');
    await page.type('Search', 'GFCI');
    await page.tick('Test the GFCI');
    await page.press('Start with these');
    await page.click('[data-act=begin]');
    await page.find('[data-gate=falls]');
    await page.click('[data-gate=falls] [data-act=gate-no]');
    await page.click('[data-act=gate-later]');
    await page.find('[data-item$="gfci-test"]');
    await page.says('2 tasks are not done yet');
  });

  test('at 4 tons the first tablets are 8, wherever they are named', async () => {
    await page.visit('house');
    await page.press('Condensate drain', "//li[contains(@class, 'thing')]");
    await page.click('[data-tab=facts]');
    await page.click('[data-act=facts]');
    await page.type('Tons of cooling', '4');
    await page.press('Save', '//form');
    await page.says('Tons of cooling 4', 'main');
    await start('Put tablets in the drain pan', 'condensate-pan-tablets');
    while ((await page.count('[data-test=takes]')) === 0) {
      await answerAll();
      await next();
    }
    await page.says('drain pan tablets: 8', '[data-test=takes]');
  });

  test('a dripping faucet leads to its washer', async () => {
    await page.visit('note');
    await page.press('A problem');
    await page.choose('Which thing', 'Kitchen sink');
    await page.click('[data-problem=tap-drip]');
    await page.says('What fixes it: A dripping faucet', 'form');
    await page.press('Save');
    await page.toast('Problem saved');
    await page.openToday();
    await page.click('[data-finding="A dripping faucet"] [data-act=repair]');
    await page.says('Find a washer of the same size', '[data-test=preview]');
  });

  test('a burst pipe: two taps from Today to where the water is shut off', async () => {
    await page.openToday();
    await page.find('[data-line]');
    await page.visit('trouble');
    await page.click('[data-symptom=burst-pipe] button');
    await page.says('Close the main shutoff', '[data-symptom=burst-pipe]');
    await page.find('[data-symptom=burst-pipe] [data-shutoff=water-main] strong');
  });

  test('numbers are added where they are looked for', async () => {
    await page.click('[data-act=add-numbers]');
    const [plumber] = await page.driver.findElements(By.css('[data-number=trades]'));
    await plumber?.clear();
    await plumber?.sendKeys('Plumber 555 0142');
    await page.press('Save the numbers');
    await page.toast('The numbers are saved.');
    await page.says('Plumber 555 0142', '.contacts');
    await page.reload();
    await page.says('Plumber 555 0142', '.contacts');
  });

  test('the browser complained of nothing on the way', async () => {
    expect(await page.complaints()).toEqual([]);
  });
});
