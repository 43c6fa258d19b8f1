import { connect, type AddressInfo } from 'node:net';
import type { Round } from '@barythm/contract/resources';
import type { PumpResource } from '@barythm/contract/resources';
import { MOST_IN_JOB } from '@barythm/core/visit';
import { v7 } from 'uuid';
import { frozenClock } from '../clock';
import { keepState } from '../register';
import { States } from '../states';
import { NOW, startTestServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ demo: true });
});
afterAll(() => server.stop());

const profile = async () => {
  const { body } = await server.get('/api/v1/pumps/pump-quarantine');
  return structuredClone((body as PumpResource).profile) as unknown as {
    id: string;
    groups: object[];
    parameters: { key: string; group: string; role?: string; appliesWhen?: object }[];
  };
};
const publish = async (change: (one: Awaited<ReturnType<typeof profile>>) => void) => {
  const one = await profile();
  one.id = `odd-${v7()}`;
  change(one);
  return server.post('/api/v1/profiles', one);
};
const plain = (one: Awaited<ReturnType<typeof profile>>, key: string, group: string) => {
  const { role: _, appliesWhen: __, ...rest } = one.parameters[0];
  return { ...rest, key, group };
};
const faults = (answer: { text: string }) => answer.text;

describe('a profile is bounded', () => {
  test('by its places: one step over is refused in words, one step under is taken', async () => {
    const places = (count: number) =>
      publish((one) => {
        one.groups.push({ key: 'many', label: 'Many', repeat: { count: 50, noun: 'Place' } });
        for (let i = 0; i < count; i++) one.parameters.push(plain(one, `many-${i}`, 'many'));
      });
    const over = await places(17);
    expect(over.status).toBe(400);
    expect(faults(over)).toContain('a profile holds up to 800');
    expect((await places(15)).status).toBe(201);
  });
  test.each([
    [
      'a key with a slash',
      (one: Awaited<ReturnType<typeof profile>>) => one.groups.push({ key: 'a/b', label: 'A' }),
      'A key has letters',
    ],
    [
      'a key that every object has',
      (one: Awaited<ReturnType<typeof profile>>) =>
        one.parameters.push(plain(one, 'constructor', one.parameters[0].group)),
      'cannot be a key',
    ],
    [
      'a group that stands twice',
      (one: Awaited<ReturnType<typeof profile>>) => one.groups.push(one.groups[0]),
      'stands twice',
    ],
    [
      'a name without end',
      (one: Awaited<ReturnType<typeof profile>>) => Object.assign(one, { name: 'x'.repeat(121) }),
      '120',
    ],
    [
      'conditions in a circle',
      (one: Awaited<ReturnType<typeof profile>>) => {
        const { group } = one.parameters[0];
        one.parameters.push({ ...plain(one, 'a', group), appliesWhen: { parameter: 'b', in: ['x'] } });
        one.parameters.push({
          ...plain(one, 'b', group),
          appliesWhen: { not: { parameter: 'a', in: ['x'] } },
        });
      },
      'hangs on itself',
    ],
  ])('%s is refused', async (_, change, words) => {
    const answer = await publish(change as never);
    expect([answer.status, faults(answer)]).toEqual([400, expect.stringContaining(words)]);
  });
});

describe('a job is bounded', () => {
  test('a file with more checks than a job holds is refused, at once', async () => {
    const { body } = await server.get('/api/v1/jobs/job-pump-pup-pool-2026-11-24');
    const { document } = structuredClone(body) as { document: { records: object[] } };
    const check = (i: number) => ({
      id: `r-${i}`,
      recordedAt: NOW,
      actor: 'Technician 1',
      revision: 1000 + i,
      body: { kind: 'check', check: 'prime', seen: 'x', figures: {}, note: '' },
    });
    document.records = Array.from({ length: MOST_IN_JOB.checks + 1 }, (_, i) => check(i));
    const start = performance.now();
    const answer = await server.post('/api/v1/jobs/import', {
      format: 'barythm-job',
      formatVersion: 1,
      document,
    });
    expect(answer.status).toBe(400);
    expect(answer.text).toContain(`A job holds up to ${MOST_IN_JOB.checks} checks.`);
    expect(performance.now() - start).toBeLessThan(5000);
  });
});

describe('what is looked up by a name from outside', () => {
  test.each(['toString', '__proto__', 'constructor', 'hasOwnProperty'])(
    'a check named %s takes nothing down',
    async (check) => {
      const jobs = await server.database.models.jobs.findAll({ where: { state: 'open' } });
      expect(jobs.length).toBeGreaterThan(0);
      const id = jobs[0].get('id') as string;
      const version = jobs[0].get('version') as number;
      const record = { kind: 'check' as const, check, seen: 'x', figures: {}, note: '' };
      await server.command({ kind: 'job.record', jobId: id, recordId: v7(), record }, version);
      expect((await server.get(`/api/v1/jobs/${id}/checks.csv`)).status).toBeLessThan(500);
      const round = (await server.get('/api/v1/round')).body as Round;
      expect(round.pumps.map(({ worst }) => worst).join()).not.toContain('Cannot be worked out');
    },
  );
});

test('lengths and signs in a register file are told by line and column', async () => {
  const head = (await server.get('/api/v1/register.csv')).text.split('\r\n')[0];
  const columns = head.split(',');
  const line = (more: Record<string, string>) =>
    columns
      .map(
        (column) =>
          ({
            site: 'New site',
            zone: 'Atlantic/Faroe',
            tag: 'N-1',
            name: 'A pump',
            profile: 'two-key-pack',
            ...more,
          })[column] ?? '',
      )
      .join(',');
  const preview = async (more: Record<string, string>) =>
    (
      (await server.post('/api/v1/register/preview', { csv: `${head}\r\n${line(more)}\r\n` })).body as {
        faults: { line: number; column: number; words: string }[];
      }
    ).faults;
  const at = (column: string) => columns.indexOf(column) + 1;
  expect(await preview({ name: 'x'.repeat(201) })).toContainEqual({
    line: 2,
    column: at('name'),
    words: '“name” has 201 characters; up to 200 are taken.',
  });
  expect((await preview({ name: 'x'.repeat(200) })).filter(({ column }) => column === at('name'))).toEqual(
    [],
  );
  expect(await preview({ place: 'Hall 😀' })).toContainEqual({
    line: 2,
    column: at('place'),
    words: '“😀” cannot be printed on paper: write it in another way.',
  });
});

test('a pump that takes longer than it may says so, and the next one is worked out', async () => {
  const states = new States(1);
  const pump = (await server.get('/api/v1/pumps/pump-quarantine')).body as PumpResource;
  const late = await states.workOut(pump);
  expect(late.worst).toMatch(/^Cannot be worked out, since it takes longer/);
  await keepState(server.database, frozenClock(NOW), pump.id, states.workOut);
  const row = await server.database.models.pump_states.findByPk(pump.id);
  expect(row!.get('worst')).toMatch(/^Cannot be worked out/);
  await states.close();
  const patient = new States(60_000);
  await keepState(server.database, frozenClock(NOW), pump.id, patient.workOut);
  const again = await server.database.models.pump_states.findByPk(pump.id);
  expect(again!.get('worst')).not.toMatch(/^Cannot be worked out/);
  await patient.close();
}, 120_000);

test('many who ask for its health cost nothing, and no write waits for them', async () => {
  const before = server.database.writes();
  const answers = await Promise.all(Array.from({ length: 100 }, () => server.get('/api/v1/health')));
  expect(new Set(answers.map(({ status }) => status))).toEqual(new Set([200]));
  expect(server.database.writes()).toBe(before);
});

test('a connection that waits for its answer is not cut; one that never asks is', async () => {
  await server.app.listen({ host: '127.0.0.1', port: 0 });
  expect(server.app.server.timeout).toBe(0);
  expect(server.app.server.headersTimeout).toBe(30_000);
  expect(server.app.server.requestTimeout).toBeGreaterThan(0);
  const { port } = server.app.server.address() as AddressInfo;
  const socket = connect(port, '127.0.0.1');
  const heard = new Promise<string>((resolve) => socket.once('data', (data) => resolve(String(data))));
  socket.write('GET /api/v1/health HTTP/1.1\r\nHost: localhost\r\n\r\n');
  expect(await heard).toMatch(/^HTTP\/1.1 200/);
  socket.destroy();
});
