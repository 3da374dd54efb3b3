import { writeFileSync } from 'node:fs';
import { Page, LAPTOP } from '/work/main/test/support/browser.ts';
import { Key } from 'selenium-webdriver';
const page = await Page.open('http://127.0.0.1:4800');
await page.command('Emulation.setTimezoneOverride',{timezoneId:'America/Chicago'}); const shot = async (n: string, full=false) => { if(full){ const h=await page.driver.executeScript<number>('return document.documentElement.scrollHeight'); await page.resize({width: (await page.driver.executeScript<number>('return innerWidth')), height: Math.min(h,3000)}); } writeFileSync(`/tmp/shots/${n}.png`, Buffer.from(await page.driver.takeScreenshot(),'base64')); if(full) await page.resize(LAPTOP); };
const PHONE={width:390,height:844};
const steps: Record<string, () => Promise<void>> = {
  walk: async () => {
    await page.go('/sign-in'); await page.press('No account yet'); await page.type('Your name','Ada'); await page.type('E-mail address',`ada${Date.now()}@example.org`); await page.type('Password','a long enough password'); await page.press('Make the account');
    await page.says('No home yet'); await page.type('Name','Test House'); await shot('w0');
    await page.press('Make the home'); await page.says('What kind of house'); await shot('w1');
    await page.click('input[value=family]'); await page.says('climate like'); await shot('w2');
    await page.click('input[value=cold-plains]'); await page.says('Who lives here'); await shot('w3');
    for (let i=1;i<=14;i++){ await page.resize(i===3||i===4?PHONE:LAPTOP); await page.find('[data-act=confirm]'); await shot('s'+i, i===3||i===4); await page.click('[data-act=confirm]'); await new Promise(r=>setTimeout(r,400)); }
    await page.resize(LAPTOP); await page.says('The first six weeks'); await shot('plan'); await shot('planfull', true);
    await page.resize(PHONE); await shot('planphone'); await page.resize(LAPTOP);
    await page.press('Take it on'); await page.says('What is due at'); await page.find('[data-line]'); await shot('after');
  },
  upkeep: async () => {
    await page.signInToDemo(); await page.press('Upkeep'); await page.says('Air filters and air handling'); await shot('u1');
    await page.click('[data-kept="Change the air filter"] [data-act=change]'); await new Promise(r=>setTimeout(r,1500)); await shot('u2');
    await page.click('input[value=every-month]'); await page.says('sooner','[data-test=moves]'); await shot('u3', true);
    await page.resize(PHONE); await shot('u4'); await page.resize(LAPTOP);
    await page.click('[data-kept="Change the air filter"] [data-act=dates]'); await shot('u5');
  },
  house: async () => {
    await page.signInToDemo(); await page.press('House'); await page.says('Rooms, and what stands'); await shot('h1', true);
    await page.press('Change …', "//*[@data-test='traits']"); await page.choose('a smoker indoors','yes'); await page.says('sooner','[data-test=moves]'); await shot('h2', true);
    await page.press('Return filter'); await page.says('What is known'); await shot('t1');
    await page.click('[data-act=facts]'); await shot('t2', true);
    await page.press('Shutoffs'); await page.says('Whom to call'); await shot('e1'); await page.resize(PHONE); await shot('e2'); await page.resize(LAPTOP);
    await page.prefer('prefers-color-scheme','dark'); await shot('e3'); await page.press('Upkeep'); await page.says('Air filters and air'); await shot('u6');
  },
};
try { for (const s of process.argv.slice(2)) await steps[s]!(); } finally { console.log(await page.complaints()); await page.close(); }
