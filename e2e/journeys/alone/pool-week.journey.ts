import { Key } from 'selenium-webdriver';
import { openStage, type Stage } from '../../src/stage';

let stage: Stage;
beforeAll(async () => {
  stage = await openStage({ width: 390, height: 844 });
}, 60_000);
afterAll(() => stage.close());

test('programs dragged by mouse and by keys, the cheapest plan taken, and a week that no plan meets', async () => {
  const { browser } = stage;
  await browser.walk('pool-week', async () => {
    await browser.goTo('/pump/pool-therapy');
    await browser.tap('plan-tomorrow');
    await browser.says('program-0-times', '0:00–12:00');
    await drag();
    await byFinger();
    await cheapest();
    await noPlan();
    await badInput();
  });
}, 400_000);

/** A day is about 290 px wide on a phone: a quarter of an hour is 3 px. */
async function drag() {
  const { browser } = stage;
  const hour = (await (await browser.find('block-0-1')).getRect()).width / 12;
  // the second program's start is pulled in first, so that the first has room
  await browser.tap('block-1-1');
  await browser.slide('block-1-1-start', 3 * hour);
  await browser.says('program-1-times', '15:00–0:00');
  await browser.slide('block-0-1', 2 * hour);
  await browser.says('program-0-times', '2:00–14:00');
  await browser.says('cost-target', '182.6 m³ needed');
  // the same by keys: a step, an hour, and with Alt the end alone
  await browser.press('block-0-1', [Key.ARROW_LEFT]);
  await browser.says('program-0-times', '1:45–13:45');
  await browser.press('block-0-1', [Key.SHIFT, Key.ARROW_LEFT]);
  await browser.says('program-0-times', '0:45–12:45');
  await browser.press('block-0-1', [Key.ALT, Key.ARROW_RIGHT]);
  await browser.says('program-0-times', '0:45–13:00');
  await browser.press('block-0-1-start', [Key.ARROW_RIGHT]);
  await browser.says('program-0-times', '1:00–13:00');
  // and as figures; the night on which the clocks change is told of
  await browser.type('program-0-start', '1:30');
  await browser.says('program-0-times', '1:30–13:00');
  await browser.says('program-0-night', 'On 28 Mar 2027 there is no 1:30: the clock skips it.');
  await browser.says('finding-POO-22', 'are moved; 182.6 m³ are needed');
}

/** A finger that starts sideways moves the program; one that starts up or down scrolls the page and moves nothing. */
async function byFinger() {
  const { browser } = stage;
  const hour = (await (await browser.find('block-0-1')).getRect()).width / 11.5;
  // the first few pixels only tell which way the finger goes
  await browser.swipe('block-0-1', -hour - 10, 0);
  await browser.says('program-0-times', /–12:[0-9]{2}$/);
  const moved = await browser.text('program-0-times');
  expect(await browser.swipe('block-0-1', 6, -160)).toBeLessThan(-60);
  expect(await browser.text('program-0-times')).toBe(moved);
  await browser.tap('programs-undo');
  await browser.says('program-0-times', '1:30–13:00');
}

async function cheapest() {
  const { browser } = stage;
  await browser.tap('cheapest-find');
  await browser.says('cheapest-progress', 'Searching');
  await browser.tap('cheapest-cancel');
  await browser.says('cheapest-error', 'Cancelled.');
  await browser.tap('cheapest-find');
  await browser.patient(() =>
    browser.says('cheapest-bound', /(Proven cheapest|[Ww]ithin [\d.]+ % of the cheapest)/),
  );
  // on a busy machine the first search may end before it is there
  if (!(await browser.text('cheapest-found')).includes('in the cheapest hours')) {
    await browser.tap('cheapest-longer');
  }
  await browser.patient(() => browser.says('cheapest-found', 'in the cheapest hours at 0.18'));
  await browser.says('cheapest-against', 'the week above');
  await browser.tap('cheapest-take');
  await browser.gone('finding-POO-22');
  await browser.says('saving', 'SKR');
}

async function noPlan() {
  const { browser } = stage;
  await browser.tap('duty-open-water');
  await browser.type('duty-bodies.0.turnoversPerDay', '9');
  await browser.tap('cheapest-find');
  await browser.patient(() =>
    browser.says('cheapest-none', 'No plan meets this, because these are in each other’s way'),
  );
  await browser.says('cheapest-none', '410.9 m³ a day, and at most');
  await browser.type('duty-bodies.0.turnoversPerDay', '4');
}

async function badInput() {
  const { browser } = stage;
  // points at one speed, and a gap in the prices: said at their place, and nothing typed is lost
  await browser.tap('duty-open-points');
  await browser.tap('duty-points.2-remove');
  await browser.tap('duty-points.1-remove');
  await browser.tap('duty-points-add');
  await browser.type('duty-points.1.speed_rpm', '1000');
  await browser.type('duty-points.1.flow_m3h', '6');
  await browser.type('duty-points.1.power_W', '90');
  await browser.says('duty-part-points', 'All points are at one speed: measure at a second speed.');
  await browser.type('duty-points.1.speed_rpm', '2000');
  await browser.type('duty-points.1.power_W', '545');
  await browser.type('duty-points.1.flow_m3h', '12.2');
  await browser.find('cost-target');
  await browser.tap('duty-open-tariff');
  await browser.type('duty-tariff.windows.0.to', '6:00');
  await browser.says('duty-part-tariff', 'No price from 6:00 to 6:30.');
  await browser.type('duty-tariff.windows.0.to', '6:30');
  await browser.find('cost-target');
  await browser.type('duty-tariff.windows.0.to', '26:00');
  await browser.says('duty-part-tariff', '“26:00” is no time of day.');
  await browser.reload();
  await browser.says('duty-part-tariff', '“26:00” is no time of day.');
}
