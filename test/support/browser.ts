import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import AxeBuilder from '@axe-core/webdriverjs';
import { Builder, By, Key, logging, type WebDriver, type WebElement } from 'selenium-webdriver';
import { Options, ServiceBuilder, type Driver } from 'selenium-webdriver/chrome.js';
import { whereIs } from './places.ts';

/** How long something is waited for that will come: on a busy machine it comes late. */
const PATIENCE_MS = 60_000;

/** The rule of axe about colors: the slowest, and the only one that a theme decides. */
const COLORS = 'color-contrast';

/** Errors of WebDriver when the browser, or the program that drives it, has ended. */
const DEAD =
  /NoSuchSession|invalid session id|session deleted|tab crashed|not reachable|disconnected|ECONNREFUSED|ECONNRESET|socket hang up/i;

/** Passes an error on; where the browser has died it says that, and not that something was not found. */
function rethrown(error: unknown): never {
  const text = error instanceof Error ? `${error.name} ${error.message}` : String(error);
  if (DEAD.test(text)) throw new Error(`the browser is dead: ${text}`, { cause: error });
  throw error;
}

export interface Size {
  readonly width: number;
  readonly height: number;
}
export const LAPTOP: Size = { width: 1280, height: 800 };
export const PHONE: Size = { width: 390, height: 844 };
export const NARROW: Size = { width: 360, height: 740 };

/** A headless Chromium with a profile of its own, and the few things tests do with it. */
export class Page {
  private constructor(
    readonly driver: WebDriver,
    readonly address: string,
    private readonly profile: string,
  ) {}

  static async open(address: string): Promise<Page> {
    const profile = mkdtempSync(join(tmpdir(), 'salt-chromium-'));
    const options = new Options();
    options.setChromeBinaryPath('/usr/bin/chromium');
    options.addArguments(
      '--headless=new',
      '--no-sandbox',
      '--disable-gpu',
      '--lang=en-US',
      `--user-data-dir=${profile}`,
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--force-prefers-reduced-motion',
    );
    const wanted = new logging.Preferences();
    wanted.setLevel(logging.Type.BROWSER, logging.Level.SEVERE);
    options.setLoggingPrefs(wanted);
    const driver = await new Builder()
      .forBrowser('chrome')
      .setChromeOptions(options)
      .setChromeService(new ServiceBuilder('/usr/bin/chromedriver'))
      .build();
    const page = new Page(driver, address, profile);
    await page.resize(LAPTOP);
    return page;
  }

  async close(): Promise<void> {
    await this.driver.quit();
    rmSync(this.profile, { recursive: true, force: true });
  }

  command(name: string, params: object): Promise<void> {
    return (this.driver as Driver).sendDevToolsCommand(name, params);
  }

  resize({ width, height }: Size): Promise<void> {
    return this.command('Emulation.setDeviceMetricsOverride', {
      width,
      height,
      deviceScaleFactor: 1,
      mobile: false,
    });
  }

  prefer(name: string, value: string): Promise<void> {
    return this.command('Emulation.setEmulatedMedia', { features: [{ name, value }] });
  }

  async go(path: string): Promise<void> {
    await this.driver.get(`${this.address}${path}`);
    await this.uncovered();
  }

  async reload(): Promise<void> {
    await this.driver.navigate().refresh();
    await this.uncovered();
  }

  /** Today may come as the server drew it: the page itself, which can do something, comes after. */
  private uncovered(): Promise<void> {
    return this.waitFor(async () => (await this.count('#first')) === 0, 'only what the server drew is there');
  }

  /** An element that is seen on the page. One drawn anew while it is looked for is looked for again. */
  async find(css: string): Promise<WebElement> {
    let found: WebElement | null = null;
    await this.waitFor(async () => {
      const element = await this.driver.findElement(By.css(css));
      if (await element.isDisplayed()) found = element;
      return found !== null;
    }, `nothing to be seen is ${css}`);
    if (!found) throw new Error(`nothing to be seen is ${css}`);
    return found;
  }

  /** The values of an attribute on everything that has it there. */
  async codes(css: string, attribute: string): Promise<string[]> {
    const found = await this.driver.findElements(By.css(css));
    return Promise.all(found.map(async (one) => (await one.getAttribute(attribute)) ?? ''));
  }

  count(css: string): Promise<number> {
    return this.driver.findElements(By.css(css)).then(({ length }) => length);
  }

  async click(css: string): Promise<void> {
    await this.waitFor(async () => {
      await this.hit(await this.find(css));
      return true;
    }, `${css} cannot be clicked`);
  }

  /** Replaces what stands in a field that has a label. A page being drawn anew takes the field away: then it is tried again. */
  async type(label: string, text: string): Promise<void> {
    await this.waitFor(async () => {
      const field = await this.labelled(label);
      if ((await field.getAttribute('type')) === 'date') await this.setValue(field, text);
      else await field.sendKeys(Key.chord(Key.CONTROL, 'a'), Key.DELETE, text);
      return true;
    }, `no field is called ${label}`);
  }

  /** Chooses an option by its words: of choices that lie open under a heading, or of a labelled list that opens. */
  async choose(label: string, option: string): Promise<void> {
    const open = By.xpath(
      `//fieldset[legend[contains(normalize-space(.), ${quoted(label)})]]//label[contains(normalize-space(.), ${quoted(option)})]`,
    );
    let isOpen = false;
    await this.waitFor(async () => {
      const [laidOpen] = await this.driver.findElements(open);
      if (laidOpen) await this.hit(laidOpen);
      isOpen = laidOpen !== undefined;
      return isOpen || (await this.count(`[role=combobox][aria-label*="${label}"]`)) > 0;
    }, `nothing to choose is called ${label}`);
    if (!isOpen) await this.pick(label, option);
  }

  /** Picks an option from a list that opens, by the words on its label and on the option. */
  async pick(label: string, option: string): Promise<void> {
    await this.waitFor(async () => {
      await this.hit(await this.driver.findElement(By.css(`[role=combobox][aria-label*="${label}"]`)));
      return true;
    }, `no list is called ${label}`);
    const path = By.xpath(`//*[@role='option'][contains(normalize-space(.), ${quoted(option)})]`);
    await this.waitFor(async () => {
      await this.hit(await this.driver.findElement(path));
      return true;
    }, `${label} has no option ${option}`);
    await this.waitFor(async () => (await this.count('[role=listbox]')) === 0, `${label} stays open`);
  }

  /** Presses a box, a circle or a field by its words. */
  async tick(label: string): Promise<void> {
    await this.waitFor(async () => {
      await this.hit(await this.labelled(label));
      return true;
    }, `nothing to press is called ${label}`);
  }

  async field(label: string): Promise<WebElement> {
    let field: WebElement | null = null;
    await this.waitFor(async () => {
      field = await this.labelled(label);
      return true;
    }, `no field is called ${label}`);
    if (!field) throw new Error(`no field is called ${label}`);
    return field;
  }

  private async labelled(label: string): Promise<WebElement> {
    const path = By.xpath(`//label[contains(normalize-space(.), ${quoted(label)})]`);
    const found = await this.driver.findElement(path);
    const id = await found.getAttribute('for');
    const field = id
      ? await this.driver.findElement(By.id(id))
      : await found.findElement(By.css('input, select'));
    // A box or a circle is drawn over its field, which is not seen itself: its words are what is pressed.
    return ((await field.getAttribute('class')) ?? '').includes('k-check-input') ? found : field;
  }

  async press(words: string, within = ''): Promise<void> {
    const saying = (test: string): By => By.xpath(`${within}//*[self::button or self::a][${test}]`);
    const exactly = saying(`normalize-space(.) = ${quoted(words)}`);
    const atFirst = saying(`starts-with(normalize-space(.), ${quoted(words)})`);
    await this.waitFor(async () => {
      const [exact] = await this.driver.findElements(exactly);
      const found = exact ?? (await this.driver.findElement(atFirst));
      // A press on what is greyed out does nothing: it waits until it would.
      if (!(await found.isEnabled())) return false;
      await this.hit(found);
      return true;
    }, `nothing to press says ${words}`);
  }

  /** The text of the page, or of a part of it, once it holds some words. */
  async says(words: string, css = 'body'): Promise<string> {
    let text = '';
    await this.waitFor(async () => {
      text = (await (await this.driver.findElement(By.css(css))).getText()).replace(/\s+/g, ' ');
      return text.includes(words);
    }, `${css} does not say “${words}”`).catch((error: unknown) => {
      throw new Error(`${String(error)}; it says: ${text.slice(0, 600)}`);
    });
    return text;
  }

  /** Waits on something visible; what is stale or not there yet is asked again. */
  async waitFor(condition: () => Promise<boolean>, message: string): Promise<void> {
    const asked = (): Promise<boolean> =>
      condition().catch((error: unknown) => {
        if (DEAD.test(String(error))) rethrown(error);
        return false;
      });
    await this.driver.wait(asked, PATIENCE_MS, message).catch(rethrown);
  }

  /** Cuts the connection, or gives it back; with a latency in milliseconds it is slow. */
  async connect(online: boolean, latency = 0): Promise<void> {
    await this.command('Network.enable', {});
    await this.command('Network.emulateNetworkConditions', {
      offline: !online,
      latency,
      downloadThroughput: -1,
      uploadThroughput: -1,
    });
  }

  /** The server's answer to the page. */
  answer<T>(path: string): Promise<T> {
    return this.driver.executeAsyncScript<T>(
      'const done = arguments[1]; fetch(arguments[0]).then((answer) => answer.json()).then(done)',
      path,
    );
  }

  /** Signs in to the demo account and opens its first home, with all of its tasks shown. */
  async signInToDemo(): Promise<void> {
    await this.go('/sign-in');
    await this.press('Look around with the demo homes');
    await this.click('[data-home="14 Juniper Bend"]');
    await this.showRest();
  }

  /** Shows the tasks of Today that are not of this week too. */
  async showRest(): Promise<void> {
    await this.find('.today > header');
    if ((await this.count('[data-act=show-rest][aria-expanded=false]')) > 0)
      await this.click('[data-act=show-rest]');
  }

  /** Opens Today, with all of its tasks shown. */
  async openToday(): Promise<void> {
    await this.visit('today');
    await this.showRest();
  }

  /** Goes to a page as people do: its place first, then the page; of the house to its rooms. */
  async visit(page: string): Promise<void> {
    const { place, isFirst, isAt } = whereIs(page);
    if (place !== null) {
      const css = `[data-place=${place}]`;
      if (place === 'howTo' && !(await this.isShown(css))) await this.fromMenu('How-to');
      else await this.clickShown(css);
    }
    if (!isFirst) await this.clickShown(`[data-go="${page}"]`);
    // Pressed on before it is there, the next link would call it off: one would stay where one was.
    await this.waitFor(async () => isAt(await this.driver.getCurrentUrl()), `${page} does not open`);
    // The house opens as a drawing; the tests look for its things by room.
    if (page === 'house') await this.press('By room');
  }

  private async isShown(css: string): Promise<boolean> {
    const found = await this.driver.findElements(By.css(css));
    const shown = await Promise.all(found.map((one) => one.isDisplayed()));
    return shown.includes(true);
  }

  /** Clicks the one of several that is shown: the head and the bar of a phone lead to the same places. */
  private async clickShown(css: string): Promise<void> {
    await this.waitFor(async () => {
      for (const one of await this.driver.findElements(By.css(css)))
        if (await one.isDisplayed()) {
          await this.hit(one);
          return true;
        }
      return false;
    }, `${css} is not shown`);
  }

  /** Clicks; what stands under a bar is first brought to the middle of the screen. */
  private async hit(element: WebElement): Promise<void> {
    await element.click().catch(async (error: unknown) => {
      if (!/intercepted/.test(String(error))) throw error;
      await this.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', element);
      await element.click();
    });
  }

  /** Chooses in the menu of the person. */
  async fromMenu(words: string): Promise<void> {
    await this.click('.person-menu');
    await this.menuItem(words);
  }

  /** Goes to another home and waits until it is there: the places of the head lead to its pages from then on. */
  async switchHome(name: string): Promise<void> {
    await this.click('.home-menu');
    await this.menuItem(name);
    await this.says(name, '.home-menu .name');
  }

  /** Chooses in the menu of a line of Today. */
  async act(onLine: string, words: string): Promise<void> {
    await this.click(`${onLine} [data-act=more]`);
    await this.menuItem(words);
  }

  /** Opens every part of the page that is folded to one line; the tab remembers it. */
  async unfold(): Promise<void> {
    await this.find('.k-fold-head');
    await this.driver.executeScript(
      "document.querySelectorAll('.k-fold-head[aria-expanded=false]').forEach((head) => head.click())",
    );
    await this.openRows();
  }

  /** Opens every row of a schedule that shows two lines of it. */
  async openRows(): Promise<void> {
    const folded = '[data-kept] [data-act=open][aria-expanded=false]';
    await this.waitFor(async () => {
      await this.driver.executeScript(`document.querySelectorAll('${folded}').forEach((row) => row.click())`);
      return (await this.count(folded)) === 0;
    }, 'some rows stay folded');
  }

  async menuItem(words: string): Promise<void> {
    const path = By.xpath(`//*[@role='menuitem'][contains(normalize-space(.), ${quoted(words)})]`);
    await this.waitFor(async () => {
      await this.hit(await this.driver.findElement(path));
      return true;
    }, `no menu says ${words}`);
  }

  /** The toast after an act, once it says some words. */
  async toast(words: string): Promise<string> {
    return this.says(words, '.k-toast-text');
  }

  /** How many sheets of A4 the page takes when it is printed. */
  async printedPages(): Promise<number> {
    return (await this.printed()).length;
  }

  /** The sheets the page is printed on, each as wide and high as the page itself asks for, else A4; in points. */
  async printed(): Promise<{ readonly width: number; readonly height: number }[]> {
    const printed = (await (this.driver as Driver).sendAndGetDevToolsCommand('Page.printToPDF', {
      paperWidth: 8.27,
      paperHeight: 11.69,
      preferCSSPageSize: true,
    })) as unknown as { data: string };
    const pdf = Buffer.from(printed.data, 'base64').toString('latin1');
    return [...pdf.matchAll(/\/MediaBox\s*\[\s*0 0 ([\d.]+) ([\d.]+)\s*\]/g)].map(([, width, height]) => ({
      width: Number(width),
      height: Number(height),
    }));
  }

  /** Violations axe finds on the page, in a line each: with all of it, with its colors only, or with everything but those. */
  async faults(of: 'all' | 'colors' | 'layout' = 'all'): Promise<string[]> {
    // Passed rules are not worth reporting; there are no frames to look into.
    const axe = new AxeBuilder(this.driver).options({ resultTypes: ['violations'] }).setLegacyMode();
    if (of === 'colors') axe.withRules([COLORS]);
    if (of === 'layout') axe.disableRules([COLORS]);
    const { violations } = await axe.analyze();
    return violations.map(
      ({ id, nodes }) =>
        `${id}: ${nodes.map(({ target, failureSummary }) => `${target.join(' ')} ${failureSummary ?? ''}`).join(' | ')}`,
    );
  }

  /** How far the page can be pushed sideways, in pixels. */
  overflow(): Promise<number> {
    return this.driver.executeScript<number>(
      'return document.documentElement.scrollWidth - window.innerWidth',
    );
  }

  /** Errors the browser logged, refusals by the server apart: those are answers. */
  async complaints(): Promise<string[]> {
    const entries = await this.driver.manage().logs().get(logging.Type.BROWSER);
    return entries
      .map(({ message }) => message)
      .filter((message) => !/Failed to load resource/.test(message));
  }

  private setValue(field: WebElement, text: string): Promise<void> {
    return this.driver.executeScript(
      'arguments[0].value = arguments[1]; arguments[0].dispatchEvent(new Event("input", { bubbles: true }));',
      field,
      text,
    );
  }
}

const quoted = (text: string): string => (text.includes("'") ? `"${text}"` : `'${text}'`);
export const line = (practice: string): string => `[data-line*="${practice}"]`;
