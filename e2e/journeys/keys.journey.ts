import { openStage, type Stage } from '../src/stage';
import { arrive } from '../src/technician';

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

test('a pump nobody knows: lamps and settings read by its keys, presses counted from them, the lamp that proves it', async () => {
  const { browser } = stage;
  const open = async (key: string) => {
    if (!(await browser.has(`found-row-${key}`))) await browser.tap(`found-menu-${MENU_OF[key]}`);
    await browser.tap(`found-row-${key}`);
  };
  const found = async (key: string, option: string) => {
    if (!(await browser.has(`found-choice-${key}`))) await open(key);
    await browser.tap(`found-choice-${key}-${option}`);
    await browser.find(`found-row-${key}`);
  };
  await browser.walk('keys-lamps', async () => {
    await browser.goTo('/pump/pump-quay');
    await browser.tap('start-job');
    await arrive(browser, []);
    await browser.type('found-input-length', '100');
    await browser.tap('record-length');
    // the lamp first, as one meets it
    await found('outside', 'steady');
    await open('mode');
    expect(await plain('way-mode')).toMatch(/hold Previous.*hold Set 3 s/);
    await found('mode', 'hand');
    await browser.says('otherwise-outside', 'with these settings: Dark');
    // the next one on the same way is one press on
    await browser.says('way-stopKind', '1 press; by way of home 3.');
    await found('stopKind', 'stops');
    await found('wire', 'off');
    // behind its code, digit by digit
    await open('dry');
    expect(await plain('way-dry')).toContain('code 27: Up ×2 Next Up ×7');
    await found('dry', 'stop');
    await found('cut', 'wait');
    await found('fault', 'go');
    // and once behind it, back by three presses
    await open('limit');
    expect(await plain('way-limit')).toMatch(/Previous ×3.*3 presses; by way of home 12\./);
    await browser.type('found-input-limit', '180');
    await browser.tap('record-limit');
    await browser.tap('to-plan');
    await browser.tap('agree-plan');
    if (await browser.has('power-back-save')) await browser.tap('power-back-save');
    const walked: string[] = [];
    for (;;) {
      await browser.until(
        'a card, or the end',
        async () =>
          (await browser.has('set-done')) ||
          (await browser.has('set-target')) ||
          (await browser.has('row-left-shown')),
      );
      if (await browser.has('set-done')) break;
      for (const id of await browser.allOf('dial-')) walked.push(await plain(id));
      const left = await browser.text('set-left');
      if (await browser.has('row-left-shown')) await browser.tap('row-left-shown');
      else if (await browser.has('readback-save')) {
        await browser.type('readback', /\d+/.exec(await browser.text('set-target'))?.[0] ?? '');
        await browser.tap('readback-save');
      } else await browser.choose('readback', (await browser.text('set-target')).trim());
      await browser.until(
        'the next card',
        async () => (await browser.has('set-done')) || (await browser.text('set-left')) !== left,
      );
    }
    expect(walked.join(' ')).toContain(
      'From HAnd: by hand to 4–20: signal, 2 presses; the first only makes it flash',
    );
    await browser.tap('to-prove');
    await browser.tap('safe-way-container');
    if (!(await browser.has('trying-seen-outside'))) await browser.tap('check-seen-outside');
    await browser.tap('seen-seen-outside-steady');
    await browser.says('check-seen-outside', 'as expected');
  });
}, 120_000);

/** The menus in which settings are found that no shown row leads to. */
const MENU_OF: Readonly<Record<string, string>> = {
  outside: 'shown',
  mode: 'mode',
  stopKind: 'outside',
  wire: 'outside',
  dry: 'limits',
  cut: 'limits',
  fault: 'limits',
  limit: 'limits',
};
