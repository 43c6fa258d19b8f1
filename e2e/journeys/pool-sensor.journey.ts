import { openStage, type Stage } from '../src/stage';
import { makeSafe, readAsReported } from '../src/technician';

let stage: Stage;
beforeAll(async () => {
  stage = await openStage({ width: 390, height: 844 });
}, 60_000);
afterAll(() => stage.close());

test('a water sensor that is off: compared on arrival, planned against, set, and compared again', async () => {
  const { browser, database } = stage;
  await browser.walk('pool-sensor', async () => {
    await browser.goTo('/pump/pool-pups');
    await browser.tap('start-job');
    await makeSafe(browser, ['stopped', 'people', 'live', 'no-hands']);
    await browser.tap('identify-source-own');
    await browser.tap('identify-all-same');
    await browser.tap('week-as-left');
    await browser.tap('sheet-as-left');
    await compare('21', '23.4', 'not as expected');
    // the pad goes with the field that it wrote to
    await browser.gone('figure-pad');
    await browser.tap('to-plan');
    await browser.says('finding-POO-19', 'Water sensor shows 2.4 K too little against the reference');
    await browser.says('target-waterOffset', 'Water sensor by itself shows 2.4 K too little');
    await browser.tap('agree-plan');
    await readAsReported(browser);
    await browser.says('set-target', '2.5');
    await browser.type('readback', '2.5');
    await browser.tap('readback-save');
    await browser.find('set-done');
    await browser.tap('to-prove');
    await browser.says('check-sensor-water', 'void: set again since');
    await compare('23.3', '23.4', 'as expected');
  });
  const rows = await database.models.jobs.findAll({ where: { pumpId: 'pool-pups', state: 'open' } });
  expect(rows).toHaveLength(1);
}, 120_000);

async function compare(shown: string, reference: string, says: string) {
  const { browser } = stage;
  await browser.tap('check-sensor-water');
  await browser.type('figure-shown_C', shown);
  await browser.type('figure-reference_C', reference);
  await browser.tap('check-save');
  await browser.says('check-sensor-water', says);
}
