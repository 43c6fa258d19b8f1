import type { PumpResource, Round } from '@barythm/contract/resources';
import { v7 } from 'uuid';
import { startTestServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer({ demo: true });
});
afterEach(() => server.stop());

const TUB = 'pump-tub';
const visits = async () => ((await server.get('/api/v1/round?day=2026-11-24')).body as Round).visits;
const dayOf = async (jobId: string) =>
  (await visits()).filter(({ jobs }) => jobs.some(({ id }) => id === jobId)).map(({ date }) => date);
const start = async (pumpId: string, date: string) => {
  const jobId = v7();
  const { status } = await server.command({ kind: 'job.start', jobId, pumpId, visitId: v7(), date }, 0);
  expect(status).toBe(200);
  return jobId;
};
const move = (jobId: string, date: string) =>
  server.command({ kind: 'job.move', jobId, visitId: v7(), date }, 0);

test('a planned job goes to the visit of another day, with the others of its site, and back', async () => {
  const jobId = await start(TUB, '2026-11-25');
  const other = await start('circulator-clinic', '2026-11-27');
  expect(await dayOf(jobId)).toEqual(['2026-11-25']);
  expect((await move(jobId, '2026-11-27')).status).toBe(200);
  const together = (await visits()).filter(({ jobs }) => jobs.some(({ id }) => id === other));
  expect(together.map(({ jobs }) => jobs.map(({ id }) => id).sort())).toEqual([[jobId, other].sort()]);
  expect((await server.get(`/api/v1/pumps/${TUB}`)).body as PumpResource).toMatchObject({
    latest: { job: { plannedFor: '2026-11-27', state: 'planned' } },
  });
  expect((await move(jobId, '2026-11-25')).status).toBe(200);
  expect(await dayOf(jobId)).toEqual(['2026-11-25']);
});

test('a day that is over, and a job that was begun, are refused in words; sent twice it is one move', async () => {
  const jobId = await start(TUB, '2026-11-25');
  const told = async (date: string) => {
    const { status, body } = await move(jobId, date);
    return [status, (body as { errors?: { words: string }[] }).errors?.[0].words];
  };
  expect(await told('2026-11-23')).toEqual([422, 'That day is over: choose today or a later one.']);
  const id = v7();
  const once = { kind: 'job.move', jobId, visitId: v7(), date: '2026-11-26' } as const;
  const first = await server.command(once, 0, { id });
  expect((await server.command(once, 0, { id })).body).toEqual(first.body);
  await server.command(
    { kind: 'job.record', jobId, recordId: v7(), record: { kind: 'make-safe', steps: ['stopped'] } },
    0,
  );
  expect(await told('2026-11-28')).toEqual([422, 'This job was begun: its day stays as it is.']);
  expect(await dayOf(jobId)).toEqual(['2026-11-26']);
});
