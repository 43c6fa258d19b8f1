import type { Round } from '@barythm/contract/resources';
import { frozenClock } from '../clock';
import { labelCode, freeCode } from '../db';
import { keepState, refreshSlice } from '../register';
import { NOW, startTestServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ demo: true });
});
afterAll(() => server.stop());
const round = async (query = '') => (await server.get(`/api/v1/round${query}`)).body as Round;

test('one pump that cannot be worked out is said to be so, and the others stand as they did', async () => {
  const before = await round();
  const { models } = server.database;
  const victim = before.pumps[0];
  const broken = (duty: unknown) => ({ ...(duty as object), water: null, points: null, bodies: null });
  const jobs = await models.jobs.findAll({ where: { pumpId: victim.id } });
  for (const job of jobs) {
    await job.update({ dutyBefore: broken(job.get('dutyBefore')) });
    for (const plan of await models.plans.findAll({ where: { jobId: job.get('id') as string } })) {
      await plan.update({ duty: broken(plan.get('duty')) });
    }
  }
  const pump = await models.pumps.findByPk(victim.id);
  await pump!.update({ duty: broken(pump!.get('duty')) });
  await keepState(server.database, frozenClock(NOW), victim.id);
  const after = await round();
  expect(after.pumps.find(({ id }) => id === victim.id)?.worst).toMatch(/^Cannot be worked out, because /);
  const others = (all: Round) =>
    all.pumps.filter(({ id }) => id !== victim.id).map(({ tag, worst }) => [tag, worst]);
  expect(others(after)).toEqual(others(before));
});

test('what is long overdue is never pushed out by what is new: all of it counts, the most pressing first', async () => {
  const { models } = server.database;
  const pumps = await models.pumps.findAll({ limit: 1 });
  const pumpId = pumps[0].get('id') as string;
  await models.dues.bulkCreate(
    Array.from({ length: 300 }, (_, i) => ({
      pumpId,
      key: 'visit',
      stage: 'as-found',
      words: `Visit ${i}`,
      date: `2025-0${1 + (i % 9)}-01`,
    })),
  );
  const { due, dueTotal } = await round();
  expect(dueTotal).toBeGreaterThanOrEqual(300);
  expect(due.length).toBe(200);
  expect(due.filter(({ date }) => date !== null)[0].date).toBe('2025-01-01');
  expect(due.every(({ overdue, date }) => date === null || overdue === date < '2026-11-24')).toBe(true);
});

test('the day of the round is the phone’s', async () => {
  expect((await round('?day=2026-11-25')).date).toBe('2026-11-25');
  expect((await server.get('/api/v1/round?day=soon')).status).toBe(400);
  // half past ten in the morning by UTC is tomorrow where the phone is furthest east
  expect((await round('?zone=Pacific/Kiritimati')).date).toBe('2026-11-25');
  expect((await round('?zone=Pacific/Honolulu')).date).toBe('2026-11-24');
  expect((await server.get('/api/v1/round?zone=Nowhere/Land')).status).toBe(400);
});

test('pumps are looked at anew once a day, and once they were, nothing is left to do', async () => {
  const tomorrow = frozenClock('2026-11-25T10:30:00.000Z');
  let slices = 0;
  while (await refreshSlice(server.database, tomorrow)) slices += 1;
  expect(slices).toBeLessThan(5);
  const rows = await server.database.models.pump_states.findAll();
  expect(rows.length).toBeGreaterThan(5);
  expect(rows.every((row) => (row.get('asOf') as string) >= '2026-11-25')).toBe(true);
});

test('two tags whose first draw is one code get two codes', async () => {
  const { models, write } = server.database;
  const pump = (await models.pumps.findAll({ limit: 1 }))[0];
  await pump.update({ code: labelCode('another') });
  const code = await write((transaction) => freeCode(models, 'another', transaction));
  expect(code).toHaveLength(8);
  expect(code).not.toBe(labelCode('another'));
  expect(labelCode('another')).toHaveLength(8);
});

test('a search of three signs and more goes by the index, a shorter one looks at each; both find the same', async () => {
  const found = async (search: string) =>
    (
      (await server.get(`/api/v1/pumps?search=${encodeURIComponent(search)}`)).body as {
        items: { tag: string }[];
      }
    ).items.map(({ tag }) => tag);
  const all = await found('');
  // long enough that no name or note has it by chance
  const part = all[0].slice(0, 6);
  expect(await found(part)).toEqual(
    all.filter((tag) => tag.toLowerCase().includes(part.toLowerCase())).slice(0, 50),
  );
  expect((await found(all[0].slice(0, 2))).length).toBeGreaterThan(0);
  expect(await found('"; DROP TABLE pumps; --')).toEqual([]);
  expect(await found('%__')).toEqual([]);
});

test('the plate that was read in a job is the unit’s from then on, and what could not be read stays', async () => {
  const jobId = 'job-pump-pup-pool-2026-11-24';
  const { body } = await server.get(`/api/v1/jobs/${jobId}`);
  const { document } = body as {
    document: { job: { version: number }; pump: { id: string }; unit: { plate: Record<string, unknown> } };
  };
  await server.command(
    {
      kind: 'job.record',
      jobId,
      recordId: 'plate-read',
      record: {
        kind: 'identify',
        plate: { gear: 'B', greatest_spm: 95, rated_bar: null },
        serial: 'NEW-17',
        controllerAsProfile: true,
        note: '',
      },
    } as never,
    document.job.version,
  );
  const pump = (await server.get(`/api/v1/pumps/${document.pump.id}`)).body as {
    unit: { serial: string; plate: Record<string, unknown>; plateReadOn: string | null };
  };
  expect(pump.unit).toMatchObject({
    serial: 'NEW-17',
    plate: { gear: 'B', greatest_spm: 95, rated_bar: document.unit.plate.rated_bar },
    plateReadOn: '2026-11-24',
  });
});
