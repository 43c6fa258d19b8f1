import { By, Key } from 'selenium-webdriver';
import { openStage, type Stage } from '../src/stage';

let stage: Stage;
beforeAll(async () => {
  stage = await openStage({ width: 1280, height: 800 });
}, 60_000);
afterAll(() => stage.close());

const send = async (...keys: string[]) => {
  const { driver } = stage.browser;
  await driver
    .actions()
    .sendKeys(...keys)
    .perform();
};
/** Whether the focus stands within something, by its test id. */
const stands = (within: string) =>
  stage.browser.driver.executeScript<boolean>(
    `return document.querySelector('[data-testid="${within}"]')?.contains(document.activeElement) ?? false`,
  );
/** The code of the first finding that something can be done with. */
async function firstCode(start: string): Promise<string> {
  const { browser } = stage;
  await browser.until(
    `something begins with “${start}”`,
    async () => (await browser.allOf(start)).length > 0,
  );
  return (await browser.allOf(start))[0].slice(start.length);
}
const focusOn = async (id: string) => {
  const element = await stage.browser.find(id);
  await stage.browser.driver.executeScript('arguments[0].focus()', element);
};

test('by keys alone: what is recorded and what is decided hand the focus on', async () => {
  const { browser } = stage;
  await browser.walk('by-keys', async () => {
    await browser.goTo('/pump/pump-seal-inlet');
    await browser.tap('start-job');
    // a row that goes with its button: the next one has the focus
    await focusOn('same-gear');
    await send(Key.ENTER);
    await browser.find('take-back-gear');
    await browser.until('the focus went on in the sheet', () => stands('found-sheet'));
    // a decision: into the reason, from there to what can still be done with it
    await browser.goTo('/job/job-pump-pup-pool-2026-11-24/hand-over');
    const code = await firstCode('decide-');
    await focusOn(`decide-${code}`);
    await send(Key.ENTER);
    await browser.find(`decide-reason-${code}`);
    await browser.until('the reason is typed next', () => stands(`decide-reason-${code}`));
    await send('Agreed with the site.', Key.TAB, Key.ENTER);
    await browser.says(`decided-${code}`, 'Agreed with the site.');
    await browser.until('it can be withdrawn next', () => stands(`withdraw-${code}`));
  });
}, 120_000);

test('by thumb nothing is focused, for a field would bring its pad', async () => {
  const { browser } = stage;
  await browser.walk('by-thumb', async () => {
    const code = await firstCode('withdraw-');
    await browser.tap(`withdraw-${code}`);
    await browser.find(`decide-reason-${code}`);
    const focused = await browser.driver.executeScript<string>('return document.activeElement.tagName');
    expect(focused).toBe('BODY');
    expect(await browser.driver.findElements(By.css('[data-testid="figure-pad"]'))).toEqual([]);
  });
}, 60_000);
