import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Builder, By, Key, until, type WebDriver, type WebElement } from 'selenium-webdriver';
import { Options, ServiceBuilder, type Driver } from 'selenium-webdriver/chrome';
import { drag, slide, swipe } from './gestures';
import { atRest, seen } from './seen';

/** The pad goes on within two frames; a field that records keeps the focus while it is still there. */
const MOVED_ON_MS = 500;
const WAIT_MS = 15_000;
/** How often a state is looked for: a screen is painted long before the driver’s own fifth of a second. */
const LOOKS_MS = 40;
/** The search for a plan ends by itself before this. */
const HEAVY_MS = 200_000;
/** The stages of a job, as its address ends. */
const STAGES: ReadonlySet<string> = new Set(['as-found', 'plan', 'set', 'prove', 'hand-over']);
const FLAGS = [
  '--headless',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--hide-scrollbars',
];

/** A phone's clock that goes on from a moment of our own: what is walked is the same on every day. */
const clockFrom = (ahead_ms: number) => `{
  const Real = Date;
  globalThis.Date = class extends Real {
    constructor(...parts) {
      if (parts.length === 0) super(Real.now() + ${ahead_ms});
      else super(...parts);
    }
    static now() {
      return Real.now() + ${ahead_ms};
    }
  };
}`;

/** A browser as a person uses it: taps, types, drags, and reads what is on the screen. Waits for states, never for time. */
export class Browser {
  private constructor(
    readonly driver: WebDriver,
    private readonly address: string,
    private readonly profile: string,
    private readonly failed: string,
  ) {}

  private wait_ms = WAIT_MS;
  /** touches since the walk began, as a thumb makes them: each digit on the pad is one, words on the phone’s own keyboard are not */
  private touches = 0;
  private readonly byStage = new Map<string, number>();

  /** Touches of the walk so far. */
  get count(): number {
    return this.touches;
  }

  static async open(
    address: string,
    { size, now }: { readonly size: { width: number; height: number }; readonly now: string },
    failed: string,
  ): Promise<Browser> {
    const profile = mkdtempSync(join(tmpdir(), 'barythm-chromium-'));
    const options = new Options();
    options.addArguments(...FLAGS, `--user-data-dir=${profile}`);
    options.setChromeBinaryPath('/usr/bin/chromium');
    const driver = await new Builder()
      .forBrowser('chrome')
      .setChromeOptions(options)
      .setChromeService(new ServiceBuilder('/usr/bin/chromedriver'))
      .build();
    const browser = new Browser(driver, address, profile, failed);
    const source = clockFrom(Date.parse(now) - Date.now());
    await browser.cdp('Page.addScriptToEvaluateOnNewDocument', { source });
    await browser.cdp('Emulation.setDeviceMetricsOverride', {
      ...size,
      deviceScaleFactor: 1,
      mobile: size.width < 600,
    });
    return browser;
  }

  cdp(command: string, params: object): Promise<unknown> {
    return (this.driver as Driver).sendAndGetDevToolsCommand(command, params) as Promise<unknown>;
  }

  async goTo(path: string): Promise<void> {
    await this.driver.get(`${this.address}${path}`);
  }

  async reload(): Promise<void> {
    await this.driver.navigate().refresh();
  }

  /** The element with a test id, once it is there and seen. */
  async find(id: string): Promise<WebElement> {
    return seen(this.driver, id, { touched: false, wait_ms: WAIT_MS });
  }

  /** The same for a finger: where a person would see it, and at rest. */
  private async reach(id: string): Promise<WebElement> {
    return seen(this.driver, id, { touched: true, wait_ms: WAIT_MS });
  }

  /** Test ids that begin so, in the order of the page. */
  async allOf(start: string): Promise<string[]> {
    const found = await this.driver.findElements(By.css(`[data-testid^="${start}"]`));
    return Promise.all(found.map(async (one) => (await one.getAttribute('data-testid')) ?? ''));
  }

  async has(id: string): Promise<boolean> {
    return (await this.driver.findElements(By.css(`[data-testid="${id}"]`))).length > 0;
  }

  /** Counts touches by the stage of the job that they are made in. */
  private async touched(count: number): Promise<void> {
    this.touches += count;
    const [stage] = /[^/]*$/.exec(new URL(await this.driver.getCurrentUrl()).pathname) ?? [''];
    const at = STAGES.has(stage) ? stage : 'before';
    this.byStage.set(at, (this.byStage.get(at) ?? 0) + count);
  }

  /** Taps an element. What makes room for the pad while one types comes back when the pad is closed. */
  async tap(id: string): Promise<void> {
    await this.touched(1);
    if (!(await this.has(id))) await this.closePad();
    await this.retryStale(async () => {
      await (await this.reach(id)).click();
    });
  }

  /** Test id of the field that has the focus; empty without one. */
  async focused(): Promise<string> {
    return this.driver.executeScript('return document.activeElement?.dataset.testid ?? ""');
  }

  /** Waits until another field than this has the focus, or none; a field that has something to say keeps it. */
  async movedOn(id: string): Promise<void> {
    const wrong = () =>
      this.driver.executeScript<boolean>('return document.activeElement?.ariaInvalid === "true"');
    await this.driver
      .wait(async () => (await this.focused()) !== id || (await wrong()), MOVED_ON_MS, undefined, LOOKS_MS)
      .catch(() => undefined);
  }

  /** Closes the figure pad where it is open; it may be closing by itself just now. */
  private async closePad(): Promise<void> {
    const [done] = await this.driver.findElements(By.css('[data-testid="pad-done"]'));
    await done?.click().catch(() => undefined);
  }

  /** Presses a key of the figure pad by what stands on it. */
  async tapKey(label: string): Promise<void> {
    await this.touched(1);
    await this.retryStale(async () => {
      const pad = await this.find('figure-pad');
      await pad.findElement(By.css(`[role="button"][aria-label="${label}"]`)).click();
    });
  }

  /** Types over whatever a field holds. */
  async type(id: string, text: string): Promise<void> {
    await this.retryStale(async () => {
      const element = await this.reach(id);
      await element.click();
      await element.sendKeys(Key.chord(Key.CONTROL, 'a'), Key.BACK_SPACE, text);
    });
    // one touch goes to the field; on the pad each digit is another, and so is its key that goes on
    await this.touched((await this.has('figure-pad')) ? text.length + 2 : 1);
  }

  /** Gives a file to a field that picks one. */
  async upload(id: string, path: string): Promise<void> {
    const input = await this.driver.wait(
      until.elementLocated(By.css(`[data-testid="${id}-input"]`)),
      WAIT_MS,
      `no “${id}”`,
    );
    await input.sendKeys(path);
  }

  async value(id: string): Promise<string> {
    return (await (await this.find(id)).getAttribute('value')) ?? '';
  }

  async text(id: string): Promise<string> {
    return (await this.find(id)).getText();
  }

  /** Waits until the element with this test id says what is expected. */
  async says(id: string, words: string | RegExp): Promise<void> {
    let last = '';
    await this.driver
      .wait(
        async () => {
          try {
            last = (await this.text(id)).replace(/\s+/g, ' ');
          } catch {
            return false;
          }
          return typeof words === 'string' ? last.includes(words) : words.test(last);
        },
        this.wait_ms,
        `“${id}” does not say “${String(words)}”`,
        LOOKS_MS,
      )
      .catch((error: Error) => {
        throw new Error(`${error.message}; it says “${last}”`);
      });
  }

  async gone(id: string): Promise<void> {
    await this.driver.wait(async () => !(await this.has(id)), WAIT_MS, `“${id}” is still there`, LOOKS_MS);
  }

  async until(what: string, holds: () => Promise<boolean>): Promise<void> {
    await this.driver.wait(holds, WAIT_MS, what, LOOKS_MS);
  }

  /** Drags from the middle of an element, by an offset, in steps as a hand does. */
  async drag(id: string, dx: number, dy: number): Promise<void> {
    await this.touched(1);
    await drag(this.driver, await this.reach(id), dx, dy);
  }

  /** Waits as long as a heavy computation may take. */
  async patient(wait: () => Promise<void>): Promise<void> {
    const usual = this.wait_ms;
    this.wait_ms = HEAVY_MS;
    try {
      await wait();
    } finally {
      this.wait_ms = usual;
    }
  }

  /** Presses keys on an element, one after another; a chord holds all but its last. */
  async press(id: string, ...chords: readonly (readonly string[])[]): Promise<void> {
    await this.retryStale(async () => {
      const element = await this.find(id);
      await element.sendKeys(...chords.map((chord) => (chord.length === 1 ? chord[0] : Key.chord(...chord))));
    });
  }

  /** Taps the choice with these words among those of a field. */
  async choose(id: string, words: string): Promise<void> {
    await this.touched(1);
    await this.retryStale(async () => {
      const group = await this.find(id);
      for (const option of await group.findElements(By.css('[role="radio"]'))) {
        if ((await option.getText()).trim() !== words) continue;
        await atRest(this.driver, option);
        await option.click();
        return;
      }
      throw new Error(`“${id}” has no choice “${words}”.`);
    });
  }

  /** Drags something that moves along under the pointer. */
  async slide(id: string, dx: number): Promise<void> {
    await slide(this.driver, await this.reach(id), dx);
  }

  /** Moves one finger over the glass, from the middle of an element. Answers how far the page scrolled. */
  async swipe(id: string, dx: number, dy: number): Promise<number> {
    const touch = (type: string, touchPoints: readonly object[]) =>
      this.cdp('Input.dispatchTouchEvent', { type, touchPoints });
    return swipe(this.driver, touch, await this.reach(id), { dx, dy });
  }

  /** What every screen must keep to: no sideways scroll at the size it has. */
  async widths(): Promise<{ inner: number; scroll: number }> {
    return this.driver.executeScript(
      'return { inner: window.innerWidth, scroll: document.documentElement.scrollWidth }',
    );
  }

  async offline(offline: boolean): Promise<void> {
    await this.cdp('Network.enable', {});
    await this.cdp('Network.emulateNetworkConditions', {
      offline,
      latency: 0,
      downloadThroughput: -1,
      uploadThroughput: -1,
    });
  }

  /** Scrolls an element to just under the top. */
  async bringToTop(id: string): Promise<void> {
    const element = await this.find(id);
    await this.driver.executeScript('arguments[0].scrollIntoView({ block: "start" })', element);
  }

  async fontsReady(): Promise<void> {
    await this.driver.executeAsyncScript(
      'const done = arguments[0]; document.fonts.ready.then(() => requestAnimationFrame(() => requestAnimationFrame(() => done())));',
    );
  }

  async picture(path: string): Promise<void> {
    writeFileSync(path, await this.driver.takeScreenshot(), 'base64');
  }

  /** Runs a journey's step by step and prints how many touches it took; a failure leaves a picture behind. */
  async walk(name: string, steps: () => Promise<void>): Promise<void> {
    this.touches = 0;
    this.byStage.clear();
    try {
      await steps();
      const stages = [...this.byStage].map(([stage, count]) => `${stage} ${count}`).join(', ');
      process.stdout.write(`${name}: ${this.touches} touches (${stages})\n`);
    } catch (error) {
      await this.picture(join(this.failed, `${name}.png`));
      throw error;
    }
  }

  async close(): Promise<void> {
    await this.driver.quit();
    rmSync(this.profile, { recursive: true, force: true });
  }

  private async retryStale(work: () => Promise<void>): Promise<void> {
    // a screen may be painted anew between finding and touching: a person would just look again
    for (let i = 0; ; i++) {
      try {
        return await work();
      } catch (error) {
        if (i >= 3 || (error as Error).name !== 'StaleElementReferenceError') throw error;
      }
    }
  }
}
