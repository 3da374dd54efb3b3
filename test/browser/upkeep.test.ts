import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Page } from '../support/browser.ts';
import { startDemo, type RunningServer } from '../support/running.ts';

let server: RunningServer;
let page: Page;
beforeAll(async () => {
  server = await startDemo();
  page = await Page.open(server.address);
  await page.signInToDemo();
  await page.visit('upkeep');
  await page.unfold();
  await page.find('[data-kept]');
});
afterAll(async () => {
  await page.close();
  await server.kill();
});

const kept = (title: string, act = ''): string =>
  `[data-kept="${title}"]${act === '' ? '' : ` [data-act=${act}]`}`;
const FILTER = 'Change the air filter';

describe('how a thing is kept', () => {
  test('by which school, since when, how long it takes here, and the next three dates with their reasons', async () => {
    const text = await page.says('About every three months', kept(FILTER));
    expect(text).toContain('because of: shedding pets ×0.67');
    expect(text).toContain('from your record');
    await page.click(kept(FILTER, 'dates'));
    const dates = await page.says('Last done', kept(FILTER));
    expect(dates.match(/May be done from/g)).toHaveLength(3);
  });

  test('the schools stand side by side: times and minutes a year, next date, who argues and when it is right', async () => {
    await page.click(kept(FILTER, 'change'));
    const table = await page.says('Sat, Nov 28', `${kept(FILTER)} table`);
    expect(table).toContain('Times a year');
    expect(table).toContain('Technicians who see neglected systems');
    expect(table).toContain('Right: Pets or a smoker.');
    await page.waitFor(
      async () => !(await (await page.find(`${kept(FILTER)} table`)).getText()).includes('…'),
      'some school says nothing',
    );
  });

  test('before anything is saved it says which dates move and by how much; saved, they have', async () => {
    await page.click(`${kept(FILTER)} tbody:nth-of-type(8) .k-radio`);
    const moves = await page.says('later', '[data-test=moves]');
    const said = /Nov 28 → (.+?), \d+ days later/.exec(moves)?.[1];
    expect(said).toBeDefined();
    await page.press('Save');
    await page.toast('Change the air filter: saved, from today.');
    await page.click(kept(FILTER, 'dates'));
    await page.says(said ?? 'a date', kept(FILTER));
  });

  test('an interval of one’s own must be a number, and takes hold like any other', async () => {
    await page.click(kept(FILTER, 'change'));
    await page.tick('My own interval');
    await page.type('Due every', 'often');
    await page.press('Save');
    await page.says('must be a whole number from 1', kept(FILTER));
    await page.type('Due every', '2');
    await page.says('sooner', '[data-test=moves]');
    await page.press('Save');
    await page.toast('saved, from today');
    await page.says('My own interval: every 2 months', kept(FILTER));
  });
});

describe('what the record proposes', () => {
  test('is shown with the looks it rests on, and left when it is not wanted', async () => {
    await page.switchHome('27 Mesa Row');
    await page.visit('upkeep');
    await page.says('Your checks suggest', kept(FILTER));
    await page.click(`${kept(FILTER)} details summary`);
    await page.says('gray or darker after', kept(FILTER));
    await page.click(kept(FILTER, 'accept'));
    await page.says('Dates that move', kept(FILTER));
    await page.press('Cancel');
    await page.click(kept(FILTER, 'dismiss'));
    await page.toast('Change the air filter: not changed.');
    await page.waitFor(
      async () => (await page.count(`${kept(FILTER)} .proposal`)) === 0,
      'it is still proposed',
    );
  });

  test('taken, it becomes the home’s own interval', async () => {
    await page.visit('note');
    await page.press('How a filter looks');
    await page.tick('Gray or darker');
    await page.press('Save');
    await page.toast('Saved how the filter looks');
    await page.visit('upkeep');
    const text = await page.says('Your checks suggest', kept(FILTER));
    const days = /Your checks suggest every (\d+) days/.exec(text)?.[1] ?? '';
    await page.click(kept(FILTER, 'accept'));
    await page.says('Dates that move', kept(FILTER));
    await page.press('Save');
    await page.click(kept(FILTER, 'open'));
    await page.says(`My own interval: every ${days} days`, kept(FILTER));
  });
});

describe('pausing, taking up, giving up', () => {
  test('a pause says what it moves, and lasts until it is taken up again', async () => {
    await page.click(kept('Look for moisture at every fixture', 'open'));
    await page.click(kept('Look for moisture at every fixture', 'pause'));
    await page.says('→ nothing due.', '[data-test=moves]');
    await page.press('Pause');
    await page.says('Paused since Tue, Nov 24', kept('Look for moisture at every fixture'));
    await page.click(kept('Look for moisture at every fixture', 'resume'));
    await page.says('nothing due →', '[data-test=moves]');
    await page.press('Resume', `//*[@data-kept='Look for moisture at every fixture']//form`);
    await page.toast('resumed.');
  });

  test('what a good practitioner would keep besides is offered, and taken up in one', async () => {
    const suggested = '[data-suggested=metal-roof-coat]';
    await page.says('coat the metal roof', suggested);
    await page.click(`${suggested} button`);
    await page.toast('added. Its dates are on Today.');
    await page.waitFor(async () => (await page.count(suggested)) === 0, 'it is still offered');
  });

  test('what goes with a system besides its duties can be read beside them', async () => {
    await page.click('[data-system=alarms] .besides summary');
    const besides = await page.says('When it happens', '[data-system=alarms] .besides');
    expect(besides).toContain('To find out');
  });

  test('found by name', async () => {
    await page.type('Search', 'skirting');
    await page.waitFor(async () => (await page.count('[data-kept]')) === 1, 'others are still shown');
    await page.type('Search', 'nothing of the kind');
    await page.says('No task has that name.');
    expect(await page.complaints()).toEqual([]);
  });
});
