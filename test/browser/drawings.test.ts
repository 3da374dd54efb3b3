import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { DRAWING_NAMES } from '../../src/core/catalogue/drawings/names.ts';
import { LAPTOP, Page, PHONE } from '../support/browser.ts';
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

/** Labels that leave the picture, lie over another, or are crossed by a line; measured in the units of the drawing. */
const CLASHES = `
  const clashes = [];
  for (const figure of document.querySelectorAll('[data-drawing]')) {
    const svg = figure.querySelector('svg');
    const tell = (what) => clashes.push(figure.dataset.drawing + ': ' + what);
    const boxOf = (element, trim) => {
      const { x, y, width, height } = element.getBBox();
      return { left: x, top: y + trim, right: x + width, bottom: y + height - trim, says: element.textContent };
    };
    const texts = [...svg.querySelectorAll('text')].filter((text) => !text.closest('.num')).map((text) => boxOf(text, 2.2));
    const all = [...texts, ...[...svg.querySelectorAll('.num circle')].map((circle) => boxOf(circle, 0))];
    for (const { left, top, right, bottom, says } of texts)
      if (left < 0 || right > 360 || top < -1 || bottom > 231) tell(says + ' leaves the picture');
    texts.forEach((one, place) => all.slice(place + 1).forEach((other) => {
      if (one.left < other.right && other.left < one.right && one.top < other.bottom && other.top < one.bottom)
        tell(one.says + ' lies over ' + other.says);
    }));
    for (const shape of svg.querySelectorAll('rect, line, path, circle, ellipse')) {
      if (shape.closest('.num, .flat, .dot')) continue;
      const length = shape.getTotalLength();
      const crossed = new Set();
      for (let at = 0; at <= length; at += 1.5) {
        const { x, y } = shape.getPointAtLength(at);
        for (const text of texts)
          if (x > text.left - 1 && x < text.right + 1 && y > text.top && y < text.bottom) crossed.add(text.says);
      }
      for (const says of crossed) tell(says + ' is crossed by ' + (shape.getAttribute('class') ?? ''));
    }
  }
  return clashes;`;

describe('all drawings', () => {
  test.each(['14 Juniper Bend', '3 Weir Lane'])(
    'in the words of %s no label lies over another or on a line',
    async (home) => {
      if (home !== '14 Juniper Bend') await page.switchHome(home);
      await page.visit('drawings');
      await page.find('[data-drawing] text');
      expect(await page.count('[data-drawing]')).toBe(DRAWING_NAMES.length);
      expect(await page.driver.executeScript(CLASHES)).toEqual([]);
    },
  );

  test('can be read by everyone, in dark too, and fit a phone', async () => {
    await page.resize(PHONE);
    expect(await page.overflow()).toBeLessThanOrEqual(0);
    expect(await page.faults()).toEqual([]);
    await page.prefer('prefers-color-scheme', 'dark');
    expect(await page.faults('colors')).toEqual([]);
    await page.prefer('prefers-color-scheme', 'light');
    await page.resize(LAPTOP);
  });
});

describe('where they are needed', () => {
  test('in the how-to, with the rest behind a button', async () => {
    await page.switchHome('14 Juniper Bend');
    await page.visit('practices');
    await page.type('Search', 'Shut and drain');
    await page.unfold().catch(() => undefined);
    await page.click('[data-practice=outdoor-tap-shut-and-drain] [data-act=open]');
    await page.find('[data-practice=outdoor-tap-shut-and-drain] [data-drawing=hose-bib]');
    await page.click('[data-practice=outdoor-tap-shut-and-drain] [data-act=more-drawings]');
    await page.find('[data-practice=outdoor-tap-shut-and-drain] [data-drawing=frost-proof-bib]');
  });

  test('at the first step of the work, at the others behind a button', async () => {
    await page.click('[data-practice=outdoor-tap-shut-and-drain] [data-act=start]');
    await page.click('[data-act=begin]');
    await page.find('[data-item]');
    await page.click('[data-act=tick]');
    await page.find('[data-item] [data-drawing=hose-bib]');
    await page.click('[data-act=tick]');
    await page.find('[data-item] [data-act=more-drawings]');
    expect(await page.count('[data-item] [data-drawing]')).toBe(0);
  });

  test('at a calculator, with where to put the instrument', async () => {
    await page.visit('bench');
    await page.find('[data-drawing=split-probes]');
  });
});
