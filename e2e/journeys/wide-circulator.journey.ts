import { Key } from 'selenium-webdriver';
import { openStage, type Stage } from '../src/stage';

let stage: Stage;
beforeAll(async () => {
  stage = await openStage({ width: 1280, height: 800 });
}, 60_000);
afterAll(() => stage.close());

test('on a wide screen: the set head by mouse, keys and figure, the findings following at its side', async () => {
  const { browser } = stage;
  await browser.walk('wide-circulator', async () => {
    await browser.goTo('/pump/circulator-clinic');
    await browser.tap('plan-tomorrow');
    await browser.says('target-mode', 'Proportional');
    await browser.says('pump-over', 'Just what the duty needs.');
    const head = async () => Number(await browser.value('point-head'));
    const planned = await head();

    // by mouse, downwards: less than the duty needs is said at once
    await browser.drag('head-grip', 0, 40);
    await browser.until('the drag moved the head', async () => (await head()) < planned - 0.3);
    await browser.says('target-head', 'By hand: changed in the plan.');
    await browser.says('pump-over', 'less than the duty needs');
    await browser.says('finding-CIR-12', 'Set too low for the duty');
    // chart and findings stand beside each other
    const [chart, finding] = await Promise.all(
      ['pump-card', 'finding-CIR-12'].map(async (id) => (await browser.find(id)).getRect()),
    );
    expect(finding.x >= chart.x + chart.width || finding.x + finding.width <= chart.x).toBe(true);

    // by keys: up again, step by step, until it carries the duty
    const low = await head();
    const grip = await browser.find('head-grip');
    await grip.sendKeys(Key.ARROW_UP);
    await browser.until('one step up', async () => Math.abs((await head()) - low - 0.2) < 1e-9);
    await grip.sendKeys(Key.chord(Key.SHIFT, Key.ARROW_UP));
    await browser.until('ten more', async () => Math.abs((await head()) - low - 2.2) < 1e-9);

    // by a figure
    await browser.type('point-head', String(planned));
    await browser.says('pump-over', 'Just what the duty needs.');
    await browser.gone('finding-CIR-12');
    // another mode by a tap
    await browser.tap('mode-choose-constant');
    await browser.says('target-mode', 'Constant head');
    expect(await browser.widths()).toEqual({ inner: 1280, scroll: 1280 });
  });
}, 120_000);
