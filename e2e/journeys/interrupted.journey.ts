import { openStage, type Stage } from '../src/stage';
import { enterAllTargets } from '../src/technician';

const JOB = 'job-pump-pup-pool-2026-11-24';
let stage: Stage;
beforeAll(async () => {
  stage = await openStage({ width: 390, height: 844 });
}, 60_000);
afterAll(() => stage.close());

async function left(key: string): Promise<unknown[]> {
  const rows = await stage.database.models.sheet_entries.findAll({
    where: { jobId: JOB, kind: 'left', address: key },
    order: [['revision', 'ASC']],
  });
  return rows.map((row) => row.get('value'));
}

async function jobState(): Promise<unknown> {
  return (await stage.database.models.jobs.findByPk(JOB))?.get('state');
}

test('bad input, a reload in the middle, no network, breaking off and taking up again: nothing is lost', async () => {
  const { browser } = stage;
  await browser.walk('interrupted', async () => {
    await browser.goTo(`/job/${JOB}/set`);
    await browser.says('shown-rateB', '111');
    // one of the row shows something else: they are gone through one by one, after a reload too
    await browser.tap('row-left-apart');
    await browser.says('set-rateB', '111');
    await badInput();
    await reloadInTheMiddle();
    await withoutNetwork();
    await breakOff();
    await putBack();
  });
}, 180_000);

async function badInput() {
  const { browser } = stage;
  await browser.type('readback', 'eleven');
  await browser.tap('readback-save');
  await browser.says('set-rateB', '“eleven” is not a figure. Type a number, e.g. 12.5.');
  expect(await browser.value('readback')).toBe('eleven');
  await browser.type('readback', '1.1,1');
  await browser.tap('readback-save');
  await browser.says('set-rateB', 'Use one decimal mark only');
  expect(await left('signal/1/rateB')).toEqual([]);
}

async function reloadInTheMiddle() {
  const { browser } = stage;
  await browser.type('readback', '11');
  await browser.reload();
  await browser.says('set-rateB', '111');
  expect(await browser.value('readback')).toBe('11');
  await browser.type('readback', '111');
}

async function withoutNetwork() {
  const { browser } = stage;
  await browser.offline(true);
  await browser.tap('readback-save');
  await browser.says('set-below', 'Stop');
  await browser.tap('readback-stop');
  await browser.says('unsent', '2 entries are kept on this device');
  expect(await left('signal/1/rateB')).toEqual([]);
  await browser.offline(false);
  await browser.gone('unsent');
  await browser.until(
    'both entries reach the server, once',
    async () =>
      JSON.stringify([await left('signal/1/rateB'), await left('signal/1/below')]) === '[[111],["stop"]]',
  );
}

async function breakOff() {
  const { browser } = stage;
  await browser.says('set-wire', 'Stop and show');
  await browser.tap('break-off');
  await browser.tap('leave-part');
  await browser.says('break-off-card', 'Say why the work is broken off.');
  await browser.type('break-reason', 'Called to a flooded cellar.');
  await browser.tap('leave-part');
  await browser.until('the job is named part-changed', async () => (await jobState()) === 'part-changed');
  await browser.tap('stage-hand-over');
  await browser.says('gate', 'ANY-22 Stop on what is left: Left part-changed');
  await browser.goTo('/');
  await browser.says('job-SRC-DP-02', 'Left part-changed');
}

async function putBack() {
  const { browser } = stage;
  await browser.goTo(`/job/${JOB}/set`);
  await browser.tap('resume');
  await browser.tap('break-off');
  await browser.type('break-reason', 'No time to finish.');
  await browser.tap('put-back');
  // everything that was changed gets its found value back
  await browser.says('set-length', '70');
  await enterAllTargets(browser);
  await browser.until(
    'the database holds what was found',
    async () => (await left('signal/1/below')).at(-1) === 'hold',
  );
  expect((await left('stroke/1/length')).at(-1)).toBe(70);
  expect(await jobState()).toBe('put-back');
}

test('a job changed elsewhere meanwhile: what is of another thing goes beside it, what clashes is shown and goes on top when I say so', async () => {
  const { browser, address } = stage;
  await browser.walk('conflict', async () => {
    await browser.goTo(`/job/${JOB}/prove`);
    await browser.find('automatic-seen');
    const document = (await (await fetch(`${address}/api/v1/jobs/${JOB}`)).json()) as {
      document: { job: { version: number } };
    };
    const other = {
      id: '0193a000-0000-7000-8000-000000000001',
      baseVersion: document.document.job.version,
      recordedAt: '2026-11-24T10:31:00Z',
      device: 'other phone',
      actor: 'Workshop',
      body: {
        kind: 'job.record',
        jobId: JOB,
        recordId: 'other',
        record: { kind: 'discharge-safe', how: 'Discharge led into a container.' },
      },
    };
    // on another phone
    const sent = await fetch(`${address}/api/v1/commands`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(other),
    });
    expect(sent.status).toBe(200);
    await browser.tap('leaving-covers');
    await browser.type('automatic-seen', 'Runs in automatic.');
    await browser.tap('automatic-save');
    await browser.until('both writes are there', async () => {
      const records = await stage.database.models.records.findAll({ where: { jobId: JOB } });
      const kinds = records.map((row) => row.get('kind'));
      return kinds.includes('discharge-safe') && kinds.filter((kind) => kind === 'automatic').length === 1;
    });
  });
}, 90_000);
