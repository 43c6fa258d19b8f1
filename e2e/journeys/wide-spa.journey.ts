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
