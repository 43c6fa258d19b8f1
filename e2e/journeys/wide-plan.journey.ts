import { Key } from 'selenium-webdriver';
import { openStage, type Stage } from '../src/stage';

const JOB = 'job-pump-pup-pool-2026-11-24';
let stage: Stage;
beforeAll(async () => {
  stage = await openStage({ width: 1280, height: 800 });
}, 60_000);
afterAll(() => stage.close());

test('on a wide screen: points moved by mouse and by keys, all figures following, and agreed', async () => {
  const { browser } = stage;
  await browser.walk('wide-plan', async () => {
    await browser.goTo(`/job/${JOB}/plan`);
    await browser.says('target-rateB', '111');
    await browser.says('expected-12', '12 56');

    // by mouse: up and to the left
    await browser.drag('grip-2', -60, 40);
    await browser.until(
      'the drag moved both figures',
      async () =>
        Number(await browser.value('point-currentB')) < 19 &&
        Number(await browser.value('point-rateB')) < 105,
    );
    const rate = Number(await browser.value('point-rateB'));
    await browser.says('target-rateB', `${rate} strokes/min`);
    await browser.says('target-rateB', 'By hand: changed in the plan.');

    // by keys: one step, then ten
    const grip = await browser.find('grip-2');
    await grip.sendKeys(Key.ARROW_DOWN);
    await browser.until(
      'one step down',
      async () => (await browser.value('point-rateB')) === String(rate - 1),
    );
    await grip.sendKeys(Key.chord(Key.SHIFT, Key.ARROW_DOWN));
    await browser.until('ten more', async () => (await browser.value('point-rateB')) === String(rate - 11));
    expect(await grip.getAttribute('aria-valuenow')).toBe(String(rate - 11));

    // by figures: a rate that leaves the band is said at once, beside the chart
    await browser.type('point-currentB', '20');
    await browser.type('point-rateB', '60');
    await browser.says('finding-MET-08', 'below the band');
    await browser.says('expected-12', '12 30');
    await browser.type('point-currentB', '20');
    await browser.type('point-rateB', '999');
    await browser.says('signal-card', 'This controller takes 0 to 165 strokes/min, step 1.');
    expect(await browser.widths()).toEqual({ inner: 1280, scroll: 1280 });

    // what was moved survives a reload; then back to what was worked out, and agreed
    await browser.reload();
    await browser.says('target-rateB', '60 strokes/min');
    await browser.tap('reset-hand');
    await browser.says('target-rateB', '111');
    await browser.type('point-rateB', '110');
    await browser.says('target-rateB', '110');
    await browser.tap('agree-plan');
    await browser.says('set-rateB', '110');
  });
  // the screen goes on before the server has answered
  await browser.until(
    'the server has both plans',
    async () => (await stage.database.models.plans.count({ where: { jobId: JOB } })) === 2,
  );
  const targets = await stage.database.models.sheet_entries.findAll({
    where: { jobId: JOB, kind: 'target', address: 'signal/1/rateB' },
    order: [['revision', 'ASC']],
  });
  const by = (whose: string | null) =>
    targets.filter((row) => row.get('by') === whose).map((row) => row.get('value'));
  // what was moved stands beside the plan's own, and not in its place
  expect([by(null), by('hand')]).toEqual([[111, 111], [110]]);
}, 120_000);

test('keys lead to places, and to the search', async () => {
  const { browser } = stage;
  await browser.walk('keys', async () => {
    await browser.goTo('/');
    await browser.find('pump-SRC-DP-01');
    const body = () => browser.driver.switchTo().activeElement();
    await (await body()).sendKeys('g', 't');
    await browser.find('tool-signal');
    await (await body()).sendKeys('/');
    await browser.until(
      'the search has the focus',
      async () => (await (await body()).getAttribute('data-testid')) === 'search',
    );
    await browser.type('search', 'acid');
    await browser.find('pump-NUR-DP-01');
    await browser.gone('pump-SRC-DP-01');
  });
}, 60_000);
