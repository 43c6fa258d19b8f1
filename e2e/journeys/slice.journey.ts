import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { jsonSchemaOf } from '@barythm/contract/formats';
import Ajv2020 from 'ajv/dist/2020';
import addFormats from 'ajv-formats';
import Papa from 'papaparse';
import { openStage, type Stage } from '../src/stage';

let stage: Stage;
beforeAll(async () => {
  stage = await openStage({ width: 390, height: 844 });
}, 60_000);
afterAll(() => stage.close());

test('a badly set pump, from the round to the hand-over and its files', async () => {
  const { browser } = stage;
  await browser.walk('slice', async () => {
    await browser.goTo('/');
    await browser.says('pump-SRC-DP-01', 'Range mismatch: 4–20 sent, 0–20 read');
    expect(await browser.widths()).toEqual({ inner: 390, scroll: 390 });
    await browser.tap('pump-SRC-DP-01');
    await browser.says('finding-MET-01', 'With no flow at all it runs at 20 %');
    await browser.tap('start-job');
    await asFound();
    await plan();
    await set();
    await prove();
    await handOver();
  });
  await files(await jobId());
}, 180_000);

async function asFound() {
  const { browser } = stage;
  for (const step of ['stopped', 'isolated', 'pressure', 'chemical']) {
    await browser.tap(`safe-${step}`);
    await browser.until(
      `“${step}” is ticked`,
      async () => (await (await browser.find(`safe-${step}`)).getAttribute('aria-checked')) === 'true',
    );
  }
  // the plate is not confirmed by leaving it empty
  await browser.tap('identify-differs');
  await browser.tap('identify-save');
  await browser.says('identify', 'Follow the cable and choose.');
  await browser.tap('identify-same');
  await browser.tap('identify-profile');
  await browser.tap('identify-save');
  await browser.says('identify', 'Serial MM-20931, gear B, 96 strokes/min');

  // the gear that is stamped is the one that is in: it is not read twice
  await browser.says('found-row-gear', 'B');
  await browser.type('found-input-length', '58 %');
  await browser.tap('record-length');
  await browser.tap('same-mode');
  await browser.tap('same-range');
  // what is not used in this mode comes last
  await browser.tap('unread-rate');
  await browser.tap('unread-save-rate');
  await browser.says('found-rate', 'Say why it could not be read.');
  await browser.type('unread-reason-rate', 'Not shown in this mode.');
  await browser.tap('unread-save-rate');
  await browser.says('found-sheet', '5 of 5 settings recorded');
  await browser.says('found-row-length', '58');
  await browser.says('found-row-rate', 'could not be read: Not shown in this mode.');

  await browser.type('now-current_mA', '10,4');
  await browser.type('now-display_m3h', '20');
  await browser.type('now-rate_spm', '50');
  await browser.type('now-residual_mgl', '1.3');
  await browser.tap('now-save');
  await browser.says('readings-now', 'Signal current: 10.4 mA');
  await browser.tap('to-plan');
}

async function plan() {
  const { browser } = stage;
  // C = 151.25·½^(20/120) = 134.75 g/L; q(50 m³/h) = 50·1.2/134.75 = 0.4453 L/h; of 0.576 L/h that is 77 %
  await browser.says('target-length', '77');
  await browser.says('target-range', '4–20 mA');
  await browser.says('dose-card', /As found .*leaves the band.*Target .*within the band at every flow/);
  await browser.says('expected-12', '12 48 0.222');
  // a wrong figure is said at its field, and the plan waits
  await browser.tap('duty-open-dose');
  await browser.type('duty-dose.wanted_mgl', '0');
  await browser.says('duty-part-dose', 'This must be more than 0.');
  await browser.type('duty-dose.wanted_mgl', '1,2');
  await browser.says('target-length', '77');
  await browser.tap('agree-plan');
}

async function set() {
  const { browser } = stage;
  // the display is dead until the power is back
  await browser.tap('power-back-save');
  await browser.says('set-length', '77');
  expect(await browser.value('readback')).toBe('');
  await browser.type('readback', '71');
  await browser.tap('readback-save');
  await browser.says('set-differs', 'The display shows 71 %, not 77 %.');
  await browser.type('readback', '77');
  await browser.tap('readback-save');
  await browser.says('set-range', '4–20 mA');
  await browser.tap('readback-4-20');
  await browser.says('set-done', 'Everything is entered and read back.');
  await browser.tap('to-prove');
}

async function read(x_mA: number, strokes: number, flow?: string) {
  const { browser } = stage;
  if (!(await browser.has(`reading-${x_mA}`))) await browser.tap(`point-${x_mA}`);
  await browser.type('reading-strokes', String(strokes));
  if (flow) await browser.type('reading-flow', flow);
  await browser.tap('reading-save');
  await browser.says(`point-${x_mA}`, `counted ${strokes}`);
}

async function prove() {
  const { browser } = stage;
  expect(await browser.has('points')).toBe(false);
  await browser.tap('safe-way-container');
  await browser.tap('instrument-ins-loop');
  // the range was read back but did not take: two readings at low signal name it
  await read(8, 38);
  await read(12, 58);
  await browser.says('pattern-range', 'Range mismatch: the pump reads 0–20 mA');
  await browser.tap('stage-set');
  await browser.tap('again-range');
  await browser.tap('readback-4-20');
  await browser.says('sheet-range', 'entered and read back');
  await browser.tap('stage-prove');
  await browser.says('point-12', 'void: set again since');
  await read(4, 0);
  await read(8, 24);
  await read(12, 48);
  await read(16, 72);
  await read(20, 96, '0.44');
  await read(0, 0);
  await browser.gone('pattern-range');
  await browser.says('point-20', 'as expected');
  await browser.type('live-display_m3h', '21');
  await browser.type('live-rate_spm', '40');
  await browser.tap('live-save');
  await browser.says('live', 'Stroke rate: 40');
  await browser.gone('figure-pad');
  await browser.tap('automatic-save');
  await browser.says('automatic', 'Say what you saw');
  await browser.tap('leaving-covers');
  await browser.type('automatic-seen', 'Analog on the display, strokes follow the flow.');
  await browser.tap('automatic-save');
  await browser.says('automatic', 'Returned to automatic');
  await browser.tap('to-hand-over');
}

async function handOver() {
  const { browser } = stage;
  await browser.says('dose-found', 'Leaves the required band');
  await browser.says('dose-left', 'Within the required band');
  await browser.says('proved', '6 of 6 signal points as expected.');
  await browser.says('proved', /Flow measured: [\d.]+ L\/h at \d+ mA/);
  await browser.says('changed', 'Stroke length: 58 % → 77 %');
  await browser.tap('hand-over');
  await browser.says('sign', 'Nobody has signed yet.');
  await browser.type('next-due', '2027-05-24');
  await browser.drag('signature', 90, 30);
  await browser.tap('hand-over');
  await browser.says('downloads', 'Signed; no name given, 24 Nov 2026. Next due 24 May 2027.');
  await browser.find('download-hand-over.pdf');
}

async function jobId(): Promise<string> {
  const row = await stage.database.models.jobs.findOne({ where: { pumpId: 'pump-seal-inlet' } });
  expect(row?.get('state')).toBe('handed-over');
  return row?.get('id') as string;
}

async function files(id: string) {
  const fetched = (file: string) => fetch(`${stage.address}/api/v1/jobs/${id}/${file}`);
  const path = join(tmpdir(), `barythm-journey-${process.pid}.pdf`);
  writeFileSync(path, Buffer.from(await (await fetched('hand-over.pdf')).arrayBuffer()));
  const text = execFileSync(process.execPath, [join(__dirname, '../src/pdf-text.mjs'), path], {
    encoding: 'utf8',
  });
  for (const words of [
    'Hand-over: SRC-DP-01',
    'Leaves the required band',
    'Within the required band at every flow',
  ]) {
    expect(text).toContain(words);
  }
  expect(text).toContain('6 of 6 signal points as expected');
  expect(text).toContain('24 May 2027');
  expect(text).toContain('void: set again after it');

  const job = (await (await fetched('job.json')).json()) as {
    document: {
      readings: { reading: { strokes: number } }[];
      entries: { address: string; kind: string; raw: string }[];
    };
  };
  const validate = addFormats(new Ajv2020({ strict: false })).compile(jsonSchemaOf('job'));
  expect(validate(job) ? [] : validate.errors).toEqual([]);
  expect(job.document.readings.map((row) => row.reading.strokes)).toEqual([38, 58, 0, 24, 48, 72, 96, 0]);

  const sheet = Papa.parse<Record<string, string>>(await (await fetched('sheet.csv')).text(), {
    header: true,
  });
  const lines = sheet.data.map((row) => `${row.column} ${row.address} ${row.raw}`);
  expect(lines).toEqual(
    expect.arrayContaining(['found drive/1/length 58 %', 'left drive/1/length 71', 'left drive/1/length 77']),
  );
  const readings = Papa.parse<Record<string, string>>(await (await fetched('readings.csv')).text(), {
    header: true,
  });
  expect(readings.data.filter((row) => row.flow_lph !== '')).toMatchObject([
    { injected_mA: '20', flow_lph: '0.44' },
  ]);
}
