import { Page } from '../test/support/browser.ts';
import { writeFileSync } from 'node:fs';
const base = 'http://127.0.0.1:4800';
export { base };
const page = await Page.open(base);
await page.go('/');
await page.press('Look around');
await page.says('Today');
const id = new URL(await page.driver.getCurrentUrl()).pathname.split('/')[2];
const shot = async (name: string) =>
  writeFileSync(`/tmp/shots/${name}.png`, await page.driver.takeScreenshot(), 'base64');
const steps = (await import(process.argv[2]!)).default as (
  p: Page,
  id: string,
  shot: (n: string) => Promise<void>,
) => Promise<void>;
try {
  await steps(page, id!, shot);
} catch (e) {
  await shot('failed');
  console.error(e);
} finally {
  await page.close();
}
