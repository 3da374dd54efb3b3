import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { line, Page } from '../support/browser.ts';
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

/** The line of alarms that come later than the others. */
const later = (due: string): string => `[data-line="coming smoke-alarm-test ${due}"]`;

describe('the main path: sign in, see what is due and why, log it, find it in the ledger, correct it', () => {
  test('signed in to a demo home, the page says what is due today', async () => {
    await page.signInToDemo();
    const text = await page.says('Tuesday, November 24');
    expect(text).toContain('14 Juniper Bend');
    expect(text).toContain('Reseal the steps');
    expect(await (await page.find(line('Reseal the steps'))).getText()).toContain('was due Sun, Nov 15');
  });

  test('why: every step of the date is one press away', async () => {
    await page.click(`[data-line^="late smoke-alarm-test"] [data-act=why]`);
    const steps = await page.says('Last done', '[data-line^="late smoke-alarm-test"] .reasons');
    expect(steps).toMatch(
      /Last done Thu, Oct 1\. 1 month after that: Sun, Nov 1\. May be done from .* to .*: 5 days before/,
    );
  });

  test('logged in one press, the date moves and says why', async () => {
    await page.click('[data-line^="late smoke-alarm-test"] [data-act=done]');
    const notice = await page.toast('Next due');
    expect(notice).toContain('Test the smoke alarm, Basement: done today.');
    expect(notice).toContain('Next due Thu, Dec 24, in 30 days. 1 month after Tue, Nov 24.');
    // The line stays where it was and says so; opened anew, the page has the new date.
    await page.says('Done. Next due Thu, Dec 24', '[data-line^="late smoke-alarm-test"]');
    expect(await page.count('[data-line^="late smoke-alarm-test"] [data-act=done]')).toBe(0);
    await page.visit('ledger');
    await page.openToday();
    // The others are due on December 1: one tap must not answer both.
    expect(await (await page.find(later('2026-12-24'))).getText()).toContain('Basement');
  });

  test('the entry stands on top of the ledger', async () => {
    await page.visit('ledger');
    await page.says('Everything done, measured, bought or shut at 14 Juniper Bend');
    await page.click('[data-entry] [data-act=entry]');
    const first = await (await page.find('[data-entry]')).getText();
    expect(first).toContain('Done Test the smoke alarm, Basement');
    expect(await (await page.find('[data-details]')).getText()).toMatch(
      /added Nov 24, 2026, 12:\d\d\sPM by Demo/,
    );
  });

  test('corrected, it says what was beside what is, and moves the date again', async () => {
    await page.click('[data-details] [data-act=correct]');
    await page.type('Day', '2026-11-20');
    await page.type('Minutes', '7');
    await page.type('Why (optional', 'It was Friday');
    await page.press('Save');
    const effect = await page.toast('Saved.');
    expect(effect).toContain('Test the smoke alarm, Basement is now due Sun, Dec 20, in 26 days.');
    const corrected = await page.says('edited Nov 24', '[data-details]');
    expect(corrected).toContain('Day was Tue, Nov 24, is Fri, Nov 20');
    expect(corrected).toContain('Minutes was nothing, is 7 minutes');
    expect(corrected).toContain('“It was Friday”');
  });

  test('struck out it no longer counts, and restored it does', async () => {
    await page.click('[data-details] [data-act=strike]');
    await page.press('Delete');
    await page.toast('is now due Sun, Nov 1, 23 days ago');
    await page.says('(deleted)', '[data-entry]:has([aria-expanded=true])');
    await page.click('[data-details] [data-act=restore]');
    await page.toast('Restored. Test the smoke alarm, Basement is now due Sun, Dec 20');
  });

  test('Today shows the date as corrected', async () => {
    await page.openToday();
    await page.click(`${later('2026-12-20')} [data-act=why]`);
    await page.says('Last done Fri, Nov 20.', later('2026-12-20'));
  });

  test('one press takes the last log back', async () => {
    await page.click(`${line('Reseal the steps')} [data-act=done]`);
    await page.toast('Reseal the steps, Front steps: done today.');
    await page.click('[data-act=undo]');
    await page.toast('Undone.');
    await page.find(`${line('late own Reseal')} [data-act=done]`);
  });

  test('the other home speaks its own wording, units and money', async () => {
    await page.switchHome('3 Weir Lane');
    await page.says('Tuesday 24 November');
    await page.visit('ledger');
    const text = await page.says('£85.00');
    expect(text).not.toContain('$');
  });

  test('an address of a home that is none or of a home one may not see, leads to one’s own', async () => {
    await page.go('/homes/not-a-home/ledger');
    await page.says('That page was not found, or you may not see it.');
    await page.find('[data-home="3 Weir Lane"]');
    await page.go('/homes/00000000-0000-7000-8000-000000000000/today');
    await page.says('That page was not found, or you may not see it.');
  });

  test('the browser complained of nothing on the way', async () => {
    expect(await page.complaints()).toEqual([]);
  });
});
