import type { WebDriver, WebElement } from 'selenium-webdriver';

/** A browser that paints nothing for a while still answers: at the next frame, or after a tenth of a second. */
const AT_NEXT_FRAME = `
  const atNextFrame = (work) => {
    let over = false;
    const once = () => {
      if (over) return;
      over = true;
      work();
    };
    requestAnimationFrame(once);
    setTimeout(once, 100);
  };
`;

/**
 * Waits in the page itself until the element with a test id is there and seen, and, where it is to be touched, until it has stood in
 * one place for three frames: one question to the browser, where looking from outside asks many times over. Answers null in vain.
 */
const LOOK = `
  ${AT_NEXT_FRAME}
  const [id, touched, wait_ms, done] = arguments;
  const until = performance.now() + wait_ms;
  const sized = (one) => { const { width, height } = one.getBoundingClientRect(); return width > 0 && height > 0; };
  const isSeen = (one) =>
    one.checkVisibility({ checkOpacity: true, checkVisibilityCSS: true }) &&
    (sized(one) || [...one.querySelectorAll('*')].some(sized));
  let last = '';
  let same = 0;
  let brought = null;
  const again = (soon) => (soon ? atNextFrame(look) : setTimeout(look, 15));
  const look = () => {
    const element = document.querySelector('[data-testid="' + CSS.escape(id) + '"]');
    if (!element || !isSeen(element)) return performance.now() > until ? done(null) : again(false);
    if (!touched) return done(element);
    if (element !== brought) {
      brought = element;
      same = 0;
      element.scrollIntoView({ block: 'center' });
    }
    const { x, y, width, height } = element.getBoundingClientRect();
    const now = [x, y, width, height].join();
    same = now === last ? same + 1 : 0;
    last = now;
    return same >= 2 || performance.now() > until ? done(element) : again(true);
  };
  look();
`;

/** What a page says of a question that it could not answer because it went away meanwhile. */
const WENT_AWAY: ReadonlySet<string> = new Set([
  'JavascriptError',
  'StaleElementReferenceError',
  'NoSuchWindowError',
  'WebDriverError',
  'ScriptTimeoutError',
]);

interface Looked {
  /** for a finger: brought into view, and at rest */
  readonly touched: boolean;
  readonly wait_ms: number;
}

/** The element with a test id, once it is seen; throws where it is not in time. */
export async function seen(driver: WebDriver, id: string, { touched, wait_ms }: Looked): Promise<WebElement> {
  let until = Date.now() + wait_ms;
  for (let stood = false; ;) {
    try {
      const left = Math.max(0, until - Date.now());
      const element = await driver.executeAsyncScript<WebElement | null>(LOOK, id, touched, left);
      if (element) return element;
    } catch (error) {
      const { name } = error as Error;
      if (!WENT_AWAY.has(name)) throw error;
      // a machine that stood still for longer than the wait has not looked yet: it looks once more
      if (name === 'ScriptTimeoutError' && !stood) {
        stood = true;
        until = Date.now() + wait_ms;
      }
    }
    if (Date.now() >= until) throw new Error(`“${id}” is not seen`);
  }
}

/** Brings an element that is held already into view, and lets what still moves around it come to rest. */
export async function atRest(driver: WebDriver, element: WebElement): Promise<void> {
  await driver.executeAsyncScript(
    `
      ${AT_NEXT_FRAME}
      const [element, done] = arguments;
      element.scrollIntoView({ block: 'center' });
      let last = '';
      let same = 0;
      const look = () => {
        const { x, y, width, height } = element.getBoundingClientRect();
        const now = [x, y, width, height].join();
        same = now === last ? same + 1 : 0;
        last = now;
        if (same >= 2 || !element.isConnected) done();
        else atNextFrame(look);
      };
      look();
    `,
    element,
  );
}
