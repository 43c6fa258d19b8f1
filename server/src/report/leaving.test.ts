import { writeFileSync } from 'node:fs';
import { execFileSync } from 'node:child_process';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { jsonSchemaOf, type JobFile } from '@barythm/contract/formats';
import { NO_NAME } from '@barythm/core/words';
import Ajv2020 from 'ajv/dist/2020';
import addFormats from 'ajv-formats';
import Papa from 'papaparse';
import { csvOf } from '.';
import { wordsOfPaper } from '../golden/paper-words';
import { startTestServer, type TestServer } from '../testing/test-server';

const JOB = 'job-pump-therapy-2026-10-28';
const base = `/api/v1/jobs/${JOB}`;
let server: TestServer;

beforeAll(async () => {
  server = await startTestServer({ demo: true });
});
afterAll(() => server.stop());

const pdfOf = async (from: TestServer) => (await from.app.inject(`${base}/hand-over.pdf`)).rawPayload;

test('the job’s file keeps to its published schema', async () => {
  const file = (await server.get(`${base}/job.json`)).body as JobFile;
  const ajv = addFormats(new Ajv2020({ strict: false }));
  const validate = ajv.compile(jsonSchemaOf('job'));
  expect(validate(file) ? [] : validate.errors).toEqual([]);
  expect(validate({ ...(file as object), format: 'other' })).toBe(false);
});

test('imported into an empty database, a job gives the same hand-over to the last byte', async () => {
  const file = (await server.get(`${base}/job.json`)).body as JobFile;
  const other = await startTestServer({ demo: false });
  try {
    const answer = await other.post('/api/v1/jobs/import', file);
    expect(answer.status).toBe(201);
    expect((await other.get(`${base}/job.json`)).body).toEqual(file);
    expect((await pdfOf(other)).equals(await pdfOf(server))).toBe(true);
    const again = await other.post('/api/v1/jobs/import', file);
    expect(again.status).toBe(409);
  } finally {
    await other.stop();
  }
});

test('where nobody was there to sign, the paper says so where the name and the signature would stand', async () => {
  const file = (await server.get(`${base}/job.json`)).body as JobFile;
  const handover = { ...file.document.handover!, signature: null, signedAs: NO_NAME };
  const other = await startTestServer({ demo: false });
  try {
    const alone = { ...file, document: { ...file.document, handover } };
    expect((await other.post('/api/v1/jobs/import', alone)).status).toBe(201);
    const words = wordsOfPaper(await pdfOf(other));
    expect(words).toContain('Nobody was there to sign.');
    expect(wordsOfPaper(await pdfOf(server))).not.toContain('Nobody was there');
  } finally {
    await other.stop();
  }
});

test('an import with one fault changes nothing', async () => {
  const file = (await server.get(`${base}/job.json`)).body as JobFile;
  const other = await startTestServer({ demo: false });
  try {
    const forged = { ...(file as JobFile), document: { ...(file as JobFile).document, profileHash: 'x' } };
    expect((await other.post('/api/v1/jobs/import', forged)).body).toMatchObject({
      errors: [{ field: 'document.profileHash' }],
    });
    const broken = await other.post('/api/v1/jobs/import', { ...(file as object), formatVersion: 9 });
    expect(broken.body).toMatchObject({ status: 400, errors: [{ field: 'formatVersion' }] });
    expect(await other.database.models.sites.count()).toBe(0);
  } finally {
    await other.stop();
  }
});

test('every paper is signed on its first page, however much is open; no page is left nearly empty', async () => {
  const handed = await server.database.models.jobs.findAll({ where: { state: 'handed-over' } });
  expect(handed.length).toBeGreaterThan(5);
  const ids = handed.map((job) => job.get('id') as string);
  const paths: string[] = [];
  for (const id of ids) {
    const { rawPayload } = await server.app.inject(`/api/v1/jobs/${id}/hand-over.pdf`);
    const path = join(tmpdir(), `barythm-${process.pid}-${id}.pdf`);
    writeFileSync(path, rawPayload);
    paths.push(path);
  }
  const reader = join(__dirname, '../../../e2e/src/pdf-text.mjs');
  const papers = execFileSync(process.execPath, [reader, ...paths], { encoding: 'utf8' })
    .trim()
    .split('\n\n');
  expect(papers).toHaveLength(ids.length);
  for (const [n, id] of ids.entries()) {
    const pages = papers[n].split('\n');
    expect([id, pages[0].includes('Next due') && pages[0].includes('Received')]).toEqual([id, true]);
    // the last page ends where the record ends
    for (const page of pages.slice(0, -1)) expect([id, page.length > 400]).toEqual([id, true]);
  }
}, 60_000);

test('the PDF’s first page is for the customer; then settings with reasons, and the readings', async () => {
  const path = join(tmpdir(), `barythm-${process.pid}.pdf`);
  writeFileSync(path, await pdfOf(server));
  const reader = join(__dirname, '../../../e2e/src/pdf-text.mjs');
  const output = execFileSync(process.execPath, [reader, path], { encoding: 'utf8' });
  // what follows the customer’s page runs on without a page of its own for each part
  const [first, ...rest] = output.split('\n');
  const settings = rest.join(' ');
  const readings = settings;
  for (const words of [
    'Hand-over: CLI-DP-01',
    'Dose, before and after',
    '1.08 mg/L',
    '0.99 mg/L',
    '6 of 6 signal points as expected',
    'Flow measured',
    // how much is open stands above the signature, wherever the list of it finds room
    'Nothing is open.',
    'Next due',
    'Received',
  ]) {
    expect(first).toContain(words);
  }
  expect(output).toContain('What is open, and who acts');
  expect(settings).toContain('Point 2, rate');
  expect(settings).toContain('0.401');
  expect(readings).toContain('Signal, mA');
  expect(readings).toContain('LC-0417');
  // what the settings rest on, and what was read on arrival, the gauge that was not there too
  expect(settings).toMatch(/Product Sodium hypochlorite.* by weight, as of \d+ \w+ \d{4}/);
  expect(settings).toContain('4 to 20 mA for 0 to 60 m³/h');
  expect(settings).toContain('On arrival signal 12.5 mA');
  expect(settings).toContain('discharge not read (No gauge fitted)');
});

test('the PDF is tagged: title, language, and every text in the tree of its structure', async () => {
  const raw = (await pdfOf(server)).toString('latin1');
  expect(raw).toContain('/Lang (en)');
  expect(raw).toMatch(/\/MarkInfo|\/Marked true/);
  expect(raw).toContain('/DisplayDocTitle true');
  const elements = (tag: string) => (raw.match(new RegExp(`/S /${tag}\\b`, 'g')) ?? []).length;
  expect(elements('Document')).toBe(1);
  expect(elements('H1')).toBe(1);
  expect(elements('H2')).toBeGreaterThanOrEqual(6);
  expect(elements('P')).toBeGreaterThan(60);
  // the chart and the strips of the day say in words what they show
  expect(elements('Figure')).toBe(raw.match(/\/Alt \(/g)?.length);
  expect(elements('Figure')).toBeGreaterThanOrEqual(2);
});

test('CSV: every line of the sheet and every reading; cells that look like formulas are made safe', async () => {
  const sheet = Papa.parse<Record<string, string>>((await server.get(`${base}/sheet.csv`)).text, {
    header: true,
  });
  const left = sheet.data.filter((row) => row.column === 'left');
  expect(left).toMatchObject([{ address: 'signal/1/rateB', value: '111', actor: 'Technician 1' }]);
  const readings = Papa.parse<Record<string, string>>((await server.get(`${base}/readings.csv`)).text, {
    header: true,
  });
  expect(readings.data.map((row) => row.injected_mA)).toEqual(['4', '8', '12', '16', '20', '0']);
  expect(
    csvOf({
      fields: ['raw', 'reason', 'value'],
      rows: [
        ['=1+1', '  @x', -4],
        [null, 'a, b', 2.5],
      ],
    }),
  ).toBe(`raw,reason,value\r\n"'=1+1","'  @x",-4\r\n,"a, b",2.5`);
});

test('a job that is not handed over has no hand-over yet', async () => {
  const answer = await server.get('/api/v1/jobs/job-pump-pup-pool-2026-11-24/hand-over.pdf');
  expect(answer.status).toBe(409);
  expect(answer.body).toMatchObject({ code: 'not-handed-over' });
});
