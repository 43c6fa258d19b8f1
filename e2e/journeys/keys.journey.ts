import { openStage, type Stage } from '../src/stage';

let stage: Stage;
beforeAll(async () => {
  stage = await openStage({ width: 390, height: 844 });
}, 60_000);
afterAll(() => stage.close());

const plain = async (id: string) => (await stage.browser.text(id)).replace(/\s+/g, ' ');

test('an unknown controller is read by its keys, each setting from the one before it', async () => {
  const { browser } = stage;
  await browser.walk('keys-found', async () => {
    await browser.goTo('/pump/drive-nursery');
    await browser.tap('start-job');
    // nobody said what the display shows: home first
    await browser.says('way-kind', 'home first');
    expect(await plain('way-kind')).toMatch(/hold Back.*hold Wheel.*until “Control”.*until “Holds”/);
    await browser.tap('display-else');
    await browser.tap('display-at-home');
    await browser.says('way-kind', 'The display shows “pressure and speed”.');
    await browser.tap('same-kind');
    // one turn of the wheel on the same page
    await browser.says('way-seen', '1 press; by way of home 5.');
    expect(await plain('way-seen')).toMatch(/turn Wheel until “Units seen”/);
    await browser.tap('same-seen');
    // the next menu is reached from here
    await browser.says('way-amps', '“main menu, Control, Units seen”');
    expect(await plain('way-amps')).not.toContain('hold');
  });
}, 90_000);

test('three changes are made in one walk through the menu', async () => {
  const { browser } = stage;
  await browser.walk('keys-set', async () => {
    await browser.goTo('/job/job-pump-pup-pool-2026-11-24/set');
    const presses: number[] = [];
    for (const key of ['rateB', 'below', 'wire']) {
      const [, count] = /(\d+) press(?:es)?; by way of home/.exec(await plain(`way-${key}`)) ?? [];
      if (count) presses.push(Number(count));
    }
    // the first by way of home, then three presses and one
    expect(presses).toEqual([3, 1]);
    await browser.tap('row-left-shown');
    await browser.find('set-done');
  });
}, 90_000);
