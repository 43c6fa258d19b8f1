import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Due, PumpHistory, PumpResource, Round } from '@barythm/contract/resources';
import { QueryTypes, Sequelize } from 'sequelize';
import { labelCode, MIGRATIONS, openDatabase } from '../db';
import { migrate } from '../db/migrate';
import { startTestServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ demo: true });
});
afterAll(() => server.stop());

const body = async <T>(url: string) => (await server.get(url)).body as T;

test('history: who changed what from what to what, drawdowns with their drift, counters, sheets by date', async () => {
  const history = await body<PumpHistory>('/api/v1/pumps/pump-tub/history');
  expect(history.calibrations.map((c) => [c.date, c.accepted])).toEqual([
    ['2026-04-24', true],
    ['2026-07-29', true],
    ['2026-11-04', true],
  ]);
  const volumes = history.calibrations.map((c) => c.full_mL);
  expect(volumes[0]).toBeGreaterThan(volumes[1]);
  expect(history.changes.filter((c) => c.label === 'Calibration factor').map((c) => [c.from, c.to])).toEqual([
    ['97.5', '95.7'],
    ['98.6', '97.5'],
    ['100', '98.6'],
  ]);
  expect(history.changes[0]).toMatchObject({
    actor: 'Technician 1',
    reason: expect.stringContaining('drawdown'),
  });
  expect(history.counters).toHaveLength(3);
  expect(history.sheets.map((sheet) => sheet.date)).toEqual(['2026-04-24', '2026-07-29', '2026-11-04']);
  expect(history.olderJobs).toBe(0);
  expect((await server.get('/api/v1/pumps/none/history')).status).toBe(404);
});

test('of a pump with more jobs than can be gone through the newest are, and the page says how many are older', async () => {
  const { jobs } = server.database.models;
  const one = (await jobs.findOne({ where: { pumpId: 'pump-scale' } }))!.get() as Record<string, unknown>;
  const before = await jobs.count({ where: { pumpId: 'pump-scale' } });
  const more = Array.from({ length: 61 }, (_, i) => ({ ...one, id: `more-${i}`, plannedFor: '2020-01-01' }));
  await server.database.write((transaction) => jobs.bulkCreate(more, { transaction }));
  const history = await body<PumpHistory>('/api/v1/pumps/pump-scale/history');
  expect(history.olderJobs).toBe(before + 61 - 60);
  expect(history.changes.length).toBeGreaterThan(0);
});

test('a drawdown becomes the unit’s figure: the next job starts from it and plans by it', async () => {
  const pump = await body<PumpResource>('/api/v1/pumps/pump-tub');
  expect(pump.latest?.earlier?.map(({ date, body: { kind } }) => [date, kind])).toEqual([
    ['2026-04-24', 'calibration'],
    ['2026-07-29', 'calibration'],
    // how the clock was left: its drift is counted from there
    ['2026-07-29', 'clock'],
  ]);
  const { findings } = (await body<Round>('/api/v1/round')).pumps
    .filter((p) => p.tag === 'CLI-DP-02')
    .map((p) => ({ findings: p.worst }))[0];
  expect(findings).toBe('Stroke volume falls steadily');
});

test('what falls due stands on the round by date', async () => {
  const { due } = await body<Round>('/api/v1/round');
  const tank = due.find((one: Due) => one.tag === 'CLI-DP-02' && one.key === 'tank');
  expect(tank).toMatchObject({ overdue: true, words: expect.stringContaining('down to its warn level') });
  // kept for readers of any units: no figure with a unit in it
  expect(tank?.words).not.toMatch(/\d/);
  expect(due.every((one) => one.date === null || one.date <= '2026-12-25')).toBe(true);
});

test('labels: a page of QR codes; the short code leads to the pump, in small letters too', async () => {
  const answer = await server.app.inject('/api/v1/labels.pdf?site=site-nursery');
  expect(answer.rawPayload.subarray(0, 5).toString()).toBe('%PDF-');
  const code = labelCode('pump-nutrient');
  expect(code).toMatch(/^[2-9A-HJKMNP-TV-Z]{8}$/);
  expect(await body(`/api/v1/codes/${code.toLowerCase()}`)).toEqual({ id: 'pump-nutrient' });
  expect((await server.get('/api/v1/codes/XXXXXX')).body).toMatchObject({ status: 404 });
});

test('a database of the first schema, with data in it, is brought up to date and keeps it', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'barythm-migrate-'));
  const file = join(folder, 'barythm.sqlite');
  const old = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
  expect(await migrate(old, MIGRATIONS.slice(0, 1))).toBe(1);
  await old.query(
    `INSERT INTO sites (id, name, place, zone, actor) VALUES ('s', 'Site', 'Quay', 'UTC', 'Workshop')`,
  );
  await old.query(
    `INSERT INTO pumps (id, siteId, tag, name, place, family, note, actor)
     VALUES ('p-1', 's', 'T-1', 'Pump', 'House', 'metering', '', 'Workshop'),
            ('p-2', 's', 'T-2', 'Pump', 'House', 'metering', '', 'Workshop')`,
  );
  await old.close();
  const database = await openDatabase(file);
  expect(database.migrations).toBe(MIGRATIONS.length);
  const rows = await database.sequelize.query<{ id: string; code: string }>(
    'SELECT id, code FROM pumps ORDER BY id',
    { type: QueryTypes.SELECT },
  );
  expect(rows).toEqual([
    // labels that are out keep their six signs
    { id: 'p-1', code: labelCode('p-1').slice(0, 6) },
    { id: 'p-2', code: labelCode('p-2').slice(0, 6) },
  ]);
  await database.close();
  rmSync(folder, { recursive: true, force: true });
});
