import { openStage, type Stage } from '../src/stage';
import { arrive, handOverText, returnToAutomatic, signAndHandOver } from '../src/technician';

let stage: Stage;
beforeAll(async () => {
  stage = await openStage({ width: 390, height: 844 });
}, 60_000);
afterAll(() => stage.close());

test('a head that locks on gas: seen on the bench before the pump is touched, and handed over with the same day', async () => {
  const { browser } = stage;
  await browser.walk('gas', async () => {
    await browser.goTo('/pump/pump-quarantine');
    await browser.says('finding-MET-15', 'squeezing gas at 40 % stroke reaches 1.87 bar');
    await browser.tap('to-bench');
    await bench();
    await browser.goTo('/pump/pump-quarantine');
    await browser.tap('start-job');
    await arrive(browser, [
      'length',
      'operation',
      'manualRate',
      'currentA',
      'rateA',
      'currentB',
      'rateB',
      'below',
      'wire',
      'limit',
      'power',
    ]);
    await browser.tap('to-plan');
    await browser.says('target-length', '100');
    await browser.says('capacity-card', 'Needed at most');
    await browser.tap('agree-plan');
    await browser.type('readback', '100');
    await browser.tap('readback-save');
    await browser.find('set-rateB');
    const [target] = (await browser.text('set-target')).match(/\d+/)!;
    await browser.type('readback', target);
    await browser.tap('readback-save');
    await browser.find('set-done');
    await browser.tap('to-prove');
    await browser.tap('safe-way-out-of-use');
    await browser.tap('check-holds');
    await browser.tap('seen-holds-stays');
    await returnToAutomatic(browser, 'Current signal on the display.');
    await browser.says('same-day-found', '0 % of the time in the required band');
    await browser.says('same-day-left', 'of the time in the required band');
    await signAndHandOver(browser);
  });
  const [first] = await handOverText(stage, 'pump-quarantine');
  expect(first).toContain('0 % of the time in the required band');
  expect(first).toContain('100 % of the time in the required band');
}, 180_000);

async function bench() {
  const { browser } = stage;
  await browser.says('bench-headline', /9\d\.\d+ % in the band/);
  await browser.says('sum-locked', /Locked by gas, min 7\d\d 0/);
  await browser.says('happenings-0', 'Gas lock: it strokes and nothing flows.');
  expect(await browser.widths()).toEqual({ inner: 390, scroll: 390 });
  // the pressure over one stroke shows why
  await browser.tap('stroke-show');
  await browser.says('stroke-0', 'of gas in the head: the rise comes late.');
  // a fault thrown in while it plays
  await browser.tap('bench-play');
  await browser.says('bench-play', 'Pause');
  await browser.tap('bench-play');
  await browser.tap('throw-broken-wire');
  await browser.says('happenings-1', 'Signal wire breaks.');
  await browser.says('bench-events', 'Signal wire breaks');
  // bad input is said at its place; the run stays
  await browser.tap('event-add');
  await browser.type('event-at', 'noon');
  await browser.tap('event-save');
  await browser.says('event-new', 'Enter a time, e.g. 6:30.');
  await browser.type('event-at', '12:00');
  await browser.tap('event-kind-pressure');
  await browser.tap('event-save');
  await browser.says('event-new', 'A figure in bar.');
  await browser.type('event-amount', '3');
  await browser.tap('event-save');
  await browser.says('happenings-0', 'Back pressure changes: 3 bar.');
  // a week, and back; the edited copy against what was found
  await browser.tap('bench-days-7');
  await browser.says('bench-clock', 'day');
  await browser.tap('bench-days-1');
  await browser.tap('sheet-second-edited');
  await browser.type('edit-length', '60');
  await browser.says('bench-sums', 'Edited copy, over the day; as found');
}

test('water from a file: faults by line and column, nothing taken in; then a good one', async () => {
  const { browser } = stage;
  const { mkdtempSync, writeFileSync } = await import('node:fs');
  const folder = mkdtempSync('/tmp/barythm-csv-');
  const file = (name: string, flow: (hour: number) => string) => {
    const rows = Array.from({ length: 24 }, (_, hour) => `${hour}:00;${flow(hour)}`);
    writeFileSync(`${folder}/${name}`, ['time;flow', ...rows].join('\n'));
    return `${folder}/${name}`;
  };
  await browser.walk('water-file', async () => {
    await browser.goTo('/bench/pump-acid');
    await browser.tap('bench-shape-csv');
    await browser.upload(
      'bench-csv',
      file('bad.csv', (hour) => (hour === 3 ? 'much' : '5,5')),
    );
    await browser.says('bench-water', 'Line 5, column 2: “much” is not a flow: enter a number, e.g. 12.5.');
    await browser.upload(
      'bench-csv',
      file('good.csv', (hour) => `${hour},5`),
    );
    await browser.says('csv-loaded', '24 flows, 60 min each.');
    await browser.find('bench-headline');
  });
}, 60_000);
