import { Origin, type WebDriver, type WebElement } from 'selenium-webdriver';

/** How many steps a hand's way is made in. */
const STEPS = 5;
const STEP_MS = 20;

/** The pointer goes to the middle of an element, down, by an offset in steps, and up. */
export async function drag(driver: WebDriver, element: WebElement, dx: number, dy: number): Promise<void> {
  const actions = driver.actions({ async: true }).move({ origin: element }).press();
  for (let i = 1; i <= STEPS; i++) {
    actions.move({
      origin: element,
      x: Math.round((dx * i) / STEPS),
      y: Math.round((dy * i) / STEPS),
      duration: STEP_MS,
    });
  }
  await actions.release().perform();
}

/** The same sideways with something that moves along under the pointer: each step goes on from where the pointer is. */
export async function slide(driver: WebDriver, element: WebElement, dx: number): Promise<void> {
  const actions = driver.actions({ async: true }).move({ origin: element }).press();
  let gone = 0;
  for (let i = 1; i <= STEPS; i++) {
    const x = Math.round((dx * i) / STEPS) - gone;
    gone += x;
    actions.move({ origin: Origin.POINTER, x, y: 0, duration: STEP_MS });
  }
  await actions.release().perform();
}

/** One finger over the glass, from the middle of an element: a touch, no mouse. Answers how far the page scrolled. */
export async function swipe(
  driver: WebDriver,
  touch: (type: string, touchPoints: readonly object[]) => Promise<unknown>,
  element: WebElement,
  { dx, dy }: { readonly dx: number; readonly dy: number },
): Promise<number> {
  const at: { x: number; y: number } = await driver.executeScript(
    'const box = arguments[0].getBoundingClientRect(); return { x: box.x + box.width / 2, y: box.y + box.height / 2 }',
    element,
  );
  const place = () => element.getRect().then(({ y }) => y);
  const before = await place();
  await touch('touchStart', [at]);
  for (let i = 1; i <= 8; i++) await touch('touchMove', [{ x: at.x + (dx * i) / 8, y: at.y + (dy * i) / 8 }]);
  await touch('touchEnd', []);
  return (await place()) - before;
}
