import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { line, Page } from '../support/browser.ts';
import { startDemo, type RunningServer } from '../support/running.ts';

let server: RunningServer;
let page: Page;
let homePath: string;
beforeAll(async () => {
  server = await startDemo();
  page = await Page.open(server.address);
  await page.signInToDemo();
  homePath = new URL(await page.driver.getCurrentUrl()).pathname.replace('/today', '');
});
beforeEach(async () => {
  await page.go(`${homePath}/today`);
  await page.showRest();
});
afterAll(async () => {
  await page.close();
  await server.kill();
});

const newestEntry = async (day = ''): Promise<string> => {
  await page.go(`${homePath}/record${day === '' ? '' : `?from=${day}&to=${day}`}`);
  return (await (await page.find('[data-entry]')).getText()).replace(/\s+/g, ' ');
};

describe('logging with details', () => {
  test('for a past day, by someone else, with minutes, cost and a note', async () => {
    await page.act(line('Reseal the steps'), 'Done with details');
    await page.type('Day it was done', '2026-11-21');
    await page.choose('Who did it', 'someone else');
    await page.type('Their name', 'Aunt Marte');
    await page.type('Minutes', '95');
    await page.type('Cost (USD)', '12,50');
    await page.type('Note', 'Two coats');
    await page.says('Front steps: next due Wed, Nov 15, 2028', '[role=dialog]');
    await page.press('Save');
    await page.toast('Reseal the steps, Front steps: done Sat, Nov 21.');
    const entry = await newestEntry('2026-11-21');
    expect(entry).toMatch(
      /^Sat, Nov 21 Done Reseal the steps, Front steps Two coats Aunt Marte 95 minutes \$12\.50/,
    );
  });

  test('what follows is said without moving the button that saves', async () => {
    const button = (): Promise<number> =>
      page.driver.executeScript(
        "return Math.round(document.querySelector('[role=dialog] [type=submit]').getBoundingClientRect().top)",
      );
    await page.connect(true, 1_500);
    await page.act(line('dryer-vent'), 'Done with details');
    await page.find('[role=dialog] [type=submit]');
    await page.waitFor(
      () => page.driver.executeScript<boolean>('return document.getAnimations().length === 0'),
      'the dialog still moves',
    );
    const before = await button();
    await page.says('Nov 24, 2027', '[role=dialog]');
    expect(await button()).toBe(before);
    await page.connect(true);
    // Told another day, the last answer stands until the next is there.
    await page.type('Day it was done', '2026-11-20');
    await page.says('Nov 20, 2027', '[role=dialog]');
    expect(await button()).toBe(before);
    await page.press('Cancel');
  });

  test('a day still to come is refused beside its field, and what was typed stays', async () => {
    await page.act(line('dryer-vent'), 'Done with details');
    await page.type('Day it was done', '2026-11-25');
    await page.type('Note', 'keep me');
    await page.press('Save');
    await page.says('That day is still to come. Today there is Tue, Nov 24.', '[role=dialog]');
    expect(await (await page.field('Note')).getAttribute('value')).toBe('keep me');
    expect(await (await page.field('Day it was done')).getAttribute('aria-invalid')).toBe('true');
  });

  test.each([
    ['Minutes', 'ten', 'must be a whole number from 0'],
    ['Cost (USD)', '1.234', 'must be an amount of money, such as 12.50'],
  ])('%s typed as %s is refused by name', async (label, text, says) => {
    await page.act(line('dryer-vent'), 'Done with details');
    await page.type(label, text);
    await page.press('Save');
    await page.says(says, '[role=dialog]');
    expect(await (await page.field(label)).getAttribute('aria-invalid')).toBe('true');
  });

  test('before its window opens, one press does not log it: the sheet first says it would be an extra', async () => {
    await page.click('[data-line^="coming smoke-alarm-battery-swap"] [data-act=done]');
    await page.says('It counts from Sun, Feb 21, 2027. It is saved as an extra', '[role=dialog]');
    await page.press('Cancel');
    expect(await page.count('[role=dialog]')).toBe(0);
  });

  test('left undone on purpose counts as done that day, with the reason', async () => {
    await page.act(line('dryer-vent'), 'Done with details');
    await page.tick('Skipped this time');
    await page.type('Why it was skipped', 'The dryer is away for repair');
    await page.press('Save');
    await page.toast('Next due Wed, Nov 24, 2027');
    expect(await newestEntry()).toContain('Skipped Clean the dryer vent, Dryer The dryer is away for repair');
  });
});

describe('several units on one line', () => {
  test('each has its own tick, and all go in one batch that one press takes back', async () => {
    await page.press('Both done');
    await page.toast('Test the GFCI outlet, Counter outlet and Laundry outlet: done today.');
    await page.says('Done. Next due', '[data-line^="baseline gfci-test"]');
    await page.click('[data-line^="baseline gfci-test"] [data-act=undo]');
    await page.toast('Undone.');
    await page.find('[data-line^="baseline gfci-test"]');
    await page.click('[data-line^="baseline gfci-test"] .units li:nth-child(2) button');
    await page.toast('Laundry outlet: done today.');
    // The line stays where it is; only one of the two is left to do.
    await page.waitFor(
      async () => (await page.count('[data-line^="baseline gfci-test"] .units button')) === 1,
      'both can still be done',
    );
  });

  test('pressing twice logs once', async () => {
    const button = await page.find(
      '[data-line^="coming air-filter"] [data-act=done], [data-line^="open air-filter"] [data-act=done], [data-line^="late smoke-alarm-test"] [data-act=done]',
    );
    await page.driver.executeScript('arguments[0].click(); arguments[0].click();', button);
    await page.toast('done today');
    await page.go(`${homePath}/record`);
    await page.find('[data-entry]');
    const texts = await Promise.all(
      (await page.driver.findElements({ css: '[data-entry]' })).slice(0, 2).map((one) => one.getText()),
    );
    expect(texts[0]).not.toEqual(texts[1]);
  });
});

describe('putting off', () => {
  test('past its latest day, where lives depend on it, only with the acknowledgement', async () => {
    await page.act(line('late smoke-alarm-battery-swap'), 'Postpone …');
    await page.type('To which day', '2026-12-20');
    await page.press('Postpone', '//*[@role="dialog"]');
    await page.says('Enter a value', '[role=dialog]');
    await page.type('Why', 'No 9 V cells in the house');
    await page.press('Postpone', '//*[@role="dialog"]');
    await page.says('Confirm that you understand', '[role=dialog]');
    await page.tick('I understand');
    await page.press('Postpone', '//*[@role="dialog"]');
    await page.toast('postponed to Sun, Dec 20.');
    await page.says('Postponed. Next due Sun, Dec 20', line('late smoke-alarm-battery-swap'));
  });
});

describe('someone else was quicker', () => {
  test('the page says so, writes nothing and shows what stands now', async () => {
    const other = await Page.open(server.address);
    try {
      await other.signInToDemo();
      await page.find(line('air-filter'));
      const act = async (which: Page): Promise<void> => {
        await which.act(line('air-filter'), 'Done with details');
        await which.says('What happens next', '[role=dialog]');
      };
      await act(page);
      await act(other);
      await other.press('Save');
      await other.toast('done today');
      await page.press('Save');
      await page.says('Someone else changed this first', '[role=dialog]');
    } finally {
      await other.close();
    }
  });
});
