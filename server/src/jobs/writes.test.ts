import type { CommandBody } from '@barythm/contract/commands';
import type { JobResource } from '@barythm/contract/resources';
import { FAMILY_NAMES } from '@barythm/core/families';
import { isUntouched } from '@barythm/core/job';
import { v7 } from 'uuid';
import { frozenClock } from '../clock';
import { keepState, keepStateAfter } from '../register';
import { NOW, startTestServer, type TestServer } from '../testing/test-server';

let server: TestServer;
let open: JobResource['document'][];
beforeAll(async () => {
  server = await startTestServer({ demo: true });
  const { models } = server.database;
  // one more of each family: begun, and nothing touched yet
  for (const family of FAMILY_NAMES) {
    const pump = await models.pumps.findOne({ where: { family }, order: [['id', 'DESC']] });
    const pumpId = pump!.get('id') as string;
    await server.command({ kind: 'job.start', jobId: v7(), pumpId, visitId: v7(), date: '2026-11-24' }, 0);
  }
  const rows = await models.jobs.findAll({ where: { state: ['open', 'planned'] } });
  open = await Promise.all(rows.map((row) => read(row.get('id') as string)));
});
afterAll(() => server.stop());

const read = async (id: string) => ((await server.get(`/api/v1/jobs/${id}`)).body as JobResource).document;
const seen = (jobId: string): CommandBody => ({
  kind: 'job.record',
  jobId,
  recordId: v7(),
  record: { kind: 'messages', shows: '', takenFor: 'nothing', pump: 'runs', lastFaults: [] },
});

/** What the database is asked while something is done. */
async function asked(work: () => Promise<unknown>): Promise<string[]> {
  const said: string[] = [];
  const { options } = server.database.sequelize as unknown as { options: { logging: unknown } };
  options.logging = (sql: string) => void said.push(sql);
  await work();
  options.logging = false;
  return said;
}

/** What is kept of a pump for the round. */
async function kept(pumpId: string): Promise<unknown> {
  const { models } = server.database;
  const [state, dues] = await Promise.all([
    models.pump_states.findByPk(pumpId),
    models.dues.findAll({ where: { pumpId }, order: ['words', 'date'] }),
  ]);
  return { state: state?.get(), dues: dues.map((due) => ({ ...due.get(), id: 0 })) };
}

test('there are open jobs of all families to write to, some of them untouched', () => {
  expect(new Set(open.map(({ profile }) => profile.family)).size).toBe(FAMILY_NAMES.length);
  expect(open.some(isUntouched)).toBe(true);
  expect(open.every(isUntouched)).toBe(false);
});

test('a write asks the database nineteen times; twenty-six while its job touched nothing, as the one before it counts too', async () => {
  for (const document of open) {
    const { id, version } = document.job;
    const questions = await asked(() => server.command(seen(id), version));
    expect(questions.length).toBeLessThanOrEqual(isUntouched(document) ? 26 : 19);
    expect((await read(id)).job.version).toBe(version + 1);
  }
});

test('what a write keeps of its pump is what the pump read as a whole comes to', async () => {
  for (const { job, pump } of open) {
    await server.command(seen(job.id), (await read(job.id)).job.version);
    const after = await kept(pump.id);
    await keepState(server.database, frozenClock(NOW), pump.id);
    expect(after).toEqual(await kept(pump.id));
  }
});

test('what an earlier write comes to does not stand over what a later one did', async () => {
  const { job, pump } = open.find((document) => !isUntouched(document))!;
  const earlier = await read(job.id);
  await server.command(seen(job.id), earlier.job.version);
  const after = await kept(pump.id);
  const emptied = { ...earlier, records: [], entries: [], plans: [], lastLeft: null };
  await keepStateAfter(server.database, frozenClock(NOW), emptied);
  expect(await kept(pump.id)).toEqual(after);
  // of the version that stands it would have been kept
  const standing = { ...emptied, job: (await read(job.id)).job };
  await keepStateAfter(server.database, frozenClock(NOW), standing);
  expect(await kept(pump.id)).not.toEqual(after);
  await keepState(server.database, frozenClock(NOW), pump.id);
});

test('a write to a job that another one followed leaves the state of its pump to the later one', async () => {
  const [{ job, pump, unit, profile }] = open;
  const { models } = server.database;
  const visit = await models.jobs.findByPk(job.id);
  const row = { ...visit!.get(), id: v7(), plannedFor: '2026-11-25', state: 'planned', version: 0 };
  await models.jobs.create({ ...row, unitId: unit.id, profileId: profile.id });
  await server.command(seen(job.id), (await read(job.id)).job.version);
  const after = await kept(pump.id);
  await keepState(server.database, frozenClock(NOW), pump.id);
  expect(after).toEqual(await kept(pump.id));
});
