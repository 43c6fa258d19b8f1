import type { JobResource } from '@barythm/contract/resources';
import { v7 } from 'uuid';
import { startTestServer, type TestServer } from '../testing/test-server';

const JOB = 'job-pump-pup-pool-2026-11-24';
let server: TestServer;
let version: number;

const job = async () => (await server.get(`/api/v1/jobs/${JOB}`)).body as JobResource;
const note = (seen: string) => ({
  kind: 'job.record' as const,
  jobId: JOB,
  recordId: v7(),
  record: { kind: 'automatic' as const, seen },
});
const rows = async () => server.database.models.commands.count();

beforeAll(async () => {
  server = await startTestServer({ demo: true });
});
afterAll(() => server.stop());
beforeEach(async () => {
  version = (await job()).document.job.version;
});

test('a command is applied once: sent again it gets the same answer and writes nothing', async () => {
  const body = note('once');
  const id = v7();
  const first = await server.command(body, version, { id });
  const count = await rows();
  const second = await server.command(body, version, { id });
  expect(first.status).toBe(200);
  expect(second).toEqual(first);
  expect(await rows()).toBe(count);
  expect((await job()).document.job.version).toBe(version + 1);
});

test('the same id with another body is refused', async () => {
  const id = v7();
  await server.command(note('one'), version, { id });
  const other = await server.command(note('two'), version + 1, { id });
  expect(other.status).toBe(409);
  expect(other.body).toMatchObject({ code: 'id-taken', errors: [{ field: 'id' }] });
});

const messages = (shows: string) => ({
  kind: 'job.record' as const,
  jobId: JOB,
  recordId: v7(),
  record: {
    kind: 'messages' as const,
    shows,
    takenFor: 'nothing' as const,
    pump: 'runs' as const,
    lastFaults: [],
  },
});

test('two people write different things on one version at the same moment: both are taken', async () => {
  const answers = await Promise.all([
    server.command(messages(`first ${version}`), version),
    server.command(note('beside it'), version),
  ]);
  expect(answers.map((answer) => answer.status)).toEqual([200, 200]);
  expect((await job()).document.job.version).toBe(version + 2);
});

test('two say something else of the same thing: the second is told both, and changes nothing', async () => {
  await server.command(messages('E 4'), version);
  const stale = await server.command(messages('E 7'), version);
  expect(stale.status).toBe(409);
  expect(stale.body).toMatchObject({
    code: 'stale',
    detail: expect.stringMatching(/Meanwhile, at \d\d:\d\d, Technician 1 wrote/),
    current: { job: { id: JOB, version: version + 1 } },
    yours: { baseVersion: version, body: { record: { shows: 'E 7' } } },
  });
  expect((await job()).document.job.version).toBe(version + 1);
  // near miss: the same words are no clash
  expect((await server.command(messages('E 4'), version)).status).toBe(200);
});

test('a version that the job has not reached is refused', async () => {
  expect((await server.command(note('early'), version + 5)).status).toBe(409);
});

test('every write carries who, when, from where and the server’s own order', async () => {
  await server.command(note('order'), version);
  const last = await server.database.models.commands.findOne({ order: [['sequence', 'DESC']] });
  expect(last?.get()).toMatchObject({
    kind: 'job.record',
    jobId: JOB,
    actor: 'Technician 1',
    device: 'test',
  });
  expect(last?.get('sequence')).toBe(await rows());
});

describe('bad input gets a problem that names the field, and changes nothing', () => {
  const cases: [string, Record<string, unknown>, string][] = [
    ['a type that is wrong', { baseVersion: 'three' }, 'baseVersion'],
    ['an id that is no UUID v7', { id: '6f7b1b0c-0000-4000-8000-000000000000' }, 'id'],
    ['an actor without a name', { actor: ' ' }, 'actor'],
    ['an actor whom no paper can print', { actor: 'Shift 😀' }, 'actor'],
    ['an actor of too many letters', { actor: 'x'.repeat(61) }, 'actor'],
    ['an instant that is none', { recordedAt: 'yesterday' }, 'recordedAt'],
    ['a kind that is none', { body: { kind: 'job.explode', jobId: JOB } }, 'body.kind'],
    ['a field too many', { surprise: 1 }, 'body'],
  ];
  test.each(cases)('%s', async (_, changes, field) => {
    const count = await rows();
    const answer = await server.command(note('x'), version, changes);
    expect(answer.status).toBe(400);
    const { errors } = answer.body as { errors: { field: string; words: string }[] };
    expect(errors.map((error) => error.field)).toContain(field);
    expect(errors.every((error) => error.words.length > 0)).toBe(true);
    expect(await rows()).toBe(count);
  });

  test('an unknown job', async () => {
    const answer = await server.command({ ...note('x'), jobId: 'nowhere' }, 0);
    expect(answer.status).toBe(404);
    expect(answer.body).toMatchObject({ errors: [{ field: 'id' }] });
  });

  test('a target outside the controller’s limits', async () => {
    const { document } = await job();
    const duty = document.plans[0].duty;
    const target = { entryId: v7(), address: 'signal/1/rateB', value: 500, unit: 'strokes/min', reason: '' };
    const answer = await server.command(
      { kind: 'plan.accept', jobId: JOB, planId: v7(), duty, targets: [target] },
      version,
    );
    expect(answer.status).toBe(422);
    expect(answer.body).toMatchObject({
      code: 'ANY-09',
      errors: [{ field: 'body.targets.0.value', words: expect.stringContaining('165') }],
    });
    expect((await job()).document.plans).toHaveLength(1);
  });

  test('broken JSON, an empty body and one over 1 MiB', async () => {
    const send = (payload: string) =>
      server.app.inject({
        method: 'POST',
        url: '/api/v1/commands',
        headers: { 'content-type': 'application/json' },
        payload,
      });
    expect((await send('{"id":')).json()).toMatchObject({ status: 400, errors: [{ field: 'body' }] });
    expect((await send('')).statusCode).toBe(400);
    expect((await send(JSON.stringify({ x: 'a'.repeat(1024 * 1024) }))).json()).toMatchObject({
      status: 413,
      code: 'too-large',
    });
  });
});

test('what was found is taken whatever it is, and flagged', async () => {
  const answer = await server.command(
    {
      kind: 'sheet.enter',
      jobId: JOB,
      entryId: v7(),
      address: 'limits/1/limit',
      column: 'found',
      raw: '999',
      unit: 'strokes/min',
      value: 999,
      reason: null,
    },
    version,
  );
  expect(answer.status).toBe(200);
  const pump = (await server.get('/api/v1/round')).body as {
    pumps: { tag: string; counts: { warn: number } }[];
  };
  expect(pump.pumps.find((row) => row.tag === 'SRC-DP-02')?.counts.warn).toBeGreaterThan(0);
});

test('a pump with a job open does not get a second one', async () => {
  const answer = await server.command(
    { kind: 'job.start', jobId: v7(), pumpId: 'pump-pup-pool', visitId: v7(), date: '2026-11-24' },
    0,
  );
  expect(answer.status).toBe(422);
  expect(answer.body).toMatchObject({ code: 'job-open' });
});

test('a new job joins the site’s visit of that date, and starts from what was reported', async () => {
  const jobId = v7();
  await server.command(
    { kind: 'job.start', jobId, pumpId: 'pump-seal-inlet', visitId: v7(), date: '2026-11-24' },
    0,
  );
  const { document } = (await server.get(`/api/v1/jobs/${jobId}`)).body as JobResource;
  expect(document.lastLeft).toMatchObject({ source: 'reported', values: { range: '0-20' } });
  expect(document.dutyBefore).toMatchObject({ signal: { span_m3h: 50 } });
  const visits = await server.database.models.visits.count({
    where: { siteId: 'site-seals', date: '2026-11-24' },
  });
  expect(visits).toBe(1);
});
