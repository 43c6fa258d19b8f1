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
    await browser.says('downloads', 'Received by Visitor');
  });
  process.stdout.write(
    `A job by thumb: ${thumb.inWords} (before: as found ${BEFORE['as found']}, prove ${BEFORE.prove}).\n`,
  );
  expect(thumb.counts.get('as found')).toBeLessThanOrEqual(BEFORE['as found'] * 0.6);
  expect(thumb.counts.get('prove')).toBeLessThanOrEqual(BEFORE.prove * 0.6);
}, 180_000);

async function asFound(thumb: Thumb) {
  const { browser } = stage;
  for (const step of ['stopped', 'isolated', 'pressure', 'chemical']) await thumb.tap(`safe-${step}`);
  await thumb.tap('identify-same');
  await thumb.tap('identify-profile');
  await thumb.tap('identify-save');
  await thumb.tap('same-gear');
  await thumb.figure('found-input-length', '58');
  await thumb.tap('same-mode');
  await thumb.tap('same-rate');
  await thumb.tap('same-range');
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
  for (const [x_mA, strokes] of [
    [4, 0],
    [8, 24],
    [12, 48],
    [16, 72],
    [20, 96],
    [0, 0],
  ]) {
    await browser.find(`reading-${x_mA}`);
    await thumb.figure('reading-strokes', String(strokes));
    await browser.says(`point-${x_mA}`, 'as expected');
  }
  await thumb.figure('live-display_m3h', '21');
  await thumb.figure('live-current_mA', '');
  await thumb.figure('live-rate_spm', '40');
  await thumb.figure('live-residual_mgl', '');
  await browser.says('live', 'Stroke rate: 40');
  await thumb.tap('leaving-covers');
  await thumb.words('automatic-seen', 'Strokes follow the flow.');
  await thumb.tap('automatic-save');
  await thumb.tap('to-hand-over');
}
