import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { line, Page } from '../support/browser.ts';
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

let link = '';

const fill = async (fields: Record<string, string>): Promise<void> => {
  for (const [label, text] of Object.entries(fields)) await page.type(label, text);
};

describe('from an empty account', () => {
  test('what is wrong with an account stands beside its field', async () => {
    await page.go('/sign-in');
    await page.press('No account yet');
    await fill({ 'Your name': 'Maren', 'E-mail address': 'not-an-address', Password: 'short' });
    await page.press('Create account');
    await page.says('must be written as an e-mail address');
    await page.type('E-mail address', 'maren@example.org');
    await page.press('Create account');
    await page.says('Enter at least 10 characters');
    expect(await (await page.field('Your name')).getAttribute('value')).toBe('Maren');
  });

  test('an account leads to making the first home', async () => {
    await page.type('Password', 'long enough for this');
    await page.press('Create account');
    await page.says('You have no home here yet.');
    await fill({ Name: '8 Kiln Street', 'Time zone': 'America/Nowhere', Currency: 'USD' });
    await page.press('Create home');
    await page.says('must be a time zone such as America/Chicago');
    await page.type('Time zone', 'America/Denver');
    await page.press('Create home');
    await page.says('What kind of house is it?');
    await page.openToday();
    await page.says('No tasks yet.');
    await page.says('Walk-through', '.today');
  });

  test('an asset with units, a task by one of its schools, and since when', async () => {
    await page.press('Add one thing');
    await page.choose('Kind', 'Smoke alarm');
    await page.type('Name', 'Smoke alarms');
    await page.choose('Place', 'a new room');
    await page.type('Name of the room', 'Upstairs');
    await page.type('Units, one on each line', 'Landing\nBedroom');
    await page.choose('Task', 'Test the smoke alarm');
    await page.says('First due Tue, Nov 24, today. no record yet', '[data-test=preview]');
    await page.type('Last done', '2026-11-01');
    await page.says('First due Tue, Dec 1, in 7 days. 1 month after Sun, Nov 1', '[data-test=preview]');
    await page.press('Add it');
    await page.says('Smoke alarms is added.');
  });

  test('a task in one’s own words with a rule and a factor', async () => {
    await page.choose('Kind', 'Filter position');
    await page.type('Name', 'Return filter');
    await page.type('Filter thickness (in', '1');
    await page.choose('Task', 'my own task');
    await page.type('Title', 'Vacuum the grille');
    await page.type('Every', '0');
    await page.press('Add it');
    await page.says('must be a whole number from 1');
    await page.type('Every', '6');
    await page.press('Add a reason');
    await page.driver.executeScript("document.querySelector('.factor input').focus()");
    await page.driver.switchTo().activeElement().sendKeys('a sawmill next door');
    const factor = page.driver.findElement({ css: '.factor input[inputmode=decimal]' });
    await factor.clear();
    await factor.sendKeys('0.5');
    await page.type('Last done', '2026-11-01');
    await page.says('First due Sun, Jan 31, 2027', '[data-test=preview]');
    await page.press('Add it');
    await page.says('Return filter is added.');
  });

  test('Today has both, like duties as one line with a tick for each', async () => {
    await page.openToday();
    const alarms = await page.says('Landing', line('smoke-alarm-test'));
    expect(alarms).toContain('Bedroom');
    await page.click(`${line('Vacuum the grille')} [data-act=why]`);
    await page.says(
      'Adjusted for: a sawmill next door ×0.5. Together ×0.5, so 91 days',
      line('Vacuum the grille'),
    );
  });

  test('the house shows what it has, in the home’s own units, and gives its file', async () => {
    await page.visit('house');
    await page.says('Upstairs');
    await page.press('Return filter');
    await page.click('[data-tab=facts]');
    await page.says('Thickness, measured 1 in');
    await page.press('Back to House');
    await page.visit('about');
    await page.says('Download with photos and papers (.zip)');
    const link = await page.find('a[download$=".json"]');
    expect(await link.getAttribute('download')).toBe('8-kiln-street.json');
    const file = await page.driver.executeAsyncScript<{ format: string; entries: unknown[] }>(
      'const done = arguments[1]; fetch(arguments[0]).then((answer) => answer.json()).then(done);',
      await link.getAttribute('href'),
    );
    expect(file.format).toBe('salt-ledger-house');
    expect(file.entries).toHaveLength(6);
  });

  test('what is not wanted any more is given up, after saying what that means', async () => {
    await page.visit('upkeep');
    await page.unfold();
    await page.click('[data-kept="Vacuum the grille"] [data-act=retire]');
    await page.says('It is never due again.', '[data-kept="Vacuum the grille"]');
    await page.says(
      'Vacuum the grille, Return filter: Sun, Jan 31, 2027 → nothing due.',
      '[data-test=moves]',
    );
    await page.press('Stop doing this');
    await page.toast('Vacuum the grille: stopped.');
    await page.press('Show stopped tasks');
    await page.says('Stopped Tue, Nov 24', '[data-kept="Vacuum the grille"]');
    await page.visit('people');
    await page.says('Invite someone');
  });

  test('an invitation says nothing of whether the address has an account', async () => {
    await page.type('Their e-mail address', 'nobody');
    await page.press('Make the link');
    await page.says('must be written as an e-mail address');
    await page.type('Their e-mail address', 'nobody@example.org');
    await page.press('Make the link');
    await page.find('[data-test=invitation-link]');
    await page.press('Close');
    await page.type('Their e-mail address', 'demo@salt-ledger.example');
    await page.choose('Role', 'Viewer');
    await page.press('Make the link');
    const value = (await (await page.find('[data-test=invitation-link]')).getAttribute('value')) ?? '';
    link = value.replace(server.address, '');
    await page.press('Close');
  });

  test('who may only look sees the dates and no way to write', async () => {
    await page.fromMenu('Sign out');
    await page.says('Look around');
    await page.go(link);
    await page.press('Look around');
    await page.says('Maren invites you to 8 Kiln Street as viewer.');
    await page.press('Accept');
    await page.says('You can look at this home but not change it.');
    await page.showRest();
    await page.find('[data-line]');
    expect(await page.count('[data-act=done], [data-act=more]')).toBe(0);
    await page.visit('add');
    await page.says('You can look at this home but not change it.');
  });

  test('signed out, a page asks to sign in and then goes on to where one was going', async () => {
    const { pathname } = new URL(await page.driver.getCurrentUrl());
    await page.fromMenu('Sign out');
    await page.says('Look around');
    await page.go(pathname.replace('/house/add', '/ledger'));
    await page.press('Look around');
    await page.says('Everything done, measured, bought or shut at 8 Kiln Street');
    expect(await page.complaints()).toEqual([]);
  });
});

describe('a session that ends while a page is open', () => {
  test('is said, what was logged waits, and signing in again sends it', async () => {
    await page.switchHome('14 Juniper Bend');
    await page.openToday();
    await page.driver.manage().deleteAllCookies();
    await page.click(`${line('Reseal the steps')} [data-act=done]`);
    await page.says('You are signed out. Sign in again. What you typed is not lost.');
    await page.says('1 entry is waiting to be sent.');
    await page.press('Sign in');
    await page.press('Look around');
    await page.says('14 Juniper Bend', 'header');
    await page.waitFor(
      async () => (await page.count('[data-test=waiting]')) === 0,
      'the entry is still waiting',
    );
    await page.visit('ledger');
    await page.says('Done Reseal the steps', '[data-entry]');
  });
});

describe('erasing a home', () => {
  test('asks for its name, and then it is gone', async () => {
    await page.visit('about');
    await page.press('Erase it');
    await page.type('Type its name', 'Another name');
    await page.press('Erase it for good');
    await page.says('Type the name of the home exactly: 14 Juniper Bend.', '[role=dialog]');
    await page.type('Type its name', '14 Juniper Bend');
    await page.press('Erase it for good');
    await page.find('[data-test=confirm]');
    await page.type('Password', DEMO_PASSWORD);
    await page.press('Continue');
    await page.says('All homes', 'h1');
    await page.find('[data-home="8 Kiln Street"]');
    expect(await page.count('[data-home="14 Juniper Bend"]')).toBe(0);
  });
});
