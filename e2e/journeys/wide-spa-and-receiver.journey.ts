import { openStage, type Stage } from '../src/stage';

let stage: Stage;
beforeAll(async () => {
  stage = await openStage({ width: 1280, height: 800 });
}, 60_000);
afterAll(() => stage.close());

test('on a wide screen: three phases, another rule by a tap, a smaller breaker at its field', async () => {
  const { browser } = stage;
  await browser.walk('wide-spa', async () => {
    await browser.goTo('/pump/spa-clinic');
    await browser.tap('plan-tomorrow');
    await browser.says('match-said', '14 and 16 fit');
    await browser.says('load-worst', '13.8 A');
    await browser.says('load-state', 'heater, pump 2 low, blower, on phase 2');
    await browser.says('load-margin', '14 % of 16 A are left.');
    // beside everything it takes more than the breaker: that row is said, and not offered
    await browser.says('rule-any', '19.4 A');
    await browser.gone('rule-choose-any');
    // findings stand beside the bar
    await browser.tap('duty-open-supply');
    await browser.type('duty-supply.breaker_A', '13');
    await browser.says('finding-SPA-04', 'Every row that fits takes more than the supply carries');
    await browser.says('load-margin', 'More than the breaker of 13 A.');
    const [card, finding] = await Promise.all(
      ['load-card', 'finding-SPA-04'].map(async (id) => (await browser.find(id)).getRect()),
    );
    expect(card.x + card.width <= finding.x || finding.x + finding.width <= card.x).toBe(true);
    // a breaker that carries all of it: the other rule is a tap away
    await browser.type('duty-supply.breaker_A', '25');
    await browser.tap('rule-choose-any');
    await browser.says('target-no', '16');
    await browser.says('load-worst', '19.4 A');
    await browser.says('rule-any', 'Planned');
    expect(await browser.widths()).toEqual({ inner: 1280, scroll: 1280 });
  });
}, 120_000);

test('on a wide screen: both controls side by side on the same gulps, and the other one by a tap', async () => {
  const { browser } = stage;
  await browser.walk('wide-receiver', async () => {
    await browser.goTo('/pump/transfer-cider');
    await browser.tap('plan-tomorrow');
    await browser.says('control-even', 'Planned');
    const delivered = async (control: string) =>
      Number(/([\d.]+)\s*°C/.exec((await browser.text(`control-${control}`)).replace(/\u00a0/g, ' '))?.[1]);
    const [even, level] = [await delivered('even'), await delivered('level')];
    expect(even).toBeLessThan(level);
    const [left, right] = await Promise.all(
      ['control-even', 'control-level'].map(async (id) => (await browser.find(id)).getRect()),
    );
    expect(left.x + left.width).toBeLessThanOrEqual(right.x);
    // foam carries the float: even-flow is not planned any more, and by hand it is warned of
    await browser.tap('duty-open-product');
    await browser.tap('duty-product.foams-yes');
    await browser.says('control-level', 'Planned');
    await browser.says('target-ctrl', 'Foam lifts the float');
    await browser.tap('control-choose-even');
    await browser.says('finding-LEV-04', 'Even-flow with foam');
    // a speed by hand that moves nothing is a stop, at once, beside it
    await browser.type('point-least', '1300');
    await browser.says('finding-LEV-01', 'with 4 m to lift nothing moves under 1397 rev/min');
    await browser.tap('controls-session-cleaning');
    await browser.says('control-even', 'Does not flood');
    expect(await browser.widths()).toEqual({ inner: 1280, scroll: 1280 });
  });
}, 120_000);
