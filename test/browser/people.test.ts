import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { LAPTOP, Page, PHONE } from '../support/browser.ts';
import { DEMO_PASSWORD } from '../support/fixed.ts';
import { startDemo, type RunningServer } from '../support/running.ts';

const HOME = '14 Juniper Bend';
const GUEST = 'robin@example.org';
const PASSWORD = 'seven quiet otters';

let server: RunningServer;
let owner: Page;
let guest: Page;
beforeAll(async () => {
  server = await startDemo();
  [owner, guest] = await Promise.all([Page.open(server.address), Page.open(server.address)]);
  await owner.signInToDemo();
});
afterAll(async () => {
  await Promise.all([owner.close(), guest.close()]);
  await server.kill();
});

/** Makes a link for the guest in the owner's browser; answers with where it leads. */
async function invited(): Promise<string> {
  await owner.visit('people');
  await owner.type('Their e-mail address', GUEST);
  await owner.press('Make the link');
  const field = await owner.find('[data-test=invitation-link]');
  const link = (await field.getAttribute('value')) ?? '';
  await owner.press('Close');
  return link.replace(/^https?:\/\/[^/]+/, '');
}

const confirm = async (page: Page, password: string): Promise<void> => {
  await page.find('[data-test=confirm]');
  await page.type('Password', password);
  await page.press('Continue');
};
const openMenuOf = (name: string) => owner.click(`[aria-label="More for ${name}"]`);
const pathOf = async (page: Page): Promise<string> => new URL(await page.driver.getCurrentUrl()).pathname;

describe('somebody else in a home', () => {
  test('an invitation leads past signing up into the home, and its secret is in no address that is asked for', async () => {
    const link = await invited();
    expect(link).toMatch(/^\/join#[\w-]{43}$/);
    await owner.says(GUEST, '.house');
    await guest.go(link);
    await guest.says('Sign in');
    const [, secret = ''] = link.split('#');
    const asked = await guest.driver.executeScript<string>('return location.pathname + location.search');
    expect(asked).not.toContain(secret);
    await guest.press('No account yet');
    await guest.type('Your name', 'Robin');
    await guest.type('E-mail address', GUEST);
    await guest.type('Password', 'password12');
    await guest.says('Too easy to guess: a common password', '[data-test=strength]');
    await guest.press('Create account');
    await guest.says('That password is too easy to guess.');
    await guest.type('Password', PASSWORD);
    await guest.says('Very good', '[data-test=strength]');
    await guest.press('Create account');
    await guest.says(`Demo invites you to ${HOME} as editor.`);
    expect(await guest.faults()).toEqual([]);
    await guest.press('Accept');
    await guest.toast(`You can now see ${HOME}.`);
    await guest.says(HOME, 'header');
    expect(await guest.complaints()).toEqual([]);
  });

  test('the same link a second time is told to be used', async () => {
    const link = await invited();
    await guest.go(link);
    await guest.press('Accept');
    await guest.says(HOME, 'header');
    await guest.go(link);
    await guest.says('This link was used already');
  });

  test('is made an owner only after the password, and the history says who did what', async () => {
    await owner.visit('people');
    await openMenuOf('Robin');
    await owner.menuItem('Make owner');
    await confirm(owner, 'not the password');
    await owner.says('Wrong e-mail address or password.', '[data-test=confirm]');
    await owner.type('Password', DEMO_PASSWORD);
    await owner.press('Continue');
    await owner.toast('Robin is now owner.');
    await owner.go(await pathOf(owner));
    const history = await owner.says('made Robin owner', '[aria-label="Access history"]');
    expect(history).toContain('joined as editor');
    expect(history).toContain(`invited ${GUEST} as editor`);
    expect(history).toMatch(/signed in: Chrome/);
    expect(await owner.faults()).toEqual([]);
  });

  test('leaves by themselves, and the home is gone for them', async () => {
    await guest.go('/homes?all=1');
    await guest.click(`[data-home="${HOME}"]`);
    await guest.visit('people');
    await guest.press('Leave this home');
    await guest.press('Leave', "//*[contains(@class, 'dialog')]");
    await confirm(guest, PASSWORD);
    await guest.says('You have no home here yet.');
  });

  test('removed while a page is open, the next page and the next entry are refused', async () => {
    const link = await invited();
    await guest.go(link);
    await guest.press('Accept');
    await guest.says(HOME, 'header');
    const today = await pathOf(guest);
    await owner.go(await pathOf(owner));
    await openMenuOf('Robin');
    await owner.menuItem('Remove');
    await owner.press('Remove', "//*[contains(@class, 'dialog')]");
    await owner.toast('Robin can no longer see this home.');
    await guest.click('[data-line] [data-act=done]');
    await guest.says('Page not found');
    await guest.go(today);
    await guest.says('That page was not found, or you may not see it.');
    expect(await guest.driver.executeScript<string>('return document.body.textContent')).not.toContain(HOME);
  });

  test('the only owner does not leave', async () => {
    await owner.go(await pathOf(owner));
    await owner.press('Leave this home');
    await owner.press('Leave', "//*[contains(@class, 'dialog')]");
    await owner.toast('A home needs at least one owner.');
    await owner.press('Cancel');
  });
});

describe('an account', () => {
  test('stays open to its owner whatever strangers try, in the browser they signed in with before', async () => {
    await guest.fromMenu('Sign out');
    const codes = await owner.driver.executeAsyncScript<number[]>(
      `const [email, done] = arguments;
       const attempt = () => fetch('/api/sign-in', { method: 'POST', headers: { 'content-type': 'application/json' },
         body: JSON.stringify({ email, password: 'wrong' }) }).then(({ status }) => status);
       Promise.all(Array.from({ length: 35 }, attempt)).then(done);`,
      GUEST,
    );
    expect(new Set(codes)).toEqual(new Set([401, 429]));
    await guest.type('E-mail address', GUEST);
    await guest.type('Password', PASSWORD);
    await guest.press('Sign in');
    await guest.says('You have no home here yet.');
  });

  test('lists where it is signed in; its password is changed; a phone shows it too', async () => {
    await guest.go('/account');
    await guest.says('Chrome on Linux', '.account');
    await guest.type('Your password now', 'not it at all');
    await guest.type('New password', 'four other calm herons');
    await guest.press('Change password');
    await guest.says('Wrong e-mail address or password.');
    await guest.type('Your password now', PASSWORD);
    await guest.press('Change password');
    await guest.toast('The password is changed.');
    await guest.resize(PHONE);
    expect(await guest.overflow()).toBeLessThanOrEqual(0);
    await guest.prefer('prefers-color-scheme', 'dark');
    expect(await guest.faults()).toEqual([]);
    await guest.prefer('prefers-color-scheme', 'light');
    await guest.resize(LAPTOP);
  });

  test('is deleted after the password, and then it is nobody’s', async () => {
    await guest.press('Delete my account');
    await guest.press('Delete it for good');
    await confirm(guest, 'four other calm herons');
    await guest.says('See what your house needs today');
    await guest.type('E-mail address', GUEST);
    await guest.type('Password', 'four other calm herons');
    await guest.press('Sign in');
    await guest.waitFor(
      async () => /Wrong e-mail address|Too many tries/.test(await guest.says('')),
      'the account still lets in',
    );
  });
});

describe('a house file', () => {
  const folder = mkdtempSync(join(tmpdir(), 'salt-bring-'));
  afterAll(() => {
    rmSync(folder, { recursive: true });
  });
  const choose = async (file: string): Promise<void> => {
    const field = await owner.driver.findElement({ css: '[data-file=house-file]' });
    await field.sendKeys(file);
  };

  test('is shown before it is brought in, and then it is a home', async () => {
    await owner.visit('about');
    await owner.find('a[download$=".zip"]');
    const zip = await owner.driver.executeAsyncScript<string>(`
      const done = arguments[0];
      fetch(document.querySelector('a[download$=".zip"]').href)
        .then((answer) => answer.arrayBuffer())
        .then((bytes) => done(btoa(Array.from(new Uint8Array(bytes), (one) => String.fromCharCode(one)).join(''))));`);
    const file = join(folder, 'house.zip');
    writeFileSync(file, Buffer.from(zip, 'base64'));
    await owner.go('/homes?all=1');
    await owner.press('Bring in a house file');
    await owner.find('[data-file=house-file]');
    const wrong = join(folder, 'wrong.json');
    writeFileSync(wrong, '{"format":"other"}');
    await choose(wrong);
    await owner.says('format: ');
    await choose(file);
    const preview = await owner.says('It becomes a new home', '[data-test=house-file-preview]');
    expect(preview).toMatch(/\d+ things, \d+ entries in the record/);
    expect(await owner.faults()).toEqual([]);
    await owner.press('Bring it in');
    await owner.toast(`${HOME} is here.`);
    await owner.visit('about');
    await owner.says('This home was brought in from a file.');
  });

  test('and is erased again by its name, within ten minutes of the password', async () => {
    await owner.press('Erase it');
    await owner.type('Type its name to go ahead', HOME);
    await owner.press('Erase it for good');
    await owner.says('All homes', 'h1');
    expect(await owner.count(`[data-home="${HOME}"]`)).toBe(1);
  });
});
