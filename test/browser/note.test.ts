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

describe('what stands shut or open', () => {
  test('says since when and when the other half is due; opened, the opening sleeps and the closing is owed again', async () => {
    await page.visit('note');
    await page.press('Shut off or open');
    const text = await page.says('shut off since', '[data-standing=closed]');
    expect(text).toMatch(
      /Back faucet Outdoor faucet shut off since \w+, Sep \d+ next change due \w+, May \d+, 2027/,
    );
    await page.press('Open');
    expect((await page.toast('Back faucet: saved as open.')).match(/saved as/g)).toHaveLength(1);
    await page.says('Back faucet Outdoor faucet open since Tue, Nov 24');
    await page.press('Shut off', "//*[@data-standing='open'][contains(., 'Back faucet')]");
    await page.says('shut off since Tue, Nov 24', '[data-standing=closed]');
  });
});

describe('noting things', () => {
  test('a storm makes the look at the roof due', async () => {
    // The one the station saw is answered first.
    await page.openToday();
    await page.act(line('roof-storm-look'), 'Done with details');
    await page.type('Day it was done', '2026-11-20');
    await page.press('Save');
    await page.toast('Look at the roof, Roof: done');
    await page.visit('note');
    await page.press('Something happened');
    await page.choose('What happened', 'A windstorm');
    await page.press('Save');
    await page.toast('Saved. ');
    await page.openToday();
    await page.click(`${line('roof-storm-look')} [data-act=why]`);
    await page.says('A windstorm, logged Tue, Nov 24: within 5 days', line('roof-storm-look'));
  });

  test('a field left empty is named, and what was typed stays', async () => {
    await page.visit('note');
    await page.press('A measurement');
    await page.type('Value', 'warm');
    await page.press('Save');
    await page.says('Enter a value');
    await page.choose('Which thing', 'Furnace');
    await page.choose('What was measured', 'Something else, as a number');
    await page.press('Save');
    await page.says('Enter a number');
    expect(await (await page.field('Value')).getAttribute('value')).toBe('warm');
  });

  test('a filter that looks gray calls for its change, where it is kept by condition', async () => {
    await page.visit('add');
    await page.choose('Kind', 'Filter position');
    await page.type('Name', 'Upstairs filter');
    await page.choose('Task', 'Change the air filter');
    await page.tick('Check monthly, change when gray');
    await page.press('Add it');
    await page.says('Upstairs filter is added');
    await page.visit('note');
    await page.press('How a filter looks');
    await page.choose('Which thing', 'Upstairs filter');
    await page.press('Save');
    await page.says('Enter a value', '[role=alert]');
    await page.tick('Gray or darker');
    await page.press('Save');
    await page.toast('Saved how the filter looks.');
    await page.visit('upkeep');
    await page.type('Search', 'Upstairs filter');
    await page.click('[data-kept="Change the air filter"] [data-act=open]');
    await page.click('[data-kept="Change the air filter"] [data-act=dates]');
    await page.says('It was 1 on Tue, Nov 24 (filter grade). Do it within 3 days: Fri, Nov 27.');
  });

  test('a look that is due asks what it found', async () => {
    await page.visit('add');
    await page.choose('Kind', 'Filter position');
    await page.type('Name', 'Attic filter');
    await page.choose('Task', 'Change the air filter');
    await page.tick('Check monthly, change when gray');
    await page.press('Add it');
    await page.says('Attic filter is added');
    await page.openToday();
    await page.says('Attic filter');
    await page.click(`${line('baseline air-filter-panel-replace')} [data-act=done]`);
    await page.says('What you found', '[role=dialog]');
    await page.tick('Light gray');
    await page.says('Attic filter: next due Thu, Dec 24', '[role=dialog]');
    await page.press('Save');
    await page.toast('Next due Thu, Dec 24');
  });

  test('what is in stock decides when to order', async () => {
    await page.visit('note');
    await page.press('Bought or used');
    await page.choose('What', 'flat filter');
    await page.type('How many more', '12');
    await page.press('Save');
    await page.toast('Stock saved.');
    await page.visit('ledger');
    await page.says('Stock moved');
  });
});

describe('practices', () => {
  test('are read with their schools and the cautions at their steps', async () => {
    await page.visit('practices');
    await page.says('Air filters and air handling');
    await page.type('Search', 'gutter');
    await page.click('[data-practice=gutter-clean] button');
    await page.says('Ladder on firm ground', '[data-practice=gutter-clean] .caution');
    await page.says('After leaf fall, and again in spring', '[data-practice=gutter-clean]');
  });

  test('hidden, one is no longer offered; shown again, it is', async () => {
    await page.press('Hide here');
    await page.says('Clean the gutters: hidden.');
    await page.visit('add');
    await page.choose('Kind', 'Gutters');
    expect(await (await page.field('Task')).getText()).not.toContain('Clean the gutters');
    await page.visit('practices');
    await page.type('Search', 'gutter-clean');
    await page.click('[data-practice=gutter-clean] [data-act=open]');
    await page.press('Show again');
    await page.says('Clean the gutters: shown again.');
  });

  test('one of one’s own is refused by field until it is whole, and then taken up like any other', async () => {
    await page.press('Add one of your own');
    await page.press('Save');
    await page.says('Enter a value');
    await page.type('Title', 'Feed the sourdough');
    await page.type('Why', 'It starves.');
    await page.type('The work', 'Discard half.\nFlour and water.');
    await page.choose('For which thing', 'Something else');
    await page.click('form.own > details > summary');
    await page.choose('Supplies used', 'sand (bags)');
    await page.type('Amount each time', 'much');
    await page.press('Save');
    await page.says('Enter a number');
    await page.type('Amount each time', '2');
    await page.choose('Best done on the same trip as', 'Clean the gutters');
    await page.press('Save');
    await page.says('Feed the sourdough is saved.');
    await page.type('Search', 'sourdough');
    await page.click('[data-practice=own-feed-the-sourdough] [data-act=open]');
    await page.press('Change');
    expect(await (await page.field('Amount each time')).getAttribute('value')).toBe('2');
    await page.type('Minutes', '20');
    await page.press('Save');
    await page.toast('Feed the sourdough: changed.');
    await page.says('About 20 min', '[data-practice=own-feed-the-sourdough]');
    await page.visit('add');
    await page.choose('Kind', 'Something else');
    await page.choose('Task', 'Feed the sourdough');
    await page.type('Name', 'Crock');
    await page.press('Add it');
    await page.says('Crock is added');
    await page.openToday();
    await page.says('Feed the sourdough');
  });

  test('the browser complained of nothing on the way', async () => {
    expect(await page.complaints()).toEqual([]);
  });
});
