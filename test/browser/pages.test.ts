import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { LAPTOP, line, NARROW, Page } from '../support/browser.ts';
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

/** How to come to every page and sheet; each is then looked at in both colors and both sizes. */
const PLACES: Record<string, () => Promise<unknown>> = {
  'Sign in': () => page.go('/sign-in').then(() => page.says('Look around')),
  'Create an account': () => page.press('No account yet').then(() => page.says('Your name')),
  Today: () => page.signInToDemo(),
  'a line with its reasons': () => page.click('[data-act=why]').then(() => page.find('.reasons')),
  'the sheet to log': () =>
    page.act('[data-line]', 'Done with details').then(() => page.says('What happens next', '[role=dialog]')),
  'the sheet to put off': async () => {
    await page.press('Close');
    await page.act(line('smoke-alarm-test'), 'Postpone …');
    await page.type('To which day', '2027-06-01');
    await page.says('This is a safety task', '[role=dialog]');
  },
  Ledger: async () => {
    await page.press('Close');
    await page.visit('ledger');
    await page.find('[data-entry]');
  },
  'the ledger narrowed down, with its totals': async () => {
    await page.click('.filter summary');
    await page.click('.totals summary');
    await page.says('together', '.totals');
    await page.click('[data-act=csv-in]');
    await page.says('Choose a file', '.exchange');
  },
  Runs: () => page.visit('runs').then(() => page.says('Checklists of the house')),
  'a run, its things being got together': () =>
    page.click('[data-round=monthly] [data-act=start]').then(() => page.find('.gather')),
  'a run at a step with cautions': async () => {
    await page.click('[data-act=begin]');
    await page.find('[data-item]');
    await page.press('Test the carbon monoxide alarm', "//nav[@aria-label='The checklist']");
    await page.click('[data-act=details]');
    await page.find('[data-item]');
  },
  'a run as a check sheet': () =>
    page.press('Print as a check sheet').then(() => page.find('[data-sheet-item]')),
  'the ledger again': () => page.visit('ledger').then(() => page.click('[data-entry] [data-act=entry]')),
  'the sheet to correct': () => page.click('[data-act=correct]').then(() => page.find('[role=dialog] form')),
  'the sheet to strike out': async () => {
    await page.press('Close');
    await page.click('[data-act=strike]');
    await page.find('[role=dialog] form');
  },
  Add: async () => {
    await page.press('Close');
    await page.visit('add');
    await page.choose('Task', 'Test the smoke alarm');
    await page.says('What makes it due sooner here');
  },
  'Add with a rule of one’s own': async () => {
    await page.choose('Task', 'my own task');
    await page.press('Add a reason');
    await page.press('Add it');
    await page.says('Enter a value');
  },
  Almanac: () => page.visit('almanac').then(() => page.says('Based on')),
  'the almanac, its dates being set': () =>
    page.press('Set dates for this home').then(() => page.find('[data-season] input')),
  Bench: () => page.visit('bench').then(() => page.says('Still needed')),
  'the Bench with a verdict, its edges being set': async () => {
    await page.press('Sludge in a septic tank');
    await page.type('Sludge, in', '13');
    await page.press('Set your own limits');
    await page.find('[data-verdict=act]');
  },
  'Something is wrong': () =>
    page
      .visit('trouble')
      .then(() => page.press('No cooling'))
      .then(() => page.find('[data-symptom=no-cooling] .stop')),
  'a reading being noted': async () => {
    await page.visit('note');
    await page.press('A measurement');
    await page.choose('Which thing', 'Water heater');
    await page.type('At the faucet', '130');
    await page.tick('After one minute');
    await page.find('[data-verdict=act]');
  },
  Note: () => page.visit('note').then(() => page.find('[data-test=typed]')),
  'where practitioners disagree': async () => {
    await page.visit('disagreements');
    await page.says('53 questions');
    await page.click('details summary');
  },
  Practices: () => page.visit('practices').then(() => page.says('Air filters and air handling')),
  'a practice read': () =>
    page
      .unfold()
      .then(() => page.click('[data-practice=furnace-annual-tune-up] button'))
      .then(() => page.find('[data-practice=furnace-annual-tune-up] .caution')),
  'a practice of one’s own': () => page.press('Add one of your own').then(() => page.says('The steps')),
  House: () => page.visit('house').then(() => page.says('Rooms and what is in them')),
  Alarms: () => page.visit('alarms').then(() => page.find('[data-test=coverage]')),
  People: () => page.visit('people').then(() => page.says('Access history')),
  'the link of an invitation': async () => {
    await page.type('Their e-mail address', 'ash@example.org');
    await page.press('Make the link');
    await page.find('[data-test=invitation-link]');
  },
  'leaving a home': async () => {
    await page.press('Close');
    await page.press('Leave this home');
    await page.find('[role=dialog] form');
  },
  'the account': async () => {
    await page.press('Close');
    await page.fromMenu('Your account');
    await page.says('this device', '.account');
  },
  'the password asked for once more': async () => {
    await page.press('Delete my account');
    await page.press('Delete it for good');
    await page.find('[data-test=confirm]');
  },
  'All homes, and a new one': () =>
    page
      .go('/homes?all=1')
      .then(() => page.press('Bring in a house file'))
      .then(() => page.press('A new home'))
      .then(() => page.says('Time zone')),
  'what the home is like, being told': () =>
    page
      .click('[data-home="14 Juniper Bend"]')
      .then(() => page.visit('about'))
      .then(() => page.press('Change …', "//*[@data-test='traits']"))
      .then(() => page.says('someone will check every month')),
  'a room being put right': () =>
    page
      .visit('house')
      .then(() => page.press('Change …', "//*[@aria-label='Rooms and what is in them']"))
      .then(() => page.find('.room-form')),
  'a thing': () => page.press('Return filter').then(() => page.find('[data-tab=facts]')),
  'a thing, its facts being told': () =>
    page
      .click('[data-tab=facts]')
      .then(() => page.click('[data-act=facts]'))
      .then(() => page.field('Number of filters')),
  'a thing being replaced': () =>
    page
      .click('[data-tab=tasks]')
      .then(() => page.click('[data-act=replace]'))
      .then(() => page.field('Day it was replaced')),
  'a thing with readings over time': async () => {
    await page.visit('house');
    await page.press('Foundation');
    await page.click('[data-tab=measured]');
    await page.find('[data-series] svg');
  },
  Upkeep: () => page.visit('upkeep').then(() => page.unfold()),
  'a duty with its next three dates': () =>
    page.click('[data-kept="Change the air filter"] [data-act=dates]').then(() => page.find('.reasons')),
  'the schools side by side, and what a change moves': async () => {
    await page.click('[data-kept="Change the air filter"] [data-act=change]');
    await page.click('label:has(input[value=every-month])');
    await page.says('sooner', '[data-test=moves]');
  },
  'a duty being paused': () =>
    page.click('[data-kept="Change the air filter"] [data-act=pause]').then(() => page.says('Pause')),
  'what goes with a system': () =>
    page.click('.besides summary').then(() => page.find('.besides [data-practice]')),
  'where things are': () => page.visit('sheet').then(() => page.says('Whom to call')),
  'Upkeep of a home with nothing in it': async () => {
    await page.click('.home-menu');
    await page.menuItem('All homes');
    await page.press('A new home');
    await page.type('Name', 'Nothing yet');
    await page.type('Time zone', 'America/Chicago');
    await page.press('Create home');
    await page.says('What kind of house is it?');
    await page.visit('upkeep');
    await page.says('No tasks yet.');
  },
  'House with nothing in it': () =>
    page
      .visit('alarms')
      .then(() => page.says('Add the rooms of the house, and this page shows where alarms are missing.')),
  'where things are, nobody having said': () =>
    page.visit('sheet').then(() => page.says('Check this: it may be a different number')),
};

/** Where axe looks at the colors on screen too, in both themes; that every color goes with every ground is computed (`contrast.test.ts`). */
const COLORFUL = ['Today', 'a run at a step with cautions'];

describe.each(Object.entries(PLACES).map(([name, come], at) => ({ name, come, at })))(
  '$name',
  ({ name, come, at }) => {
    test('has nothing that axe finds wrong, and fits 360 pixels', async () => {
      await page.resize(LAPTOP);
      await page.prefer('prefers-color-scheme', 'light');
      await come();
      // The two sizes by turns: a place and the one after it are mostly the same page.
      if (at % 2 === 0) expect(await page.faults('layout'), name).toEqual([]);
      if (COLORFUL.includes(name)) {
        expect(await page.faults('colors'), `${name}, light`).toEqual([]);
        await page.prefer('prefers-color-scheme', 'dark');
        expect(await page.faults('colors'), `${name}, dark`).toEqual([]);
      }
      await page.resize(NARROW);
      expect(await page.overflow()).toBeLessThanOrEqual(0);
      if (at % 2 === 1) expect(await page.faults('layout'), `${name}, narrow`).toEqual([]);
    });
  },
);

describe('on paper', () => {
  test('the pages print without what can only be pressed', async () => {
    await page.resize(LAPTOP);
    await page.switchHome('14 Juniper Bend');
    await page.openToday();
    await page.command('Emulation.setEmulatedMedia', { media: 'print' });
    const pressable = await page.driver.executeScript<number>(
      "return [...document.querySelectorAll('button:not(.tick, .title), nav, select')].filter((e) => e.offsetParent !== null).length",
    );
    expect(pressable).toBe(0);
    expect(
      await page.driver.executeScript<number>(
        "return [...document.querySelectorAll('.acts .box')].filter((e) => e.offsetParent !== null).length",
      ),
    ).toBeGreaterThan(3);
    // Of several units each has its own box for the pen, with its name.
    expect(
      await page.driver.findElement({ css: `${line('baseline gfci-test')} .units` }).getText(),
    ).toContain('Counter outlet');
    await page.command('Emulation.setEmulatedMedia', { media: '' });
  });
});

test('the browser complained of nothing on the way', async () => {
  expect(await page.complaints()).toEqual([]);
});
