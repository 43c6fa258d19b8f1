import { MIGRATIONS } from '../db';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Library, PumpRow, Round } from '@barythm/contract/resources';
import { DEMO_PROFILES, makeDemoData } from '../demo';
import { frozenClock } from '../clock';
import { NOW, startTestServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ demo: true });
});
afterAll(() => server.stop());

interface Page {
  items: PumpRow[];
  total: number;
}

test('the round: today’s visit, and the pumps with something open, the worst first', async () => {
  const round = (await server.get('/api/v1/round')).body as Round;
  expect(round.date).toBe('2026-11-24');
  expect(round.visits.flatMap((visit) => visit.jobs.map((job) => [job.tag, job.state]))).toEqual([
    ['SRC-DP-02', 'open'],
  ]);
  expect(round.pumps.map((pump) => pump.tag).sort()).toEqual([
    'CID-JR-01',
    'CLI-DP-02',
    'CLI-HP-01',
    'CLI-HP-02',
    'CLI-PP-01',
    'CLI-PP-02',
    'CLI-SP-01',
    'LHH-BS-01',
    'LHH-HP-01',
    'LHH-SP-01',
    'NUR-DP-02',
    'SRC-DP-01',
    'SRC-DP-02',
    'SRC-DP-03',
    'SRC-PP-01',
  ]);
  const bad = round.pumps.find((pump) => pump.tag === 'SRC-DP-01');
  expect(bad).toMatchObject({ counts: { stop: 1 }, worst: 'Range mismatch: 4–20 sent, 0–20 read' });
  expect(bad?.strip?.rates).toHaveLength(24);
});

test('pumps are searched in every word a technician would try, and paged', async () => {
  const search = async (text: string) =>
    ((await server.get(`/api/v1/pumps?search=${encodeURIComponent(text)}`)).body as Page).items.map(
      (p) => p.tag,
    );
  expect(await search('acid')).toEqual(['NUR-DP-01']);
  expect(await search('clinic')).toEqual([
    'CLI-DP-01',
    'CLI-DP-02',
    'CLI-HP-01',
    'CLI-HP-02',
    'CLI-HP-03',
    'CLI-PP-01',
    'CLI-PP-02',
    'CLI-RW-01',
    'CLI-SP-01',
  ]);
  expect(await search('src-dp')).toEqual(['SRC-DP-01', 'SRC-DP-02', 'SRC-DP-03']);
  expect(await search('100%')).toEqual([]);
  const second = (await server.get('/api/v1/pumps?size=2&page=2')).body as Page;
  expect(second).toMatchObject({ total: 28, items: [{ tag: 'CLI-DP-02' }, { tag: 'CLI-HP-01' }] });
  const wrong = await server.get('/api/v1/pumps?page=0');
  expect(wrong.body).toMatchObject({ status: 400, errors: [{ field: 'page' }] });
});

test('sites with how many pumps each has; one site with its pumps', async () => {
  const { items } = (await server.get('/api/v1/sites')).body as { items: { id: string; pumps: number }[] };
  expect(items).toHaveLength(6);
  expect(items.find((site) => site.id === 'site-seals')?.pumps).toBe(5);
  expect((await server.get('/api/v1/sites/site-seals')).body).toMatchObject({ zone: 'Atlantic/Faroe' });
  expect((await server.get('/api/v1/sites/none')).status).toBe(404);
});

test('the two sound pumps have nothing open; history carries duty and settings from job to job', async () => {
  for (const id of ['pump-acid', 'pump-scale']) {
    const pump = (await server.get(`/api/v1/pumps/${id}`)).body as {
      latest: { handover: { summary: { open: unknown[] } } };
    };
    expect(pump.latest.handover.summary.open).toEqual([]);
  }
  const therapy = (await server.get('/api/v1/pumps/pump-therapy')).body as {
    jobs: unknown[];
    latest: { lastLeft: { source: string; values: Record<string, unknown> } };
  };
  expect(therapy.jobs).toHaveLength(2);
  expect(therapy.latest.lastLeft).toMatchObject({ source: 'left', values: { operation: 'current' } });
});

test('a profile is published once; a version that is here never changes, and one that breaks the schema is refused', async () => {
  const profile = { ...DEMO_PROFILES.find(({ id }) => id === 'motor-three-gears')!, id: 'own-motor' };
  expect((await server.post('/api/v1/profiles', profile)).status).toBe(201);
  expect((await server.post('/api/v1/profiles', profile)).status).toBe(201);
  const changed = await server.post('/api/v1/profiles', { ...profile, name: 'Other' });
  expect(changed.body).toMatchObject({ status: 400, errors: [{ field: 'version' }] });
  const role = structuredClone(profile);
  role.parameters[0].role = 'gearbox';
  expect((await server.post('/api/v1/profiles', role)).body).toMatchObject({
    errors: [{ field: 'parameters.0.role', words: '“gearbox” is no role of a metering pump.' }],
  });
  const broken = await server.post('/api/v1/profiles', { ...profile, parameters: [{ key: '1' }] });
  const { errors } = broken.body as { errors: { field: string }[] };
  expect(errors.map((error) => error.field)).toContain('parameters.0.key');
  const { profiles } = (await server.get('/api/v1/library')).body as Library;
  expect(profiles.map((one) => one.id)).toContain('own-motor');
});

test.each(['signal', 'dose'])('POST /tools/%s answers the worked examples', async (id) => {
  const path = join(__dirname, '../../../core/cases', `${id}.json`);
  const cases = JSON.parse(readFileSync(path, 'utf8')) as { in: object; out: Record<string, number> }[];
  for (const one of cases) {
    const { body } = await server.post(`/api/v1/tools/${id}`, one.in);
    for (const [field, value] of Object.entries(one.out))
      expect((body as Record<string, number>)[field]).toBeCloseTo(value, 3);
  }
});

test('a tool names the field that is wrong; an unknown tool is not found', async () => {
  const equal = await server.post('/api/v1/tools/signal', {
    x_mA: 5,
    x1: 4,
    y1: 0,
    x2: 4,
    y2: 9,
    below: 'stop',
  });
  expect(equal.body).toMatchObject({ status: 400, errors: [{ field: 'x2' }] });
  const missing = await server.post('/api/v1/tools/dose', { water_m3h: -1 });
  expect((missing.body as { errors: { field: string }[] }).errors.map((e) => e.field)).toContain('water_m3h');
  expect((await server.post('/api/v1/tools/magic', {})).status).toBe(404);
});

test('health, OpenAPI, and a problem for what is not there', async () => {
  expect((await server.get('/api/v1/health')).body).toEqual({
    status: 'ok',
    now: NOW,
    migrations: MIGRATIONS.length,
  });
  const paths = ((await server.get('/api/docs/json')).body as { paths: Record<string, unknown> }).paths;
  expect(Object.keys(paths)).toEqual(expect.arrayContaining(['/api/v1/commands', '/api/v1/tools/{id}']));
  const none = await server.app.inject('/api/v1/nothing');
  expect(none.headers['content-type']).toContain('application/problem+json');
  expect(none.statusCode).toBe(404);
});

test('demo data never goes over real data', async () => {
  await expect(makeDemoData(server.database, frozenClock(NOW))).rejects.toThrow('not empty');
});
