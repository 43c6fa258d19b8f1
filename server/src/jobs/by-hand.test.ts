import type { JobResource, PumpHistory } from '@barythm/contract/resources';
import { v7 } from 'uuid';
import { startTestServer, type TestServer } from '../testing/test-server';

const JOB = v7();
const PUMP = 'drive-nursery';
const SET = 'set/1/p1';
let server: TestServer;

const job = async () => ((await server.get(`/api/v1/jobs/${JOB}`)).body as JobResource).document;
const choose = async (by: 'hand' | 'found' | 'plan', value: number | null, reason = 'Asked by the site') =>
  server.command(
    { kind: 'target.choose', jobId: JOB, entryId: v7(), address: SET, by, value, unit: 'bar', reason },
    (await job()).job.version,
  );

beforeAll(async () => {
  server = await startTestServer({ demo: true });
  const date = '2026-11-24';
  await server.command({ kind: 'job.start', jobId: JOB, pumpId: PUMP, visitId: v7(), date, small: true }, 0);
});
afterAll(() => server.stop());

test('a job of a few settings stays one, and what was chosen comes back as it was written', async () => {
  expect((await choose('hand', 3.2)).status).toBe(200);
  const { job: own, entries } = await job();
  expect(own).toMatchObject({ small: true, state: 'planned' });
  expect(entries).toMatchObject([
    { address: SET, kind: 'target', by: 'hand', value: 3.2, reason: 'Asked by the site' },
  ]);
  await choose('found', null, '');
  await choose('plan', null, '');
  expect((await job()).entries.map(({ by }) => by)).toEqual(['hand', 'found', 'plan']);
});

test('a value outside the controller’s limits, or without a why, is turned down at its place', async () => {
  const outside = await choose('hand', 99);
  expect([outside.status, outside.body]).toMatchObject([422, { errors: [{ field: 'body.value' }] }]);
  const silent = await choose('hand', 3.2, ' ');
  expect([silent.status, silent.body]).toMatchObject([422, { errors: [{ field: 'body.reason' }] }]);
});

test('the pump’s history says by hand, and why', async () => {
  const reason = async () => {
    const { body } = await server.get(`/api/v1/pumps/${PUMP}/history`);
    const own = (body as PumpHistory).changes.filter(({ jobId }) => jobId === JOB);
    return own.map(({ from, to, reason: why }) => [from, to, why]);
  };
  const write = async (body: object) => server.command(body as never, (await job()).job.version);
  const record = (body: object) => write({ kind: 'job.record', jobId: JOB, recordId: v7(), record: body });
  const enter = (column: 'found' | 'left', value: number) =>
    write({
      kind: 'sheet.enter',
      jobId: JOB,
      entryId: v7(),
      address: SET,
      column,
      raw: String(value),
      unit: 'bar',
      value,
      reason: null,
    });
  const { unit } = await job();
  await record({ kind: 'make-safe', steps: ['stopped', 'by-itself', 'live', 'no-hands'] });
  await record({
    kind: 'identify',
    plate: unit.plate,
    serial: unit.serial,
    controllerAsProfile: true,
    note: '',
  });
  await choose('hand', 3.2);
  await enter('found', 3.1);
  expect((await enter('left', 3.2)).status).toBe(200);
  expect(await reason()).toEqual([['3.1', '3.2', 'By hand: Asked by the site.']]);
});

test('it leaves as a file and comes in again, by hand and small', async () => {
  const { body } = await server.get(`/api/v1/jobs/${JOB}/job.json`);
  const filed = body as { document: Awaited<ReturnType<typeof job>> };
  expect(filed.document.job.small).toBe(true);
  const other = await startTestServer({ demo: false });
  try {
    const answer = await other.post('/api/v1/jobs/import', filed);
    expect(answer.status).toBe(201);
    const { document } = (await other.get(`/api/v1/jobs/${JOB}`)).body as JobResource;
    expect(document.entries).toEqual(filed.document.entries);
    expect(document.job.small).toBe(true);
  } finally {
    await other.stop();
  }
});
