import { openStage, type Stage } from '../src/stage';
import { paperOf } from '../src/technician';
import { Thumb } from '../src/thumb';
import { prove } from '../src/visit';

let stage: Stage;
let pumpId = '';
beforeAll(async () => {
  stage = await openStage({ width: 390, height: 844 });
  pumpId = await newPump('GRE-IR-01');
}, 60_000);
afterAll(() => stage.close());

/** A pump that the register has just got: nobody knows what it is for. */
async function newPump(tag: string): Promise<string> {
  const answer = await fetch(`${stage.address}/api/v1/register/pumps`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      site: 'Greenhouse at the moor',
      site_place: 'Skerrow',
      zone: 'Atlantic/Faroe',
      tag,
      name: 'Irrigation booster',
      place: 'Pump house',
      profile: 'drive-wheel-text',
      model: 'Sample booster',
      serial: 'S-77',
      rated_W: '4000',
      current_A: '9.1',
      speed_rpm: '2910',
      volts_V: '400',
    }),
  });
  expect(answer.status).toBe(201);
  return ((await answer.json()) as { id: string }).id;
}

test('a change that can hurt, on a pump of which nobody knows the duty: its limits are asked, it is held against them, and the paper says which', async () => {
  const { browser } = stage;
  const thumb = new Thumb(browser);
  await browser.walk('limits-asked', async () => {
    await browser.goTo(`/pump/${pumpId}`);
    await thumb.tap('change-settings');
    await thumb.words('find-setting', 'set pressure');
    await thumb.tap('other-p1');
    await thumb.figure('hand-p1', '6');
    await thumb.tap('why-p1-1');
    await browser.says('finding-ANY-00', 'a limit that guards Set pressure is not entered');
    await browser.says('guard-p1', 'What guards Set pressure');
    await thumb.tap('guard-p1-holds.kind-pressure');
    await thumb.figure('guard-p1-rating.lowest_bar', '5');
    await thumb.tap('guard-check-p1');
    // what was typed is held against what is set
    await browser.says('finding-DRV-09', '5 bar');
    await thumb.tap('guard-p1-rating.lowest_bar');
    await browser.tapKey('Clear');
    await thumb.figure('guard-p1-rating.lowest_bar', '10');
    await thumb.tap('guard-check-p1');
    await browser.gone('finding-DRV-09');
  });
  expect(browser.count).toBeLessThanOrEqual(20);
  await thumb.tap('to-as-found');
  for (const step of ['stopped', 'by-itself', 'live', 'no-hands']) await thumb.tap(`safe-${step}`);
  await thumb.tap('identify-all-same');
  await thumb.figure('found-input-p1', '3');
  await browser.find('found-row-p1');
  await thumb.tap('to-set');
  await thumb.figure('readback', '6');
  await browser.find('set-done');
  await thumb.tap('to-prove');
  await prove(stage, thumb);
  await thumb.tap('to-hand-over');
  await thumb.draw('signature', 90, 30);
  await thumb.tap('hand-over');
  await browser.find('download-hand-over.pdf');
  const [, jobId] = /\/job\/([^/]+)/.exec(await browser.driver.getCurrentUrl()) ?? [];
  const paper = (await paperOf(stage, jobId)).join(' ');
  expect(paper).toContain('Set pressure: checked against');
  expect(paper).toContain('Lowest rating downstream 10 bar');
}, 120_000);

test('a duty of which only a part is known: what follows from it can be taken, and the rest says what it waits for', async () => {
  const { browser } = stage;
  const thumb = new Thumb(browser);
  const other = await newPump('GRE-IR-02');
  await browser.goTo(`/pump/${other}`);
  await thumb.tap('start-job');
  await thumb.tap('to-plan');
  await thumb.tap('duty-holds.kind-pressure');
  await browser.says('so-far', 'No setting follows from what is entered so far.');
  await thumb.figure('duty-pump.least_hz', '25');
  await thumb.figure('duty-pump.ramp_s', '3');
  await thumb.tap('duty-right-pump');
  await browser.says('so-far-waits', 'required at the least favourable tap');
  await thumb.tap('so-far-show');
  await browser.says('targets', 'Least frequency');
  await thumb.tap('so-far-take');
  await browser.says('gate', 'Checked only in part: the duty is not complete');
  // what was answered stands there when somebody comes back to it
  await thumb.tap('stage-plan');
  await browser.says('so-far', '17 settings follow from what is entered so far.');
}, 120_000);
