import { openStage, type Stage } from '../src/stage';
import { Thumb } from '../src/thumb';

let stage: Stage;
beforeAll(async () => {
  stage = await openStage({ width: 390, height: 844 });
}, 60_000);
afterAll(() => stage.close());

/** Taps that the stages with most figures took before the pad recorded and went on by itself. */
const BEFORE = { 'as found': 65, prove: 60 } as const;

test('a 4–20 mA pump takes little more than half the taps that it took: figures are typed without leaving the pad', async () => {
  const { browser } = stage;
  const thumb = new Thumb(browser);
  await browser.walk('taps', async () => {
    thumb.begin('as found');
    await browser.goTo('/pump/pump-seal-inlet');
    await thumb.tap('start-job');
    await asFound(thumb);
    thumb.begin('plan');
    await browser.says('target-length', '77');
    await thumb.tap('agree-plan');
    thumb.begin('set');
    await thumb.figure('readback', '77');
    await browser.says('set-range', '4–20 mA');
    await thumb.tap('readback-4-20');
    await thumb.tap('to-prove');
    thumb.begin('prove');
    await prove(thumb);
    thumb.begin('hand over');
    await thumb.draw('signature', 90, 30);
    await thumb.tap('hand-over');
    await browser.says('downloads', 'Signed; no name given');
  });
  process.stdout.write(
    `A job by thumb: ${thumb.inWords} (before: as found ${BEFORE['as found']}, prove ${BEFORE.prove}).\n`,
  );
  expect(thumb.counts.get('as found')).toBeLessThanOrEqual(BEFORE['as found'] * 0.6);
  expect(thumb.counts.get('prove')).toBeLessThanOrEqual(BEFORE.prove * 0.6);
}, 180_000);

/** Taps of a whole new pump, from the register to its hand-over, before. */
const NEW_PUMP_BEFORE = 200;

test('a new pump on 4–20 mA, from the register to its hand-over, in 110 touches at most', async () => {
  const { browser } = stage;
  const thumb = new Thumb(browser);
  await browser.walk('taps-new', async () => {
    thumb.begin('register');
    await browser.goTo('/register/new?site=site-hostel');
    await thumb.words('new-tag', 'LHH-DP-09');
    await thumb.words('new-name', 'Nutrient A');
    await thumb.words('new-place', 'Boiler house');
    await thumb.tap('new-profile-open');
    await thumb.tap('new-profile-motor-three-gears');
    await thumb.words('new-model', 'Motor pump, 0.1 mL head');
    await thumb.words('new-serial', 'MM-7');
    await thumb.tap('new-gear-B');
    await thumb.lastFigure('new-rated_bar', '10');
    thumb.begin('as found');
    await thumb.tap('start-job');
    await thumb.figure('now-current_mA', '4');
    await thumb.figure('now-display_m3h', '0');
    await thumb.lastFigure('now-rate_spm', '0');
    for (const step of ['stopped', 'chemical', 'no-hands']) await thumb.tap(`safe-${step}`);
    await thumb.tap('identify-source-flow');
    await thumb.tap('identify-all-same');
    await thumb.figure('found-input-length', '100');
    await thumb.tap('found-choice-mode-man');
    await thumb.figure('found-input-rate', '50');
    await thumb.tap('found-choice-range-0-20');
    await browser.says('found-sheet', '5 of 5 settings recorded');
    await thumb.tap('to-plan');
    thumb.begin('plan');
    await plan(thumb);
    thumb.begin('set');
    await set(thumb);
    thumb.begin('prove');
    await prove(thumb);
    thumb.begin('hand over');
    await thumb.draw('signature', 90, 30);
    await thumb.tap('hand-over');
    await browser.says('downloads', 'Signed; no name given');
  });
  process.stdout.write(`A new pump by thumb: ${thumb.inWords} (before: about ${NEW_PUMP_BEFORE}).\n`);
  expect(thumb.total).toBeLessThanOrEqual(110);
}, 180_000);

async function plan(thumb: Thumb) {
  const { browser } = stage;
  await browser.find('duty-mode');
  await thumb.tap('duty-mode-analog');
  await thumb.figure('duty-signal.span_m3h', '80');
  for (const [field, digits] of [
    ['water.least_m3h', '6'],
    ['water.usual_m3h', '20'],
    ['water.greatest_m3h', '40'],
    ['dose.wanted_mgl', '1.2'],
    ['dose.low_mgl', '1'],
    ['dose.high_mgl', '1.5'],
  ]) {
    await thumb.figure(`duty-${field}`, digits);
  }
  // a product that the workshop knows
  await thumb.tap('duty-product-prod-nutrient');
  await thumb.figure('duty-strokeVolume.full_mL', '0.1');
  await thumb.tap('duty-strokeVolume.basis-plate');
  await thumb.tap('duty-place.interlocked-no');
  await browser.until('there is a plan', () => browser.has('target-length'));
  // what the form began with is no answer yet
  for (const part of await browser.allOf('duty-right-')) await thumb.tap(part);
  await thumb.tap('agree-plan');
}

/** Every target is typed or chosen as the card says it. */
async function set(thumb: Thumb) {
  const { browser } = stage;
  for (;;) {
    await browser.until(
      'a card, or the end',
      async () => (await browser.has('readback')) || (await browser.has('set-done')),
    );
    if (await browser.has('set-done')) break;
    const target = (await browser.text('set-target')).replace(/\u00a0/g, ' ').trim();
    const left = await browser.text('set-left');
    if (await browser.has('readback-save')) await thumb.figure('readback', target.split(' ')[0]);
    else await thumb.choose('readback', target);
    await browser.until(
      'the next card',
      async () =>
        (await browser.has('set-done')) || (await browser.text('set-left').catch(() => left)) !== left,
    );
  }
  await thumb.tap('to-prove');
}

async function asFound(thumb: Thumb) {
  const { browser } = stage;
  for (const step of ['stopped', 'chemical', 'no-hands']) await thumb.tap(`safe-${step}`);
  await thumb.tap('identify-all-same');
  await thumb.figure('found-input-length', '58');
  await thumb.tap('same-mode');
  // what is not used in this mode comes last
  await thumb.tap('same-range');
  await thumb.tap('same-rate');
  await browser.says('found-sheet', '5 of 5 settings recorded');
  // one row of figures: the pad goes from field to field, and its key records the last
  await thumb.figure('now-current_mA', '10.4');
  await thumb.figure('now-display_m3h', '20');
  await thumb.figure('now-rate_spm', '50');
  await thumb.figure('now-pressure_bar', '3');
  await thumb.figure('now-counter', '');
  await thumb.figure('now-residual_mgl', '1.3');
  await browser.says('readings-now', 'Residual: 1.3');
  await thumb.tap('to-plan');
}

async function prove(thumb: Thumb) {
  const { browser } = stage;
  await thumb.tap('safe-way-container');
  await thumb.tap('instrument-ins-loop');
  // low, middle and high agree: what lies between is not asked
  for (const x_mA of [4, 12, 20]) {
    const row = await browser.text(`reading-${x_mA}`);
    const expected = Math.round(Number(/Expected\s+([\d.]+)/.exec(row)?.[1]));
    await thumb.figure('reading-strokes', String(expected));
    await browser.says(`point-${x_mA}`, 'as expected');
  }
  for (const x_mA of [0, 3.5, 21]) {
    if (await browser.has('reading-stopped')) await thumb.tap('reading-stopped');
    else {
      const row = await browser.text(`reading-${x_mA}`);
      await thumb.figure('reading-strokes', String(Math.round(Number(/Expected\s+([\d.]+)/.exec(row)?.[1]))));
    }
    await browser.says(`point-${x_mA}`, 'as expected');
  }
  await thumb.figure('live-display_m3h', '21');
  await thumb.lastFigure('live-rate_spm', '40');
  await browser.says('live', 'Stroke rate: 40');
  await thumb.tap('leaving-covers');
  await thumb.tap('automatic-plain');
  await thumb.tap('to-hand-over');
}
