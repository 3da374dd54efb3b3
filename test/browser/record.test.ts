import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Page } from '../support/browser.ts';
import { startDemo, type RunningServer } from '../support/running.ts';

let server: RunningServer;
let page: Page;
const folder = mkdtempSync(join(tmpdir(), 'salt-tables-'));
beforeAll(async () => {
  server = await startDemo();
  page = await Page.open(server.address);
  await page.command('Browser.setDownloadBehavior', { behavior: 'allow', downloadPath: folder });
  await page.signInToDemo();
  await page.visit('ledger');
  await page.find('[data-entry]');
});
afterAll(async () => {
  await page.close();
  await server.kill();
  rmSync(folder, { recursive: true, force: true });
});

const choose = async (css: string, file: string): Promise<void> =>
  page.driver.findElement({ css }).then((field) => field.sendKeys(file));

/** The newest table saved, once it is there. */
async function saved(): Promise<string> {
  let name = '';
  await page.waitFor(async () => {
    name =
      readdirSync(folder)
        .filter((one) => one.endsWith('.csv'))
        .sort()
        .at(-1) ?? '';
    return name !== '';
  }, 'no table was saved');
  return join(folder, name);
}

describe('the ledger narrowed down', () => {
  test('by a task and words; the address holds it, and everything comes back', async () => {
    await page.click('.filter summary');
    await page.choose('Task', 'Test the smoke alarm');
    await page.press('Search');
    await page.waitFor(
      async () => !(await page.says('Test the smoke alarm', '.k-table')).includes('Change the air filter'),
      'not narrowed',
    );
    expect(new URL(await page.driver.getCurrentUrl()).searchParams.get('task')).toBe('Test the smoke alarm');
    await page.choose('Task', 'any');
    await page.type('Search', 'xyzzy');
    await page.press('Search');
    await page.says('Nothing matches.');
    await page.type('Cost at least', 'much');
    await page.press('Search');
    await page.says('Enter a number', '.filter');
    await page.press('Clear filters');
    await page.waitFor(async () => (await page.count('[data-entry]')) > 40, 'not all is shown again');
  });

  test('a verdict, and what the years came to', async () => {
    await page.choose('Result', 'fix it');
    await page.press('Search');
    await page.waitFor(async () => (await page.count('[data-entry]')) < 50, 'not narrowed');
    await page.press('Clear filters');
    await page.click('.totals summary');
    const text = await page.says('together', '.totals');
    expect(text).toMatch(/Year System Times Hours Money By a trade Missed 2026/);
  });
});

describe('as a table', () => {
  test('saved, struck out here and read in again it is there as it was; read in twice nothing doubles', async () => {
    await page.click('[data-act=csv-out]');
    await page.says('entries saved.', '.exchange');
    const file = await saved();
    const lines = readFileSync(file, 'utf8').split('\r\n');
    expect(lines[0]).toContain('id,date,kind,thing,task');
    await page.click('[data-act=csv-in]');
    await choose('[data-file=csv]', file);
    const text = await page.says('entries are read', '.exchange');
    const [, read, known] = /([\d,]+) entries are read, ([\d,]+) of them already here/.exec(text) ?? [];
    expect(read).toBe(known);
    await page.click('[data-act=csv-take]');
    await page.toast('0 entries imported.');
  });

  test('with one line wrong nothing is taken, and the line is named', async () => {
    const bad = join(folder, 'bad.txt');
    writeFileSync(
      bad,
      'date,kind,note\n2025-03-01,note,Painted the fence\n2027-03-01,note,From the future\n',
    );
    await page.click('[data-act=csv-in]');
    await choose('[data-file=csv]', bad);
    await page.says('Line 3, date: “2027-03-01” is in the future', '.exchange');
    expect(await page.count('[data-act=csv-take]')).toBe(0);
    const good = join(folder, 'good.txt');
    writeFileSync(good, 'date,kind,note\n2025-03-01,note,Painted the fence\n');
    await choose('[data-file=csv]', good);
    await page.says('1 entry is read, 0 of them already here.', '.exchange');
    await page.says('Note 1. From Sat, Mar 1, 2025 to Sat, Mar 1, 2025.', '[data-test=preview]');
    await page.says('Painted the fence', '[data-test=preview] ol');
    await page.click('[data-act=csv-take]');
    await page.toast('1 entry imported.');
    await page.type('Search', 'fence');
    await page.press('Search');
    await page.says('Painted the fence', '[data-entry]');
    await page.press('Clear filters');
  });
});

describe('one thing', () => {
  test('has its whole life on its page, and its papers with the end of their cover', async () => {
    await page.visit('house');
    await page.press('Water heater');
    await page.click('[data-tab=papers]');
    const file = join(folder, 'warranty.pdf');
    writeFileSync(file, '%PDF-1.4 six years on the tank');
    await page.press('Add this paper');
    await page.says('Choose a file.');
    await choose('[data-file=document]', file);
    await page.choose('Kind', 'Warranty');
    await page.type('Name', 'Tank warranty');
    await page.type('Valid until', '2027-01-10');
    await page.press('Add this paper');
    await page.toast('Added: Tank warranty.');
    await page.says('Tank warranty Warranty', '[aria-label=Papers]');
    await page.says('until Sun, Jan 10, 2027', '[aria-label=Papers]');
    await page.openToday();
    await page.says('Tank warranty, Water heater: ends Sun, Jan 10, 2027', '#section-errands ~ ul');
    await page.press('Tank warranty, Water heater');
    await page.press('Remove paper …');
    await page.press('Delete');
    await page.toast('Removed: Tank warranty.');
  });

  test('leads to all of it in the ledger', async () => {
    await page.click('[data-tab=history]');
    await page.press('All of it in the record');
    await page.find('[data-entry]');
    expect(new URL(await page.driver.getCurrentUrl()).searchParams.get('asset')).not.toBeNull();
  });
});

test('the browser complained of nothing on the way', async () => {
  expect(await page.complaints()).toEqual([]);
});
