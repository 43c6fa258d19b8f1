import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { QueryTypes, Sequelize } from 'sequelize';
import { MIGRATIONS } from '../db';
import { migrate } from '../db/migrate';

const folder = mkdtempSync(join(tmpdir(), 'barythm-whose-word-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

test('values that were reported are told from those that a technician left, where the records show it', async () => {
  const db = new Sequelize({ dialect: 'sqlite', storage: join(folder, 'old.sqlite'), logging: false });
  await migrate(db, MIGRATIONS.slice(0, 4));
  const insert = (table: string, row: Record<string, unknown>) =>
    db.query(
      `INSERT INTO ${table} (${Object.keys(row).join(', ')}) VALUES (${Object.keys(row)
        .map((key) => `$${key}`)
        .join(', ')})`,
      { bind: row },
    );
  await insert('sites', { id: 's', name: 'S', place: 'P', zone: 'UTC', actor: 'Workshop' });
  await insert('pumps', {
    id: 'p',
    siteId: 's',
    tag: 'A-1',
    name: 'A',
    place: '',
    family: 'drive',
    note: '',
    actor: 'Workshop',
    reported: JSON.stringify({ date: '2026-01-05', values: { set: 3.7, cut: 3.2, old: 1 } }),
  });
  await insert('units', {
    id: 'u',
    pumpId: 'p',
    model: '',
    serial: '',
    plate: '{}',
    profileId: 'x',
    profileVersion: 1,
    fromDate: '2026-01-01',
    actor: 'Workshop',
  });
  await insert('visits', { id: 'v', siteId: 's', date: '2026-02-01', actor: 'Workshop' });
  const job = (id: string, plannedFor: string, lastLeft: object | null) =>
    insert('jobs', {
      id,
      visitId: 'v',
      pumpId: 'p',
      unitId: 'u',
      state: 'handed-over',
      version: 1,
      startedAt: `${plannedFor}T08:00:00Z`,
      plannedFor,
      actor: 'Technician 1',
      profileId: 'x',
      profileVersion: 1,
      ...(lastLeft ? { lastLeft: JSON.stringify(lastLeft) } : {}),
    });
  await job('one', '2026-02-01', { source: 'reported', date: '2026-01-05', values: { set: 3.7, cut: 3.2 } });
  await insert('sheet_entries', {
    id: 'e',
    jobId: 'one',
    revision: 1,
    recordedAt: 'x',
    actor: 'x',
    address: 'main/1/set',
    kind: 'found',
    raw: '4',
    unit: 'bar',
    value: '4',
  });
  // as an earlier version wrote it: all of it “left”, though one value alone was read
  await job('two', '2026-03-01', {
    source: 'left',
    date: '2026-02-01',
    values: { set: 4, cut: 3.2, old: 9 },
  });
  await insert('pump_states', { pumpId: 'p', asOf: '2026-03-01', stops: 0, warns: 0, notes: 0 });
  await migrate(db);
  const [row] = await db.query<{ lastLeft: string }>("SELECT lastLeft FROM jobs WHERE id = 'two'", {
    type: QueryTypes.SELECT,
  });
  expect(JSON.parse(row.lastLeft)).toEqual({
    source: 'left',
    date: '2026-02-01',
    values: { set: 4, cut: 3.2, old: 9 },
    origins: {
      // as the site reported it; and one of which nobody can say any more
      cut: { source: 'reported', date: '2026-01-05' },
      old: { source: 'unknown', date: '2026-02-01' },
    },
  });
  const [first] = await db.query<{ lastLeft: string }>("SELECT lastLeft FROM jobs WHERE id = 'one'", {
    type: QueryTypes.SELECT,
  });
  expect(JSON.parse(first.lastLeft)).not.toHaveProperty('origins');
  const [state] = await db.query<{ asOf: string }>('SELECT asOf FROM pump_states', {
    type: QueryTypes.SELECT,
  });
  expect(state.asOf).toBe('');
  await db.close();
});
